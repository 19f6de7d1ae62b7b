import type { LineShape } from "@/core/heat";
import { keyed } from "@/core/shared";

/** Air of a freezer around a pack, W/m²K (memory, medium; work values and ranges of food-engineering texts). */
export const FREEZERS = keyed(
  "freezers",
  {
    blast: { label: "Blast freezer", hWPerM2K: 25, low: 15, high: 50 },
    fan: { label: "Freezer with a fan", hWPerM2K: 15, low: 10, high: 25 },
    still: { label: "Chest or upright, still air", hWPerM2K: 8, low: 5, high: 12 },
  } as const,
  ["label"],
);
export type FreezerId = keyof typeof FREEZERS;
export const FREEZER_IDS = Object.keys(FREEZERS) as [FreezerId, ...FreezerId[]];

/** Resistance of what is around the fish, m²K/W (computed from thickness and conductivity; memory, medium). */
export const WRAPS = keyed(
  "wraps",
  {
    none: { label: "Bare, on a tray", resistance: 0 },
    bag: { label: "Vacuum bag", resistance: 0.0008 },
    loose: { label: "Loose bag with air", resistance: 0.02 },
    carton: { label: "Carton", resistance: 0.05 },
  } as const,
  ["label"],
);
export type WrapId = keyof typeof WRAPS;
export const WRAP_IDS = Object.keys(WRAPS) as [WrapId, ...WrapId[]];

/** A pack as the cook states it. */
export type FreezePack = {
  readonly shape: LineShape["kind"];
  /** Thickness or diameter of one piece. */
  readonly thicknessMm: number;
  /** Slabs laid flat on each other freeze as one. */
  readonly layers: number;
  readonly wrap: WrapId;
  readonly freezer: FreezerId;
  readonly startC: number;
};
