import { newFaceFlux, solveFace, type Face, type FaceFlux } from "./face";
import type { Grid } from "./grid";
import type { Material } from "./material";
import { CARRY, GAMMA } from "./trBdf2";

const WEIGHT = GAMMA / 2;
const EARLY = (1 - WEIGHT) / 2;
/** Properties are read anew once a cell has moved this far, K: they change by some 0.1 % per K. */
const REFRESH_K = 3;
/** Numbers a cell has in the factored matrix. */
const ROW = 5;
const INSULATED: Face = { kind: "insulated" };

const boils = ({ excessWPerM2 }: FaceFlux): boolean => excessWPerM2 > 0;

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
 * A line whose temperatures are set from outside has no past and goes by TR-BDF2, the scheme of `Conduction`, in two solves. Several
 * times cheaper than that and held against it in the tests; no freezing. Two materials: `core` fills the first `cells` (a stuffed tube).
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
   * The factored matrix, five numbers a cell in the order the sweeps ask for them: conductance to the next cell, mass, reciprocal of the
   * pivot, lower and upper factor. In one column rather than five the sweeps take half the time, for there is less to keep in registers.
   */
  readonly #rows: Float64Array;
  readonly #change: Float64Array;
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
    readonly remembers = true,
  ) {
    const size = grid.cells;
    this.temperatureC = new Float64Array(size).fill(startC);
    this.#readAtC = new Float64Array(size).fill(NaN);
    this.#conductivity = new Float64Array(size);
    this.#reach = new Float64Array(size);
    for (let face = 1; face < size; face++)
      this.#reach[face] = grid.areaM2[face]! / (2 * (grid.centreM[face]! - grid.centreM[face - 1]!));
    this.#mass = new Float64Array(size);
    this.#conductance = new Float64Array(size + 1);
    this.#rows = new Float64Array(ROW * size);
    this.#change = new Float64Array(size);
    this.#before = new Float64Array(size);
    this.inner.surfaceC = startC;
    this.outer.surfaceC = startC;
  }

  /** Forgets lagged properties: for a line whose temperatures were set from outside. */
  invalidate(): void {
    this.#fresh = false;
    this.#lastStepS = 0;
  }

  step(stepS: number, innerFace: Face, outerFace: Face): void {
    const { inner, outer } = this;
    const under = this.grid.shape === "slab" ? innerFace : INSULATED;
    if (this.#refresh()) this.#factoredWeight = 0;
    this.#solveFaces(under, outerFace);
    const [startInner, startOuter] = [inner.fluxWPerM2, outer.fluxWPerM2];
    const [startInnerExcess, startOuterExcess] = [inner.excessWPerM2, outer.excessWPerM2];
    if (this.remembers) {
      const ratio = this.#lastStepS > 0 ? stepS / this.#lastStepS : 0;
      const mass = (1 + 2 * ratio) / (1 + ratio);
      this.#settled(under, outerFace, mass, stepS, stepS, (ratio * ratio) / (1 + ratio));
      this.#lastStepS = stepS;
      inner.fluxWPerM2 = (startInner + inner.fluxWPerM2) / 2;
      outer.fluxWPerM2 = (startOuter + outer.fluxWPerM2) / 2;
      inner.excessWPerM2 = (startInnerExcess + inner.excessWPerM2) / 2;
      outer.excessWPerM2 = (startOuterExcess + outer.excessWPerM2) / 2;
    } else {
      const weight = WEIGHT * stepS;
      this.#settled(under, outerFace, 1, weight, 2 * weight, 0);
      const [starInner, starOuter] = [inner.fluxWPerM2, outer.fluxWPerM2];
      const [starInnerExcess, starOuterExcess] = [inner.excessWPerM2, outer.excessWPerM2];
      this.#settled(under, outerFace, 1, weight, weight, CARRY);
      // what passed the faces, weighted as the scheme weighs its three moments
      inner.fluxWPerM2 = EARLY * (startInner + starInner) + WEIGHT * inner.fluxWPerM2;
      outer.fluxWPerM2 = EARLY * (startOuter + starOuter) + WEIGHT * outer.fluxWPerM2;
      inner.excessWPerM2 = EARLY * (startInnerExcess + starInnerExcess) + WEIGHT * inner.excessWPerM2;
      outer.excessWPerM2 = EARLY * (startOuterExcess + starOuterExcess) + WEIGHT * outer.excessWPerM2;
    }
    const { areaM2, cells } = this.grid;
    this.heatTakenUpJ += stepS * (areaM2[0]! * inner.fluxWPerM2 + areaM2[cells]! * outer.fluxWPerM2);
  }

  /**
   * One solve, and the faces at its end. A face that begins or ceases to boil in it is taken the other way and it is solved again:
   * otherwise two solves in a row could each undo the other's choice for good.
   */
  #settled(under: Face, outerFace: Face, massFactor: number, matrixS: number, heatS: number, carry: number): void {
    const { inner, outer, temperatureC: now } = this;
    const watched = under.kind === "drying" || outerFace.kind === "drying";
    const boilsUnder = boils(inner);
    const boilsOver = boils(outer);
    const kept = watched && carry !== 0;
    if (kept) this.#before.set(this.#change);
    this.#factor(massFactor, matrixS);
    this.#solve(heatS, carry);
    this.#solveFaces(under, outerFace);
    if (!watched || (boils(inner) === boilsUnder && boils(outer) === boilsOver)) return;
    const willUnder = boils(inner);
    const willOver = boils(outer);
    const change = this.#change;
    for (let cell = 0; cell < now.length; cell++) now[cell] = now[cell]! - change[cell]!;
    if (kept) change.set(this.#before);
    solveFace(under, now[0]!, this.#firstConductance, inner, willUnder);
    solveFace(outerFace, now[now.length - 1]!, this.#lastConductance, outer, willOver);
    this.#factor(massFactor, matrixS);
    this.#solve(heatS, carry);
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
    // without a past it was set from outside, and is read anew every time
    if (this.remembers) this.#readAtC.set(temperatureC);
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
    this.#fresh = this.remembers;
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
    const rows = this.#rows;
    const last = cells - 1;
    let below = -areaM2[0]! * inner.slopeWPerM2K;
    let low = 0;
    let carried = 0;
    for (let cell = 0, at = 0; cell < cells; cell++, at += ROW) {
      const above = cell < last ? conductance[cell + 1]! : -areaM2[cells]! * outer.slopeWPerM2K;
      const over = 1 / (massFactor * mass[cell]! + weight * (below + above) - low * carried);
      carried = weight * above * over;
      rows[at] = above;
      rows[at + 1] = mass[cell]!;
      rows[at + 2] = over;
      rows[at + 3] = low * over;
      rows[at + 4] = carried;
      low = weight * above;
      below = above;
    }
    this.#factoredWeight = weight;
    this.#factoredMass = massFactor;
    this.#factoredInner = inner.slopeWPerM2K;
    this.#factoredOuter = outer.slopeWPerM2K;
  }

  /**
   * Solves with the last factors: heat of the present temperatures times `heatS`, and a share of the change before. Two cells a turn:
   * half the looking whether it is over. In one function: cut into its two sweeps the compiler makes it half as fast.
   */
  #solve(heatS: number, carry: number): void {
    const { cells, areaM2 } = this.grid;
    const now = this.temperatureC;
    const change = this.#change;
    const rows = this.#rows;
    const last = cells - 1;
    let inflow = areaM2[0]! * this.inner.fluxWPerM2;
    let here = now[0]!;
    let before = 0;
    let cell = 0;
    let at = 0;
    for (; cell < last - 1; cell += 2, at += 2 * ROW) {
      const next = now[cell + 1]!;
      const outflow = rows[at]! * (here - next);
      const heat = heatS * (inflow - outflow) + carry * rows[at + 1]! * change[cell]!;
      before = heat * rows[at + 2]! + rows[at + 3]! * before;
      change[cell] = before;
      here = now[cell + 2]!;
      inflow = rows[at + 5]! * (next - here);
      const nextHeat = heatS * (outflow - inflow) + carry * rows[at + 6]! * change[cell + 1]!;
      before = nextHeat * rows[at + 7]! + rows[at + 8]! * before;
      change[cell + 1] = before;
    }
    for (; cell <= last; cell++, at += ROW) {
      const next = cell < last ? now[cell + 1]! : here;
      const outflow = cell < last ? rows[at]! * (here - next) : -areaM2[cells]! * this.outer.fluxWPerM2;
      const heat = heatS * (inflow - outflow) + carry * rows[at + 1]! * change[cell]!;
      before = heat * rows[at + 2]! + rows[at + 3]! * before;
      change[cell] = before;
      inflow = outflow;
      here = next;
    }
    now[last] = now[last]! + before;
    cell = last - 1;
    for (at = ROW * cell + 4; cell > 0; cell -= 2, at -= 2 * ROW) {
      before = change[cell]! + rows[at]! * before;
      change[cell] = before;
      now[cell] = now[cell]! + before;
      before = change[cell - 1]! + rows[at - ROW]! * before;
      change[cell - 1] = before;
      now[cell - 1] = now[cell - 1]! + before;
    }
    if (cell === 0) {
      before = change[0]! + rows[at]! * before;
      change[0] = before;
      now[0] = now[0]! + before;
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
