import type { RuleSetId } from "./ruleSets";

export type CoolingRuleId = "fda-2022" | "fda-2022-ambient" | "uk-1989" | "uk-2013" | "eu-852";

export type CoolingStage = { readonly fromC: number; readonly toC: number; readonly limitMin: number };

export type CoolingRule = { readonly label: string; readonly source: string; readonly stages: readonly CoolingStage[] };

/** Celsius as printed beside the legal Fahrenheit; the time of each stage runs from its own `fromC`. */
export const COOLING_RULES: Readonly<Record<CoolingRuleId, CoolingRule>> = {
  "fda-2022": {
    label: "Cooked food, two steps",
    source: "FDA Food Code 2022, 3-501.14(A) (memory, high)",
    stages: [
      { fromC: 57, toC: 21, limitMin: 120 },
      { fromC: 57, toC: 5, limitMin: 360 },
    ],
  },
  "fda-2022-ambient": {
    label: "Made from goods at room temperature",
    source: "FDA Food Code 2022, 3-501.14(B) (memory, high)",
    stages: [{ fromC: 21, toC: 5, limitMin: 240 }],
  },
  "uk-2013": {
    label: "To the refrigerator within 90 min",
    source:
      "Food Standards Agency guidance for England: cooled as fast as can be, into the refrigerator within 90 min; taken here as 63 to 20 °C (time: memory, medium; the 20 °C ours)",
    stages: [{ fromC: 63, toC: 20, limitMin: 90 }],
  },
  "eu-852": {
    label: "Cooked food, national practice",
    source:
      "Reg. (EC) 852/2004, Annex II, Ch. IX, 6: cooled as quickly as possible, no figure (memory, high); 63 to 10 °C within 2 h as in French rules, others allow 65 to 10 °C in 3 h (memory, medium)",
    stages: [{ fromC: 63, toC: 10, limitMin: 120 }],
  },
  // for a plant or kitchen that works by cook-chill; a pot on the stove is not judged by it
  "uk-1989": {
    label: "Cook-chill",
    source: "Department of Health, Chilled and Frozen, 1989: 0-3 °C within 90 min (memory, medium)",
    stages: [{ fromC: 70, toC: 3, limitMin: 90 }],
  },
};

export const COOLING_RULE_IDS = Object.keys(COOLING_RULES) as [CoolingRuleId, ...CoolingRuleId[]];

/** The rule a pot cooled in this house is judged by. */
export const coolingRuleOf = (ruleSetId: RuleSetId): CoolingRuleId =>
  ({ "fda-2022": "fda-2022", "eu-853": "eu-852", "uk-2013": "uk-2013" })[ruleSetId] as CoolingRuleId;
