import { MINUTE_MS } from "@/core/units";
import { RULE_SETS, type RuleSetId } from "./data/ruleSets";
import { firstAtOrBelow, type LogPoint } from "./trace";

/** A hot dish is read this often, min: a fall found then can still be put right (common practice; the codes ask four hours or less). */
export const HOT_CHECK_MIN = 120;

export type HotHoldVerdict = {
  readonly minC: number;
  /** Minutes below it so far, those before the hold counted in. Warming it up again gives none back. */
  readonly belowMin: number;
  readonly limitMin: number;
  readonly state: "hot" | "counting" | "over";
  readonly source: string;
};

/**
 * Judges a hot hold up to `nowMin`: minutes and °C of the coldest flesh, straight lines between readings, the last one standing until
 * now. `usedMin` are minutes between cold and hot holding that it brings along. Once below the line a dish is kept by the clock alone from
 * then on: warming in a holding place is no reheating and does not bring it back. Where the law allows one spell, a second is over at once.
 */
export function judgeHotHold(
  ruleSetId: RuleSetId,
  log: readonly LogPoint[],
  nowMin: number,
  usedMin = 0,
): HotHoldVerdict {
  const { minC, belowMin: limitMin, onceOnly, source, belowSource } = RULE_SETS[ruleSetId].hotHold;
  // at the limit itself is hot enough
  const fellMin = firstAtOrBelow(log, minC - 1e-6);
  // minutes below it before the hold were the one spell; a fall in the hold is a second
  const second = onceOnly && usedMin > 0 && fellMin !== null && log[0]![1] >= minC;
  const belowMin = usedMin + (fellMin === null ? 0 : Math.max(0, nowMin - fellMin));
  return {
    minC,
    belowMin,
    limitMin,
    state: second || belowMin >= limitMin - 1e-9 ? "over" : fellMin === null ? "hot" : "counting",
    source: `${source}; ${belowSource}`,
  };
}

/** A dish that is held hot, as the house keeps it. */
export type HotHold = {
  readonly ruleSetId: RuleSetId;
  readonly startedAtMs: number;
  readonly fromC: number;
  readonly usedMin: number;
  /** In time order. */
  readonly readings: readonly { readonly atMs: number; readonly celsius: number }[];
};

export type HotHoldStatus = HotHoldVerdict & {
  readonly lastC: number;
  readonly lastAtMs: number;
  /** When it has to be served or thrown away if nothing changes; null while it is hot. */
  readonly outAtMs: number | null;
  readonly checkAtMs: number;
  /** Something has to be done about it now. */
  readonly due: boolean;
};

/** Where a hot hold stands: the clock of a cold dish runs, a hot one asks for its next reading. */
export function hotHoldStatus(
  { ruleSetId, startedAtMs, fromC, usedMin, readings }: HotHold,
  nowMs: number,
): HotHoldStatus {
  const minutes = (atMs: number) => (atMs - startedAtMs) / MINUTE_MS;
  const log: LogPoint[] = [[0, fromC], ...readings.map(({ atMs, celsius }) => [minutes(atMs), celsius] as const)];
  const verdict = judgeHotHold(ruleSetId, log, minutes(nowMs), usedMin);
  const lastC = readings.at(-1)?.celsius ?? fromC;
  const lastAtMs = readings.at(-1)?.atMs ?? startedAtMs;
  const leftMin = Math.max(0, verdict.limitMin - verdict.belowMin);
  const checkAtMs = lastAtMs + HOT_CHECK_MIN * MINUTE_MS;
  return {
    ...verdict,
    lastC,
    lastAtMs,
    outAtMs: verdict.state === "hot" ? null : nowMs + leftMin * MINUTE_MS,
    checkAtMs,
    due: verdict.state === "over" || nowMs >= checkAtMs,
  };
}
