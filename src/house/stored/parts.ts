import { z } from "zod";
import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";
import { saidAsIs, type Said } from "@/core/shared";
import type { AllergenState, Allergens } from "@/core/larder";

const isValue = (value: unknown): boolean =>
  typeof value === "string" ||
  typeof value === "number" ||
  isSaid(value) ||
  (typeof value === "object" && value !== null && "unit" in value && "value" in value && "digits" in value);

/** Checked by hand: a union that falls back into itself costs a tenth of a millisecond a sentence. */
function isSaid(kept: unknown): kept is Said {
  if (typeof kept !== "object" || kept === null || !("code" in kept) || typeof kept.code !== "string") return false;
  const values: unknown = "values" in kept ? kept.values : {};
  return typeof values === "object" && values !== null && Object.values(values).every(isValue);
}

/** A sentence as the core says it; the first releases kept the words themselves. */
export const Spoken: z.ZodType<Said> = z
  .custom<Said | string>((kept) => typeof kept === "string" || isSaid(kept), "expected a sentence")
  .transform((kept) => (typeof kept === "string" ? saidAsIs(kept) : kept));

/** A word of a closed list whose list is a type alone: that it is a word is checked, which one is not. */
export const word = <T extends string>(): z.ZodType<T> => z.string().min(1) as unknown as z.ZodType<T>;

const State = z.enum(["contains", "may", "unknown", "free"]) satisfies z.ZodType<AllergenState>;
const states = <Each extends z.ZodType>(each: Each) =>
  z.strictObject(Object.fromEntries(ALLERGEN_IDS.map((id) => [id, each])) as Record<AllergenId, Each>);

/** What is known of every allergen; one a later list brings was not known then. */
export const AllergenStates = states(State.default("unknown")) satisfies z.ZodType<Allergens>;
/** What a label says of some. */
export const SomeAllergens = states(State.exactOptional());
