import { keyed } from "@/core/shared";
import { cite, type RuleSetId } from "../ruling";
import { RULINGS } from "./rulings";

/** What a dish of fish can bring to a table and the lists may ask to be named. */
export type AllergenId = "fish" | "crustaceans" | "molluscs" | "milk" | "egg" | "gluten" | "sulphites";

export type AllergenList = {
  readonly named: readonly AllergenId[];
  /** The species of fish or crustacean is named, not the group alone. */
  readonly namesSpecies: boolean;
  readonly words: Partial<Readonly<Record<AllergenId, string>>>;
  readonly notice: string;
  readonly source: string;
};

const ALL: readonly AllergenId[] = ["fish", "crustaceans", "molluscs", "milk", "egg", "gluten", "sulphites"];

/** Allergens by the list of each rule set; all recalled. */
export const ALLERGEN_LISTS: Readonly<Record<RuleSetId, AllergenList>> = keyed(
  "allergens",
  {
    "fda-2022": {
      // molluscs are not among the nine; sulphites from 10 mg/kg are declared by another rule
      named: ALL.filter((id) => id !== "molluscs"),
      namesSpecies: true,
      words: { gluten: "wheat" },
      notice: "told in writing for food that is not packed",
      source: cite(RULINGS["fda-2022"].allergens),
    },
    "eu-853": {
      named: ALL,
      namesSpecies: false,
      words: { gluten: "wheat (gluten)" },
      notice: "for loose food too, as the member state says how",
      source: cite(RULINGS["eu-853"].allergens),
    },
    "uk-2013": {
      named: ALL,
      namesSpecies: false,
      words: { gluten: "wheat (gluten)" },
      notice: "for loose food too, and on the label of what is packed for direct sale",
      source: cite(RULINGS["uk-2013"].allergens),
    },
  },
  ["notice", "words"],
);
