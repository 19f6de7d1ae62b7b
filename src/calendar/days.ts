import dayjs from "dayjs";
import timezone from "dayjs/plugin/timezone.js";
import utc from "dayjs/plugin/utc.js";

dayjs.extend(utc);
dayjs.extend(timezone);

/** A day of the house, as YYYY-MM-DD in its zone. */
export const todayIn = (timeZone: string, nowMs: number): string => dayjs(nowMs).tz(timeZone).format("YYYY-MM-DD");

export const shiftDay = (day: string, by: number): string => dayjs.utc(day).add(by, "day").format("YYYY-MM-DD");

/** From midnight to midnight in the house's zone, also where the clocks change in between. */
export function dayBounds(day: string, timeZone: string): { readonly fromMs: number; readonly toMs: number } {
  const midnight = (of: string) => dayjs.tz(`${of}T00:00:00`, timeZone).valueOf();
  return { fromMs: midnight(day), toMs: midnight(shiftDay(day, 1)) };
}

/** The first moment of a day of the house. */
export const startOfDayMs = (day: string, timeZone: string): number => dayBounds(day, timeZone).fromMs;

/** A wall-clock time of the house as a moment. */
export function wallClockMs(day: string, minutes: number, seconds: number, timeZone: string): number {
  const two = (value: number) => String(value).padStart(2, "0");
  return dayjs.tz(`${day}T${two(Math.floor(minutes / 60))}:${two(minutes % 60)}:${two(seconds)}`, timeZone).valueOf();
}
