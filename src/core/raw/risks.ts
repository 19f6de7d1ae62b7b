import { ONBOARD_UNKNOWN, PARASITE_RULES, parasiteRuleOf, RULE_SETS } from "@/core/safety";
import { carries, type HazardId } from "@/core/species";
import type { RawFacts } from "./facts";
import { freeOfCiguatera } from "./waters";

export type Risk = { readonly id: HazardId | "bacteria" | "guests" | "reduced-oxygen"; readonly text: string };

/** What stays in a raw dish whatever rule was met: named, never weighed. */
export function risksOf(facts: RawFacts, frozen: boolean): readonly Risk[] {
  const { species, ruleSetId, dish, shellfish, wholeKg = null } = facts;
  const rules = RULE_SETS[ruleSetId];
  const { doesNotKill } = PARASITE_RULES[parasiteRuleOf(ruleSetId)];
  const risks: Risk[] = [
    {
      id: "bacteria",
      text: `Meeting a rule is not the same as safe: bacteria and viruses stay. ${rules.label}: the local authority decides.`,
    },
    {
      id: "guests",
      text: "Guests who are pregnant, very young, old, ill or with a weak immune system: no raw fish or shellfish.",
    },
  ];
  const has = (hazard: HazardId) => carries(species, hazard) === "yes";
  const add = (id: HazardId, text: string, when = has(id)) => {
    if (when) risks.push({ id, text });
  };
  add(
    "parasites",
    "Not frozen: a rule that exempts it does not look into this fish. Candle it, look at every slice.",
    has("parasites") && !frozen,
  );
  add(
    "tapeworm",
    "Fish of fresh and brackish water carries tapeworm larvae: freezing kills them.",
    has("tapeworm") && !frozen,
  );
  add(
    "flukes",
    doesNotKill.includes("flukes")
      ? "Flukes of freshwater fish: the freezing of this rule is not made for them. Cook it."
      : "Flukes of freshwater fish outlast short freezing.",
  );
  add(
    "histamine",
    `Histamine gives no sign: a peppery tingle stops the lot; neither cold nor heat takes it out again; ${ONBOARD_UNKNOWN}.`,
    species.histamineFormer !== "no",
  );
  add(
    "ciguatera",
    `Ciguatera: nothing shows, heat and cold do nothing. ${wholeKg === null ? "Which waters, and how big was it?" : `Which waters? A fish of ${wholeKg} kg: the bigger, the more it can carry.`}`,
    has("ciguatera") && !freeOfCiguatera(shellfish.area),
  );
  add("tetrodotoxin", "Tetrodotoxin: no kitchen takes it out.");
  add(
    "gempylotoxin",
    ruleSetId === "fda-2022"
      ? "Oil that purges: small portions, told to the guest; the agency advises against it."
      : "Oil that purges: by law only packed and labelled with its scientific name, the warning and how to cook it.",
  );
  add("mercury", "Mercury: a big hunter; not for pregnant women and small children, seldom for others.");
  add("blood-toxin", "Its raw blood is poisonous: cooked through only.");
  add("tetramine", "Tetramine in the salivary glands: out before it is eaten.");
  add("vibrio", "Vibrio from warm water: raw bivalves carry what their water carried.");
  add("norovirus", "Norovirus, most in cold months: no sign, and cold keeps it.");
  add("biotoxins", "Biotoxins of algae: no kitchen removes them; the tag says where it grew.");
  add(
    "listeria",
    "Listeria grows in the cold: cured and smoked pieces are as raw as raw ones, and not kept long.",
    has("listeria") || dish === "cured",
  );
  return risks;
}
