import type { FreezePack } from "@/core/raw";

/** A lot that can be frozen, as the bench takes it over. */
export type FreezeLot = {
  readonly id: string;
  readonly title: string;
  readonly speciesId: string;
  readonly startC: number;
  readonly inFreezer: boolean;
};

export type Freezer = { readonly id: string; readonly name: string; readonly setC: number };

/** What the bench asks: the pack as it is stated, the fish in it and the air around it. */
export type FreezeAsk = FreezePack & { readonly speciesId: string; readonly airC: number };

/** A flat bag in the coldest freezer of the house. */
export function firstFreeze(lot: FreezeLot | null, freezers: readonly Freezer[]): FreezeAsk {
  const [coldest] = [...freezers].sort((a, b) => a.setC - b.setC);
  return {
    speciesId: lot?.speciesId ?? "mackerel",
    shape: "slab",
    thicknessMm: 25,
    layers: 1,
    wrap: "bag",
    freezer: "blast",
    airC: coldest?.setC ?? -30,
    startC: Math.max(0, lot && !lot.inFreezer ? lot.startC : 3),
  };
}
