import { clamp } from "@/core/numeric";
import { SideShape, type Side } from "./side";

/** What the planner asks of a side, however the knife is held. */
export type CutShape = {
  readonly side: Side;
  massUpToG(atMm: number): number;
  positionOfMm(massG: number): number;
  thicknessBetween(
    fromMm: number,
    toMm: number,
  ): { readonly minMm: number; readonly maxMm: number; readonly meanMm: number };
};

const MARKS = 400;

/**
 * A side cut on the bias: the knife meets the skin at `atMm` and leans back towards the head by `leanDeg` from upright. A cut at `atMm`
 * leaves on the head side what lies under the slanted plane. The length grows by the lean over the tail, so that the last cut clears it.
 */
export class LeanedShape implements CutShape {
  readonly side: Side;
  readonly #straight: SideShape;
  readonly #sums = new Float64Array(MARKS + 1);

  constructor(side: Side, leanDeg: number) {
    this.#straight = new SideShape(side);
    const slope = Math.tan((leanDeg * Math.PI) / 180);
    const tailMm = this.#straight.thicknessAtMm(side.lengthMm);
    this.side = { ...side, lengthMm: side.lengthMm + tailMm * slope };
    // volume under the plane, column by column along the skin
    const columns = MARKS;
    const widthMm = side.lengthMm / columns;
    const middles = Array.from({ length: columns }, (_, column) => (column + 0.5) * widthMm);
    const wide = Float64Array.from(middles, (x) => this.#straight.widthAtMm(x));
    const thick = Float64Array.from(middles, (x) => this.#straight.thicknessAtMm(x));
    for (let mark = 0; mark <= MARKS; mark++) {
      const atMm = (mark / MARKS) * this.side.lengthMm;
      let volume = 0;
      for (let column = 0; column < columns; column++) {
        const before = atMm - (column + 0.5) * widthMm;
        if (before <= 0) break;
        volume += wide[column]! * Math.min(thick[column]!, before / slope) * widthMm;
      }
      this.#sums[mark] = volume;
    }
    const scale = side.massG / this.#sums[MARKS]!;
    for (let mark = 0; mark <= MARKS; mark++) this.#sums[mark] = this.#sums[mark]! * scale;
  }

  massUpToG(atMm: number): number {
    const place = clamp((atMm / this.side.lengthMm) * MARKS, 0, MARKS);
    const index = Math.min(MARKS - 1, Math.floor(place));
    return this.#sums[index]! + (place - index) * (this.#sums[index + 1]! - this.#sums[index]!);
  }

  positionOfMm(massG: number): number {
    if (massG <= 0) return 0;
    if (massG >= this.side.massG) return this.side.lengthMm;
    let [low, high] = [0, MARKS];
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if (this.#sums[middle]! <= massG) low = middle;
      else high = middle;
    }
    const span = this.#sums[high]! - this.#sums[low]!;
    return ((low + (span > 0 ? (massG - this.#sums[low]!) / span : 0)) / MARKS) * this.side.lengthMm;
  }

  thicknessBetween(fromMm: number, toMm: number) {
    const last = this.#straight.side.lengthMm;
    const from = Math.min(fromMm, last - 1);
    return this.#straight.thicknessBetween(from, Math.max(from + 1e-6, Math.min(toMm, last)));
  }
}

/** A side for the planner; upright unless the knife leans. */
export const cutShape = (side: Side, leanDeg = 0): CutShape =>
  leanDeg > 0 ? new LeanedShape(side, leanDeg) : new SideShape(side);
