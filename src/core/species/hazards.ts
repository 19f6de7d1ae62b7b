import { FAMILIES, GROUP_HAZARDS, POISONOUS_GENERA, type Family } from "./data/families";
import type { HazardId, Species, SpeciesGroup } from "./types";

/** The family that decides: a poisonous genus names its own, whatever was written beside it. */
export function decidingFamily(family: string | null, scientificName: string): string | null {
  const genus = scientificName.trim().split(/\s+/)[0] ?? "";
  return POISONOUS_GENERA[genus] ?? family;
}

/** What is known of a family; undefined where the table does not have it. */
export const familyOf = ({
  family,
  scientificName,
}: Pick<Species, "family" | "scientificName">): Family | undefined => {
  const deciding = decidingFamily(family, scientificName);
  return deciding === null || !Object.hasOwn(FAMILIES, deciding) ? undefined : FAMILIES[deciding];
};

/** Hazards of a family in a group, with those an animal has of its own; null where the family is not known. */
export function hazardsOf(
  family: string | null,
  group: SpeciesGroup,
  own: readonly HazardId[] = [],
): readonly HazardId[] | null {
  const known = family !== null && Object.hasOwn(FAMILIES, family) ? FAMILIES[family] : undefined;
  if (!known) return null;
  return [...new Set([...known.hazards, ...GROUP_HAZARDS[group], ...own])];
}

const STRICTNESS = { no: 0, some: 1, yes: 2 } as const;

/** The stricter of what the family forms and what was said of the animal: a likeness never makes it milder. */
export function histamineOf(family: string | null, said: Species["histamineFormer"]): Species["histamineFormer"] {
  const known = family !== null && Object.hasOwn(FAMILIES, family) ? FAMILIES[family] : undefined;
  return known && STRICTNESS[known.histamine] > STRICTNESS[said] ? known.histamine : said;
}

/** Whether an animal can carry it: "unknown" where nobody knows its family. */
export const carries = ({ hazards }: Pick<Species, "hazards">, hazard: HazardId): "yes" | "no" | "unknown" =>
  hazards === null ? "unknown" : hazards.includes(hazard) ? "yes" : "no";
