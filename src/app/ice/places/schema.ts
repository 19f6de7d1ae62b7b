import { z } from "zod";
import { PLACE_KINDS, type PlaceKind } from "@/core/coldchain";
import { t } from "@/words/ice";
import { PART_READINGS } from "./loggerPart";

const KIND_IDS = PLACE_KINDS.map(({ id }) => id) as [PlaceKind, ...PlaceKind[]];
const limit = z.number().min(-80, t("checkTheLimit")).max(30, t("checkTheLimit")).nullable();

export const SetPlace = z.strictObject({
  id: z.string().min(1).nullable(),
  name: z.string().trim().min(1, t("whatIsItCalled")).max(60, t("atMost60Letters")),
  kind: z.enum(KIND_IDS),
  setC: z.number(t("whatIsItSetTo")).min(-80, t("checkTheSetPoint")).max(30, t("checkTheSetPoint")),
  minC: limit,
  maxC: limit,
  everyMin: z.number().int().min(1, t("atLeastAMinute")).max(1440, t("atMostADay")),
});

export const TypedReading = z.strictObject({
  placeId: z.string().min(1),
  celsius: z.number(t("whatDoesItRead")).min(-90, t("checkTheThermometer")).max(60, t("checkTheThermometer")),
});

/** A part of a logger's file, as two columns: tens of thousands of pairs take the way into the house too long. */
export const LoggerReadings = z
  .strictObject({
    placeId: z.string().min(1),
    atMs: z
      .array(z.number().int().min(0, t("checkTheThermometer")))
      .min(1, t("theFileIsEmpty"))
      .max(PART_READINGS),
    celsius: z.array(z.number().min(-90, t("checkTheThermometer")).max(120, t("checkTheThermometer"))),
  })
  .refine(({ atMs, celsius }) => atMs.length === celsius.length, t("checkTheThermometer"));

export const Answer = z
  .strictObject({
    placeId: z.string().min(1),
    excursionFromMs: z.number(),
    act: z.discriminatedUnion("kind", [
      z.strictObject({ kind: z.literal("said") }),
      z.strictObject({
        kind: z.literal("probed"),
        warmestC: z.number(t("whatDoesTheWarmestFishRead")).min(-40, t("checkTheProbe")).max(40, t("checkTheProbe")),
      }),
      z.strictObject({ kind: z.literal("moved"), toPlaceId: z.string(t("whereTo2")).min(1, t("whereTo2")) }),
      z.strictObject({ kind: z.literal("thrown") }),
    ]),
    words: z.string().trim().max(400, t("atMost400Letters")),
  })
  .refine(({ act, words }) => act.kind !== "said" || words.length >= 3, {
    message: t("whatWasDone2"),
    path: ["words"],
  });

export const ProbeInIce = z.strictObject({
  probe: z.string().trim().max(40, t("atMost40Letters")),
  celsius: z.number(t("whatDoesItReadInThe")).min(-20, t("checkTheProbe")).max(20, t("checkTheProbe")),
});

export const PlaceId = z.strictObject({ placeId: z.string().min(1) });
