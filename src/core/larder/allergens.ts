import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";

/** What is known of one allergen in a lot. `free` is said by a label or by what the thing is, never by missing data. */
export type AllergenState = "contains" | "may" | "unknown" | "free";
export type Allergens = Readonly<Record<AllergenId, AllergenState>>;

export const allergenStates = (state: (id: AllergenId) => AllergenState): Allergens =>
  Object.fromEntries(ALLERGEN_IDS.map((id) => [id, state(id)])) as Allergens;

/** As a label says it: what it does not name is free only where it was read to the end. */
export const allergensByLabel = (contains: readonly AllergenId[], wholeLabelRead: boolean): Allergens =>
  allergenStates((id) => (contains.includes(id) ? "contains" : wholeLabelRead ? "free" : "unknown"));

const WORST_LAST = ["free", "unknown", "may", "contains"] as const satisfies readonly AllergenState[];

const worseOf = (one: AllergenState, other: AllergenState): AllergenState =>
  WORST_LAST.indexOf(one) > WORST_LAST.indexOf(other) ? one : other;

/** Several things together: contains beats may, may beats not known, and free is only what all of them say. */
export const allergensTogether = (all: readonly Allergens[]): Allergens =>
  all.length === 1
    ? all[0]!
    : allergenStates((id) => all.reduce<AllergenState>((worst, one) => worseOf(worst, one[id]), "free"));
