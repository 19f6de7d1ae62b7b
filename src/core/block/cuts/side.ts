import { alongLine } from "@/core/numeric";
import { assert, inMm, said, type Said } from "@/core/shared";

/** A measured cross-section of a side, `atMm` from the thick (head) end. */
export type Station = { readonly atMm: number; readonly thicknessMm: number; readonly widthMm: number };

/** One side, loin or fillet; straight lines between stations, end values held to the ends. */
export type Side = { readonly lengthMm: number; readonly massG: number; readonly profile: readonly Station[] };

export type SideError = { readonly at: string; readonly message: Said };

/** What is wrong with a side in the cook's words, or null. `at` names the field. */
export function checkSide(side: Side): SideError | null {
  if (side.profile.length < 2) return { at: "profile", message: said("block.measureAtLeastTwoStations") };
  for (const [index, station] of side.profile.entries()) {
    const before = side.profile[index - 1];
    if (before && !(station.atMm > before.atMm)) {
      return { at: `profile.${index}.at_mm`, message: said("block.stationsMustRunFromOneEnd") };
    }
    if (!(station.atMm >= 0 && station.atMm <= side.lengthMm)) {
      return {
        at: `profile.${index}.at_mm`,
        message: said("block.theStationLiesOffTheSide", { length: inMm(side.lengthMm) }),
      };
    }
  }
  const flesh = side.profile.some(({ thicknessMm, widthMm }) => thicknessMm * widthMm > 0);
  return flesh ? null : { at: "profile", message: said("block.theSideHasNoThicknessAnywhere") };
}

/** Mass and thickness along a side: mass per mm is proportional to thickness × width and scaled to the weight. */
export class SideShape {
  readonly #stations: readonly Station[];
  /** Unscaled mass up to each station. */
  readonly #sums: readonly number[];
  readonly #scale: number;

  constructor(readonly side: Side) {
    const problem = checkSide(side);
    assert(problem === null, problem?.message.code ?? "");
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

  /** Where the mass from the first end reaches `massG`: Newton's method within the segment, halving where it would leave it. */
  positionOfMm(massG: number): number {
    if (massG <= 0) return 0;
    if (massG >= this.side.massG) return this.side.lengthMm;
    const wanted = massG / this.#scale;
    let segment = 0;
    while (segment < this.#stations.length - 2 && this.#sums[segment + 1]! <= wanted) segment++;
    const start = this.#stations[segment]!.atMm;
    const left = wanted - this.#sums[segment]!;
    let low = 0;
    let high = this.#stations[segment + 1]!.atMm - start;
    let spanMm = high / 2;
    for (let iteration = 0; iteration < 80 && high - low > 1e-10; iteration++) {
      const over = this.#segmentSum(segment, spanMm) - left;
      if (over > 0) high = spanMm;
      else low = spanMm;
      const slope = this.thicknessAtMm(start + spanMm) * this.widthAtMm(start + spanMm);
      const newton = spanMm - over / slope;
      if (Math.abs(newton - spanMm) < 1e-11) break;
      spanMm = newton > low && newton < high ? newton : (low + high) / 2;
    }
    return start + spanMm;
  }

  thicknessAtMm(atMm: number): number {
    const segment = this.#segmentOf(atMm);
    const [from, to] = [this.#stations[segment]!, this.#stations[segment + 1]!];
    return alongLine([from.atMm, from.thicknessMm], [to.atMm, to.thicknessMm], atMm);
  }

  widthAtMm(atMm: number): number {
    const segment = this.#segmentOf(atMm);
    const [from, to] = [this.#stations[segment]!, this.#stations[segment + 1]!];
    return alongLine([from.atMm, from.widthMm], [to.atMm, to.widthMm], atMm);
  }

  /** Thinnest, thickest and mean (along the length) thickness between two cuts. */
  thicknessBetween(fromMm: number, toMm: number): { minMm: number; maxMm: number; meanMm: number } {
    let before = this.thicknessAtMm(fromMm);
    let beforeMm = fromMm;
    let [minMm, maxMm, area] = [before, before, 0];
    const corner = (atMm: number, height: number) => {
      if (height < minMm) minMm = height;
      if (height > maxMm) maxMm = height;
      area += ((before + height) / 2) * (atMm - beforeMm);
      before = height;
      beforeMm = atMm;
    };
    for (const { atMm, thicknessMm } of this.#stations) if (atMm > fromMm && atMm < toMm) corner(atMm, thicknessMm);
    corner(toMm, this.thicknessAtMm(toMm));
    return { minMm, maxMm, meanMm: area / (toMm - fromMm) };
  }
}
