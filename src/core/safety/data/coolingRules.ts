import { keyed } from "@/core/shared";
import { cite, type RuleSetId } from "../ruling";
import { FOOD_CODE } from "./editions";
import { RULINGS } from "./rulings";

export type CoolingRuleId = "fda-2022" | "fda-2022-ambient" | "uk-1989" | "uk-2013" | "eu-852";

export type CoolingStage = { readonly fromC: number; readonly toC: number; readonly limitMin: number };

export type CoolingRule = { readonly label: string; readonly source: string; readonly stages: readonly CoolingStage[] };

/** Celsius as printed beside the legal Fahrenheit; the time of each stage runs from its own `fromC`. */
export const COOLING_RULES: Readonly<Record<CoolingRuleId, CoolingRule>> = keyed(
  "cooling",
  {
    "fda-2022": {
      label: "Cooked food, two steps",
      source: cite(RULINGS["fda-2022"].cooling),
      stages: [
        { fromC: 57, toC: 21, limitMin: 120 },
        { fromC: 57, toC: 5, limitMin: 360 },
      ],
    },
    "fda-2022-ambient": {
      label: "Made from goods at room temperature",
      source: `${FOOD_CODE}, 3-501.14(B) (memory, high)`,
      stages: [{ fromC: 21, toC: 5, limitMin: 240 }],
    },
    "uk-2013": {
      label: "To the refrigerator within 90 min",
      source: cite(RULINGS["uk-2013"].cooling),
      stages: [{ fromC: 63, toC: 20, limitMin: 90 }],
    },
    "eu-852": {
      label: "Cooked food, national practice",
      source: cite(RULINGS["eu-853"].cooling),
      stages: [{ fromC: 63, toC: 10, limitMin: 120 }],
    },
    // for a plant or kitchen that works by cook-chill; a pot on the stove is not judged by it
    "uk-1989": {
      label: "Cook-chill",
      source: "Department of Health, Chilled and Frozen, 1989: 0-3 °C within 90 min (memory, medium)",
      stages: [{ fromC: 70, toC: 3, limitMin: 90 }],
    },
  },
  ["label"],
);

export const COOLING_RULE_IDS = Object.keys(COOLING_RULES) as [CoolingRuleId, ...CoolingRuleId[]];

/** The rule a pot cooled in this house is judged by. */
export const coolingRuleOf = (ruleSetId: RuleSetId): CoolingRuleId =>
  ({ "fda-2022": "fda-2022", "eu-853": "eu-852", "uk-2013": "uk-2013" })[ruleSetId] as CoolingRuleId;
