import { sum, sumOf } from "@/core/numeric";
/** Time through a slab goes with thickness to the power 1.5-1.8 in a pan, 2 with a surface held hot (arithmetic; common practice, medium). */
const PAN_POWER = 1.6;

/** Cooking time of a thickness against another. */
export const timeRatio = (thicknessMm: number, toMm: number): number => (thicknessMm / toMm) ** PAN_POWER;

export type PanGroup<T> = {
  /** 0 goes in first. */
  readonly order: number;
  readonly label: string;
  readonly pieces: readonly T[];
  readonly thinnestMm: number;
  readonly thickestMm: number;
  /** Cooking time against that of the first group. */
  readonly timeShare: number;
};

const LABELS = ["first in", "second in", "third in"];
const MOST_GROUPS = 3;
/** Pieces whose times differ by less than a fifth share one clock (common practice, low). */
const LIKE_RATIO = 1.2;

/**
 * Pieces of like thickness together, thickest first into the pan: the fewest groups whose times differ by less than a fifth, at most three;
 * split where the squared differences of (log) time within groups are least (dynamic programme over the sorted pieces, exact).
 */
export function panGroups<T>(pieces: readonly T[], thicknessOf: (piece: T) => number): readonly PanGroup<T>[] {
  const sorted = [...pieces].sort((a, b) => thicknessOf(b) - thicknessOf(a));
  if (sorted.length === 0) return [];
  const times = sorted.map((one) => PAN_POWER * Math.log(Math.max(1, thicknessOf(one))));
  for (let groups = 1; groups <= Math.min(MOST_GROUPS, sorted.length); groups++) {
    const starts = bestSplit(times, groups);
    const spans = starts.map((from, index) => [from, starts[index + 1] ?? sorted.length] as const);
    const alike = spans.every(([from, to]) => times[from]! - times[to - 1]! <= Math.log(LIKE_RATIO) + 1e-9);
    if (!alike && groups < Math.min(MOST_GROUPS, sorted.length)) continue;
    const first = thicknessOf(sorted[0]!);
    return spans.map(([from, to], order) => ({
      order,
      label: LABELS[order]!,
      pieces: sorted.slice(from, to),
      thickestMm: thicknessOf(sorted[from]!),
      thinnestMm: thicknessOf(sorted[to - 1]!),
      timeShare: timeRatio(thicknessOf(sorted[from]!), first),
    }));
  }
  return [];
}

/** Starts of `groups` runs of the sorted values with the least sum of squares within runs. */
function bestSplit(values: readonly number[], groups: number): readonly number[] {
  const count = values.length;
  const cost = (from: number, to: number) => {
    const mean = sum(values.slice(from, to)) / (to - from);
    return sumOf(values.slice(from, to), (one) => (one - mean) ** 2);
  };
  let best = Array.from({ length: count + 1 }, (_, to) => (to === 0 ? Infinity : cost(0, to)));
  const cameFrom: number[][] = [];
  for (let group = 1; group < groups; group++) {
    const next = new Array<number>(count + 1).fill(Infinity);
    const from = new Array<number>(count + 1).fill(0);
    for (let to = group + 1; to <= count; to++)
      for (let start = group; start < to; start++) {
        const total = best[start]! + cost(start, to);
        if (total < next[to]! - 1e-12) {
          next[to] = total;
          from[to] = start;
        }
      }
    cameFrom.push(from);
    best = next;
  }
  const starts: number[] = [];
  let to = count;
  for (let group = groups - 1; group > 0; group--) {
    to = cameFrom[group - 1]![to]!;
    starts.unshift(to);
  }
  return [0, ...starts];
}
