import { keyed } from "@/core/shared";
/**
 * Depth that turns white and firm in lime or lemon juice of pH 2.2-2.5 at 5 °C: 0.3 mm × √minutes, 0.2 to 0.45 by fish (common practice
 * scaled, low). Fat fish and skin are slower.
 */
export const WHITENING = {
  mmPerRootMin: 0.3,
  lowMmPerRootMin: 0.2,
  highMmPerRootMin: 0.45,
  source: "depth 0.3 mm × √min, 0.2 to 0.45 (common practice scaled, low)",
} as const;

export type Whitening = {
  readonly depthMm: number;
  readonly lowMm: number;
  readonly highMm: number;
  /** Share of the thickness still raw in the middle. */
  readonly rawShare: number;
};

/** How deep acid has gone into a slice or cube after `minutes`; both faces of a slice, every side of a cube. */
export function whiteningAt(thicknessMm: number, minutes: number): Whitening {
  const root = Math.sqrt(minutes);
  const half = thicknessMm / 2;
  const depth = (coefficient: number) => Math.min(half, coefficient * root);
  const depthMm = depth(WHITENING.mmPerRootMin);
  return {
    depthMm,
    lowMm: depth(WHITENING.lowMmPerRootMin),
    highMm: depth(WHITENING.highMmPerRootMin),
    rawShare: 1 - depthMm / half,
  };
}

/** Minutes until only `rawShare` of the thickness is still raw: 0 is white through. */
export function minutesToWhiten(
  thicknessMm: number,
  rawShare: number,
): { readonly low: number; readonly usual: number; readonly high: number } {
  const depthMm = (thicknessMm / 2) * (1 - rawShare);
  const minutes = (coefficient: number) => (depthMm / coefficient) ** 2;
  return {
    low: minutes(WHITENING.highMmPerRootMin),
    usual: minutes(WHITENING.mmPerRootMin),
    high: minutes(WHITENING.lowMmPerRootMin),
  };
}

/** Schools of citrus cures, as the raw share left in the middle. */
export const CITRUS_SCHOOLS = keyed(
  "citrus",
  [
    {
      id: "flash",
      label: "Dressed to order, hardly white",
      rawShare: 0.8,
      why: "the fish tastes of itself; leaves no room for waiting",
    },
    {
      id: "rare",
      label: "White rim, raw middle",
      rawShare: 0.5,
      why: "default: firm outside, tender inside, ten minutes of grace",
    },
    { id: "through", label: "White through", rawShare: 0, why: "holds longest on the pass; chalky when forgotten" },
  ] as const,
  ["label", "why"],
);
