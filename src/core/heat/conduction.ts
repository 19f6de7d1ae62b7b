import { newFaceFlux, solveFace, type Face, type FaceFlux } from "./face";
import type { Grid } from "./grid";
import { enthalpyAt, readProperties, type Material } from "./material";
import { CARRY, GAMMA } from "./trBdf2";

const STAR_WEIGHT = 1 / (GAMMA * (2 - GAMMA));
const FLUX_WEIGHT = (1 - GAMMA) / (2 - GAMMA);
const MAX_NEWTON = 12;
/** A freezing front walks cell by cell and each crossing costs an iteration. */
const MAX_NEWTON_FREEZING = 80;
/** How far past the freezing point an iterate that would cross it is set, K. */
const CROSSING_K = 1e-7;

const INSULATED: Face = { kind: "insulated" };

/**
 * Transient conduction along one line by conservative finite volumes in enthalpy form.
 * Time: TR-BDF2 (Bank et al. 1985), second order and L-stable, so a sudden contact does not ring. Each implicit half is solved
 * by Newton on the enthalpy with a tridiagonal sweep; conductivities follow the iterate. Nothing is allocated in `step`.
 */
export class Conduction {
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

  readonly #enthalpy: Float64Array;
  readonly #capacity: Float64Array;
  readonly #conductivity: Float64Array;
  readonly #oldEnthalpy: Float64Array;
  readonly #base: Float64Array;
  readonly #net: Float64Array;
  readonly #conductance: Float64Array;
  readonly #right: Float64Array;
  readonly #upper: Float64Array;

  constructor(
    readonly grid: Grid,
    readonly material: Material,
    startC: number,
    /** Largest Newton correction, K, that still counts as solved. */
    readonly toleranceK = 1e-6,
  ) {
    const size = grid.cells;
    this.temperatureC = new Float64Array(size).fill(startC);
    this.#enthalpy = new Float64Array(size);
    this.#capacity = new Float64Array(size);
    this.#conductivity = new Float64Array(size);
    this.#oldEnthalpy = new Float64Array(size);
    this.#base = new Float64Array(size);
    this.#net = new Float64Array(size);
    this.#conductance = new Float64Array(size + 1);
    this.#right = new Float64Array(size);
    this.#upper = new Float64Array(size);
    this.inner.surfaceC = startC;
    this.outer.surfaceC = startC;
  }

  /** Advances by `stepS` with these faces; cylinder and sphere pass `insulated` as `innerFace`. */
  step(stepS: number, innerFace: Face, outerFace: Face): void {
    const { cells, volumeM3 } = this.grid;
    const [base, old, enthalpy, net] = [this.#base, this.#oldEnthalpy, this.#enthalpy, this.#net];
    const half = (GAMMA * stepS) / 2;
    this.#update(innerFace, outerFace);
    this.#netFlux();
    const oldBoundary = this.#boundaryW();
    for (let cell = 0; cell < cells; cell++) {
      old[cell] = enthalpy[cell]!;
      base[cell] = enthalpy[cell]! + (half * net[cell]!) / volumeM3[cell]!;
    }
    const starBoundary = this.#solve(half, innerFace, outerFace);
    this.#update(innerFace, outerFace);
    for (let cell = 0; cell < cells; cell++) base[cell] = STAR_WEIGHT * enthalpy[cell]! - CARRY * old[cell]!;
    const newBoundary = this.#solve(FLUX_WEIGHT * stepS, innerFace, outerFace);
    this.heatTakenUpJ += STAR_WEIGHT * half * (oldBoundary + starBoundary) + FLUX_WEIGHT * stepS * newBoundary;
    this.#update(innerFace, outerFace);
    this.innerExcessJPerM2 += stepS * this.inner.excessWPerM2;
    this.outerExcessJPerM2 += stepS * this.outer.excessWPerM2;
  }

  /** Solves enthalpy = base + weight × net flux / volume from the properties of the last `#update`; returns the boundary heat, W, that the solution carries. */
  #solve(weightS: number, innerFace: Face, outerFace: Face): number {
    const { cells, volumeM3, areaM2 } = this.grid;
    const temperature = this.temperatureC;
    const [base, enthalpy, capacity, net] = [this.#base, this.#enthalpy, this.#capacity, this.#net];
    const [conductance, right, upper] = [this.#conductance, this.#right, this.#upper];
    const last = cells - 1;
    let boundary = 0;
    const { freezingC } = this.material;
    const most = freezingC === null ? MAX_NEWTON : MAX_NEWTON_FREEZING;
    for (let iteration = 0; iteration < most; iteration++) {
      if (iteration > 0) this.#update(innerFace, outerFace);
      this.#netFlux();
      boundary = this.#boundaryW();
      const innerSlope = areaM2[0]! * this.inner.slopeWPerM2K;
      const outerSlope = areaM2[cells]! * this.outer.slopeWPerM2K;
      let carried = 0; // upper entry of the row before, over its pivot
      let before = 0;
      for (let cell = 0; cell < cells; cell++) {
        const below = cell > 0 ? conductance[cell]! : -innerSlope;
        const above = cell < last ? conductance[cell + 1]! : -outerSlope;
        const volume = volumeM3[cell]!;
        const residual = volume * (enthalpy[cell]! - base[cell]!) - weightS * net[cell]!;
        const lower = cell > 0 ? -weightS * below : 0;
        const over = 1 / (volume * capacity[cell]! + weightS * (below + above) - lower * carried);
        carried = cell < last ? -weightS * above * over : 0;
        before = (-residual - lower * before) * over;
        upper[cell] = carried;
        right[cell] = before;
      }
      let largest = 0;
      let change = 0;
      for (let cell = last; cell >= 0; cell--) {
        change = right[cell]! - upper[cell]! * change;
        const here = temperature[cell]!;
        let next = here + change;
        // the capacity jumps at the freezing point: an iterate that would leap over it stops just beyond and is solved again
        if (freezingC !== null && (here - freezingC) * (next - freezingC) < 0) {
          const beyond = freezingC + (change > 0 ? CROSSING_K : -CROSSING_K);
          if (Math.abs(next - freezingC) > CROSSING_K) next = beyond;
        }
        temperature[cell] = next;
        const size = change < 0 ? -change : change;
        if (size > largest) largest = size;
        if (cell === last) boundary += outerSlope * change;
      }
      boundary += innerSlope * change;
      if (largest <= this.toleranceK) break;
    }
    return boundary;
  }

  /** Properties, conductances and face fluxes of the present temperatures. */
  #update(innerFace: Face, outerFace: Face): void {
    const { cells, centreM, faceM, areaM2 } = this.grid;
    const [conductivity, conductance] = [this.#conductivity, this.#conductance];
    readProperties(this.material, this.temperatureC, conductivity, this.#capacity, this.#enthalpy);
    for (let face = 1; face < cells; face++) {
      // two resistances in a row, with one division
      const below = conductivity[face - 1]!;
      const above = conductivity[face]!;
      const at = faceM[face]!;
      conductance[face] =
        (areaM2[face]! * below * above) / ((at - centreM[face - 1]!) * above + (centreM[face]! - at) * below);
    }
    const first = conductivity[0]! / (centreM[0]! - faceM[0]!);
    const final = conductivity[cells - 1]! / (faceM[cells]! - centreM[cells - 1]!);
    solveFace(this.grid.shape === "slab" ? innerFace : INSULATED, this.temperatureC[0]!, first, this.inner);
    solveFace(outerFace, this.temperatureC[cells - 1]!, final, this.outer);
  }

  /** Heat into each cell, W, with the conductances and face fluxes of the last `#update`. */
  #netFlux(): void {
    const { cells, areaM2 } = this.grid;
    const [net, conductance, temperature] = [this.#net, this.#conductance, this.temperatureC];
    let inflow = areaM2[0]! * this.inner.fluxWPerM2;
    for (let cell = 0; cell < cells - 1; cell++) {
      const outflow = conductance[cell + 1]! * (temperature[cell]! - temperature[cell + 1]!);
      net[cell] = inflow - outflow;
      inflow = outflow;
    }
    net[cells - 1] = inflow + areaM2[cells]! * this.outer.fluxWPerM2;
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
