import type { CutShape } from "./shape";

export type Span = { readonly fromMm: number; readonly toMm: number };
export type Wanted = {
  readonly portionG: number;
  readonly lowG: number;
  readonly highG: number;
  readonly minPieceMm: number;
};

const EPSILON = 1e-7;

/**
 * As many portions as the side holds. From any point the earliest end of a portion is where it is heavy and long enough; that end never
 * moves back as the start moves on, so always taking the earliest end is optimal (interval scheduling).
 */
export function greedyPortions(shape: CutShape, wanted: Wanted): Span[] {
  const { lengthMm } = shape.side;
  const portions: Span[] = [];
  let fromMm = 0;
  for (;;) {
    const start = firstFeasibleStart(shape, wanted, fromMm);
    if (start === null) return portions;
    const toMm = earliestEnd(shape, wanted, start);
    if (toMm === null || toMm > lengthMm + EPSILON) return portions;
    portions.push({ fromMm: start, toMm: Math.min(toMm, lengthMm) });
    fromMm = Math.min(toMm, lengthMm);
  }
}

function earliestEnd(shape: CutShape, { lowG, minPieceMm }: Wanted, fromMm: number): number | null {
  const heavyEnough = shape.massUpToG(fromMm) + lowG;
  if (heavyEnough > shape.side.massG + EPSILON) return null;
  return Math.max(shape.positionOfMm(heavyEnough), fromMm + minPieceMm);
}

/** The first start from which the shortest allowed piece is not too heavy. */
function firstFeasibleStart(shape: CutShape, wanted: Wanted, fromMm: number): number | null {
  const { lengthMm } = shape.side;
  const fits = (start: number) => {
    const end = earliestEnd(shape, wanted, start);
    if (end === null || end > lengthMm + EPSILON) return false;
    return shape.massUpToG(Math.min(end, lengthMm)) - shape.massUpToG(start) <= wanted.highG + EPSILON;
  };
  if (fits(fromMm)) return fromMm;
  const stepMm = 0.25;
  for (let start = fromMm + stepMm; start < lengthMm; start += stepMm) {
    if (!fits(start)) continue;
    let [no, yes] = [start - stepMm, start];
    for (let iteration = 0; iteration < 30; iteration++) {
      const middle = (no + yes) / 2;
      if (fits(middle)) yes = middle;
      else no = middle;
    }
    return yes;
  }
  return null;
}

const TRIM_LEVELS = 120;
const THICKER_THAN_ANY_MM = 500;

/** Where the trim falls: so that each piece is even in thickness, or so that the pieces come from the thickest part. */
export type Preference = "even" | "centre";

/** Portions of exactly one weight, the trim placed as preferred; null if too short. */
export function equalPortions(
  shape: CutShape,
  wanted: Wanted,
  count: number,
  preference: Preference = "even",
): Span[] | null {
  const { massG } = shape.side;
  const weightG = Math.min(wanted.portionG, massG / count);
  const trimG = Math.max(0, massG - count * weightG);
  const levels = trimG < EPSILON ? 0 : TRIM_LEVELS;
  const placeAt = (portion: number, level: number) =>
    shape.positionOfMm(portion * weightG + (levels === 0 ? 0 : (level / levels) * trimG));
  // best[portion][level]: least thickness difference with `portion` pieces cut and `level` shares of the trim behind them
  let best = Array.from({ length: levels + 1 }, () => 0);
  const cameFrom: number[][] = [];
  for (let portion = 0; portion < count; portion++) {
    const starts = best.map((_, level) => placeAt(portion, level));
    const ends = best.map((_, level) => placeAt(portion + 1, level));
    const next = best.map(() => Infinity);
    const from = best.map(() => -1);
    for (let level = 0; level <= levels; level++) {
      const [fromMm, toMm] = [starts[level]!, ends[level]!];
      if (toMm - fromMm < wanted.minPieceMm - EPSILON) continue;
      const { minMm, maxMm, meanMm } = shape.thicknessBetween(fromMm, toMm);
      const uneven = preference === "centre" ? THICKER_THAN_ANY_MM - meanMm : maxMm - minMm;
      for (let earlier = 0; earlier <= level; earlier++) {
        const inner = portion > 0 && earlier < level;
        if (inner && fromMm - starts[earlier]! < wanted.minPieceMm) continue;
        const cost = best[earlier]! + uneven;
        if (cost < next[level]! - EPSILON) {
          next[level] = cost;
          from[level] = earlier;
        }
      }
    }
    cameFrom.push(from);
    best = next;
  }
  let level = best.reduce((least, cost, index) => (cost < best[least]! - EPSILON ? index : least), 0);
  if (!Number.isFinite(best[level]!)) return null;
  const portions: Span[] = [];
  for (let portion = count - 1; portion >= 0; portion--) {
    portions.unshift({ fromMm: placeAt(portion, level), toMm: placeAt(portion + 1, level) });
    level = cameFrom[portion]![level]!;
  }
  return portions;
}

const GRID_STEPS = 900;

/** Portions of unlike weights within tolerance, on a grid along the weight axis; null if the grid cannot hold `count` of them. */
export function variedPortions(shape: CutShape, wanted: Wanted, count: number): Span[] | null {
  const { massG } = shape.side;
  const stepG = massG / GRID_STEPS;
  const places = Array.from({ length: GRID_STEPS + 1 }, (_, index) => shape.positionOfMm(index * stepG));
  const shortest = Math.max(1, Math.ceil(wanted.lowG / stepG - EPSILON));
  const longest = Math.floor(wanted.highG / stepG + EPSILON);
  // spread of weight counts first: a gram of it outweighs any difference of thickness
  const window = Math.max(0, longest - shortest + 1);
  const costs = new Float64Array((GRID_STEPS + 1) * window).fill(-1);
  const costOf = (start: number, end: number): number => {
    const at = start * window + end - start - shortest;
    if (costs[at]! >= 0) return costs[at]!;
    const short = places[end]! - places[start]! < wanted.minPieceMm - EPSILON;
    const { minMm, maxMm } = shape.thicknessBetween(places[start]!, places[end]!);
    costs[at] = short ? Infinity : ((end - start) * stepG - wanted.portionG) ** 2 + 1e-4 * (maxMm - minMm);
    return costs[at];
  };
  let reach = new Float64Array(GRID_STEPS + 1);
  const chosen: Int32Array[] = [];
  for (let portion = 0; portion < count; portion++) {
    const ended = new Float64Array(GRID_STEPS + 1).fill(Infinity);
    const from = new Int32Array(GRID_STEPS + 1).fill(-1);
    // room must be left for the portions before and after
    const lastStart = GRID_STEPS - (count - portion) * shortest;
    for (let start = portion * shortest; start <= lastStart; start++) {
      if (!Number.isFinite(reach[start]!)) continue;
      for (let end = start + shortest; end <= Math.min(start + longest, GRID_STEPS); end++) {
        const cost = reach[start]! + costOf(start, end);
        if (cost < ended[end]!) {
          ended[end] = cost;
          from[end] = start;
        }
      }
    }
    // carry the best end on over trim: a portion may start anywhere after the one before it
    const carried = new Int32Array(GRID_STEPS + 1);
    let [least, where] = [Infinity, -1];
    const next = new Float64Array(GRID_STEPS + 1);
    for (let index = 0; index <= GRID_STEPS; index++) {
      if (ended[index]! < least) [least, where] = [ended[index]!, index];
      next[index] = least;
      carried[index] = where;
    }
    chosen.push(from, carried);
    reach = next;
  }
  if (!Number.isFinite(reach[GRID_STEPS]!)) return null;
  const portions: Span[] = [];
  let index = GRID_STEPS;
  for (let portion = count - 1; portion >= 0; portion--) {
    const end = chosen[portion * 2 + 1]![index]!;
    const start = chosen[portion * 2]![end]!;
    portions.unshift({ fromMm: places[start]!, toMm: places[end]! });
    index = start;
  }
  return portions;
}
