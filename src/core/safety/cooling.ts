import { crossing } from "@/core/numeric";
import { COOLING_RULES, type CoolingRuleId, type CoolingStage } from "./data/coolingRules";
import { ROUNDING_K } from "./rounding";
import { assertInOrder, firstAtOrBelow, type LogPoint } from "./trace";

export type CoolingStageVerdict = CoolingStage & {
  /** Minutes it took; null when the log ends before it got there. */
  readonly takenMin: number | null;
  /** null while the log neither proves nor breaks it. */
  readonly ok: boolean | null;
};

export type CoolingVerdict = {
  readonly verdict: "pass" | "fail" | "incomplete";
  readonly stages: readonly CoolingStageVerdict[];
  readonly source: string;
};

/** The log from its last fall below `fromC` on: a pot brought back to heat starts again. */
function fallFrom(log: readonly LogPoint[], fromC: number, endTime: number): readonly LogPoint[] {
  const last = log.findLastIndex(([time, celsius]) => time <= endTime && celsius >= fromC);
  const [above, below] = [log[last], log[last + 1]];
  if (!above) return log;
  if (!below) return [above];
  return [[crossing(above, below, fromC), fromC], ...log.slice(last + 1)];
}

function judgeStage(log: readonly LogPoint[], stage: CoolingStage): CoolingStageVerdict {
  const cold = firstAtOrBelow(log, stage.toC + ROUNDING_K) ?? Infinity;
  const fall = fallFrom(log, stage.fromC, cold);
  const startMin = fall[0]?.[0] ?? 0;
  const reached = firstAtOrBelow(fall, stage.toC + ROUNDING_K);
  if (reached !== null) {
    const takenMin = reached - startMin;
    return { ...stage, takenMin, ok: takenMin <= stage.limitMin + 1e-9 };
  }
  const elapsedMin = (fall.at(-1)?.[0] ?? startMin) - startMin;
  return { ...stage, takenMin: null, ok: elapsedMin > stage.limitMin ? false : null };
}

/** Judges the cooling of a pot (minutes, °C) against every stage of the rule; each stage's clock starts at its own upper limit. */
export function judgeCooling(ruleId: CoolingRuleId, log: readonly LogPoint[]): CoolingVerdict {
  assertInOrder(log);
  const rule = COOLING_RULES[ruleId];
  const stages = rule.stages.map((stage) => judgeStage(log, stage));
  const verdict = stages.some(({ ok }) => ok === false)
    ? "fail"
    : stages.every(({ ok }) => ok === true)
      ? "pass"
      : "incomplete";
  return { verdict, stages, source: rule.source };
}
