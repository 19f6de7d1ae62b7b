import { sum } from "@/core/numeric";
import { assert } from "@/core/shared";

/** What a face of the slab meets; concentrations in g solute per g water, as in the flesh's own water. */
export type Bath =
  /** A bath so large that it stays as it is. */
  | { readonly kind: "constant"; readonly concentration: number }
  /** `waterPerM2`: kg of bath water to each m² of the faces that take part; it loses what the slab takes. */
  | { readonly kind: "finite"; readonly concentration: number; readonly waterKgPerM2: number }
  /**
   * Dry salt until `soluteKgPerM2` has gone in. It must first draw water and dissolve: the face nears saturation as 1 - exp(-t/`buildUpS`);
   * nought: at once.
   */
  | {
      readonly kind: "supply";
      readonly concentration: number;
      readonly soluteKgPerM2: number;
      readonly buildUpS: number;
    };

export type Slab = {
  readonly thicknessMm: number;
  /** Both faces take part, or one (skin on the other). */
  readonly faces: 1 | 2;
  readonly diffusivityM2PerS: number;
  /** Water of the flesh, kg/m³. */
  readonly waterKgPerM3: number;
};

const CELLS = 60;
/** The first steps are taken fully implicit: they damp the jump at the face. */
const DAMPING_STEPS = 4;

/**
 * One solute moving through the water of a slab: Fick's second law, finite volumes from the deepest point (middle, or the skin) to the
 * face, Crank-Nicolson after a few implicit steps. The face cell meets its bath across half a cell.
 */
export class SoluteSlab {
  /** g/g water, deepest cell first. */
  readonly concentration = new Float64Array(CELLS);
  readonly #cellM: number;
  readonly #lower = new Float64Array(CELLS);
  readonly #diagonal = new Float64Array(CELLS);
  readonly #right = new Float64Array(CELLS);
  #steps = 0;
  #bathConcentration: number;
  #takenKgPerM2 = 0;

  constructor(
    readonly slab: Slab,
    readonly bath: Bath,
  ) {
    assert(slab.thicknessMm > 0 && slab.diffusivityM2PerS > 0, "a slab needs a thickness and a diffusivity above 0");
    const depthM = slab.thicknessMm / 1000 / slab.faces;
    this.#cellM = depthM / CELLS;
    this.#bathConcentration = bath.concentration;
  }

  /** Solute that has gone in through each m² of face, kg. */
  get takenKgPerM2(): number {
    return this.#takenKgPerM2;
  }

  get bathConcentration(): number {
    return this.#bathConcentration;
  }

  get meanConcentration(): number {
    return sum(this.concentration) / CELLS;
  }

  get deepest(): number {
    return this.concentration[0]!;
  }

  get nearFace(): number {
    return this.concentration[CELLS - 1]!;
  }

  /** The piece lifted out: nothing goes in or out, what is there evens out. */
  lift(): void {
    this.#lifted = true;
    this.#steps = 0;
  }
  #lifted = false;

  step(seconds: number): void {
    const { diffusivityM2PerS: diffusivity, waterKgPerM3 } = this.slab;
    const weight = this.#steps < DAMPING_STEPS ? 1 : 0.5;
    this.#steps++;
    const inner = (diffusivity * seconds) / this.#cellM ** 2;
    const open = !this.#lifted && this.#supplyLeft() > 0;
    const face = open ? 2 * inner : 0;
    const bath = this.#faceConcentration(seconds);
    this.#elapsedS += seconds;
    const cells = this.concentration;
    for (let index = 0; index < CELLS; index++) {
      const down = index > 0 ? inner : 0;
      const up = index < CELLS - 1 ? inner : face;
      const below = index > 0 ? cells[index - 1]! : 0;
      const above = index < CELLS - 1 ? cells[index + 1]! : bath;
      const here = cells[index]!;
      this.#lower[index] = -weight * down;
      this.#diagonal[index] = 1 + weight * (down + up);
      this.#right[index] =
        here +
        (1 - weight) * (down * (below - here) + up * (above - here)) +
        (index === CELLS - 1 ? weight * face * bath : 0);
    }
    const before = this.meanConcentration;
    solveTridiagonal(this.#lower, this.#diagonal, this.#right, cells, inner * weight);
    const gained = (this.meanConcentration - before) * waterKgPerM3 * this.#cellM * CELLS;
    this.#takenKgPerM2 += gained;
    if (this.bath.kind === "finite") this.#bathConcentration -= gained / this.bath.waterKgPerM2;
  }

  #elapsedS = 0;

  /** What the face meets in the middle of a step. */
  #faceConcentration(stepS: number): number {
    const { bath } = this;
    if (bath.kind !== "supply" || bath.buildUpS === 0) return this.#bathConcentration;
    return bath.concentration * (1 - Math.exp(-(this.#elapsedS + stepS / 2) / bath.buildUpS));
  }

  #supplyLeft(): number {
    return this.bath.kind === "supply" ? this.bath.soluteKgPerM2 - this.#takenKgPerM2 : Infinity;
  }
}

/** Thomas algorithm; the upper diagonal is the same -`coupling` everywhere but in the last row. */
function solveTridiagonal(
  lower: Float64Array,
  diagonal: Float64Array,
  right: Float64Array,
  into: Float64Array,
  coupling: number,
): void {
  const last = into.length - 1;
  for (let index = 1; index <= last; index++) {
    const factor = lower[index]! / diagonal[index - 1]!;
    diagonal[index] = diagonal[index]! + factor * coupling;
    right[index] = right[index]! - factor * right[index - 1]!;
  }
  into[last] = right[last]! / diagonal[last]!;
  for (let index = last - 1; index >= 0; index--)
    into[index] = (right[index]! + coupling * into[index + 1]!) / diagonal[index]!;
}
