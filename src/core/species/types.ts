import type { Composition } from "@/core/matter";

export type SpeciesGroup =
  | "lean-round"
  | "flat"
  | "salmonid"
  | "oily-round"
  | "large-pelagic"
  | "crustacean"
  | "bivalve"
  | "gastropod"
  | "cephalopod"
  | "echinoderm"
  | "roe";
export type DonenessGroup =
  "salmonid" | "white-flake" | "flat" | "dense" | "tuna" | "scallop" | "lobster" | "shrimp" | "squid" | "octopus";
export type SpoilageModel = "temperate" | "tropical";
export type Confidence = "high" | "medium" | "low";

/** How the animal is built: decides how it is taken apart and opened, whatever it is called. */
export type Anatomy =
  | "round"
  | "flat"
  | "large"
  | "monk"
  | "eel"
  | "ray"
  | "shark"
  | "lobster"
  | "spiny-lobster"
  | "crab"
  | "leg-crab"
  | "langoustine"
  | "shrimp"
  | "scallop"
  | "oyster"
  | "mussel"
  | "clam"
  | "snail"
  | "squid"
  | "cuttlefish"
  | "octopus"
  | "urchin"
  | "sea-cucumber"
  | "roe";

/** What an animal can carry into the dish. */
export type HazardId =
  | "parasites"
  | "tapeworm"
  | "flukes"
  | "histamine"
  | "ciguatera"
  | "tetrodotoxin"
  | "gempylotoxin"
  | "mercury"
  | "blood-toxin"
  | "tetramine"
  | "vibrio"
  | "norovirus"
  | "biotoxins"
  | "listeria";

/** How it came in. */
export type Form =
  | "whole-ungutted"
  | "whole-gutted"
  | "headed-gutted"
  | "side"
  | "fillet"
  | "loin"
  | "smoked"
  | "live"
  | "raw-whole"
  | "tails"
  | "cooked"
  | "picked"
  | "shucked"
  | "cleaned"
  | "tongues"
  | "sacs"
  | "loose-eggs"
  | "by-product";

/** Families of figures whose confidence is marked apart. */
export type FactFamily = "names" | "composition" | "yield" | "life" | "hazards";

export type Species = {
  readonly id: string;
  readonly name: string;
  /** Trade names by language (ISO 639-1). */
  readonly marketNames: readonly {
    readonly language: string;
    readonly name: string;
    /** Other species trade under it too, in the table or not. */
    readonly shared?: boolean;
  }[];
  readonly scientificName: string;
  /** Scientific name of the family; null where a house never said: its hazards are then not known. */
  readonly family: string | null;
  /** FAO 3-alpha code; null where none is certain. */
  readonly faoCode: string | null;
  readonly group: SpeciesGroup;
  readonly anatomy: Anatomy;
  /** Of its family and of itself; null where the family is not known. */
  readonly hazards: readonly HazardId[] | null;
  /** How it usually comes through the door; a form left out is the usual one of its group. */
  readonly boughtAs: {
    readonly form: Form | null;
    readonly frozen: boolean;
    readonly production: "wild" | "farmed" | null;
  };
  readonly flesh: "white" | "pink" | "red";
  readonly donenessGroup: DonenessGroup;
  /** Raw edible portion, g per 100 g. */
  readonly compositionPct: Composition;
  /** Usual main course: thickest point of a slab, or diameter of a cylinder; raw trimmed mass. */
  readonly portion: {
    readonly shape: "slab" | "cylinder" | "sphere" | "puck";
    readonly thicknessMm: number;
    readonly massG: number;
  };
  /** Share of the basis weight; null = not sold that way. */
  readonly yield: {
    readonly basis: string;
    /** How the animal was dressed when it was weighed. */
    readonly dressed: "ungutted" | "gutted" | "headed" | "other";
    readonly skinOnFilletPct: number | null;
    readonly skinlessPct: number | null;
  };
  /** Days from catch, well iced, to the end of acceptable quality. */
  readonly iceLifeDays: number;
  readonly spoilageModel: SpoilageModel;
  readonly histamineFormer: "yes" | "no" | "some";
  readonly rawUse: "usual" | "seldom" | "cured-only" | "none";
  /** A protected species travels with a paper of its own. */
  readonly tradePaper: { readonly label: string; readonly why: string; readonly source: string } | null;
  readonly parasiteNote: string;
  readonly kitchenNote: string;
  readonly usualDoneness: string;
  /** Centre when eaten, °C, as `usualDoneness` says it; null: it is not for the heat. */
  readonly usualCentreC: readonly [low: number, high: number] | null;
  /** Below this it is not offered: the animal itself decides, not the guest. */
  readonly least: { readonly centreC: number; readonly because: string } | null;
  readonly usualMethods: readonly string[];
  /** `house`: entered by the house itself, as far as it knows. */
  readonly mark: {
    readonly origin: "memory" | "house";
    readonly confidence: Readonly<Record<FactFamily, Confidence>>;
  };
};

/** Where each family of figures in the species table comes from; all recalled, none looked up (mark `memory`). */
export const SPECIES_SOURCES = {
  composition: "USDA FoodData Central, raw fish entries (memory); trimmed to sum 99-101",
  yield:
    "Torry Advisory Note 17; Crapo, Paust and Babbitt, Recoveries and Yields from Pacific Fish and Shellfish, 1993; FAO Fisheries Technical Paper 309, 1989 (memory); common practice where none covers it",
  iceLife:
    "Huss, FAO Fisheries Technical Paper 348, 1995, table of ice life (memory); where a published scheme gives more days (herring, halibut) the fewer stand",
  histamine: "FDA Fish and Fishery Products Hazards and Controls Guidance, ch. 3 and 7 (memory)",
  names: "common practice of the trade; FAO ASFIS list for the 3-alpha codes (memory)",
} as const;
