import {
  judgeParasiteHold,
  optionWords,
  PARASITE_RULES,
  type LogPoint,
  type ParasiteRule,
  type ParasiteRuleId,
} from "@/core/safety";
import { assertNever } from "@/core/shared";
import { HOUR_MS } from "@/core/units";
import type { PlaceReading } from "./history";

/** Something a lot must wait for, or must not wait past. */
export type Hold =
  | {
      readonly kind: "parasite";
      readonly ruleId: ParasiteRuleId;
      readonly startedAtMs: number;
      /** Centre readings, in time order: only they prove it. */
      readonly readings: readonly PlaceReading[];
      /** When the centre is said to have reached a temperature, where nobody probed it. */
      readonly stated: PlaceReading | null;
      /** When the centre should get there by the freezing planner; proves nothing. */
      readonly expected?: PlaceReading | null;
    }
  | { readonly kind: "cure"; readonly startedAtMs: number; readonly plannedH: number }
  | {
      readonly kind: "thaw";
      readonly startedAtMs: number;
      readonly plannedH: number;
      readonly vacuumPack: boolean;
      readonly packOpened: boolean;
    }
  | { readonly kind: "tag"; readonly startedAtMs: number; readonly untilMs: number }
  | { readonly kind: "live"; readonly startedAtMs: number; readonly untilMs: number; readonly how: string };

export type HoldKind = Hold["kind"];

export const HOLD_LABELS: Readonly<Record<HoldKind, string>> = {
  parasite: "Freezing against parasites",
  cure: "Cure",
  thaw: "Thawing",
  tag: "Shellfish tag",
  live: "Live storage",
};

export type HoldStatus = {
  /** running: wait; due: act now; done: proven or over; stopped: time does not count. */
  readonly state: "running" | "due" | "done" | "stopped";
  readonly endsMs: number | null;
  /** What is still needed, in the cook's words. */
  readonly needs: string;
  readonly source: string;
};

const hoursText = (hours: number) => `${Math.ceil(hours * 10 - 1e-6) / 10} h`;

const logOf = (readings: readonly PlaceReading[]): readonly LogPoint[] => {
  const zeroMs = readings[0]?.atMs ?? 0;
  return readings.map(({ atMs, celsius }): LogPoint => [(atMs - zeroMs) / HOUR_MS, celsius]);
};

/** Nothing read yet, but reckoned: when to probe, and when it could be over. */
function expectedStatus(rule: ParasiteRule, expected: PlaceReading, nowMs: number): HoldStatus {
  const countsFrom = ({ firstReachC, holdC }: ParasiteRule["options"][number]) => firstReachC ?? holdC;
  const option =
    rule.options.find((one) => Math.abs(countsFrom(one) - expected.celsius) < 0.1) ??
    rule.options.find((one) => countsFrom(one) >= expected.celsius) ??
    rule.options[0]!;
  const endsMs = expected.atMs + option.hours * HOUR_MS;
  const source = `${rule.edition}; time to the centre by the freezing planner`;
  if (nowMs < expected.atMs) {
    const needs = `about ${hoursText((expected.atMs - nowMs) / HOUR_MS)} until the centre is at ${expected.celsius} °C by estimate, then probe it`;
    return { state: "running", endsMs, needs, source };
  }
  const needs = `by estimate the centre is at ${expected.celsius} °C: probe it, nothing counts before`;
  return { state: "stopped", endsMs, needs, source };
}

function parasiteStatus(hold: Extract<Hold, { kind: "parasite" }>, nowMs: number): HoldStatus {
  const { ruleId, readings, stated } = hold;
  const rule = PARASITE_RULES[ruleId];
  const source = rule.edition;
  const known = stated ? [stated, ...readings.filter(({ atMs }) => atMs > stated.atMs)] : readings;
  const last = known.at(-1);
  if (!last && hold.expected) return expectedStatus(rule, hold.expected, nowMs);
  if (!last) {
    const needs = `probe the centre, or say when it reached ${rule.options[0]!.holdC} °C: nothing counts before`;
    return { state: "stopped", endsMs: null, needs, source };
  }
  const judged = judgeParasiteHold(ruleId, logOf(known));
  const proven = judged.met && readings.length > 0;
  if (proven) return { state: "done", endsMs: last.atMs, needs: `met by ${optionWords(judged.by!)}`, source };
  if (last.celsius > judged.nearest.holdC + 0.05) {
    const needs = `the centre is at ${last.celsius.toFixed(1)} °C, above ${judged.nearest.holdC} °C: time stands still`;
    return { state: "stopped", endsMs: null, needs, source };
  }
  const endsMs = last.atMs + judged.hoursMissing * HOUR_MS;
  if (endsMs <= nowMs)
    return { state: "due", endsMs, needs: `probe the centre to close it (${optionWords(judged.nearest)})`, source };
  const missing = hoursText((endsMs - nowMs) / HOUR_MS);
  return {
    state: "running",
    endsMs,
    needs: `${missing} more at ${judged.nearest.holdC} °C or below, then a probe reading`,
    source,
  };
}

/** What a hold still needs and when it ends. */
export function holdStatus(hold: Hold, nowMs: number): HoldStatus {
  switch (hold.kind) {
    case "parasite":
      return parasiteStatus(hold, nowMs);
    case "cure": {
      const endsMs = hold.startedAtMs + hold.plannedH * HOUR_MS;
      const over = endsMs <= nowMs;
      const needs = over ? "take it out, rinse, dry" : `${hoursText((endsMs - nowMs) / HOUR_MS)} more in the cure`;
      return { state: over ? "due" : "running", endsMs, needs, source: "the house's recipe" };
    }
    case "thaw": {
      const endsMs = hold.startedAtMs + hold.plannedH * HOUR_MS;
      const source = "FDA Food Code 2022, 3-501.13 (memory, high): 5 °C or below; vacuum packs opened first";
      if (hold.vacuumPack && !hold.packOpened)
        return { state: "stopped", endsMs, needs: "open or pierce the vacuum pack before it thaws", source };
      const over = endsMs <= nowMs;
      const needs = over
        ? "check it is thawed and at 5 °C or below"
        : `${hoursText((endsMs - nowMs) / HOUR_MS)} more in the refrigerator`;
      return { state: over ? "due" : "running", endsMs, needs, source };
    }
    case "tag": {
      const over = hold.untilMs <= nowMs;
      const needs = over ? "the tag may go" : "keep the tag in date order";
      return { state: over ? "done" : "running", endsMs: hold.untilMs, needs, source: "tag retention of the rule set" };
    }
    case "live": {
      const over = hold.untilMs <= nowMs;
      const needs = over ? "past its days alive: check every one, use or throw out" : hold.how;
      return { state: over ? "due" : "running", endsMs: hold.untilMs, needs, source: "live storage (common practice)" };
    }
    default:
      return assertNever(hold);
  }
}
