import { keyed } from "@/core/shared";
import { BIVALVES } from "./data/bivalves";
import { CEPHALOPODS } from "./data/cephalopods";
import { CRUSTACEANS } from "./data/crustaceans";
import { FLATFISH } from "./data/flatfish";
import { GASTROPODS } from "./data/gastropods";
import { LARGE_PELAGIC } from "./data/largePelagic";
import { LEAN_ROUND } from "./data/leanRound";
import { OILY_ROUND } from "./data/oilyRound";
import { ROE } from "./data/roe";
import { SALMONIDS } from "./data/salmonids";
import { URCHINS } from "./data/urchins";
import type { Species } from "./types";

export const SPECIES: readonly Species[] = keyed(
  "species",
  [
    ...LEAN_ROUND,
    ...FLATFISH,
    ...SALMONIDS,
    ...OILY_ROUND,
    ...LARGE_PELAGIC,
    ...CRUSTACEANS,
    ...BIVALVES,
    ...GASTROPODS,
    ...CEPHALOPODS,
    ...URCHINS,
    ...ROE,
  ],
  ["parasiteNote", "kitchenNote", "usualDoneness", "because", "label", "why"],
);

const BY_ID: ReadonlyMap<string, Species> = new Map(SPECIES.map((species) => [species.id, species]));

/** A species of the table, or one of the house's own. */
export const findSpecies = (id: string, own: readonly Species[] = []): Species | undefined =>
  BY_ID.get(id) ?? own.find((species) => species.id === id);
