import { HOUR_MS } from "@/core/units";
import type { Limits } from "./excursions";
import type { PlaceReading } from "./history";

/** One line of a fridge log: so many hours of a day. */
export const LOG_STEP_H = 2;

/** What a place was read at within one line of the log; null: nobody read it. */
export type LogCell = {
  readonly lowC: number;
  readonly highC: number;
  readonly readings: number;
  /** Some reading was outside the limits. */
  readonly out: boolean;
} | null;

const cellOf = (readings: readonly PlaceReading[], { minC, maxC }: Limits): LogCell => {
  if (readings.length === 0) return null;
  const celsius = readings.map((one) => one.celsius);
  const [lowC, highC] = [Math.min(...celsius), Math.max(...celsius)];
  const out = (maxC !== null && highC > maxC) || (minC !== null && lowC < minC);
  return { lowC, highC, readings: readings.length, out };
};

/** A day of a place as the lines of a log, from `fromMs` to `toMs`, with the whole day at the end. A line without a reading is null. */
export function dayLog(
  readings: readonly PlaceReading[],
  { fromMs, toMs }: { readonly fromMs: number; readonly toMs: number },
  limits: Limits,
): { readonly lines: readonly { readonly fromMs: number; readonly cell: LogCell }[]; readonly day: LogCell } {
  const between = (start: number, end: number) => readings.filter(({ atMs }) => atMs >= start && atMs < end);
  const stepMs = LOG_STEP_H * HOUR_MS;
  const lines = Array.from({ length: Math.ceil((toMs - fromMs) / stepMs) }, (_, index) => {
    const start = fromMs + index * stepMs;
    return { fromMs: start, cell: cellOf(between(start, Math.min(toMs, start + stepMs)), limits) };
  });
  return { lines, day: cellOf(between(fromMs, toMs), limits) };
}
