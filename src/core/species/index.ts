export { findSpecies, SPECIES } from "./catalogue";
export { inSentence, shortName } from "./names";
export { searchSpecies, type SpeciesHit } from "./search";
export { SPECIES_SOURCES, type DonenessGroup, type Species, type SpeciesGroup, type SpoilageModel } from "./types";
