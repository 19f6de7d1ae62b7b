import { z } from "zod";
import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";
import { saidAsIs, type Said, type SaidValue } from "@/core/shared";
import type { AllergenState, Allergens } from "@/core/larder";

const Value: z.ZodType<SaidValue> = z.lazy(() =>
  z.union([
    z.string(),
    z.number(),
    z.strictObject({ unit: z.string(), value: z.number(), digits: z.number() }) as z.ZodType<SaidValue>,
    Spoken,
  ]),
);

/** A sentence as the core says it; the first releases kept the words themselves. */
export const Spoken: z.ZodType<Said> = z.union([
  z.string().transform(saidAsIs),
  z.strictObject({ code: z.string(), values: z.record(z.string(), Value).exactOptional() }),
]);

/** A word of a closed list whose list is a type alone: that it is a word is checked, which one is not. */
export const word = <T extends string>(): z.ZodType<T> => z.string().min(1) as unknown as z.ZodType<T>;

const State = z.enum(["contains", "may", "unknown", "free"]) satisfies z.ZodType<AllergenState>;
const states = <Each extends z.ZodType>(each: Each) =>
  z.strictObject(Object.fromEntries(ALLERGEN_IDS.map((id) => [id, each])) as Record<AllergenId, Each>);

/** What is known of every allergen; one a later list brings was not known then. */
export const AllergenStates = states(State.default("unknown")) satisfies z.ZodType<Allergens>;
/** What a label says of some. */
export const SomeAllergens = states(State.exactOptional());
