import { z } from "zod";
import { ADDITION_KINDS, type Ingredient } from "@/core/butter";
import { ALLERGEN_IDS } from "@/core/safety";

const pct = z.number().min(0).max(100);
const allergens = z.array(z.enum(ALLERGEN_IDS));

/** What is stored of a bought good; anything else in the house file is refused, not guessed at. */
export const GoodBody = z.strictObject({
  id: z.string().min(1),
  label: z.string().min(1).max(80),
  use: z.enum(["liquid", "fat", "dairy", "egg", "acid", "flavour", "starch", "sweet", "green"]),
  waterPct: pct,
  fatPct: pct,
  saltPct: pct,
  acidPct: pct,
  acetic: z.boolean(),
  abvPct: pct,
  proteinPct: pct,
  sugarPct: pct,
  gPerMl: z.number().positive(),
  mountsAs: z.enum(ADDITION_KINDS).nullable(),
  allergens,
  mayContain: allergens,
  compound: z.boolean(),
  meltsC: z.tuple([z.number(), z.number()]).nullable().default(null),
  smokesC: z.number().nullable(),
  source: z.string(),
  carbohydratePct: pct.optional(),
}) satisfies z.ZodType<Ingredient>;
