import type { AllergenId } from "@/core/safety";

/** What is known of one allergen in a lot. `free` is said by a label or by what the thing is, never by missing data. */
export type AllergenState = "contains" | "may" | "unknown" | "free";
export type Allergens = Readonly<Record<AllergenId, AllergenState>>;
