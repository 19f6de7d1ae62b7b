import type { Species } from "@/core/species";
import { RULE_SETS, type RuleSetId } from "./data/ruleSets";

/** In what state a lot stands at the door: the rules differ. */
export type Arrival = "chilled" | "live" | "frozen";

export type ReceivingVerdict = {
  readonly ok: boolean;
  /** null where the rule names no figure and the hand decides. */
  readonly limitC: number | null;
  readonly histamine: boolean;
  readonly source: string;
  readonly edition: string;
};

/** Rounding between °F and °C must not fail a delivery: 41 °F prints as 5.0 °C, 40 °F as 4.4 °C. */
const ROUNDING_K = 0.05;

/** Temperature at the door against the rule in force; histamine formers have the stricter limit. */
export function judgeReceiving(
  ruleSetId: RuleSetId,
  species: Species,
  receiptC: number,
  arrival: Arrival = "chilled",
): ReceivingVerdict {
  const { receiving, edition } = RULE_SETS[ruleSetId];
  const under = (limitC: number | null) => limitC === null || receiptC <= limitC + ROUNDING_K;
  if (arrival === "frozen") {
    const { maxC, source } = receiving.frozen;
    return { ok: under(maxC), limitC: maxC, histamine: false, source, edition };
  }
  if (arrival === "live") {
    const { maxC, source } = receiving.live;
    return { ok: under(maxC), limitC: maxC, histamine: false, source, edition };
  }
  const histamine = species.histamineFormer !== "no";
  const limitC = histamine ? Math.min(receiving.histamineMaxC, receiving.chilledMaxC) : receiving.chilledMaxC;
  const source = histamine ? receiving.histamineSource : receiving.source;
  return { ok: under(limitC), limitC, histamine, source, edition };
}
