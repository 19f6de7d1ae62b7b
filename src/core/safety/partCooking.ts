import { cookingRulesOf, type CookedAs } from "./cooking";
import { COOLING_RULES, coolingRuleOf, type CoolingStage } from "./data/coolingRules";
import { practiceOf, practiceSource } from "./data/practices";
import { RULE_SETS, type CookRule, type RuleSetId } from "./data/ruleSets";

/** Cooked in two goes (scalded and finished in butter, a bath and then a pan): the steps a kitchen writes down, in their order. */
export type PartCooking = {
  readonly first: {
    readonly takesS: number;
    /** Longest the first heating may last; null: the rule names none. */
    readonly mostS: number | null;
    /** null: nothing to hold it against. */
    readonly fits: boolean | null;
  };
  readonly cool: { readonly stages: readonly CoolingStage[]; readonly source: string };
  /** Marked as part-cooked, apart from what is eaten as it is. */
  readonly keepAtMostC: number;
  /** The second heating goes all the way, at once, whatever the first one reached. */
  readonly second: { readonly rule: CookRule; readonly section: string; readonly figure: "law" | "plan" };
  /** Whose word the written steps need before the first piece. */
  readonly approval: "authority-first" | "own-plan";
  readonly source: string;
};

/** FDA Food Code 2022, 3-401.14(A): the first heating lasts 60 min at most (memory, high); the other texts name none. */
const FIRST_MOST_S: Readonly<Record<RuleSetId, number | null>> = { "fda-2022": 3600, "eu-853": null, "uk-2013": null };

/** The written steps for a first heating of `firstS` seconds. */
export function partCooking(ruleSetId: RuleSetId, as: CookedAs, firstS: number): PartCooking {
  const mostS = FIRST_MOST_S[ruleSetId];
  const cooling = COOLING_RULES[coolingRuleOf(ruleSetId)];
  const { anyOf, section, figure } = cookingRulesOf(ruleSetId, as);
  return {
    first: { takesS: firstS, mostS, fits: mostS === null ? null : firstS <= mostS },
    cool: { stages: cooling.stages, source: cooling.source },
    keepAtMostC: RULE_SETS[ruleSetId].holding.chilledMaxC,
    second: { rule: anyOf[0]!, section, figure },
    approval: ruleSetId === "fda-2022" ? "authority-first" : "own-plan",
    source: practiceSource(practiceOf(ruleSetId, "non-continuous")),
  };
}
