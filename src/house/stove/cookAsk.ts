import { z } from "zod";
import { COOK_FORMS, METHOD_IDS, PAN_IDS } from "@/core/cooking";

const knobC = z.number().min(30).max(1000).optional();

/** How a piece is to be cooked, as the bench asks it. */
export const CookAsk = z.strictObject({
  methodId: z.enum(METHOD_IDS),
  schoolId: z.string().max(40).optional(),
  kit: z.strictObject({
    panC: knobC,
    ovenC: knobC,
    mediumC: knobC,
    secondC: knobC,
    sourceC: knobC,
    distanceMm: z.number().min(20).max(400).optional(),
  }),
  form: z.enum(COOK_FORMS).optional(),
  shape: z.enum(["slab", "cylinder", "sphere", "puck", "tube"]),
  sizeMm: z.number().min(4).max(120),
  skin: z.boolean(),
  startC: z.number().min(-25).max(40),
  panId: z.enum(PAN_IDS),
  goal: z.union([
    z.strictObject({ kind: z.enum(["centre", "doneness"]), targetC: z.number().min(20).max(95) }),
    z.strictObject({ kind: z.literal("rim"), rimMm: z.number().min(1).max(20) }),
    z.strictObject({ kind: z.literal("safe") }),
  ]),
  pieces: z.number().int().min(1).max(80),
});
export type CookAskInput = z.infer<typeof CookAsk>;
