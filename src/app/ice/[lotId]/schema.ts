import { z } from "zod";
import { RUNNING_WATER_H } from "@/core/coldchain";
import { FORMS, type Form } from "@/core/freshness";

export const FINISH_REASONS = ["used up", "sent back"] as const;
export type FinishReason = (typeof FINISH_REASONS)[number];
export const WASTE_REASONS = ["spoiled", "warm spell", "dead on ice", "over-ordered", "cut wrong", "dropped"] as const;

const FORM_IDS = FORMS.map(({ id }) => id) as [Form, ...Form[]];
const lotId = z.string().min(1);
const massG = z.number("How much?").positive("How much?").max(2_000_000, "Check the weight.");

export const TakeOff = z.strictObject({ lotId, reason: z.enum(FINISH_REASONS) });
export const Move = z.strictObject({ lotId, placeId: z.string().min(1, "Where to?") });
export const SplitOff = z.strictObject({
  lotId,
  massG,
  form: z.enum(FORM_IDS),
  placeId: z.string().min(1, "Where to?"),
  note: z.string().trim().max(120, "At most 120 letters."),
});
export const OpenPack = z.strictObject({
  lotId,
  openDays: z.number().int("Whole days.").min(1, "At least a day.").max(60, "Check the pack.").nullable(),
});
export const Throw = z.strictObject({ lotId, massG, reason: z.string().trim().min(1, "Why?").max(120) });

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
    plannedH: z.number("How long?").positive("How long?").max(1000, "Over 1000 h: check."),
    note: z.string().trim().max(200),
  }),
  z
    .strictObject({
      kind: z.literal("thaw"),
      lotId,
      plannedH: z.number("How long?").positive("How long?").max(200, "Over 200 h: check."),
      vacuumPack: z.boolean(),
      way: z.enum(["refrigerator", "running-water"]),
    })
    .refine(({ way, plannedH }) => way !== "running-water" || plannedH <= RUNNING_WATER_H, {
      path: ["plannedH"],
      message: `In running water ${RUNNING_WATER_H} h at most: thaw what is thicker in the refrigerator.`,
    }),
  z.strictObject({ kind: z.literal("tag"), lotId, lastServedOn: z.iso.date("The day the last was served.") }),
]);

export const HoldReading = z.strictObject({
  holdId: z.string().min(1),
  celsius: z.number("What does the probe read?").min(-80, "Check the probe.").max(40, "Check the probe."),
});
export const HoldId = z.strictObject({ holdId: z.string().min(1) });
