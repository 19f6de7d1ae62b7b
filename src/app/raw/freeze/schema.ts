import { z } from "zod";

export const BeginFreezing = z.strictObject({
  lotId: z.string().min(1),
  /** Hours from now until the centre should be there, and where that is. */
  reachH: z.number().positive().max(240),
  reachC: z.number().min(-60).max(-10),
});
