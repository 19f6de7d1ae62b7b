import { FOOD_CODE, type RuleSetId } from "@/core/safety";

export type Advisory = {
  /** What the dish must disclose, on the menu or ticket. */
  readonly disclosure: string;
  /** What the footnote must remind of. */
  readonly reminder: string;
  readonly source: string;
};

const NAMED = "Not for guests who are pregnant, very young, old or ill, or whose immune system is weak.";

/** The menu text for a raw dish under each rule set; wording ours, the two parts as the US code wants them. */
export function rawAdvisory(ruleSetId: RuleSetId, dish: "raw" | "cured" | "shellfish"): Advisory {
  const what = dish === "raw" ? "served raw" : dish === "cured" ? "cured, not cooked" : "raw, opened alive";
  switch (ruleSetId) {
    case "fda-2022":
      return {
        disclosure: `* ${what}`,
        reminder:
          "* Eating raw or undercooked fish and shellfish may increase your risk of foodborne illness, especially if you have certain medical conditions.",
        source: `${FOOD_CODE}, 3-603.11: disclosure and reminder, both needed (memory, high); never for highly susceptible guests, 3-801.11`,
      };
    case "eu-853":
      return {
        disclosure: what,
        reminder: `${NAMED} Ask us.`,
        source:
          "no fixed text in EU law; information duty of Reg. (EC) 178/2002, Art. 14 and 1169/2011 for allergens (memory, medium)",
      };
    case "uk-2013":
      return {
        disclosure: what,
        reminder: `${NAMED} Ask us.`,
        source:
          "Food Standards Agency guidance for caterers; the house's own food-safety plan must allow it (memory, medium)",
      };
  }
}
