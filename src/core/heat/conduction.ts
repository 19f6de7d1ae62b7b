import { INSULATED, newFaceFlux, solveFace, type Face, type FaceFlux } from "./face";
import type { Grid } from "./grid";
import { enthalpyAt, type Material } from "./material";
import type { LineBody } from "./quickLine";
import { CARRY, GAMMA } from "./trBdf2";

const STAR_WEIGHT = 1 / (GAMMA * (2 - GAMMA));
const FLUX_WEIGHT = (1 - GAMMA) / (2 - GAMMA);
const MAX_NEWTON = 12;
/** A freezing front walks cell by cell and each crossing costs an iteration. */
const MAX_NEWTON_FREEZING = 80;
/** How far past the freezing point an iterate that would cross it is set, K. */
const CROSSING_K = 1e-7;

/** Each entry of a material's table as conductivity, capacity, enthalpy: one array, see `Conduction`. */
const tables = new WeakMap<Material, Float64Array>();
function tableOf(material: Material): Float64Array {
  const known = tables.get(material);
  if (known) return known;
  const { conductivityWPerMK, heatCapacityJPerM3K, enthalpyJPerM3 } = material;
  const table = new Float64Array(3 * conductivityWPerMK.length);
  for (let index = 0; index < conductivityWPerMK.length; index++) {
    table[3 * index] = conductivityWPerMK[index]!;
    table[3 * index + 1] = heatCapacityJPerM3K[index]!;
    table[3 * index + 2] = enthalpyJPerM3[index]!;
  }
  tables.set(material, table);
  return table;
}

/** Columns of `Conduction`, each `grid.cells` long; what lies at a face stands with the cell above it. */
const AT = {
  temperature: 0,
  enthalpy: 1,
  capacity: 2,
  base: 3,
  oldEnthalpy: 4,
  conductance: 5,
  right: 6,
  upper: 7,
  volume: 8,
  area: 9,
  wayBelow: 10,
  wayAbove: 11,
} as const;

/**
 * Transient conduction along one line by conservative finite volumes in enthalpy form.
 * Time: TR-BDF2 (Bank et al. 1985), second order and L-stable, so a sudden contact does not ring. Each implicit half is solved
 * by Newton on the enthalpy with a tridiagonal sweep; conductivities follow the iterate. Nothing is allocated in `step`, and all columns
 * stand one after the other in one array: each array of a loop costs registers and checks (see `QuickLine`).
 */
export class Conduction implements LineBody {
  readonly temperatureC: Float64Array;
  /** Surface at the first face (bottom of a slab); for cylinder and sphere the middle. */
  readonly inner: FaceFlux = newFaceFlux();
  /** Surface at the last face (top of a slab, side of cylinder and sphere). */
  readonly outer: FaceFlux = newFaceFlux();
  /** Heat taken up through both faces since the start, J on the grid's base (per m² of slab). */
  heatTakenUpJ = 0;
  /** Heat spent at each face on evaporation since the start, J per m² of face. */
  innerExcessJPerM2 = 0;
  outerExcessJPerM2 = 0;

  readonly #columns: Float64Array;
  readonly #table: Float64Array;
  #firstConductance = 0;
  #lastConductance = 0;
  /** The properties are those of the temperatures as they stand. */
  #read = false;

  constructor(
    readonly grid: Grid,
    readonly material: Material,
    startC: number,
    /** Largest Newton correction, K, that still counts as solved. */
    readonly toleranceK = 1e-6,
  ) {
    const { cells, volumeM3, areaM2, faceM, centreM } = grid;
    const columns = new Float64Array(Object.keys(AT).length * cells).fill(startC, 0, cells);
    columns.set(volumeM3, AT.volume * cells);
    columns.set(areaM2.subarray(0, cells), AT.area * cells);
    for (let face = 1; face < cells; face++) {
      columns[AT.wayBelow * cells + face] = faceM[face]! - centreM[face - 1]!;
      columns[AT.wayAbove * cells + face] = centreM[face]! - faceM[face]!;
    }
    this.#columns = columns;
    this.#table = tableOf(material);
    this.temperatureC = columns.subarray(0, cells);
    this.inner.surfaceC = startC;
    this.outer.surfaceC = startC;
  }

  /** For a line whose temperatures were set from outside. */
  invalidate(): void {
    this.#read = false;
  }

  /** Advances by `stepS` with these faces; cylinder and sphere pass `insulated` as `innerFace`. */
  step(stepS: number, innerFace: Face, outerFace: Face): void {
    const { cells } = this.grid;
    const columns = this.#columns;
    const half = (GAMMA * stepS) / 2;
    if (!this.#read) this.#readProperties();
    this.#solveFaces(innerFace, outerFace);
    const oldBoundary = this.#boundaryW();
    this.#setTrapezoid(half);
    const starBoundary = this.#solve(half, innerFace, outerFace);
    this.#update(innerFace, outerFace);
    for (let cell = 0; cell < cells; cell++)
      columns[cell + AT.base * cells] =
        STAR_WEIGHT * columns[cell + AT.enthalpy * cells]! - CARRY * columns[cell + AT.oldEnthalpy * cells]!;
    const newBoundary = this.#solve(FLUX_WEIGHT * stepS, innerFace, outerFace);
    this.heatTakenUpJ += STAR_WEIGHT * half * (oldBoundary + starBoundary) + FLUX_WEIGHT * stepS * newBoundary;
    this.#update(innerFace, outerFace);
    this.innerExcessJPerM2 += stepS * this.inner.excessWPerM2;
    this.outerExcessJPerM2 += stepS * this.outer.excessWPerM2;
  }

  /** The base of the first implicit half: what is there and half of what flows now. */
  #setTrapezoid(halfS: number): void {
    const { cells, areaM2 } = this.grid;
    const columns = this.#columns;
    const last = cells - 1;
    let inflow = areaM2[0]! * this.inner.fluxWPerM2;
    for (let cell = 0; cell < cells; cell++) {
      const outflow =
        cell < last
          ? columns[cell + 1 + AT.conductance * cells]! * (columns[cell]! - columns[cell + 1]!)
          : -areaM2[cells]! * this.outer.fluxWPerM2;
      const enthalpy = columns[cell + AT.enthalpy * cells]!;
      columns[cell + AT.oldEnthalpy * cells] = enthalpy;
      columns[cell + AT.base * cells] = enthalpy + (halfS * (inflow - outflow)) / columns[cell + AT.volume * cells]!;
      inflow = outflow;
    }
  }

  /** Solves enthalpy = base + weight × net flux / volume from the properties of the last `#update`; returns the boundary heat, W, that the solution carries. */
  #solve(weightS: number, innerFace: Face, outerFace: Face): number {
    const { areaM2, cells } = this.grid;
    const most = this.material.freezingC === null ? MAX_NEWTON : MAX_NEWTON_FREEZING;
    let boundary = 0;
    for (let iteration = 0; iteration < most; iteration++) {
      if (iteration > 0) this.#update(innerFace, outerFace);
      boundary = this.#boundaryW();
      const innerSlope = areaM2[0]! * this.inner.slopeWPerM2K;
      const outerSlope = areaM2[cells]! * this.outer.slopeWPerM2K;
      this.#eliminate(weightS, innerSlope, outerSlope);
      const largest = this.#correct();
      boundary +=
        outerSlope * this.#columns[cells - 1 + AT.right * cells]! + innerSlope * this.#columns[AT.right * cells]!;
      if (largest <= this.toleranceK) break;
    }
    return boundary;
  }

  /** Forward sweep of one Newton iteration. */
  #eliminate(weightS: number, innerSlope: number, outerSlope: number): void {
    const { cells, areaM2 } = this.grid;
    const columns = this.#columns;
    const last = cells - 1;
    const [ofEnthalpy, ofCapacity, ofBase] = [AT.enthalpy * cells, AT.capacity * cells, AT.base * cells];
    const [ofConductance, ofRight] = [AT.conductance * cells + 1, AT.right * cells];
    const [ofUpper, ofVolume] = [AT.upper * cells, AT.volume * cells];
    let inflow = areaM2[0]! * this.inner.fluxWPerM2;
    let below = -innerSlope;
    let lower = 0;
    let carried = 0; // upper entry of the row before, over its pivot
    let before = 0;
    let here = columns[0]!;
    for (let cell = 0; cell < cells; cell = (cell + 1) | 0) {
      let above = -outerSlope;
      let outflow = -areaM2[cells]! * this.outer.fluxWPerM2;
      let next = 0;
      if (cell < last) {
        next = columns[(cell + 1) | 0]!;
        above = columns[(cell + ofConductance) | 0]!;
        outflow = above * (here - next);
      }
      const volume = columns[(cell + ofVolume) | 0]!;
      const stored = columns[(cell + ofEnthalpy) | 0]! - columns[(cell + ofBase) | 0]!;
      const residual = volume * stored - weightS * (inflow - outflow);
      const over = 1 / (volume * columns[(cell + ofCapacity) | 0]! + weightS * (below + above) - lower * carried);
      before = (-residual - lower * before) * over;
      lower = -weightS * above;
      carried = lower * over;
      columns[(cell + ofUpper) | 0] = carried;
      columns[(cell + ofRight) | 0] = before;
      inflow = outflow;
      below = above;
      here = next;
    }
  }

  /** Backward sweep: each cell's change stands in `right` afterwards; answers with the largest, K. */
  #correct(): number {
    const { cells } = this.grid;
    const { freezingC } = this.material;
    const columns = this.#columns;
    const ofRight = AT.right * cells;
    const ofUpper = AT.upper * cells;
    const mayFreeze = freezingC !== null;
    const frontC = freezingC ?? 0;
    let largest = 0;
    let change = 0;
    columns[(cells - 1 + ofUpper) | 0] = 0;
    for (let cell = (cells - 1) | 0; cell >= 0; cell = (cell - 1) | 0) {
      change = columns[(cell + ofRight) | 0]! - columns[(cell + ofUpper) | 0]! * change;
      const here = columns[cell]!;
      let next = here + change;
      // the capacity jumps at the freezing point: an iterate that would leap over it stops just beyond and is solved again
      if (mayFreeze && (here - frontC) * (next - frontC) < 0) {
        const beyond = frontC + (change > 0 ? CROSSING_K : -CROSSING_K);
        if (Math.abs(next - frontC) > CROSSING_K) next = beyond;
      }
      columns[cell] = next;
      columns[(cell + ofRight) | 0] = change;
      const size = change < 0 ? -change : change;
      if (size > largest) largest = size;
    }
    return largest;
  }

  /** Properties, conductances and face fluxes of the present temperatures. */
  #update(innerFace: Face, outerFace: Face): void {
    this.#readProperties();
    this.#solveFaces(innerFace, outerFace);
  }

  #solveFaces(innerFace: Face, outerFace: Face): void {
    const { shape, cells } = this.grid;
    const columns = this.#columns;
    solveFace(shape === "slab" ? innerFace : INSULATED, columns[0]!, this.#firstConductance, this.inner);
    solveFace(outerFace, columns[cells - 1]!, this.#lastConductance, this.outer);
  }

  /** Enthalpy, capacity and the conductance to the cell below at every temperature. */
  #readProperties(): void {
    const { cells, centreM, faceM } = this.grid;
    const { firstC, stepK, freezingC } = this.material;
    const table = this.#table;
    const columns = this.#columns;
    const [ofEnthalpy, ofCapacity, ofConductance] = [AT.enthalpy * cells, AT.capacity * cells, AT.conductance * cells];
    const [ofArea, ofBelow, ofAbove] = [AT.area * cells, AT.wayBelow * cells, AT.wayAbove * cells];
    const lastIndex = table.length / 3 - 1;
    const perStep = 1 / stepK;
    const bend = freezingC === null ? 1 : 0;
    let below = 0;
    for (let cell = 0; cell < cells; cell = (cell + 1) | 0) {
      const here = columns[cell]!;
      const place = (here - firstC) * perStep;
      let conductivity = 0;
      if (place > 0 && place < lastIndex) {
        const index = place | 0;
        const at = (3 * index) | 0;
        const part = place - index;
        const lowK = table[at]!;
        const low = table[(at + 1) | 0]!;
        const rise = bend * (table[(at + 4) | 0]! - low) * part;
        conductivity = lowK + (table[(at + 3) | 0]! - lowK) * part;
        columns[(cell + ofCapacity) | 0] = low + rise;
        columns[(cell + ofEnthalpy) | 0] = table[(at + 2) | 0]! + part * stepK * (low + rise / 2);
      } else {
        const at = place > 0 ? 3 * lastIndex : 0;
        conductivity = table[at]!;
        columns[cell + ofCapacity] = table[at + 1]!;
        columns[cell + ofEnthalpy] = enthalpyAt(this.material, here);
      }
      if (cell === 0) this.#firstConductance = conductivity / (centreM[0]! - faceM[0]!);
      else
        // two resistances in a row, with one division
        columns[(cell + ofConductance) | 0] =
          (columns[(cell + ofArea) | 0]! * below * conductivity) /
          (columns[(cell + ofBelow) | 0]! * conductivity + columns[(cell + ofAbove) | 0]! * below);
      below = conductivity;
    }
    this.#lastConductance = below / (faceM[cells]! - centreM[cells - 1]!);
    this.#read = true;
  }

  #boundaryW(): number {
    const { cells, areaM2 } = this.grid;
    return areaM2[0]! * this.inner.fluxWPerM2 + areaM2[cells]! * this.outer.fluxWPerM2;
  }

  /** Geometric centre; for cylinder and sphere a parabola through the two innermost cells. */
  centreC(): number {
    const { cells, shape, centreM } = this.grid;
    if (shape === "slab") return this.temperatureC[(cells - 1) / 2]!;
    const [near, far] = [centreM[0]! ** 2, centreM[1]! ** 2];
    return this.temperatureC[0]! - ((this.temperatureC[1]! - this.temperatureC[0]!) * near) / (far - near);
  }

  coldestC(): number {
    let coldest = Math.min(this.inner.surfaceC, this.outer.surfaceC);
    for (const value of this.temperatureC) if (value < coldest) coldest = value;
    return coldest;
  }

  /** Mean over the volume. */
  meanC(): number {
    const { volumeM3 } = this.grid;
    let [sum, volume] = [0, 0];
    for (let cell = 0; cell < this.grid.cells; cell++) {
      sum += volumeM3[cell]! * this.temperatureC[cell]!;
      volume += volumeM3[cell]!;
    }
    return sum / volume;
  }

  /** Heat content on the grid's base, J above -40 °C. */
  enthalpyJ(): number {
    let sum = 0;
    for (let cell = 0; cell < this.grid.cells; cell++) {
      sum += this.grid.volumeM3[cell]! * enthalpyAt(this.material, this.temperatureC[cell]!);
    }
    return sum;
  }
}
