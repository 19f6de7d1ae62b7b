import {
  DANGER_ZONE_C,
  FOOD_CODE,
  HOLD_GAP_H,
  judgeParasiteHold,
  optionWords,
  PARASITE_RULES,
  ROUNDING_K,
  type LogPoint,
  type ParasiteRule,
  type ParasiteRuleId,
} from "@/core/safety";
import { keyed, assertNever, inCelsius, said, type Said, saidAsIs, inHours } from "@/core/shared";
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
      /** The freezer's own record while the lot lay in it, in time order: counts from where the centre was known to be cold. */
      readonly freezer?: readonly PlaceReading[];
      /** When it lay outside a freezer, by the book, in time order; null: it still does. */
      readonly away?: readonly { readonly fromMs: number; readonly toMs: number | null }[];
      /** When the centre should get there by the freezing planner; proves nothing. */
      readonly expected?: PlaceReading | null;
    }
  | { readonly kind: "cure"; readonly startedAtMs: number; readonly plannedH: number }
  | {
      readonly kind: "thaw";
      readonly way: ThawWay;
      readonly startedAtMs: number;
      readonly plannedH: number;
      readonly vacuumPack: boolean;
      readonly packOpened: boolean;
    }
  | { readonly kind: "tag"; readonly startedAtMs: number; readonly untilMs: number }
  | { readonly kind: "live"; readonly startedAtMs: number; readonly untilMs: number; readonly how: string };

/** In cold running water only so long; in the refrigerator as long as it takes. */
export type ThawWay = "refrigerator" | "running-water";

/** Hours food may spend above 5 °C in running water, cooking or cooling counted in (FDA Food Code 2022, 3-501.13(B); memory, high). */
export const RUNNING_WATER_H = 4;

export type HoldKind = Hold["kind"];

export const HOLD_LABELS: Readonly<Record<HoldKind, string>> = keyed(
  "holds",
  {
    parasite: "Freezing against parasites",
    cure: "Cure",
    thaw: "Thawing",
    tag: "Shellfish tag",
    live: "Live storage",
  },
  [],
);

export type HoldStatus = {
  /** running: wait; due: act now; done: proven or over; stopped: time does not count. */
  readonly state: "running" | "due" | "done" | "stopped";
  readonly endsMs: number | null;
  /** What is still needed, in the cook's words. */
  readonly needs: Said;
  /** The option of the rule a freezing hold has met. */
  readonly metBy?: Said;
  readonly source: string;
};

/** Hours still owed: to the minute, never less than are. */
const hoursOwed = (hours: number) => inHours(Math.ceil(hours * 60 - 1e-6) / 60);

const logOf = (readings: readonly PlaceReading[]): readonly LogPoint[] => {
  const zeroMs = readings[0]?.atMs ?? 0;
  return readings.map(({ atMs, celsius }): LogPoint => [(atMs - zeroMs) / HOUR_MS, celsius]);
};

/** A freezing hold against parasites. */
export type ParasiteHold = Extract<Hold, { kind: "parasite" }>;

/** What the centre was read at or, by the air around it, no warmer than. */
type Known = PlaceReading & { readonly by: "probe" | "air" | "book" };

/** A freezer that defrosts, or stands open, is warm for so long at most, ms; what is warmer for longer the centre may have followed (ours). */
const DEFROSTS_MS = HOUR_MS;
/** Outside a freezer flesh may be as warm as where it thaws, °C; warmer makes no difference to a hold. */
const THAWED_C = 0;

/** What was read of the centre, and of the air around it once the centre was known to be as cold as the hold asks, in time order. */
function eventsOf({ ruleId, readings, stated, freezer = [], away = [] }: ParasiteHold): readonly Known[] {
  const own = (stated ? [stated, ...readings.filter(({ atMs }) => atMs > stated.atMs)] : readings).map(
    (one): Known => ({ ...one, by: "probe" }),
  );
  const mildest = Math.max(...PARASITE_RULES[ruleId].options.map(({ holdC }) => holdC));
  const cold = own.find(({ celsius }) => celsius <= mildest + ROUNDING_K);
  if (!cold) return own;
  const taken = new Set(own.map(({ atMs }) => atMs));
  const elsewhere = away.flatMap(({ fromMs, toMs }) => (toMs === null ? [fromMs] : [fromMs, toMs]));
  const around = [
    ...freezer.map((one): Known => ({ ...one, by: "air" })),
    ...elsewhere.map((atMs): Known => ({ atMs, celsius: THAWED_C, by: "book" })),
  ];
  return [...own, ...around.filter(({ atMs }) => atMs > cold.atMs && !taken.has(atMs))].sort((a, b) => a.atMs - b.atMs);
}

/**
 * What is known of the centre: no warmer than it was read, and than the air was since, a defrost left out; cold air alone never makes it
 * colder. Where it lay outside a freezer nobody knows of it until it is read again.
 */
function centreLog(hold: ParasiteHold): readonly Known[] {
  const log: Known[] = [];
  let noWarmerC = Infinity;
  let warm: readonly Known[] = [];
  for (const one of eventsOf(hold)) {
    if (one.by === "air" && one.celsius > noWarmerC) {
      warm = [...warm, one];
    } else {
      const [first] = warm;
      if (first && one.atMs - first.atMs > DEFROSTS_MS)
        noWarmerC = Math.max(noWarmerC, ...warm.map(({ celsius }) => celsius));
      warm = [];
    }
    if (one.by === "probe") noWarmerC = one.celsius;
    if (one.by === "book") noWarmerC = Math.max(noWarmerC, one.celsius);
    // out of one place and into the next in the same moment
    if (log.at(-1)?.atMs === one.atMs) log.pop();
    log.push(one.by === "air" ? { ...one, celsius: Math.max(one.celsius, noWarmerC) } : { ...one, celsius: noWarmerC });
  }
  return log;
}

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
    const needs = said("coldchain.aboutAtUntilTheCentreIs", {
      at: hoursOwed((expected.atMs - nowMs) / HOUR_MS),
      celsius: inCelsius(expected.celsius),
    });
    return { state: "running", endsMs, needs, source };
  }
  const needs = said("coldchain.byEstimateTheCentreIsAt", { celsius: inCelsius(expected.celsius) });
  return { state: "stopped", endsMs, needs, source };
}

type ParasiteJudgement = ReturnType<typeof judgeParasiteHold>;

/** What a reading that is the last one leaves to be done. */
function afterLastReading(judged: ParasiteJudgement, last: Known, nowMs: number): Omit<HoldStatus, "source"> {
  const { nearest, hoursMissing } = judged;
  const hold = inCelsius(nearest.holdC);
  if (last.celsius > nearest.holdC + ROUNDING_K) {
    const needs =
      last.by === "probe"
        ? said("coldchain.theCentreIsAtCelsiusAbove", { celsius: inCelsius(last.celsius, 1), hold })
        : said("coldchain.itMayHaveWarmedProbeIt", { hold });
    return { state: "stopped", endsMs: null, needs };
  }
  const missing = (hours: number) =>
    said("coldchain.hoursMoreAtHoldOrBelow", { hours: hoursOwed(hours), hold, nearest: optionWords(nearest) });
  const sinceH = (nowMs - last.atMs) / HOUR_MS;
  if (sinceH > HOLD_GAP_H) {
    // what nobody read since the last reading cannot be proven any more: it goes on from the next one
    const needs = said("coldchain.sinceWithoutAReadingProveNothing", {
      since: inHours(sinceH),
      holdgaph: HOLD_GAP_H,
      hoursMissing: missing(hoursMissing),
    });
    return { state: "due", endsMs: nowMs + hoursMissing * HOUR_MS, needs };
  }
  const endsMs = last.atMs + hoursMissing * HOUR_MS;
  if (endsMs <= nowMs)
    return {
      state: "due",
      endsMs,
      needs: said("coldchain.probeTheCentreToCloseIt", { nearest: optionWords(nearest) }),
    };
  const needs = said("coldchain.endsReadAtMostHoldgaphH", {
    ends: missing((endsMs - nowMs) / HOUR_MS),
    holdgaph: HOLD_GAP_H,
  });
  return { state: "running", endsMs, needs };
}

function parasiteStatus(hold: ParasiteHold, nowMs: number): HoldStatus {
  const { ruleId, readings } = hold;
  const rule = PARASITE_RULES[ruleId];
  const source = `${rule.edition}; readings at most ${HOLD_GAP_H} h apart (ours)`;
  const known = centreLog(hold);
  const last = known.at(-1);
  if (!last && hold.expected) return expectedStatus(rule, hold.expected, nowMs);
  if (!last) {
    const needs = said("coldchain.probeTheCentreOrSayWhen", { hold: inCelsius(rule.options[0]!.holdC) });
    return { state: "stopped", endsMs: null, needs, source };
  }
  const judged = judgeParasiteHold(ruleId, logOf(known), HOLD_GAP_H);
  if (!judged.met || !judged.by || readings.length === 0) return { ...afterLastReading(judged, last, nowMs), source };
  const metBy = optionWords(judged.by);
  return { state: "done", endsMs: last.atMs, needs: said("coldchain.metByBy", { by: metBy }), metBy, source };
}

/** The section of the option a hold has met, or comes nearest to. */
export const holdSection = (hold: ParasiteHold): string =>
  judgeParasiteHold(hold.ruleId, logOf(centreLog(hold)), HOLD_GAP_H).nearest.section;

/** What a hold still needs and when it ends. */
export function holdStatus(hold: Hold, nowMs: number): HoldStatus {
  switch (hold.kind) {
    case "parasite":
      return parasiteStatus(hold, nowMs);
    case "cure": {
      const endsMs = hold.startedAtMs + hold.plannedH * HOUR_MS;
      const over = endsMs <= nowMs;
      const needs = over
        ? said("coldchain.takeItOutRinseDry")
        : said("coldchain.endsMoreInTheCure", { ends: hoursOwed((endsMs - nowMs) / HOUR_MS) });
      return { state: over ? "due" : "running", endsMs, needs, source: "the house's recipe" };
    }
    case "thaw": {
      const endsMs = hold.startedAtMs + hold.plannedH * HOUR_MS;
      const source = `${FOOD_CODE}, 3-501.13 (memory, high): 5 °C or below; vacuum packs opened first`;
      if (hold.vacuumPack && !hold.packOpened)
        return { state: "stopped", endsMs, needs: said("coldchain.openOrPierceTheVacuumPack"), source };
      const over = endsMs <= nowMs;
      const needs = over
        ? said("coldchain.checkItIsThawedAndAt", { bound: inCelsius(DANGER_ZONE_C.from) })
        : hold.way === "running-water"
          ? said("coldchain.endsMoreInRunningWaterAt", {
              bound: inCelsius(21),
              bound2: inCelsius(DANGER_ZONE_C.from),
              ends: hoursOwed((endsMs - nowMs) / HOUR_MS),
              runningwaterh: RUNNING_WATER_H,
            })
          : said("coldchain.endsMoreInTheRefrigerator", { ends: hoursOwed((endsMs - nowMs) / HOUR_MS) });
      return { state: over ? "due" : "running", endsMs, needs, source };
    }
    case "tag": {
      const over = hold.untilMs <= nowMs;
      const needs = over ? said("coldchain.theTagMayGo") : said("coldchain.keepTheTagInDateOrder");
      return { state: over ? "done" : "running", endsMs: hold.untilMs, needs, source: "tag retention of the rule set" };
    }
    case "live": {
      const over = hold.untilMs <= nowMs;
      const needs = over ? said("coldchain.pastItsDaysAliveCheckEvery") : saidAsIs(hold.how);
      return { state: over ? "due" : "running", endsMs: hold.untilMs, needs, source: "live storage (common practice)" };
    }
    default:
      return assertNever(hold);
  }
}
