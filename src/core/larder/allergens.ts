import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";

/** What is known of one allergen in a lot. `free` is said by a label or by what the thing is, never by missing data. */
export type AllergenState = "contains" | "may" | "unknown" | "free";
export type Allergens = Readonly<Record<AllergenId, AllergenState>>;

/** As a label says it: what it does not name is free only where it was read to the end. */
export const allergensByLabel = (contains: readonly AllergenId[], wholeLabelRead: boolean): Allergens =>
  Object.fromEntries(
    ALLERGEN_IDS.map((id) => [id, contains.includes(id) ? "contains" : wholeLabelRead ? "free" : "unknown"]),
  ) as Allergens;
