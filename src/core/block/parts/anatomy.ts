import { keyed } from "@/core/shared";
import type { Form } from "@/core/freshness";
import type { Species } from "@/core/species";

/** The animals a station breaks down differently; each has its own drawing. */
export const ANIMAL_IDS = [
  "round-fish",
  "flatfish",
  "monkfish",
  "salmonid",
  "salmonid-side",
  "tuna-loin",
  "lobster",
  "crab",
  "langoustine",
  "shrimp",
  "scallop",
  "oyster",
  "mussel-clam",
  "squid",
  "cuttlefish",
  "octopus",
] as const;
export type AnimalId = (typeof ANIMAL_IDS)[number];

/** Where a part goes. `liquor` and `guts` never become a lot. */
export const PART_USES = keyed(
  "partUses",
  {
    portions: "Portions",
    raw: "Raw plates",
    grill: "Grill, roast, staff",
    cakes: "Cakes and mousseline",
    stock: "Stock and bisque",
    sauce: "Sauces and butters",
    crisp: "Dried and fried crisp",
    waste: "Waste",
  } as const,
  [],
);
export type PartUse = keyof typeof PART_USES;
export const PART_USE_IDS = Object.keys(PART_USES) as [PartUse, ...PartUse[]];

export type Part = {
  readonly id: string;
  readonly label: string;
  /** % of what was on the block: low, usual, high. */
  readonly pct: readonly [low: number, usual: number, high: number];
  readonly use: PartUse;
  readonly form: Form;
  readonly source: string;
  /** The figure is the species' own where its row has one. */
  readonly follows?: "skin-on" | "skinless";
};

export type Step = {
  readonly do: string;
  /** Parts that come off here and are kept. */
  readonly keep: readonly string[];
  readonly care?: string;
  /** Left out where the animal did not come alive. */
  readonly onlyAlive?: boolean;
};

export type Breakdown = {
  readonly id: string;
  readonly animal: AnimalId;
  readonly label: string;
  /** Why one would choose this way over the other. */
  readonly why: string;
  readonly from: readonly Form[];
  readonly fits: (species: Species) => boolean;
  readonly steps: readonly Step[];
  readonly parts: readonly Part[];
  /** Usual first choice where there are several. */
  readonly usual: boolean;
};

/** Parts of a breakdown in the given order, in one line each. */
export const part = (
  id: string,
  label: string,
  pct: readonly [number, number, number],
  use: PartUse,
  form: Form,
  source: string,
  follows?: Part["follows"],
): Part => ({ id, label, pct, use, form, source, ...(follows ? { follows } : {}) });

export const step = (words: string, keep: readonly string[] = [], care?: string): Step => ({
  do: words,
  keep,
  ...(care ? { care } : {}),
});

const CP = "common practice";
/** How each source of a yield is named beside its figure; all are recalled (`memory`). */
export const YIELD_SOURCES = {
  practice: `${CP}, medium`,
  guess: `${CP}, low`,
  torry: "Waterman, Torry Advisory Note 17 (memory, medium)",
  torryHigh: "Waterman, Torry Advisory Note 17; FAO Fisheries Technical Paper 309 (memory, high)",
  alaska: "Crapo, Paust and Babbitt, Recoveries and Yields, 1993 (memory, medium)",
  alaskaHigh: "Crapo, Paust and Babbitt, Recoveries and Yields, 1993 (memory, high)",
  yields: "Lynch, The Book of Yields, 2012 (memory, medium)",
  arithmetic: "arithmetic from the figures above",
} as const;
