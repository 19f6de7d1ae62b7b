import { USUAL_ANATOMY } from "./data/families";
import { decidingFamily, familyOf, hazardsOf, histamineOf } from "./hazards";
import type { Species } from "./types";

/** What a house says of a species of its own; the rest follows the nearest one in the table. */
export type HouseSpecies = {
  readonly id: string;
  readonly name: string;
  readonly scientificName: string;
  /** Asked for since hazards hang on it; null in what was entered before. */
  readonly family?: string | null;
  readonly marketNames: readonly { readonly language: string; readonly name: string }[];
  readonly likeId: string;
  readonly iceLifeDays: number;
  readonly skinlessPct: number;
  readonly histamineFormer: Species["histamineFormer"];
  readonly rawUse: Species["rawUse"];
};

/**
 * The house's species as every view sees it: its own facts over those of the species it is like. Group, anatomy and hazards come from
 * its family; the likeness lends composition, doneness and cuts, and never takes a hazard away.
 */
export function houseSpecies(own: HouseSpecies, like: Species): Species {
  const { likeId, skinlessPct, ...facts } = own;
  const family = decidingFamily(own.family ?? null, own.scientificName);
  const known = familyOf({ family, scientificName: own.scientificName });
  const group = like.group === "roe" || !known ? like.group : known.group;
  const alike = group === like.group;
  const skinOnFilletPct =
    like.yield.skinOnFilletPct === null ? null : Math.max(skinlessPct, like.yield.skinOnFilletPct);
  return {
    ...like,
    ...facts,
    family,
    group,
    anatomy: alike && known?.anatomy === USUAL_ANATOMY[group] ? like.anatomy : (known?.anatomy ?? like.anatomy),
    hazards: hazardsOf(family, group, alike ? (like.hazards ?? []) : []),
    histamineFormer: histamineOf(family, own.histamineFormer),
    boughtAs: alike ? like.boughtAs : { form: null, frozen: false, production: null },
    faoCode: null,
    yield: { ...like.yield, skinOnFilletPct, skinlessPct },
    kitchenNote: `Entered by the house; composition, doneness and cuts follow ${like.name} (${likeId}).`,
    mark: {
      origin: "house",
      confidence: { names: "low", composition: "low", yield: "low", life: "low", hazards: known ? "medium" : "low" },
    },
  };
}
