import type { Species } from "@/core/species";
import { RULE_SETS, type RuleSetId } from "./data/ruleSets";

export type ReceivingVerdict = {
  readonly ok: boolean;
  readonly limitC: number;
  readonly histamine: boolean;
  readonly source: string;
  readonly edition: string;
};

/** Rounding between °F and °C must not fail a delivery: 41 °F prints as 5.0 °C, 40 °F as 4.4 °C. */
const ROUNDING_K = 0.05;

/** Temperature at the door against the rule in force; histamine formers have the stricter limit. */
export function judgeReceiving(ruleSetId: RuleSetId, species: Species, receiptC: number): ReceivingVerdict {
  const { receiving, edition } = RULE_SETS[ruleSetId];
  const histamine = species.histamineFormer !== "no";
  const limitC = histamine ? Math.min(receiving.histamineMaxC, receiving.chilledMaxC) : receiving.chilledMaxC;
  const source = histamine ? receiving.histamineSource : receiving.source;
  return { ok: receiptC <= limitC + ROUNDING_K, limitC, histamine, source, edition };
}
