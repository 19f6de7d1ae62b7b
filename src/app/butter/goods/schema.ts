import { z } from "zod";
import { USES } from "./uses";
import { ADDITION_KINDS } from "@/core/butter";
import { MEDIA_GOODS } from "@/core/cards";
import { ALLERGEN_IDS } from "@/core/safety";
import { t } from "@/words/shelf";

const pct = z.number(t("perHundredGrams")).min(0, t("perHundredGrams")).max(100, t("perHundredGrams"));
const allergens = z.array(z.enum(ALLERGEN_IDS));

export const KeepGood = z.strictObject({
  label: z.string().trim().min(2, t("whatIsItCalled")).max(80),
  use: z.enum(USES),
  mountsAs: z.enum(ADDITION_KINDS).nullable(),
  fatPct: pct,
  proteinPct: pct,
  carbohydratePct: pct,
  sugarPct: pct,
  saltPct: pct,
  acidPct: pct,
  acetic: z.boolean(),
  abvPct: pct,
  gPerMl: z.number(t("howHeavyIsIt")).min(0.1, t("howHeavyIsIt")).max(3, t("howHeavyIsIt")),
  allergens,
  mayContain: allergens,
  wholeLabelRead: z.boolean(),
  centsPerKg: z.number().int().min(0).max(10_000_000).nullable(),
});
export type KeepGood = z.infer<typeof KeepGood>;

export const PackIn = z.strictObject({
  ingredientId: z.string().min(1).max(80),
  massG: z.number(t("howHeavyIsIt")).positive(t("howHeavyIsIt")).max(500_000),
  cents: z.number().int().min(0).max(10_000_000),
  supplier: z.string().trim().max(80),
  supplierLot: z.string().trim().max(60),
  days: z.number().int().min(1).max(2000).nullable(),
});

export const RetireGood = z.strictObject({ id: z.string().min(1).max(80) });

export const CookWith = z.strictObject({
  id: z.string().min(1).max(80),
  standsFor: z.enum(MEDIA_GOODS).nullable(),
});

export const PriceGood = z.strictObject({
  ingredientId: z.string().min(1).max(80),
  centsPerKg: z.number().int().min(0).max(10_000_000),
});
