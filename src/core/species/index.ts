export { findSpecies, SPECIES } from "./catalogue";
export { seasonsOf, type Season } from "./data/seasons";
export { FAMILIES, FAMILY_SOURCES, type Family } from "./data/families";
export { carries, familyOf } from "./hazards";
export { allergenOf, GROUP_LABELS, isCooked, isFinfish } from "./groups";
export { inSentence, shortName } from "./names";
export { houseSpecies, type HouseSpecies } from "./own";
export { foldName, searchSpecies, type SpeciesHit } from "./search";
export {
  SPECIES_SOURCES,
  type Anatomy,
  type Confidence,
  type DonenessGroup,
  type FactFamily,
  type Form,
  type HazardId,
  type Species,
  type SpeciesGroup,
  type SpoilageModel,
} from "./types";
