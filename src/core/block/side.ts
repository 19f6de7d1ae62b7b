import { assert } from "@/core/shared";

/** A measured cross-section of a side, `atMm` from the thick (head) end. */
export type Station = { readonly atMm: number; readonly thicknessMm: number; readonly widthMm: number };

/** One side, loin or fillet; straight lines between stations, end values held to the ends. */
export type Side = { readonly lengthMm: number; readonly massG: number; readonly profile: readonly Station[] };

export type SideError = { readonly at: string; readonly message: string };

/** What is wrong with a side in the cook's words, or null. `at` names the field. */
export function checkSide(side: Side): SideError | null {
  if (side.profile.length < 2) return { at: "profile", message: "measure at least two stations" };
  for (const [index, station] of side.profile.entries()) {
    const before = side.profile[index - 1];
    if (before && !(station.atMm > before.atMm)) {
      return { at: `profile.${index}.at_mm`, message: "stations must run from one end to the other, each further on" };
    }
    if (!(station.atMm >= 0 && station.atMm <= side.lengthMm)) {
      return { at: `profile.${index}.at_mm`, message: `the station lies off the side (0 to ${side.lengthMm} mm)` };
    }
  }
  const flesh = side.profile.some(({ thicknessMm, widthMm }) => thicknessMm * widthMm > 0);
  return flesh ? null : { at: "profile", message: "the side has no thickness anywhere" };
}

/** Mass and thickness along a side: mass per mm is proportional to thickness × width and scaled to the weight. */
export class SideShape {
  readonly #stations: readonly Station[];
  /** Unscaled mass up to each station. */
  readonly #sums: readonly number[];
  readonly #scale: number;

  constructor(readonly side: Side) {
    const problem = checkSide(side);
    assert(problem === null, problem?.message ?? "");
    const first = side.profile[0]!;
    const last = side.profile.at(-1)!;
    this.#stations = [
      ...(first.atMm > 0 ? [{ ...first, atMm: 0 }] : []),
      ...side.profile,
      ...(last.atMm < side.lengthMm ? [{ ...last, atMm: side.lengthMm }] : []),
    ];
    const sums = [0];
    for (let index = 1; index < this.#stations.length; index++) {
      const span = this.#stations[index]!.atMm - this.#stations[index - 1]!.atMm;
      sums.push(sums[index - 1]! + this.#segmentSum(index - 1, span));
    }
    this.#sums = sums;
    this.#scale = side.massG / sums.at(-1)!;
  }

  #segmentOf(atMm: number): number {
    let low = 0;
    let high = this.#stations.length - 2;
    while (low < high) {
      const middle = (low + high + 1) >> 1;
      if (this.#stations[middle]!.atMm <= atMm) low = middle;
      else high = middle - 1;
    }
    return low;
  }

  /** ∫ thickness × width over the first `spanMm` of a segment: a product of two straight lines, integrated exactly. */
  #segmentSum(segment: number, spanMm: number): number {
    const [from, to] = [this.#stations[segment]!, this.#stations[segment + 1]!];
    const length = to.atMm - from.atMm;
    const thickSlope = (to.thicknessMm - from.thicknessMm) / length;
    const wideSlope = (to.widthMm - from.widthMm) / length;
    const crossed = from.thicknessMm * wideSlope + from.widthMm * thickSlope;
    return spanMm * (from.thicknessMm * from.widthMm + spanMm * (crossed / 2 + (spanMm * thickSlope * wideSlope) / 3));
  }

  massUpToG(atMm: number): number {
    const segment = this.#segmentOf(atMm);
    return this.#scale * (this.#sums[segment]! + this.#segmentSum(segment, atMm - this.#stations[segment]!.atMm));
  }

  /** Where the mass from the first end reaches `massG`. */
  positionOfMm(massG: number): number {
    if (massG <= 0) return 0;
    if (massG >= this.side.massG) return this.side.lengthMm;
    let low = 0;
    let high = this.side.lengthMm;
    for (let iteration = 0; iteration < 60 && high - low > 1e-9; iteration++) {
      const middle = (low + high) / 2;
      if (this.massUpToG(middle) < massG) low = middle;
      else high = middle;
    }
    return (low + high) / 2;
  }

  thicknessAtMm(atMm: number): number {
    const segment = this.#segmentOf(atMm);
    const [from, to] = [this.#stations[segment]!, this.#stations[segment + 1]!];
    return from.thicknessMm + ((atMm - from.atMm) / (to.atMm - from.atMm)) * (to.thicknessMm - from.thicknessMm);
  }

  widthAtMm(atMm: number): number {
    const segment = this.#segmentOf(atMm);
    const [from, to] = [this.#stations[segment]!, this.#stations[segment + 1]!];
    return from.widthMm + ((atMm - from.atMm) / (to.atMm - from.atMm)) * (to.widthMm - from.widthMm);
  }

  /** Thinnest, thickest and mean (along the length) thickness between two cuts. */
  thicknessBetween(fromMm: number, toMm: number): { minMm: number; maxMm: number; meanMm: number } {
    const corners = [fromMm, ...this.#stations.map(({ atMm }) => atMm).filter((at) => at > fromMm && at < toMm), toMm];
    const heights = corners.map((at) => this.thicknessAtMm(at));
    let area = 0;
    for (let index = 1; index < corners.length; index++) {
      area += ((heights[index - 1]! + heights[index]!) / 2) * (corners[index]! - corners[index - 1]!);
    }
    return { minMm: Math.min(...heights), maxMm: Math.max(...heights), meanMm: area / (toMm - fromMm) };
  }
}
