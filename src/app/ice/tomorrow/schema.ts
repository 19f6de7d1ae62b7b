import { z } from "zod";

export const SetCovers = z.strictObject({
  day: z.iso.date("A day, as in 2026-03-31."),
  speciesId: z.string().min(1, "Which fish?"),
  use: z.enum(["raw", "cook"]),
  covers: z.number("How many covers?").int().min(0).max(5000, "Over 5000 covers: check."),
  portionG: z.number("How big is a portion?").positive("How big is a portion?").max(5000, "Check the portion."),
});
