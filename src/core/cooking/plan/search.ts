import { clamp, crossing, type Point } from "@/core/numeric";
import { assert } from "@/core/shared";

/** How a search for a time ended. */
export type TimeFound =
  | { readonly kind: "found"; readonly seconds: number }
  | { readonly kind: "below"; readonly valueAtLow: number }
  | { readonly kind: "above"; readonly valueAtHigh: number };

type Within = readonly [lowS: number, highS: number];
type Closeness = { readonly toleranceS: number; readonly toleranceValue: number };

/** Two moments so close are the same, s. */
const SAME_S = 1e-6;

/** A number that rises with time and is dear to work out: what was found of it is remembered, and the next search begins there. */
export class Rising {
  readonly #known: Point[] = [];

  constructor(readonly valueOf: (seconds: number) => number) {}

  at(seconds: number): number {
    const value = this.valueOf(seconds);
    const after = this.#known.findIndex(([knownS]) => knownS > seconds);
    this.#known.splice(after < 0 ? this.#known.length : after, 0, [seconds, value]);
    return value;
  }

  /** What is known between two moments, in order of time. */
  within([lowS, highS]: Within): readonly Point[] {
    return this.#known.filter(([seconds]) => seconds > lowS - SAME_S && seconds < highS + SAME_S);
  }
}

/**
 * The time at which a rising function reaches `wanted`, to `toleranceS` or `toleranceValue`, by false position with the Illinois step
 * (Dowell and Jarratt 1971). `below`: it is already past at `lowS`; `above`: not reached at `highS`. The ends themselves are looked at
 * only where nothing nearer encloses it.
 */
export function timeToReach(
  rising: Rising,
  wanted: number,
  within: Within,
  closeness: Closeness,
  firstGuessS = within[1],
): TimeFound {
  const [lowS, highS] = within;
  assert(highS > lowS, `the bracket must be open, got ${lowS} to ${highS} s`);
  for (;;) {
    const known = rising.within(within);
    const past = known.findIndex(([, value]) => value >= wanted);
    if (past > 0) return { kind: "found", seconds: between(rising, wanted, known[past - 1]!, known[past]!, closeness) };
    const nextS =
      known.length === 0
        ? clamp(firstGuessS, lowS, highS)
        : past < 0
          ? laterS(known, wanted, highS)
          : earlierS(known, wanted, lowS);
    if (nextS === null)
      return past < 0 ? { kind: "above", valueAtHigh: known.at(-1)![1] } : { kind: "below", valueAtLow: known[0]![1] };
    rising.at(nextS);
  }
}

/** A step past where the straight line through two points would have it: it shall enclose. */
const OVERSHOOT = 1.2;
/** The first look before a point that is past it lies so far on the way to the low end; after so many the end itself is looked at. */
const FIRST_BACK = 0.25;
const LOOKS_BACK = 3;

/** A look goes at least this share of the way it may go: nearer it would tell nothing new. */
const LEAST_SHARE = 0.05;

const lineTo = (from: Point, through: Point, wanted: number): number =>
  through[1] === from[1] ? Infinity : from[0] + OVERSHOOT * (crossing(from, through, wanted) - from[0]);

/** Where to look when all that is known is too little; null: the high end is too little. */
function laterS(known: readonly Point[], wanted: number, highS: number): number | null {
  const last = known.at(-1)!;
  const before = known.at(-2);
  if (last[0] > highS - SAME_S) return null;
  const farS = Math.min(highS, 2 * last[0] + 1);
  const nearS = last[0] + LEAST_SHARE * (farS - last[0]);
  return before ? clamp(lineTo(last, before, wanted), nearS, farS) : farS;
}

/** Where to look when all that is known is past it; null: so is the low end. */
function earlierS(known: readonly Point[], wanted: number, lowS: number): number | null {
  const [first, second] = known as readonly [Point, ...Point[]];
  if (first[0] < lowS + SAME_S) return null;
  if (known.length > LOOKS_BACK) return lowS;
  const backS = first[0] - FIRST_BACK * (first[0] - lowS);
  const byLineS = second ? lineTo(first, second, wanted) : backS;
  return clamp(Number.isFinite(byLineS) ? byLineS : backS, lowS, first[0] - LEAST_SHARE * (first[0] - lowS));
}

const MOST_LOOKS = 60;

function between(rising: Rising, wanted: number, before: Point, after: Point, closeness: Closeness): number {
  const { toleranceS, toleranceValue } = closeness;
  let [a, b] = [before[0], after[0]];
  let [fa, fb] = [before[1] - wanted, after[1] - wanted];
  if (fb < toleranceValue) return b;
  if (-fa < toleranceValue) return a;
  let side = 0;
  for (let runs = 0; b - a > toleranceS && runs < MOST_LOOKS; runs++) {
    const middle = a - (fa * (b - a)) / (fb - fa);
    const value = rising.at(middle) - wanted;
    if (Math.abs(value) < toleranceValue) return middle;
    if (value < 0) {
      [a, fa] = [middle, value];
      if (side === -1) fb /= 2;
      side = -1;
    } else {
      [b, fb] = [middle, value];
      if (side === 1) fa /= 2;
      side = 1;
    }
  }
  return (a + b) / 2;
}
