import { RULE_SETS, type CookRule, type RuleSetId } from "./data/ruleSets";

export type CookVerdict = {
  readonly meets: boolean;
  readonly rule: string;
  readonly edition: string;
  readonly advice: string;
  readonly longestS: number;
};

/** Longest unbroken time, s, that a trace (straight lines between samples) stays at or above `atC`. */
export function longestAbove(timesS: readonly number[], coldestC: readonly number[], atC: number): number {
  let longest = 0;
  let sinceS: number | null = null;
  for (const [index, timeS] of timesS.entries()) {
    const here = coldestC[index]!;
    const before = coldestC[index - 1];
    const beforeS = timesS[index - 1] ?? timeS;
    if (before === undefined) {
      sinceS = here >= atC ? timeS : null;
      continue;
    }
    const crossingS = here === before ? timeS : beforeS + ((atC - before) / (here - before)) * (timeS - beforeS);
    if (here >= atC && sinceS === null) sinceS = crossingS;
    if (sinceS !== null) longest = Math.max(longest, (here >= atC ? timeS : crossingS) - sinceS);
    if (here < atC) sinceS = null;
  }
  return longest;
}

const inWords = ({ atC, seconds }: CookRule) =>
  seconds === 0
    ? `${Math.round(atC)} °C`
    : seconds < 120
      ? `${atC} °C for ${seconds} s`
      : `${atC} °C for ${seconds / 60} min`;

/** What is cooked decides which rule it is judged by. */
export type CookedAs = "fish" | "stuffed" | "comminuted";

/** Judges the coldest point of a cook against the house's rule set. "Meets" speaks of the rule named, never of safety as such. */
export function judgeCook(
  ruleSetId: RuleSetId,
  timesS: readonly number[],
  coldestC: readonly number[],
  as: CookedAs = "fish",
): CookVerdict {
  const ruleSet = RULE_SETS[ruleSetId];
  const rules = (as === "fish" ? null : ruleSet[as]) ?? ruleSet.cooking;
  const hottestC = Math.max(...coldestC);
  const judged = rules.anyOf.map((rule) => ({ rule, heldS: longestAbove(timesS, coldestC, rule.atC) }));
  const met = judged.find(({ rule, heldS }) => (rule.seconds === 0 ? hottestC >= rule.atC : heldS >= rule.seconds));
  const named = met ?? judged[0]!;
  return {
    meets: met !== undefined,
    rule: `${inWords(named.rule)} everywhere (${rules.purpose}, ${rules.section})`,
    edition: ruleSet.edition,
    advice: met ? "Meets the rule named; the local authority decides." : ruleSet.underAdvice,
    longestS: named.heldS,
  };
}
