import { z } from "zod";
import { t } from "@/words/block";

const minutes = z
  .number()
  .min(0)
  .max(24 * 60);

const Step = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("brined"), brinePct: z.number().min(0.5).max(26), minutes }),
  z.strictObject({
    kind: z.literal("evened"),
    targetPct: z.number().min(0.2).max(6),
    waterPerFish: z.number().min(0.3).max(10),
  }),
  z.strictObject({ kind: z.literal("stuffed"), stuffingG: z.number().min(1).max(2000) }),
  z.strictObject({
    kind: z.literal("rolled"),
    lengthMm: z.number().min(20).max(1000),
    widthMm: z.number().min(10).max(500),
  }),
  z.strictObject({ kind: z.literal("tied"), widthMm: z.number().min(10).max(500) }),
  z.strictObject({ kind: z.literal("skewered") }),
  z.strictObject({ kind: z.literal("breaded"), coatMm: z.number().min(0.2).max(10) }),
  z.strictObject({ kind: z.literal("dried"), minutes }),
  z.strictObject({ kind: z.literal("tempered"), roomC: z.number().min(5).max(40), minutes }),
]);

export const NewPreparation = z.strictObject({
  batchId: z.string().min(1),
  steps: z.array(Step).max(8, t("eightStepsAreEnoughForOne")),
});
