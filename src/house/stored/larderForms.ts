import { z } from "zod";
import type { Allergens, ItemFacts, SpotFacts } from "@/core/larder";
import { storedForm } from "./form";
import { AllergenStates, SomeAllergens } from "./parts";

export const ALLERGENS = storedForm<Allergens>("what is known of allergens", AllergenStates);

const text = z.string().exactOptional();
const number = z.number().exactOptional();
const flag = z.boolean().exactOptional();

export const ITEM_FACTS = storedForm<ItemFacts>(
  "what is known of an item",
  z.looseObject({
    speciesId: text,
    form: text,
    partLabel: z.string().nullable().exactOptional(),
    ingredientId: text,
    isBase: flag,
    centsPerKg: number,
    good: z.unknown().exactOptional(),
    standsFor: text,
    retired: flag,
    preparationId: text,
    portionG: number,
    parCount: number,
    allergens: SomeAllergens.exactOptional(),
  }),
);

export const SPOT_FACTS = storedForm<SpotFacts>(
  "what is known of a spot",
  z.looseObject({ netPowerW: number, areaM2: number, usualC: number }),
);

/** What every kind of making keeps of itself; each kind reads its own. */
export const MAKE_FACTS = storedForm<Readonly<Record<string, unknown>>>(
  "what was made",
  z.record(z.string(), z.unknown()),
);
