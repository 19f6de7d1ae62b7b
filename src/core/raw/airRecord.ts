import { freezingMaterial, simulateHeat } from "@/core/heat";
import { FLESH_FREEZES_C, type Composition } from "@/core/matter";
import { judgeParasiteHold, ROUNDING_K, type ParasiteRuleId, type ParasiteVerdict } from "@/core/safety";
import { err, ok, type Result, said, type Said } from "@/core/shared";
import { HOUR_MS } from "@/core/units";
import { FREEZERS, WRAPS, type FreezePack } from "./freezePack";
import { shapeOf } from "./packFreezing";

type Reading = { readonly atMs: number; readonly celsius: number };

export type AirRecordRequest = {
  readonly composition: Composition;
  readonly pack: FreezePack;
  readonly ruleId: ParasiteRuleId;
  readonly startedAtMs: number;
  /** What the freezer read, in time order. */
  readonly air: readonly Reading[];
};

/**
 * What the air of a freezer says of a pack as it was stated. It is a reckoning from a statement: it says when to probe and what the probe
 * should find, and meets no rule by itself.
 */
export type AirRecord = {
  /** The rule, asked of the reckoned centre. */
  readonly judged: ParasiteVerdict;
  /** When the reckoned centre was where the option begins to count; null: not yet. */
  readonly reachedAtMs: number | null;
  /** Reckoned centre where the record ends, °C. */
  readonly centreC: number;
  readonly followedToMs: number;
  /** The record has a hole from here on and is followed no further; null: whole. */
  readonly brokenAtMs: number | null;
};

/** Air is known only so long after a reading, h: doors and defrosts move it within the hour (ours). */
export const AIR_GAP_H = 2;
const LONGEST_H = 240;
const SAMPLE_S = 900;
const CELLS = 41;
/** Air is taken in steps of so many kelvin, rounded to the warm side, so that a steady freezer is few stages. */
const AIR_STEP_K = 0.5;

/** The part of the record that hangs together from the start. */
function unbroken(startedAtMs: number, air: readonly Reading[]) {
  const kept: Reading[] = [];
  let lastMs = startedAtMs;
  for (const reading of air) {
    if (reading.atMs - lastMs > AIR_GAP_H * HOUR_MS) return { kept, brokenAtMs: lastMs };
    kept.push(reading);
    lastMs = Math.max(lastMs, reading.atMs);
  }
  return { kept, brokenAtMs: null };
}

/** Stretches of one air temperature: the warmer end of every step between two readings, like ones put together. */
function stretches(fromMs: number, air: readonly Reading[]): { seconds: number; airC: number }[] {
  const made: { seconds: number; airC: number }[] = [];
  const first = air[0];
  if (!first) return made;
  let before: Reading = { atMs: fromMs, celsius: first.celsius };
  for (const reading of air) {
    const seconds = (reading.atMs - before.atMs) / 1000;
    if (seconds > 0) {
      const airC = Math.ceil(Math.max(before.celsius, reading.celsius) / AIR_STEP_K) * AIR_STEP_K;
      const last = made.at(-1);
      if (last?.airC === airC) last.seconds += seconds;
      else made.push({ seconds, airC });
    }
    // what was read before it went in tells the air at the start and is no time in the cold
    before = { atMs: Math.max(reading.atMs, fromMs), celsius: reading.celsius };
  }
  return made;
}

/** Follows a stated pack through the freezer's own record, with the poorest air of its kind. Error when there is nothing to follow. */
export function followAirRecord(request: AirRecordRequest): Result<AirRecord, Said> {
  const { composition, pack, ruleId, startedAtMs } = request;
  const endMs = startedAtMs + LONGEST_H * HOUR_MS;
  const { kept, brokenAtMs } = unbroken(
    startedAtMs,
    request.air.filter(({ atMs }) => atMs <= endMs),
  );
  // before the first reading nobody knows the air: the cold begins with it
  const fromMs = Math.max(startedAtMs, kept[0]?.atMs ?? startedAtMs);
  const parts = stretches(fromMs, kept);
  if (parts.length === 0) return err(said("raw.noRecordOfTheFreezer"));
  const hWPerM2K = 1 / (1 / FREEZERS[pack.freezer].low + WRAPS[pack.wrap].resistance);
  const trace = simulateHeat({
    shape: shapeOf(pack),
    material: freezingMaterial(composition, FLESH_FREEZES_C),
    startC: pack.startC,
    stages: parts.map(({ seconds, airC }) => {
      const face = { kind: "convection", hWPerM2K, ambientC: airC } as const;
      return { seconds, bottom: face, outer: face };
    }),
    sampleEveryS: SAMPLE_S,
    cells: CELLS,
  });
  const judged = judgeParasiteHold(
    ruleId,
    trace.timesS.map((timeS, index) => [timeS / 3600, trace.centreC[index]!] as const),
  );
  const { firstReachC, holdC } = judged.nearest;
  const reached = trace.centreC.findIndex((celsius) => celsius <= (firstReachC ?? holdC) + ROUNDING_K);
  return ok({
    judged,
    reachedAtMs: reached < 0 ? null : fromMs + trace.timesS[reached]! * 1000,
    centreC: trace.centreC.at(-1)!,
    followedToMs: fromMs + trace.timesS.at(-1)! * 1000,
    brokenAtMs,
  });
}
