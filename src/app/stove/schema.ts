import { z } from "zod";
import { PAN_IDS } from "@/core/cooking";

/** Made by the tablet, so that a repeated tap is known; not a UUID from the browser, which has none on a plain http address. */
const RequestId = z.string().regex(/^[\w-]{16,64}$/);

export const StartCook = z.strictObject({
  requestId: RequestId,
  batchId: z.string().min(1),
  pieces: z.number().int().min(1).max(40),
  thicknessMm: z.number().min(6).max(80),
  skin: z.boolean(),
  startC: z.number().min(-1).max(40),
  panC: z.number().min(100).max(320),
  ovenC: z.number().min(60).max(300),
  panId: z.enum(PAN_IDS),
  targetC: z.number().min(25).max(85),
});

export const CookTap = z.discriminatedUnion("kind", [
  z.strictObject({
    cookId: z.string().min(1),
    requestId: RequestId,
    kind: z.enum(["paused", "resumed", "advanced", "abandoned"]),
  }),
  z.strictObject({
    cookId: z.string().min(1),
    requestId: RequestId,
    kind: z.literal("extended"),
    seconds: z.number().min(-600).max(600),
  }),
  z.strictObject({
    cookId: z.string().min(1),
    requestId: RequestId,
    kind: z.literal("probed"),
    centreC: z.number().min(-5).max(110),
  }),
]);

export type CookTapInput = z.infer<typeof CookTap>;
