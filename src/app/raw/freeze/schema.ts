import { z } from "zod";
import { FREEZER_IDS, WRAP_IDS } from "@/core/raw";

export const BeginFreezing = z.strictObject({
  lotId: z.string().min(1),
  /** Hours from now until the centre should be there, and where that is. */
  reachH: z.number().positive().max(240),
  reachC: z.number().min(-60).max(-10),
  pack: z.strictObject({
    shape: z.enum(["slab", "cylinder", "sphere"]),
    thicknessMm: z.number().min(5).max(250),
    layers: z.number().int().min(1).max(8),
    wrap: z.enum(WRAP_IDS),
    freezer: z.enum(FREEZER_IDS),
    startC: z.number().min(-5).max(30),
  }),
});
