import { boils, INSULATED, newFaceFlux, solveFace, type Face, type FaceFlux } from "./face";
import { gridFor, reachesOf, type Grid } from "./grid";
import { REFRESH_K, type Material } from "./material";
import { addShare, axisCentreC, clear, type PuckBody, type PuckFaces } from "./puck";
import { CARRY, EARLY, GAMMA } from "./trBdf2";

const WEIGHT = GAMMA / 2;

/** Columns of the piece, each as long as it has cells; masses and conductances as a line across and a line upward has them. */
const OF_CELLS = {
  temperature: 0,
  readAt: 1,
  conductivity: 2,
  massAcross: 3,
  massUpward: 4,
  across: 5,
  upward: 6,
} as const;
/** Columns of the line in hand, each as long as the longest: what it was before either of its two solves, and its factored matrix. */
const OF_LINE = { atStart: 0, between: 1, massShare: 2, lower: 3, upper: 4 } as const;

/** One direction: where its lines lie among the cells, what they are made of, and the faces of the line in hand. */
type Direction = {
  readonly grid: Grid;
  /** Half the area of each face over the way between its cells, m. */
  readonly reach: Float64Array;
  readonly stride: number;
  readonly ofMass: number;
  readonly ofConductance: number;
  readonly inner: FaceFlux;
  readonly outer: FaceFlux;
};

/**
 * A short cylinder for searches, without ice: what `PuckConduction` does with lines of its own, some three times as fast. Radius and height
 * take turns about who goes first (Strang 1968: second order over two steps), each line by TR-BDF2 in two solves of one matrix; the
 * properties are read once a step for both. All columns stand in one array, as in `QuickLine`.
 */
export class QuickPuck implements PuckBody {
  readonly temperatureC: Float64Array;
  readonly bottom: FaceFlux = newFaceFlux();
  readonly top: FaceFlux = newFaceFlux();
  readonly side: FaceFlux = newFaceFlux();
  readonly radial: Grid;
  readonly axial: Grid;
  heatTakenUpJ = 0;
  readonly #columns: Float64Array;
  readonly #cells: number;
  /** Where the columns of the line in hand begin, and how long they are. */
  readonly #ofLine: number;
  readonly #longest: number;
  readonly #across: Direction;
  readonly #upward: Direction;
  #acrossFirst = false;
  /** The matrix in hand: its weight, and the reciprocals of its first and last pivot. */
  #weightS = 0;
  #firstOver = 0;
  #lastOver = 0;
  #firstConductance = 0;
  #lastConductance = 0;

  constructor(
    diameterMm: number,
    heightMm: number,
    readonly material: Material,
    startC: number,
    rings: number,
    layers: number,
  ) {
    this.radial = gridFor({ kind: "cylinder", diameterMm }, rings);
    this.axial = gridFor({ kind: "slab", thicknessMm: heightMm }, layers);
    const cells = this.radial.cells * this.axial.cells;
    this.#cells = cells;
    this.#ofLine = Object.keys(OF_CELLS).length * cells;
    this.#longest = Math.max(this.radial.cells, this.axial.cells);
    this.#columns = new Float64Array(this.#ofLine + Object.keys(OF_LINE).length * this.#longest).fill(startC, 0, cells);
    this.#columns.fill(NaN, OF_CELLS.readAt * cells, (OF_CELLS.readAt + 1) * cells);
    this.temperatureC = this.#columns.subarray(0, cells);
    const direction = (grid: Grid, stride: number, mass: number, conductance: number): Direction => ({
      grid,
      reach: reachesOf(grid),
      stride,
      ofMass: mass * cells,
      ofConductance: conductance * cells,
      inner: newFaceFlux(),
      outer: newFaceFlux(),
    });
    this.#across = direction(this.radial, 1, OF_CELLS.massAcross, OF_CELLS.across);
    this.#upward = direction(this.axial, this.radial.cells, OF_CELLS.massUpward, OF_CELLS.upward);
    for (const face of [this.bottom, this.top, this.side]) face.surfaceC = startC;
  }

  step(stepS: number, { bottom, top, side }: PuckFaces): void {
    if (this.#moved()) this.#read();
    this.#acrossFirst = !this.#acrossFirst;
    if (this.#acrossFirst) this.#radially(stepS, side);
    this.#axially(stepS, bottom, top);
    if (!this.#acrossFirst) this.#radially(stepS, side);
  }

  centreC(): number {
    return axisCentreC(this.temperatureC, this.radial, this.axial.cells);
  }

  #radially(stepS: number, side: Face): void {
    const { volumeM3, faceM, cells: layers } = this.axial;
    const { areaM2, cells: rings } = this.radial;
    const { outer } = this.#across;
    clear(this.side);
    for (let layer = 0; layer < layers; layer++) {
      this.#line(this.#across, layer * rings, stepS, INSULATED, side);
      addShare(this.side, outer, volumeM3[layer]! / faceM[layers]!);
      // per metre of height and radian: times the height of the layer and 2π
      this.heatTakenUpJ += 2 * Math.PI * stepS * areaM2[rings]! * outer.fluxWPerM2 * volumeM3[layer]!;
    }
  }

  #axially(stepS: number, bottom: Face, top: Face): void {
    const { volumeM3, faceM, cells: rings } = this.radial;
    const { inner, outer } = this.#upward;
    const discM2 = faceM[rings]! ** 2 / 2;
    clear(this.bottom);
    clear(this.top);
    for (let ring = 0; ring < rings; ring++) {
      this.#line(this.#upward, ring, stepS, bottom, top);
      addShare(this.bottom, inner, volumeM3[ring]! / discM2);
      addShare(this.top, outer, volumeM3[ring]! / discM2);
      this.heatTakenUpJ += 2 * Math.PI * stepS * (inner.fluxWPerM2 + outer.fluxWPerM2) * volumeM3[ring]!;
    }
  }

  /** One line through a step; its faces then carry what passed them, weighted as the scheme weighs its three moments. */
  #line(along: Direction, start: number, stepS: number, under: Face, over: Face): void {
    const { grid, stride, inner, outer } = along;
    const { cells, faceM, centreM } = grid;
    const columns = this.#columns;
    const conductivity = OF_CELLS.conductivity * this.#cells;
    const end = start + (cells - 1) * stride;
    this.#firstConductance = columns[start + conductivity]! / (centreM[0]! - faceM[0]!);
    this.#lastConductance = columns[end + conductivity]! / (faceM[cells]! - centreM[cells - 1]!);
    this.#weightS = WEIGHT * stepS;
    this.#solveFaces(along, start, under, over);
    const [startInner, startOuter] = [inner.fluxWPerM2, outer.fluxWPerM2];
    const [startInnerExcess, startOuterExcess] = [inner.excessWPerM2, outer.excessWPerM2];
    this.#factor(along, start);
    this.#settled(along, start, under, over, true);
    const [starInner, starOuter] = [inner.fluxWPerM2, outer.fluxWPerM2];
    const [starInnerExcess, starOuterExcess] = [inner.excessWPerM2, outer.excessWPerM2];
    this.#settled(along, start, under, over, false);
    inner.fluxWPerM2 = EARLY * (startInner + starInner) + WEIGHT * inner.fluxWPerM2;
    outer.fluxWPerM2 = EARLY * (startOuter + starOuter) + WEIGHT * outer.fluxWPerM2;
    inner.excessWPerM2 = EARLY * (startInnerExcess + starInnerExcess) + WEIGHT * inner.excessWPerM2;
    outer.excessWPerM2 = EARLY * (startOuterExcess + starOuterExcess) + WEIGHT * outer.excessWPerM2;
  }

  /** One of the two solves, and the faces at its end; a face that begins or ceases to boil in it is taken the other way and it is solved again. */
  #settled(along: Direction, start: number, under: Face, over: Face, first: boolean): void {
    const { inner, outer } = along;
    const boilsUnder = boils(inner);
    const boilsOver = boils(outer);
    const watched = under.kind === "drying" || over.kind === "drying";
    this.#solve(along, start, first);
    this.#solveFaces(along, start, under, over);
    if (!watched || (boils(inner) === boilsUnder && boils(outer) === boilsOver)) return;
    const [willUnder, willOver] = [boils(inner), boils(outer)];
    this.#putBack(along, start, first);
    const end = start + (along.grid.cells - 1) * along.stride;
    solveFace(under, this.#columns[start]!, this.#firstConductance, inner, willUnder);
    solveFace(over, this.#columns[end]!, this.#lastConductance, outer, willOver);
    this.#factor(along, start);
    this.#solve(along, start, first);
    this.#solveFaces(along, start, under, over);
    this.#factor(along, start);
  }

  #solveFaces({ grid, stride, inner, outer }: Direction, start: number, under: Face, over: Face): void {
    const end = start + (grid.cells - 1) * stride;
    solveFace(under, this.#columns[start]!, this.#firstConductance, inner);
    solveFace(over, this.#columns[end]!, this.#lastConductance, outer);
  }

  /** The temperatures of a line as they were before its last solve. */
  #putBack({ grid, stride }: Direction, start: number, first: boolean): void {
    const columns = this.#columns;
    const kept = this.#keptBy(first);
    for (let cell = 0; cell < grid.cells; cell++) columns[start + cell * stride] = columns[kept + cell]!;
  }

  /** Where a solve keeps what the line was before it. */
  #keptBy(first: boolean): number {
    return this.#ofLine + (first ? OF_LINE.atStart : OF_LINE.between) * this.#longest;
  }

  /** Factors the matrix of a line with the slopes its faces have now. */
  #factor({ grid, stride, ofMass, ofConductance, inner, outer }: Direction, start: number): void {
    const { cells, areaM2 } = grid;
    const columns = this.#columns;
    const weight = this.#weightS;
    const last = cells - 1;
    const massShare = this.#ofLine + OF_LINE.massShare * this.#longest;
    const lower = this.#ofLine + OF_LINE.lower * this.#longest;
    const upper = this.#ofLine + OF_LINE.upper * this.#longest;
    const outermost = -areaM2[cells]! * outer.slopeWPerM2K;
    let over = 0;
    let below = -areaM2[0]! * inner.slopeWPerM2K;
    let low = 0;
    let carried = 0;
    let at = start;
    for (let cell = 0; cell < cells; cell = (cell + 1) | 0) {
      const next = (at + stride) | 0;
      const above = cell < last ? columns[(next + ofConductance) | 0]! : outermost;
      const mass = columns[(at + ofMass) | 0]!;
      over = 1 / (mass + weight * (below + above) - low * carried);
      carried = weight * above * over;
      columns[(cell + massShare) | 0] = mass * over;
      columns[(cell + lower) | 0] = low * over;
      columns[(cell + upper) | 0] = carried;
      if (cell === 0) this.#firstOver = over;
      low = weight * above;
      below = above;
      at = next;
    }
    this.#lastOver = over;
    // the first cell takes what came in through its face as the others take the cell before
    columns[lower] = 1;
  }

  /** Solves with the last factors for the temperatures themselves: `first` half, a trapezoid; or the second, which carries on a share of the first's change. */
  #solve({ grid, stride, inner, outer }: Direction, start: number, first: boolean): void {
    const { cells, areaM2 } = grid;
    const columns = this.#columns;
    const last = cells - 1;
    const end = start + last * stride;
    const times = first ? 2 : 1;
    const carry = first ? 0 : CARRY;
    const ofNow = times + carry;
    const weight = this.#weightS * times;
    const underneath = areaM2[0]! * (inner.fluxWPerM2 - inner.slopeWPerM2K * columns[start]!);
    const above = areaM2[cells]! * (outer.fluxWPerM2 - outer.slopeWPerM2K * columns[end]!);
    const atStart = this.#keptBy(true);
    const kept = this.#keptBy(first);
    const massShare = this.#ofLine + OF_LINE.massShare * this.#longest;
    const lower = this.#ofLine + OF_LINE.lower * this.#longest;
    const upper = this.#ofLine + OF_LINE.upper * this.#longest;
    let value = weight * underneath * this.#firstOver;
    let at = start;
    for (let cell = 0; cell < cells; cell = (cell + 1) | 0) {
      const here = columns[at]!;
      const heat = ofNow * here - carry * columns[(cell + atStart) | 0]!;
      value = columns[(cell + massShare) | 0]! * heat + columns[(cell + lower) | 0]! * value;
      columns[(cell + kept) | 0] = here;
      columns[at] = value;
      at = (at + stride) | 0;
    }
    columns[end] = value + weight * above * this.#lastOver;
    value = 0;
    at = end;
    for (let cell = last; cell >= 0; cell = (cell - 1) | 0) {
      value = columns[at]! + columns[(cell + upper) | 0]! * value;
      // the trapezoid's solution is the sum of before and after
      columns[at] = first ? value - columns[(cell + atStart) | 0]! : value;
      at = (at - stride) | 0;
    }
  }

  /** Whether a cell has moved so far that the properties must be read anew. */
  #moved(): boolean {
    const columns = this.#columns;
    const cells = this.#cells;
    for (let cell = 0; cell < cells; cell = (cell + 1) | 0)
      // not a number before the first reading: that is not within either
      if (!(Math.abs(columns[cell]! - columns[cell + OF_CELLS.readAt * cells]!) <= REFRESH_K)) return true;
    return false;
  }

  /** Properties of every cell, and what the lines of both directions take of them. */
  #read(): void {
    const { conductivityWPerMK, heatCapacityJPerM3K, firstC, stepK } = this.material;
    const { radial, axial } = this;
    const rings = radial.cells;
    const cells = this.#cells;
    const columns = this.#columns;
    const last = conductivityWPerMK.length - 1.001;
    const perStep = 1 / stepK;
    const acrossReach = this.#across.reach;
    const upwardReach = this.#upward.reach;
    let layer = 0;
    let ring = 0;
    for (let cell = 0; cell < cells; cell = (cell + 1) | 0) {
      const here = columns[cell]!;
      columns[cell + OF_CELLS.readAt * cells] = here;
      const wanted = (here - firstC) * perStep;
      const place = wanted < 0 ? 0 : wanted > last ? last : wanted;
      const index = place | 0;
      const part = place - index;
      const low = heatCapacityJPerM3K[index]!;
      const lowK = conductivityWPerMK[index]!;
      const capacity = low + (heatCapacityJPerM3K[index + 1]! - low) * part;
      const conductivity = lowK + (conductivityWPerMK[index + 1]! - lowK) * part;
      columns[cell + OF_CELLS.conductivity * cells] = conductivity;
      columns[cell + OF_CELLS.massAcross * cells] = capacity * radial.volumeM3[ring]!;
      columns[cell + OF_CELLS.massUpward * cells] = capacity * axial.volumeM3[layer]!;
      // neighbours differ by a few per cent at most: their mean, without a division
      if (ring > 0)
        columns[cell + OF_CELLS.across * cells] =
          acrossReach[ring]! * (conductivity + columns[cell - 1 + OF_CELLS.conductivity * cells]!);
      if (layer > 0)
        columns[cell + OF_CELLS.upward * cells] =
          upwardReach[layer]! * (conductivity + columns[cell - rings + OF_CELLS.conductivity * cells]!);
      ring++;
      if (ring === rings) {
        ring = 0;
        layer++;
      }
    }
  }
}
