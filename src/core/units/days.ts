import { assert } from "@/core/shared";
import { DAY_MS } from "./convert";

/** A calendar day of the house, `YYYY-MM-DD`; rules that count calendar days count these, never hours. */
export type Day = string;

const midnightUtc = (day: Day): number => {
  const ms = Date.parse(`${day}T00:00:00Z`);
  assert(Number.isFinite(ms), `not a day: ${day}`);
  return ms;
};

export const addDays = (day: Day, days: number): Day =>
  new Date(midnightUtc(day) + days * DAY_MS).toISOString().slice(0, 10);

/** Whole days from one day to another; negative when `to` comes first. */
export const daysFromTo = (from: Day, to: Day): number => Math.round((midnightUtc(to) - midnightUtc(from)) / DAY_MS);
