import { inKilograms, said, type Said } from "@/core/shared";
import { ONBOARD_UNKNOWN, PARASITE_RULES, parasiteRuleOf, RULE_SETS } from "@/core/safety";
import { carries, type HazardId } from "@/core/species";
import type { RawFacts } from "./facts";
import { freeOfCiguatera } from "./waters";

export type Risk = { readonly id: HazardId | "bacteria" | "guests" | "reduced-oxygen"; readonly text: Said };

/** What stays in a raw dish whatever rule was met: named, never weighed. */
export function risksOf(facts: RawFacts, frozen: boolean): readonly Risk[] {
  const { species, ruleSetId, dish, shellfish, wholeKg = null } = facts;
  const rules = RULE_SETS[ruleSetId];
  const { doesNotKill } = PARASITE_RULES[parasiteRuleOf(ruleSetId)];
  const risks: Risk[] = [
    {
      id: "bacteria",
      text: said("raw.meetingARuleIsNotThe", { label: rules.label }),
    },
    {
      id: "guests",
      text: said("raw.guestsWhoArePregnantVeryYoung"),
    },
  ];
  const has = (hazard: HazardId) => carries(species, hazard) === "yes";
  const add = (id: HazardId, text: Said, when = has(id)) => {
    if (when) risks.push({ id, text });
  };
  add("parasites", said("raw.notFrozenARuleThatExempts"), has("parasites") && !frozen);
  add("tapeworm", said("raw.fishOfFreshAndBrackishWater"), has("tapeworm") && !frozen);
  add(
    "flukes",
    doesNotKill.includes("flukes")
      ? said("raw.flukesOfFreshwaterFishTheFreezing")
      : said("raw.flukesOfFreshwaterFishOutlastShort"),
  );
  add(
    "histamine",
    said("raw.histamineGivesNoSignAPeppery", { onboardunknown: ONBOARD_UNKNOWN }),
    species.histamineFormer !== "no",
  );
  add(
    "ciguatera",
    said("raw.ciguateraNothingShowsHeatAndCold", {
      value:
        wholeKg === null
          ? said("raw.whichWatersAndHowBigWas")
          : said("raw.whichWatersAFishOfWhole", { whole: inKilograms(wholeKg) }),
    }),
    has("ciguatera") && !freeOfCiguatera(shellfish.area),
  );
  add("tetrodotoxin", said("raw.tetrodotoxinNoKitchenTakesItOut"));
  add(
    "gempylotoxin",
    ruleSetId === "fda-2022" ? said("raw.oilThatPurgesSmallPortionsTold") : said("raw.oilThatPurgesByLawOnly"),
  );
  add("mercury", said("raw.mercuryABigHunterNotFor"));
  add("blood-toxin", said("raw.itsRawBloodIsPoisonousCooked"));
  add("tetramine", said("raw.tetramineInTheSalivaryGlandsOut"));
  add("vibrio", said("raw.vibrioFromWarmWaterRawBivalves"));
  add("norovirus", said("raw.norovirusMostInColdMonthsNo"));
  add("biotoxins", said("raw.biotoxinsOfAlgaeNoKitchenRemoves"));
  add("listeria", said("raw.listeriaGrowsInTheColdCured"), has("listeria") || dish === "cured");
  return risks;
}
