import { z } from "zod";
import { COOK_FORMS, HOLD_WAY_IDS, METHOD_IDS, PAN_IDS } from "@/core/cooking";

/** Made by the tablet, so that a repeated tap is known; not a UUID from the browser, which has none on a plain http address. */
const RequestId = z.string().regex(/^[\w-]{16,64}$/);
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
