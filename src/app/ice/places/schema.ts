import { z } from "zod";
import { PLACE_KINDS, type PlaceKind } from "@/core/coldchain";

const KIND_IDS = PLACE_KINDS.map(({ id }) => id) as [PlaceKind, ...PlaceKind[]];
const limit = z.number().min(-80, "Check the limit.").max(30, "Check the limit.").nullable();

export const SetPlace = z.strictObject({
  id: z.string().min(1).nullable(),
  name: z.string().trim().min(1, "What is it called?").max(60, "At most 60 letters."),
  kind: z.enum(KIND_IDS),
  setC: z.number("What is it set to?").min(-80, "Check the set point.").max(30, "Check the set point."),
  minC: limit,
  maxC: limit,
  everyMin: z.number().int().min(1, "At least a minute.").max(1440, "At most a day."),
});

export const TypedReading = z.strictObject({
  placeId: z.string().min(1),
  celsius: z.number("What does it read?").min(-90, "Check the thermometer.").max(60, "Check the thermometer."),
});

export const LoggerFile = z.strictObject({
  placeId: z.string().min(1),
  text: z.string().min(1, "The file is empty.").max(20_000_000, "Over 20 MB: split the file."),
  /** False: only say what would come in. */
  keep: z.boolean(),
  /** Take the good rows although some are bad. */
  goodOnly: z.boolean(),
});

export const Answer = z.strictObject({
  placeId: z.string().min(1),
  excursionFromMs: z.number(),
  action: z.string().trim().min(3, "What was done?").max(400, "At most 400 letters."),
});

export const ProbeInIce = z.strictObject({
  probe: z.string().trim().max(40, "At most 40 letters."),
  celsius: z.number("What does it read in the ice?").min(-20, "Check the probe.").max(20, "Check the probe."),
});

export const PlaceId = z.strictObject({ placeId: z.string().min(1) });
