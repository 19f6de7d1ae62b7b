import { crossing } from "@/core/numeric";
import { inCelsius, said, type Said, saidAsIs } from "@/core/shared";
import { RULE_SETS, type CookingRules, type CookRule, type RuleSetId } from "./data/ruleSets";

export type CookVerdict = {
  /** The rule named is met; never true where the law has no figure and the house's plan must set it. */
  readonly meets: boolean;
  /** Whether a law names the figure, and whether it was reached. */
  readonly figure: CookingRules["figure"];
  readonly reached: boolean;
  /** The value asked, where, and of what. */
  readonly asks: Said;
  /** Where the law says it, as it is printed there. */
  readonly section: string;
  /** Both together, as a record keeps it. */
  readonly rule: Said;
  readonly edition: string;
  /** What it was judged as. */
  readonly as: CookedAs;
  readonly advice: Said;
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
    const crossingS = crossing([beforeS, before], [timeS, here], atC);
    if (here >= atC && sinceS === null) sinceS = crossingS;
    if (sinceS !== null) longest = Math.max(longest, (here >= atC ? timeS : crossingS) - sinceS);
    if (here < atC) sinceS = null;
  }
  return longest;
}

const inWords = ({ atC, seconds }: CookRule) =>
  seconds === 0
    ? said("safety.at", { at: inCelsius(atC, 0) })
    : seconds < 120
      ? said("safety.atForSecondsS", { at: inCelsius(atC), seconds })
      : said("safety.atForSecondsMin", { at: inCelsius(atC), seconds: seconds / 60 });

/** What is cooked decides which rule it is judged by. */
export type CookedAs = "fish" | "stuffed" | "comminuted" | "bath" | "virus" | "shellfish";

/** The rule a cook of this kind is judged by. */
export const cookingRulesOf = (ruleSetId: RuleSetId, as: CookedAs): CookingRules => {
  const ruleSet = RULE_SETS[ruleSetId];
  return (as === "fish" ? null : ruleSet[as]) ?? ruleSet.cooking;
};

/** Judges the coldest point of a cook against the house's rule set. "Meets" speaks of the rule named, never of safety as such. */
export function judgeCook(
  ruleSetId: RuleSetId,
  timesS: readonly number[],
  coldestC: readonly number[],
  as: CookedAs = "fish",
): CookVerdict {
  const ruleSet = RULE_SETS[ruleSetId];
  const rules = cookingRulesOf(ruleSetId, as);
  const hottestC = Math.max(...coldestC);
  const judged = rules.anyOf.map((rule) => ({ rule, heldS: longestAbove(timesS, coldestC, rule.atC) }));
  const met = judged.find(({ rule, heldS }) => (rule.seconds === 0 ? hottestC >= rule.atC : heldS >= rule.seconds));
  const named = met ?? judged[0]!;
  const meets = met !== undefined && rules.figure === "law";
  const asks = said("safety.ruleEverywhere", { rule: inWords(named.rule), purpose: rules.purpose });
  return {
    meets,
    figure: rules.figure,
    reached: met !== undefined,
    asks,
    section: rules.section,
    rule: said("safety.ruleAndSection", { asks, section: rules.section }),
    edition: ruleSet.edition,
    as,
    advice: adviceOf(),
    longestS: named.heldS,
  };

  function adviceOf(): Said {
    if (rules.figure === "plan")
      return met
        ? said("safety.reachesTheFigureTakenByDefault")
        : as === "shellfish"
          ? said("safety.theLawHasNoFigureFor")
          : said("safety.theLawHasNoFigureHere", { underAdvice: ruleSet.underAdvice });
    return met ? said("safety.meetsTheRuleNamedTheLocal") : saidAsIs(ruleSet.underAdvice);
  }
}
