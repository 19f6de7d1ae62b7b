import { z } from "zod";
import { daysLeftAt, iceDaysUsed } from "@/core/freshness";
import { TraceInput } from "./trace";

export const ClockInput = z.strictObject({
  model: z.enum(["temperate", "tropical"]),
  shelf_life_on_ice_days: z.number().positive().max(1000),
  trace: TraceInput,
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
