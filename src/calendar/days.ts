import dayjs from "dayjs";
import timezone from "dayjs/plugin/timezone.js";
import utc from "dayjs/plugin/utc.js";

dayjs.extend(utc);
dayjs.extend(timezone);

export const shiftDay = (day: string, by: number): string => dayjs.utc(day).add(by, "day").format("YYYY-MM-DD");

const MINUTE_MS = 60_000;
const DAY_MS = 1440 * MINUTE_MS;
/** How far from the middle of the night, ms, a zone may have its day begin: clocks change by two hours at most. */
const NIGHT_MS = 3 * 60 * MINUTE_MS;

const exactOffsetMs = (timeZone: string, atMs: number) => dayjs(atMs).tz(timeZone).utcOffset() * MINUTE_MS;

/** Of each day its offset, or null where the clocks change in it: asking the zone takes a third of a millisecond, and a year of a logger asks two million times. */
const steadyMs = new Map<string, number | null>();

function offsetMs(timeZone: string, atMs: number): number {
  const day = Math.floor(atMs / DAY_MS);
  const key = `${timeZone} ${day}`;
  let known = steadyMs.get(key);
  if (known === undefined) {
    const startMs = exactOffsetMs(timeZone, day * DAY_MS);
    known = startMs === exactOffsetMs(timeZone, (day + 1) * DAY_MS) ? startMs : null;
    steadyMs.set(key, known);
  }
  return known ?? exactOffsetMs(timeZone, atMs);
}

/** A day of the house, as YYYY-MM-DD in its zone. */
export const todayIn = (timeZone: string, nowMs: number): string =>
  dayjs.utc(nowMs + offsetMs(timeZone, nowMs)).format("YYYY-MM-DD");

/**
 * The moments a wall clock of the zone showed this, in time order: one as a rule, two in the hour that comes twice in autumn, none in the
 * hour that is left out in spring.
 */
export function wallClockMoments(day: string, minutes: number, seconds: number, timeZone: string): readonly number[] {
  const asUtcMs = Date.parse(`${day}T00:00:00Z`) + minutes * MINUTE_MS + seconds * 1000;
  const offsets = new Set([offsetMs(timeZone, asUtcMs - DAY_MS), offsetMs(timeZone, asUtcMs + DAY_MS)]);
  return [...offsets]
    .map((offset) => asUtcMs - offset)
    .filter((atMs) => atMs + offsetMs(timeZone, atMs) === asUtcMs)
    .sort((a, b) => a - b);
}

/** A wall-clock time of the house as a moment: the first of two, and what is left out as if the clock had not been put forward yet. */
export function wallClockMs(day: string, minutes: number, seconds: number, timeZone: string): number {
  const [first] = wallClockMoments(day, minutes, seconds, timeZone);
  if (first !== undefined) return first;
  const asUtcMs = Date.parse(`${day}T00:00:00Z`) + minutes * MINUTE_MS + seconds * 1000;
  return asUtcMs - offsetMs(timeZone, asUtcMs - DAY_MS);
}

const starts = new Map<string, number>();

/**
 * The first moment of a day of the house, also in a zone that leaves midnight out or has it twice: after it no moment is of a day before,
 * as `todayIn` says it.
 */
export function startOfDayMs(day: string, timeZone: string): number {
  const key = `${day} ${timeZone}`;
  const known = starts.get(key);
  if (known !== undefined) return known;
  const nearMs = wallClockMs(day, 0, 0, timeZone);
  let startMs = nearMs - NIGHT_MS;
  for (let atMs = startMs; atMs <= nearMs + NIGHT_MS; atMs += 15 * MINUTE_MS)
    if (todayIn(timeZone, atMs) < day) startMs = atMs + MINUTE_MS;
  // clocks change on the minute
  while (todayIn(timeZone, startMs) < day) startMs += MINUTE_MS;
  starts.set(key, startMs);
  return startMs;
}

/** From one day's first moment to the next one's in the house's zone, also where the clocks change in between. */
export const dayBounds = (day: string, timeZone: string): { readonly fromMs: number; readonly toMs: number } => ({
  fromMs: startOfDayMs(day, timeZone),
  toMs: startOfDayMs(shiftDay(day, 1), timeZone),
});
