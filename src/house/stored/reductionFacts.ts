import { z } from "zod";

const Note = z.union([
  z.strictObject({ seconds: z.number().min(0), massG: z.number().positive() }),
  z.strictObject({ seconds: z.number().min(0), levelMm: z.number().positive() }),
]);

/** What is stored of a reduction that is on the fire, or was. */
export const ReductionFacts = z.object({
  name: z.string().min(1).max(80),
  specId: z.string().nullable(),
  covers: z.number().int().positive(),
  parts: z.array(z.object({ ingredientId: z.string(), ml: z.number().positive() })),
  toMl: z.number().positive(),
  panMm: z.number().positive(),
  netPowerW: z.number().positive(),
  /** The empty pan on the scale. */
  panG: z.number().min(0).nullable(),
  /** How this pan on this burner went before. */
  pace: z.number().positive(),
  notes: z.array(Note),
  open: z.boolean(),
  tookSeconds: z.number().min(0).nullable(),
  modelSeconds: z.number().min(0),
});
export type ReductionFacts = z.infer<typeof ReductionFacts>;
