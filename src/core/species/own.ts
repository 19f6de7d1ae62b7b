import type { Species } from "./types";

/** What a house says of a species of its own; the rest follows the nearest one in the table. */
export type HouseSpecies = {
  readonly id: string;
  readonly name: string;
  readonly scientificName: string;
  readonly marketNames: readonly { readonly language: string; readonly name: string }[];
  readonly likeId: string;
  readonly iceLifeDays: number;
  readonly skinlessPct: number;
  readonly histamineFormer: Species["histamineFormer"];
  readonly rawUse: Species["rawUse"];
};

/** The house's species as every view sees it: its own facts over those of the species it is like. */
export function houseSpecies(own: HouseSpecies, like: Species): Species {
  const { likeId, skinlessPct, ...facts } = own;
  const skinOnFilletPct =
    like.yield.skinOnFilletPct === null ? null : Math.max(skinlessPct, like.yield.skinOnFilletPct);
  return {
    ...like,
    ...facts,
    faoCode: null,
    yield: { ...like.yield, skinOnFilletPct, skinlessPct },
    kitchenNote: `Entered by the house; composition, doneness and cuts follow ${like.name} (${likeId}).`,
    mark: { origin: "house", confidence: "low" },
  };
}
