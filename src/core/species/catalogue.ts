import { FLATFISH } from "./data/flatfish";
import { LARGE_PELAGIC } from "./data/largePelagic";
import { LEAN_ROUND } from "./data/leanRound";
import { OILY_ROUND } from "./data/oilyRound";
import { SALMONIDS } from "./data/salmonids";
import type { Species } from "./types";

export const SPECIES: readonly Species[] = [...LEAN_ROUND, ...FLATFISH, ...SALMONIDS, ...OILY_ROUND, ...LARGE_PELAGIC];

const BY_ID: ReadonlyMap<string, Species> = new Map(SPECIES.map((species) => [species.id, species]));

export const findSpecies = (id: string): Species | undefined => BY_ID.get(id);
