import { dayBounds, todayIn } from "@/calendar/days";
import { MINUTE_MS } from "@/core/units";
import type { Db } from "@/db/connection";
import { checksOf } from "@/db/house/checks";
import type { DayCheck } from "@/house/checks";

/** The checks of the house's today, as they stand now. */
export function todaysChecks(db: Db, timeZone: string, nowMs: number): readonly DayCheck[] {
  const day = todayIn(timeZone, nowMs);
  const { fromMs, toMs } = dayBounds(day, timeZone);
  return checksOf(db, { day, fromMs, toMs, nowMin: Math.floor((nowMs - fromMs) / MINUTE_MS) });
}
