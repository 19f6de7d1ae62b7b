import { said, type Said } from "@/core/shared";
import { FOOD_CODE, type RuleSetId } from "@/core/safety";

export type Advisory = {
  /** What the dish must disclose, on the menu or ticket. */
  readonly disclosure: Said;
  /** What the footnote must remind of. */
  readonly reminder: Said;
  readonly source: string;
};

const NAMED = said("raw.notForGuestsWhoArePregnant");

/** The menu text for a raw dish under each rule set; wording ours, the two parts as the US code wants them. */
export function rawAdvisory(ruleSetId: RuleSetId, dish: "raw" | "cured" | "shellfish"): Advisory {
  const what =
    dish === "raw" ? said("raw.servedRaw") : dish === "cured" ? said("raw.curedNotCooked") : said("raw.rawOpenedAlive");
  switch (ruleSetId) {
    case "fda-2022":
      return {
        disclosure: said("raw.starred", { what }),
        reminder: said("raw.eatingRawOrUndercookedFishAnd"),
        source: `${FOOD_CODE}, 3-603.11: disclosure and reminder, both needed (memory, high); never for highly susceptible guests, 3-801.11`,
      };
    case "eu-853":
      return {
        disclosure: what,
        reminder: said("raw.namedAskUs", { named: NAMED }),
        source:
          "no fixed text in EU law; information duty of Reg. (EC) 178/2002, Art. 14 and 1169/2011 for allergens (memory, medium)",
      };
    case "uk-2013":
      return {
        disclosure: what,
        reminder: said("raw.namedAskUs", { named: NAMED }),
        source:
          "Food Standards Agency guidance for caterers; the house's own food-safety plan must allow it (memory, medium)",
      };
  }
}
