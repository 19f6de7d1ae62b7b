import erfc from "@stdlib/math-base-special-erfc";
import { bisect } from "./search";
import { mean } from "./sums";

/** The share of a standard normal distribution below so many standard deviations. */
export const normalBelow = (deviations: number): number => erfc(-deviations / Math.SQRT2) / 2;

/** Standard deviations below which that share lies: by halving between -6 and 6, to 1e-11. */
export const normalQuantile = (share: number): number =>
  mean(bisect((deviations) => normalBelow(deviations) >= share, [-6, 6], 40));
