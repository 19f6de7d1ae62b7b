import type { Species, SpoilageModel } from "@/core/species";
import { lifeOnIceDays } from "./inspection";
import type { Form } from "./scheme";
import { daysLeftAt, iceDaysUsed, spoilageRate, type TemperaturePoint } from "./spoilage";

/**
 * Ends of the uses as a share of the ice life. Raw: a third to a half, here 0.4 (common practice, low). Any cooked use ends where the
 * station rule says "cook today": 45 % of the points, at 75 % for the whole life, so 0.6 (common practice).
 */
const RAW_SHARE = 0.4;
const COOK_SHARE = 0.6;

export type LotLife = {
  readonly model: SpoilageModel;
  readonly lifeDays: number;
  /** Ice days already gone when it came in. */
  readonly startIceDays: number;
  /** Ice days used in the house since. */
  readonly usedIceDays: number;
  readonly leftIceDays: number;
  readonly placeC: number;
  /** Calendar days left in its place; null where spoilage stands still. */
  readonly daysLeft: number | null;
  readonly rawDaysLeft: number | null;
  readonly cookDaysLeft: number | null;
  readonly use: "raw" | "cook" | "cook-today" | "over";
  /** What decided the start: the inspection or the date on the box. */
  readonly startFrom: "inspection" | "catch-date";
};

export type LifeFacts = {
  readonly species: Species;
  readonly form: Form;
  /** False when the verdict at the door was "for cooking only", or the fish is no raw fish. */
  readonly rawAllowed: boolean;
  readonly impliedIceDays: number;
  readonly daysSinceCatch: number | null;
  readonly trace: readonly TemperaturePoint[];
};

/**
 * What is left of a lot. The start is the older of what the inspection reads and what the catch date says (cut fish: the reading alone,
 * for the date says nothing about the knife); the house's temperature history is added by the spoilage model.
 */
export function lotLife({ species, form, rawAllowed, impliedIceDays, daysSinceCatch, trace }: LifeFacts): LotLife {
  const lifeDays = lifeOnIceDays(species, form);
  const whole = lifeDays === species.iceLifeDays;
  const byDate = whole && daysSinceCatch !== null ? daysSinceCatch : 0;
  const startIceDays = Math.max(impliedIceDays, byDate);
  const usedIceDays = iceDaysUsed(species.spoilageModel, trace);
  const placeC = trace.at(-1)?.[1] ?? 0;
  const gone = startIceDays + usedIceDays;
  const leftUntil = (share: number) => daysLeftAt(species.spoilageModel, share * lifeDays - gone, placeC);
  const rawDaysLeft = rawAllowed ? leftUntil(RAW_SHARE) : 0;
  const cookDaysLeft = leftUntil(COOK_SHARE);
  const leftIceDays = Math.max(0, lifeDays - gone);
  const share = gone / lifeDays;
  const use =
    share >= 1 ? "over" : share >= COOK_SHARE ? "cook-today" : rawAllowed && share < RAW_SHARE ? "raw" : "cook";
  return {
    model: species.spoilageModel,
    lifeDays,
    startIceDays,
    usedIceDays,
    leftIceDays,
    placeC,
    daysLeft: daysLeftAt(species.spoilageModel, leftIceDays, placeC),
    rawDaysLeft,
    cookDaysLeft,
    use,
    startFrom: byDate > impliedIceDays ? "catch-date" : "inspection",
  };
}

export type LifeSegment = { readonly use: "gone" | "raw" | "cook" | "cook-today"; readonly share: number };

/** The whole life as shares for drawing: what is gone, then what is left for each use. */
export function lifeSegments(life: LotLife, rawAllowed: boolean): readonly LifeSegment[] {
  const gone = Math.min(1, (life.startIceDays + life.usedIceDays) / life.lifeDays);
  const rawEnd = rawAllowed ? RAW_SHARE : 0;
  const between = (from: number, to: number) => Math.max(0, to - Math.max(from, gone));
  const segments: LifeSegment[] = [
    { use: "gone", share: gone },
    { use: "raw", share: between(0, rawEnd) },
    { use: "cook", share: between(rawEnd, COOK_SHARE) },
    { use: "cook-today", share: between(COOK_SHARE, 1) },
  ];
  return segments.filter(({ share }) => share > 0);
}

/** The spoilage rate of the place in words a cook can check: ice days spent in one day there. */
export const iceDaysPerDay = (life: LotLife): number => spoilageRate(life.model, life.placeC);

/**
 * Turns readings of a place into a trace from `fromMs` to `nowMs`. Before the first reading its value counts back,
 * after the last it counts on; with no reading at all the place's set point stands in.
 */
export function traceOf(
  readings: readonly { readonly atMs: number; readonly celsius: number }[],
  setC: number,
  fromMs: number,
  nowMs: number,
): readonly TemperaturePoint[] {
  const hours = (atMs: number) => (atMs - fromMs) / 3_600_000;
  const at = (whenMs: number): number => {
    const after = readings.find(({ atMs }) => atMs >= whenMs);
    const before = readings.findLast(({ atMs }) => atMs <= whenMs);
    if (!after || !before) return (after ?? before)?.celsius ?? setC;
    const span = after.atMs - before.atMs;
    return span === 0
      ? after.celsius
      : before.celsius + ((whenMs - before.atMs) / span) * (after.celsius - before.celsius);
  };
  const between = readings.filter(({ atMs }) => atMs > fromMs && atMs < nowMs);
  const inner = between.map(({ atMs, celsius }): TemperaturePoint => [hours(atMs), celsius]);
  return [[0, at(fromMs)], ...inner, [hours(Math.max(nowMs, fromMs)), at(Math.max(nowMs, fromMs))]];
}
