import { z } from "zod";
import { RUNNING_WATER_H } from "@/core/coldchain";
import { FORMS, type Form } from "@/core/freshness";
import { t } from "@/words/ice";
import { FINISH_REASONS } from "./reasons";

const FORM_IDS = FORMS.map(({ id }) => id) as [Form, ...Form[]];
const lotId = z.string().min(1);
const massG = z.number(t("howMuch2")).positive(t("howMuch2")).max(2_000_000, t("checkTheWeight"));

export const TakeOff = z.strictObject({ lotId, reason: z.enum(FINISH_REASONS) });
export const Move = z.strictObject({ lotId, placeId: z.string().min(1, t("whereTo2")) });
export const SplitOff = z.strictObject({
  lotId,
  massG,
  form: z.enum(FORM_IDS),
  placeId: z.string().min(1, t("whereTo2")),
  note: z.string().trim().max(120, t("atMost120Letters")),
});
export const OpenPack = z.strictObject({
  lotId,
  openDays: z.number().int(t("wholeDays")).min(1, t("atLeastADay")).max(60, t("checkThePack")).nullable(),
});
export const Throw = z.strictObject({ lotId, massG, reason: z.string().trim().min(1, t("why2")).max(120) });

export const BeginHold = z.discriminatedUnion("kind", [
  z.strictObject({
    kind: z.literal("parasite"),
    lotId,
    /** The centre is said to have reached this; null: it will be probed. */
    stated: z.strictObject({ atMs: z.number().int().positive(), celsius: z.number().min(-80).max(0) }).nullable(),
  }),
  z.strictObject({
    kind: z.literal("cure"),
    lotId,
    plannedH: z.number(t("howLong")).positive(t("howLong")).max(1000, t("over1000HCheck")),
    note: z.string().trim().max(200),
  }),
  z
    .strictObject({
      kind: z.literal("thaw"),
      lotId,
      plannedH: z.number(t("howLong")).positive(t("howLong")).max(200, t("over200HCheck")),
      vacuumPack: z.boolean(),
      way: z.enum(["refrigerator", "running-water"]),
    })
    .refine(({ way, plannedH }) => way !== "running-water" || plannedH <= RUNNING_WATER_H, {
      path: ["plannedH"],
      message: t("inRunningWaterRUNNINGWATERHHAt", { hours: RUNNING_WATER_H }),
    }),
  z.strictObject({ kind: z.literal("tag"), lotId, lastServedOn: z.iso.date(t("theDayTheLastWasServed")) }),
]);

export const HoldReading = z.strictObject({
  holdId: z.string().min(1),
  celsius: z.number(t("whatDoesTheProbeRead")).min(-80, t("checkTheProbe")).max(40, t("checkTheProbe")),
});
export const HoldId = z.strictObject({ holdId: z.string().min(1) });
