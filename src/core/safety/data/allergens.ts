import { keyed } from "@/core/shared";
import { cite, type RuleSetId } from "../ruling";
import { RULINGS } from "./rulings";

/** The fourteen of Reg. (EU) 1169/2011, Annex II (memory, high). */
export const ALLERGEN_IDS = [
  "fish",
  "crustaceans",
  "molluscs",
  "milk",
  "egg",
  "gluten",
  "sulphites",
  "celery",
  "mustard",
  "sesame",
  "soy",
  "nuts",
  "peanuts",
  "lupin",
] as const;
export type AllergenId = (typeof ALLERGEN_IDS)[number];

export type AllergenList = {
  readonly named: readonly AllergenId[];
  /** The species of fish or crustacean is named, not the group alone. */
  readonly namesSpecies: boolean;
  readonly words: Partial<Readonly<Record<AllergenId, string>>>;
  readonly notice: string;
  readonly source: string;
};

const NOT_IN_THE_US: readonly AllergenId[] = ["molluscs", "celery", "mustard", "lupin"];

/** Allergens by the list of each rule set; all recalled. */
export const ALLERGEN_LISTS: Readonly<Record<RuleSetId, AllergenList>> = keyed(
  "allergens",
  {
    "fda-2022": {
      // molluscs are not among the nine; sulphites from 10 mg/kg are declared by another rule
      named: ALLERGEN_IDS.filter((id) => !NOT_IN_THE_US.includes(id)),
      namesSpecies: true,
      words: { gluten: "wheat" },
      notice: "told in writing for food that is not packed",
      source: cite(RULINGS["fda-2022"].allergens),
    },
    "eu-853": {
      named: ALLERGEN_IDS,
      namesSpecies: false,
      words: { gluten: "wheat (gluten)" },
      notice: "for loose food too, as the member state says how",
      source: cite(RULINGS["eu-853"].allergens),
    },
    "uk-2013": {
      named: ALLERGEN_IDS,
      namesSpecies: false,
      words: { gluten: "wheat (gluten)" },
      notice: "for loose food too, and on the label of what is packed for direct sale",
      source: cite(RULINGS["uk-2013"].allergens),
    },
  },
  ["notice", "words"],
);
