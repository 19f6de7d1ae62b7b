import { z } from "zod";

export const LeftWord = z.strictObject({ note: z.string().trim().max(600) });

export const TakeOverAsk = z.strictObject({
  name: z.string().trim().min(1).max(60),
  /** Of the list that was read. */
  mark: z.string().regex(/^[0-9a-f]{64}$/),
});
