import { assert } from "@/core/shared";

/** How a search for a time ended. */
export type TimeFound =
  | { readonly kind: "found"; readonly seconds: number; readonly runs: number }
  | { readonly kind: "below"; readonly valueAtLow: number }
  | { readonly kind: "above"; readonly valueAtHigh: number };

/**
 * The time at which a rising function reaches `wanted`, to `toleranceS` or `toleranceValue`, by false position with the Illinois step. `below`: it is
 * already past at `lowS`; `above`: not reached at `highS`.
 */
export function timeToReach(
  rising: (seconds: number) => number,
  wanted: number,
  [lowS, highS]: readonly [number, number],
  { toleranceS, toleranceValue }: { readonly toleranceS: number; readonly toleranceValue: number },
  firstGuessS?: number,
): TimeFound {
  assert(highS > lowS, `the bracket must be open, got ${lowS} to ${highS} s`);
  let [a, b] = [lowS, highS];
  let fa = rising(a) - wanted;
  if (fa >= 0) return { kind: "below", valueAtLow: fa + wanted };
  let runs = 1;
  // walk out from the guess before paying for the far end
  let fb = -1;
  for (let reach = firstGuessS ?? highS; ; reach = Math.min(highS, reach * 2)) {
    fb = rising(reach) - wanted;
    runs++;
    b = reach;
    if (fb >= 0) break;
    if (reach >= highS) return { kind: "above", valueAtHigh: fb + wanted };
    [a, fa] = [reach, fb];
  }
  let side = 0;
  while (b - a > toleranceS && runs < 60) {
    const middle = a - (fa * (b - a)) / (fb - fa);
    const value = rising(middle) - wanted;
    runs++;
    if (Math.abs(value) < toleranceValue) return { kind: "found", seconds: middle, runs };
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
  return { kind: "found", seconds: (a + b) / 2, runs };
}
