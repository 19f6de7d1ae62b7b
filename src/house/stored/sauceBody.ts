import { z } from "zod";
import type { SauceSpec } from "@/core/butter";

/** So much of a good, as it is stored. */
export const PortionIn = z.strictObject({
  ingredientId: z.string().min(1).max(80),
  massG: z.number().positive().max(100_000),
});

/** What is stored of a sauce's spec; anything else in the house file is refused, not guessed at. */
export const SauceBody = z.strictObject({
  name: z.string().min(1).max(80),
  covers: z.number().int().positive().max(200),
  goesWith: z.array(z.string()),
  base: z.array(PortionIn),
  reduceToMl: z.number().positive().nullable(),
  mount: z.array(PortionIn),
  servedC: z.number().min(0).max(90),
  light: z.boolean().optional(),
  strained: z.boolean(),
  baseKeepsDays: z.number().int().min(0).max(30),
}) satisfies z.ZodType<SauceSpec>;
