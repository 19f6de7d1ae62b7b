import { crossing } from "@/core/numeric";
import type { PlaceReading } from "./history";

/** A stretch of a place outside its limits. */
export type Excursion = {
  readonly side: "warm" | "cold";
  readonly fromMs: number;
  readonly toMs: number;
  /** Warmest (or coldest) reading. */
  readonly extremeC: number;
  readonly limitC: number;
  /** The last reading is still outside. */
  readonly open: boolean;
};

export type Limits = { readonly minC: number | null; readonly maxC: number | null };

const crossingMs = (before: PlaceReading, after: PlaceReading, limitC: number): number =>
  crossing([before.atMs, before.celsius], [after.atMs, after.celsius], limitC);

function onSide(readings: readonly PlaceReading[], side: Excursion["side"], limitC: number): Excursion[] {
  const outside = (celsius: number) => (side === "warm" ? celsius > limitC : celsius < limitC);
  const more = (a: number, b: number) => (side === "warm" ? Math.max(a, b) : Math.min(a, b));
  const found: Excursion[] = [];
  type Running = { readonly fromMs: number; readonly extremeC: number };
  let running: Running | null = null as Running | null;
  for (const [index, reading] of readings.entries()) {
    const before = readings[index - 1];
    if (outside(reading.celsius)) {
      const fromMs = before ? crossingMs(before, reading, limitC) : reading.atMs;
      running = running
        ? { ...running, extremeC: more(running.extremeC, reading.celsius) }
        : { fromMs, extremeC: reading.celsius };
    } else if (running && before) {
      found.push({ side, ...running, toMs: crossingMs(before, reading, limitC), limitC, open: false });
      running = null;
    }
  }
  const last = readings.at(-1);
  if (running && last) found.push({ side, ...running, toMs: last.atMs, limitC, open: true });
  return found;
}

/**
 * Stretches outside the limits, oldest first. A short rise while the door stands open is left out (`ignoreUnderMin`, 30 min common
 * practice) unless it is still going on.
 */
export function findExcursions(
  readings: readonly PlaceReading[],
  { minC, maxC }: Limits,
  ignoreUnderMin = 30,
): readonly Excursion[] {
  const warm = maxC === null ? [] : onSide(readings, "warm", maxC);
  const cold = minC === null ? [] : onSide(readings, "cold", minC);
  return [...warm, ...cold]
    .filter(({ fromMs, toMs, open }) => open || toMs - fromMs >= ignoreUnderMin * 60_000)
    .sort((a, b) => a.fromMs - b.fromMs);
}

export type Gap = { readonly fromMs: number; readonly toMs: number };

/** Where readings were missed: more than twice the wanted interval without one, up to now. */
export function missedReadings(readings: readonly PlaceReading[], everyMin: number, nowMs: number): readonly Gap[] {
  const longestMs = 2 * everyMin * 60_000;
  const times = [...readings.map(({ atMs }) => atMs), nowMs];
  return times.flatMap((toMs, index) => {
    const fromMs = times[index - 1];
    return fromMs !== undefined && toMs - fromMs > longestMs ? [{ fromMs, toMs }] : [];
  });
}
