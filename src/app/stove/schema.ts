import { z } from "zod";
import { HOLD_WAY_IDS } from "@/core/cooking";
import { CookAsk } from "@/house/cookAsk";

/** Made by the tablet, so that a repeated tap is known; not a UUID from the browser, which has none on a plain http address. */
const RequestId = z.string().regex(/^[\w-]{16,64}$/);
/** Where the pieces come from: a batch that was cut, or counted out of a lot as they are. */
const Source = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("batch"), batchId: z.string().min(1) }),
  z.strictObject({ kind: z.literal("lot"), lotId: z.string().min(1), pieceG: z.number().min(1).max(20_000) }),
]);

export const StartCook = z.strictObject({ requestId: RequestId, source: Source, ask: CookAsk });

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

const stage = z.strictObject({ name: z.string().max(60), seconds: z.number() });
const figure = z.number().nullable();
export const KeepSheet = z.strictObject({
  speciesId: z.string().min(1),
  pieceG: z.number().min(1).max(20_000),
  ask: CookAsk,
  rows: z
    .array(
      z.strictObject({
        thicknessMm: z.number(),
        stages: z.array(stage).max(8),
        pullC: figure,
        peakC: figure,
        earlyS: figure,
        lateS: figure,
        band: z
          .enum(["translucent", "mi-cuit", "medium", "just-flaking", "done", "dry", "tender", "open", "hot"])
          .nullable(),
        refusal: z.string().max(300).nullable(),
      }),
    )
    .min(1)
    .max(80),
});

const minutes = z.number().min(0).max(240);
export const StartHotHold = z.strictObject({
  requestId: RequestId,
  cookId: z.string().min(1).nullable(),
  title: z.string().trim().min(1, "Say what is held hot.").max(80),
  wayId: z.enum(HOLD_WAY_IDS),
  fromC: z.number().min(20).max(100),
  usedMin: minutes,
});
export const ReadHotHold = z.strictObject({
  requestId: RequestId,
  holdId: z.string().min(1),
  celsius: z.number("Type what the probe reads.").min(-5).max(110),
});
export const EndHotHold = z.strictObject({ holdId: z.string().min(1), as: z.enum(["served", "thrown-away"]) });
