import type { CookPlan } from "./plan";

/** When each piece goes in, s after the first: the thickest at once, the others so that all are ready together. */
export function entryTimes(
  thicknessesMm: readonly number[],
  spread: CookPlan["spread"],
): readonly { readonly thicknessMm: number; readonly afterS: number }[] {
  const ordered = [...thicknessesMm].sort((a, b) => b - a);
  const rangeMm = spread ? spread.thickest.thicknessMm - spread.thinnest.thicknessMm : 0;
  return ordered.map((thicknessMm) => ({
    thicknessMm,
    afterS:
      spread && rangeMm > 0.4
        ? (Math.max(0, spread.thickest.thicknessMm - thicknessMm) / rangeMm) * spread.thinnest.afterThickestS
        : 0,
  }));
}
