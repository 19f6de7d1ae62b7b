import { sum } from "@/core/numeric";
/** Cents of `massG` out of a lot that has `remainingG` and `remainingCents` left: taking all takes every cent. */
export const centsOf = (remainingCents: number, remainingG: number, massG: number): number =>
  remainingG <= 0 || massG >= remainingG ? remainingCents : Math.round((remainingCents * massG) / remainingG);

/** Whole cents by weight, the largest remainders rounded up, so that none is made or lost. Nothing where nobody weighs anything. */
export function shareCents(cents: number, weights: readonly number[]): readonly number[] {
  const total = sum(weights);
  if (total <= 0) return weights.map(() => 0);
  const exact = weights.map((weight) => (cents * weight) / total);
  const shares = exact.map(Math.floor);
  const missing = cents - sum(shares);
  const byRemainder = exact
    .map((value, index) => [value - Math.floor(value), index] as const)
    .sort((a, b) => b[0] - a[0] || a[1] - b[1]);
  for (const [, index] of byRemainder.slice(0, missing)) shares[index]! += 1;
  return shares;
}
