import { z } from "zod";
import { t } from "@/words/shelf";

const portion = z.strictObject({
  ingredientId: z.string().min(1).max(80),
  massG: z.number(t("soMuchOfIt")).positive(t("soMuchOfIt")).max(100_000),
});

export const KeepSauce = z
  .strictObject({
    /** The sauce that is changed; null: a new one. */
    specId: z.string().min(1).max(80).nullable(),
    name: z.string().trim().min(2, t("nameTheSauce")).max(80, t("nameTheSauce")),
    covers: z
      .number(t("howManyCovers"))
      .int(t("howManyCovers"))
      .min(1, t("howManyCovers"))
      .max(200, t("howManyCovers")),
    goesWith: z.array(z.string().max(80)).max(40),
    base: z.array(portion).max(20),
    reduceToMl: z.number().positive().max(50_000).nullable(),
    mount: z.array(portion).max(20),
    servedC: z.number().min(0).max(90),
    light: z.boolean(),
    strained: z.boolean(),
    baseKeepsDays: z.number().int().min(0).max(30),
  })
  .refine(({ base, mount }) => base.length + mount.length > 0, { message: t("somethingHasToGoIn"), path: ["base"] });
