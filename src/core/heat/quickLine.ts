import { boils, INSULATED, newFaceFlux, solveFace, type Face, type FaceFlux } from "./face";
import { reachesOf, type Grid } from "./grid";
import { REFRESH_K, type Material } from "./material";

const COLUMNS = 5;

/** What the stove needs of a body that conducts along one line; `Conduction` is one too. */
export type LineBody = {
  readonly grid: Grid;
  readonly temperatureC: Float64Array;
  readonly inner: FaceFlux;
  readonly outer: FaceFlux;
  /** Heat taken up through both faces since the start, J on the grid's base. */
  readonly heatTakenUpJ: number;
  step(stepS: number, innerFace: Face, outerFace: Face): void;
  centreC(): number;
};

/**
 * Conduction along one line for searches. It remembers its last step and takes each by the backward difference formula of second order
 * (BDF2, variable steps): one linear solve with properties that may lag by a few degrees, so that one matrix often serves many steps.
 * Several times cheaper than the two Newton solves of `Conduction` and held against it in the tests; no freezing. Two materials: `core`
 * fills the first `cells` (a stuffed tube).
 */
export class QuickLine implements LineBody {
  readonly temperatureC: Float64Array;
  readonly inner: FaceFlux = newFaceFlux();
  readonly outer: FaceFlux = newFaceFlux();
  heatTakenUpJ = 0;
  readonly #readAtC: Float64Array;
  readonly #conductivity: Float64Array;
  /** Half the area of each face over the way between its cells, m. */
  readonly #reach: Float64Array;
  readonly #mass: Float64Array;
  readonly #conductance: Float64Array;
  /**
   * Five columns one after the other, `grid.cells` long each: temperatures now and before the last solve, °C; the factored matrix as mass
   * over pivot, lower and upper factor. One array, because each array of a loop costs registers for its place and its length and, once
   * any buffer of the process was handed to another thread, a look whether it is still there: an array a column takes twice as long.
   */
  readonly #columns: Float64Array;
  readonly #past: Float64Array;
  /** Reciprocals of the pivots of the cells at the faces. */
  #firstOver = 0;
  #lastOver = 0;
  readonly #before: Float64Array;
  #firstConductance = 0;
  #lastConductance = 0;
  #fresh = false;
  #lastStepS = 0;
  #factoredMass = 0;
  #factoredWeight = 0;
  #factoredInner = 0;
  #factoredOuter = 0;

  constructor(
    readonly grid: Grid,
    readonly material: Material,
    startC: number,
    readonly core: { readonly material: Material; readonly cells: number } | null = null,
  ) {
    const size = grid.cells;
    this.#columns = new Float64Array(COLUMNS * size).fill(startC, 0, 2 * size);
    this.temperatureC = this.#columns.subarray(0, size);
    this.#past = this.#columns.subarray(size, 2 * size);
    this.#readAtC = new Float64Array(size).fill(NaN);
    this.#conductivity = new Float64Array(size);
    this.#reach = reachesOf(grid);
    this.#mass = new Float64Array(size);
    this.#conductance = new Float64Array(size + 1);
    this.#before = new Float64Array(size);
    this.inner.surfaceC = startC;
    this.outer.surfaceC = startC;
  }

  step(stepS: number, innerFace: Face, outerFace: Face): void {
    const { inner, outer } = this;
    const under = this.grid.shape === "slab" ? innerFace : INSULATED;
    if (this.#refresh()) this.#factoredWeight = 0;
    this.#solveFaces(under, outerFace);
    const [startInner, startOuter] = [inner.fluxWPerM2, outer.fluxWPerM2];
    const [startInnerExcess, startOuterExcess] = [inner.excessWPerM2, outer.excessWPerM2];
    const ratio = this.#lastStepS > 0 ? stepS / this.#lastStepS : 0;
    const mass = (1 + 2 * ratio) / (1 + ratio);
    this.#settled(under, outerFace, mass, stepS, (ratio * ratio) / (1 + ratio));
    this.#lastStepS = stepS;
    inner.fluxWPerM2 = (startInner + inner.fluxWPerM2) / 2;
    outer.fluxWPerM2 = (startOuter + outer.fluxWPerM2) / 2;
    inner.excessWPerM2 = (startInnerExcess + inner.excessWPerM2) / 2;
    outer.excessWPerM2 = (startOuterExcess + outer.excessWPerM2) / 2;
    const { areaM2, cells } = this.grid;
    this.heatTakenUpJ += stepS * (areaM2[0]! * inner.fluxWPerM2 + areaM2[cells]! * outer.fluxWPerM2);
  }

  /**
   * One solve, and the faces at its end. A face that begins or ceases to boil in it is taken the other way and it is solved again:
   * otherwise two solves in a row could each undo the other's choice for good.
   */
  #settled(under: Face, outerFace: Face, massFactor: number, weightS: number, carry: number): void {
    const { inner, outer, temperatureC: now } = this;
    const watched = under.kind === "drying" || outerFace.kind === "drying";
    const boilsUnder = boils(inner);
    const boilsOver = boils(outer);
    const kept = watched && carry !== 0;
    if (kept) this.#before.set(this.#past);
    this.#factor(massFactor, weightS);
    this.#solve(carry);
    this.#solveFaces(under, outerFace);
    if (!watched || (boils(inner) === boilsUnder && boils(outer) === boilsOver)) return;
    const willUnder = boils(inner);
    const willOver = boils(outer);
    now.set(this.#past);
    if (kept) this.#past.set(this.#before);
    solveFace(under, now[0]!, this.#firstConductance, inner, willUnder);
    solveFace(outerFace, now[now.length - 1]!, this.#lastConductance, outer, willOver);
    this.#factor(massFactor, weightS);
    this.#solve(carry);
    this.#solveFaces(under, outerFace);
  }

  #solveFaces(under: Face, outerFace: Face): void {
    const now = this.temperatureC;
    solveFace(under, now[0]!, this.#firstConductance, this.inner);
    solveFace(outerFace, now[now.length - 1]!, this.#lastConductance, this.outer);
  }

  #refresh(): boolean {
    const { temperatureC, grid, core } = this;
    if (this.#fresh && !this.#moved()) return false;
    this.#readAtC.set(temperatureC);
    const { cells, centreM, faceM, volumeM3 } = grid;
    const coreCells = core ? core.cells : 0;
    if (core) this.#read(core.material, 0, coreCells);
    this.#read(this.material, coreCells, cells);
    const conductivity = this.#conductivity;
    const mass = this.#mass;
    const reach = this.#reach;
    const conductance = this.#conductance;
    mass[0] = volumeM3[0]! * mass[0]!;
    for (let face = 1; face < cells; face++) {
      mass[face] = volumeM3[face]! * mass[face]!;
      // neighbours differ by a few per cent at most: their mean, without a division
      conductance[face] = reach[face]! * (conductivity[face - 1]! + conductivity[face]!);
    }
    this.#firstConductance = conductivity[0]! / (centreM[0]! - faceM[0]!);
    this.#lastConductance = conductivity[cells - 1]! / (faceM[cells]! - centreM[cells - 1]!);
    this.#fresh = true;
    return true;
  }

  /** Conductivity, and heat capacity into `#mass`, of some cells. */
  #read(material: Material, from: number, to: number): void {
    const { conductivityWPerMK, heatCapacityJPerM3K, firstC, stepK } = material;
    const now = this.temperatureC;
    const conductivity = this.#conductivity;
    const mass = this.#mass;
    const last = conductivityWPerMK.length - 1.001;
    const perStep = 1 / stepK;
    for (let cell = from; cell < to; cell++) {
      const wanted = (now[cell]! - firstC) * perStep;
      const place = wanted < 0 ? 0 : wanted > last ? last : wanted;
      const index = place | 0;
      const part = place - index;
      const lowK = conductivityWPerMK[index]!;
      const lowC = heatCapacityJPerM3K[index]!;
      conductivity[cell] = lowK + (conductivityWPerMK[index + 1]! - lowK) * part;
      mass[cell] = lowC + (heatCapacityJPerM3K[index + 1]! - lowC) * part;
    }
  }

  /** Whether a face, the middle or a quarter has moved so far that the properties must be read anew. */
  #moved(): boolean {
    const [now, readAt] = [this.temperatureC, this.#readAtC];
    const last = now.length - 1;
    for (let quarter = 0; quarter <= 4; quarter++) {
      const cell = (last * quarter) >> 2;
      if (Math.abs(now[cell]! - readAt[cell]!) > REFRESH_K) return true;
    }
    return false;
  }

  /** Factors the matrix of a solve, unless the last one still serves. */
  #factor(massFactor: number, weight: number): void {
    const { inner, outer } = this;
    if (
      weight === this.#factoredWeight &&
      massFactor === this.#factoredMass &&
      inner.slopeWPerM2K === this.#factoredInner &&
      outer.slopeWPerM2K === this.#factoredOuter
    )
      return;
    const { cells, areaM2 } = this.grid;
    const mass = this.#mass;
    const conductance = this.#conductance;
    const columns = this.#columns;
    const last = cells - 1;
    let over = 0;
    let below = -areaM2[0]! * inner.slopeWPerM2K;
    let low = 0;
    let carried = 0;
    for (let cell = 0; cell < cells; cell++) {
      const above = cell < last ? conductance[cell + 1]! : -areaM2[cells]! * outer.slopeWPerM2K;
      over = 1 / (massFactor * mass[cell]! + weight * (below + above) - low * carried);
      carried = weight * above * over;
      columns[cell + 2 * cells] = mass[cell]! * over;
      columns[cell + 3 * cells] = low * over;
      columns[cell + 4 * cells] = carried;
      if (cell === 0) this.#firstOver = over;
      low = weight * above;
      below = above;
    }
    this.#lastOver = over;
    // the first cell takes what came in through its face as the others take the cell before
    columns[3 * cells] = 1;
    this.#factoredWeight = weight;
    this.#factoredMass = massFactor;
    this.#factoredInner = inner.slopeWPerM2K;
    this.#factoredOuter = outer.slopeWPerM2K;
  }

  /** Solves with the last factors for the temperatures themselves: what conducts between cells stands in the matrix alone; `carry`: a share of the change before goes on. */
  #solve(carry: number): void {
    const { inner, outer } = this;
    const { cells, areaM2 } = this.grid;
    const columns = this.#columns;
    const last = cells - 1;
    const weight = this.#factoredWeight;
    const ofNow = this.#factoredMass + carry;
    const underneath = areaM2[0]! * (inner.fluxWPerM2 - inner.slopeWPerM2K * columns[0]!);
    const over = areaM2[cells]! * (outer.fluxWPerM2 - outer.slopeWPerM2K * columns[last]!);
    const past = cells;
    const massShare = 2 * cells;
    const lower = 3 * cells;
    const upper = 4 * cells;
    let value = weight * underneath * this.#firstOver;
    // `| 0` says to the compiler that no index leaves the whole numbers: a fifth of the time
    for (let cell = 0; cell < cells; cell = (cell + 1) | 0) {
      const before = columns[cell]!;
      const heat = ofNow * before - carry * columns[(cell + past) | 0]!;
      value = columns[(cell + massShare) | 0]! * heat + columns[(cell + lower) | 0]! * value;
      columns[(cell + past) | 0] = before;
      columns[cell] = value;
    }
    columns[last] = value + weight * over * this.#lastOver;
    value = 0;
    for (let cell = last; cell >= 0; cell = (cell - 1) | 0) {
      value = columns[cell]! + columns[(cell + upper) | 0]! * value;
      columns[cell] = value;
    }
  }

  /** Geometric centre; for cylinder and sphere a parabola through the two innermost cells. */
  centreC(): number {
    const { cells, shape, centreM } = this.grid;
    if (shape === "slab") return this.temperatureC[(cells - 1) / 2]!;
    const [near, far] = [centreM[0]! ** 2, centreM[1]! ** 2];
    return this.temperatureC[0]! - ((this.temperatureC[1]! - this.temperatureC[0]!) * near) / (far - near);
  }
}
