import { z } from "zod";
import { daysLeftAt, iceDaysUsed } from "@/core/freshness";

const TracePoint = z.tuple([z.number().min(0).max(1_000_000), z.number().min(-80).max(100)]);

export const ClockInput = z.strictObject({
  model: z.enum(["temperate", "tropical"]),
  shelf_life_on_ice_days: z.number().positive().max(1000),
  trace: z
    .array(TracePoint)
    .min(1, "give at least one reading")
    .max(200_000)
    .superRefine((points, context) => {
      const late = points.findIndex((point, index) => index > 0 && point[0] < points[index - 1]![0]);
      if (late > 0) context.addIssue({ code: "custom", path: [late, 0], message: "readings must be in time order" });
    }),
});

const COLD_ROOMS_C = [0, 2, 5] as const;

export function clock({ model, shelf_life_on_ice_days, trace }: z.infer<typeof ClockInput>) {
  const used = iceDaysUsed(model, trace);
  const left = Math.max(0, shelf_life_on_ice_days - used);
  return {
    ice_days_used: used,
    ice_days_left: left,
    days_left_at: Object.fromEntries(COLD_ROOMS_C.map((roomC) => [String(roomC), daysLeftAt(model, left, roomC)])),
  };
}
