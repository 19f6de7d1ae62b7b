import { z } from "zod";
import { HOLD_WAY_IDS } from "@/core/cooking";
import { CookAsk } from "@/house/stove/cookAsk";
import { t } from "@/words/stove";

/** Where the pieces come from: a batch that was cut, or counted out of a lot as they are. */
const Source = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("batch"), batchId: z.string().min(1) }),
  z.strictObject({ kind: z.literal("lot"), lotId: z.string().min(1), pieceG: z.number().min(1).max(20_000) }),
  z.strictObject({
    kind: z.literal("none"),
    speciesId: z.string().min(1),
    pieceG: z.number().min(1).max(20_000),
  }),
]);

export const StartCook = z.strictObject({
  source: Source,
  ask: CookAsk,
  /** Where its pan stands, in the kitchen's words. */
  panName: z.string().trim().max(24, t("atMost24Letters")).default(""),
});
export type StartCookInput = z.infer<typeof StartCook>;

const sizeMm = z.number().min(4).max(120);
/** A sheet is worked out again by the house: only what was asked comes along. */
export const KeepSheet = z.strictObject({
  speciesId: z.string().min(1),
  pieceG: z.number().min(1).max(20_000),
  ask: CookAsk,
  range: z
    .strictObject({ from: sizeMm, to: sizeMm, step: z.number().min(1).max(20) })
    .refine(({ from, to }) => from <= to, t("theSheetEndsBeforeItBegins")),
});

const minutes = z.number().min(0).max(240);
export const StartHotHold = z.strictObject({
  cookId: z.string().min(1).nullable(),
  title: z.string().trim().min(1, t("sayWhatIsHeldHot")).max(80),
  wayId: z.enum(HOLD_WAY_IDS),
  fromC: z.number().min(20).max(100),
  usedMin: minutes,
});
export const ReadHotHold = z.strictObject({
  holdId: z.string().min(1),
  celsius: z.number(t("typeWhatTheProbeReads")).min(-5).max(110),
});
export const EndHotHold = z.strictObject({ holdId: z.string().min(1), as: z.enum(["served", "thrown-away"]) });
