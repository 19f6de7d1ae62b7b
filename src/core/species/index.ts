export { findSpecies, SPECIES } from "./catalogue";
export { allergenOf, GROUP_LABELS, isCooked, isFinfish } from "./groups";
export { inSentence, shortName } from "./names";
export { houseSpecies, type HouseSpecies } from "./own";
export { foldName, searchSpecies, type SpeciesHit } from "./search";
export {
  SPECIES_SOURCES,
  type Confidence,
  type DonenessGroup,
  type Species,
  type SpeciesGroup,
  type SpoilageModel,
} from "./types";
