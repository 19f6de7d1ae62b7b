import { inCelsius, said, type Said, inHours } from "@/core/shared";
import { RAW_DEAD_SHARE } from "@/core/freshness";
import { FOOD_CODE, isBareAdductor, type RuleSetId } from "@/core/safety";
import type { Check, CheckId, RawFacts } from "./facts";
import { isColdMonth, seaOf } from "./waters";

/** Shucked here, on ice: opened to order with its gut; a scallop's bare muscle keeps until the next day (common practice, medium). */
const SHUCKED_HOURS = { whole: 2, muscle: 24 } as const;

/** Water in which Vibrio multiplies: V. parahaemolyticus from about 15.6 °C (60 °F), V. vulnificus from about 21 °C (memory, medium). */
const VIBRIO_C = { care: 15.6, stop: 21 } as const;
const VIBRIO_PLANS = "US model ordinance for molluscan shellfish, Vibrio control plans (memory, medium)";

const checkOf = (id: CheckId, label: string, state: Check["state"], text: Said, source: string): Check => ({
  id,
  label,
  state,
  text,
  source,
});

/** Opened to order from the shell: they must be alive until then. */
export const opensAlive = ({ species: { group } }: RawFacts): boolean => group === "bivalve" || group === "echinoderm";

/** What a bivalve must show before it is eaten raw; the bare muscle of a scallop is no molluscan shellfish and asks for less. */
export function shellfishChecks(facts: RawFacts): readonly Check[] {
  const { species, form, parasites } = facts;
  if (species.group !== "bivalve") return aliveChecks(facts);
  const bare = isBareAdductor(species, form, parasites.roeOn);
  return bare
    ? [openedCheck(facts, true)]
    : [...aliveChecks(facts), tagCheck(facts), watersCheck(facts), vibrioCheck(facts)];
}

function aliveChecks(facts: RawFacts): readonly Check[] {
  const { state, species, shellfish } = facts;
  if (state !== "live") return species.group === "bivalve" ? [openedCheck(facts, false)] : [];
  const { deaths } = shellfish;
  const known = deaths !== null && deaths.counted > 0;
  if (!opensAlive(facts) && !known) return [];
  const source = "lot deaths, over a twentieth none goes raw (common practice)";
  if (!known) return [checkOf("alive", "Alive until opened", "missing", said("raw.tapACountOfThemHow"), source)];
  const text = said("raw.deadOfCountedDead", { dead: deaths.dead, counted: deaths.counted });
  return [
    deaths.dead / deaths.counted > RAW_DEAD_SHARE
      ? checkOf("alive", "Alive until opened", "fails", said("raw.textOverOneInTwentyCook", { text }), source)
      : checkOf("alive", "Alive until opened", "met", said("raw.textEachOneTappedAgainAs", { text }), source),
  ];
}

/** Shucked meat: opened here so long ago, or bought so and kept by its days. */
function openedCheck({ state, form, shellfish: { openedHAgo } }: RawFacts, bare: boolean): Check {
  const source = "common practice, medium";
  const label = "Since it was opened";
  if (state === "live") return checkOf("alive", label, "missing", said("raw.openItFirst"), source);
  if (openedHAgo === null)
    return form === "shucked"
      ? checkOf("alive", label, "met", said("raw.cameShuckedItsDaysOnThe"), source)
      : checkOf("alive", label, "missing", said("raw.whenWasItOpened"), source);
  const limitH = bare ? SHUCKED_HOURS.muscle : SHUCKED_HOURS.whole;
  return openedHAgo <= limitH
    ? checkOf(
        "alive",
        label,
        "met",
        said("raw.openedOpenedHAgoMinAgoLimitH", { openedHAgo: inHours(openedHAgo), limit: limitH }),
        source,
      )
    : checkOf(
        "alive",
        label,
        "fails",
        said("raw.openedOpenedHAgoHAgoLimitH", { openedHAgo: inHours(openedHAgo), limit: limitH }),
        source,
      );
}

function tagCheck({ shellfish: { tag, tagWords }, ruleSetId, state }: RawFacts): Check {
  const us = ruleSetId === "fda-2022";
  const source = us
    ? `${FOOD_CODE}, 3-202.17, 3-202.18, 3-203.12 (memory, high)`
    : "Reg. (EC) 853/2004, Annex III, Sec. VII, Ch. VII (memory, high)";
  const name = us
    ? state === "live"
      ? "tag"
      : said("raw.packersLabelWithItsCertificateNumber")
    : said("raw.labelOfTheDispatchCentre");
  return tag === "yes"
    ? checkOf("tag", "Tag", "met", said("raw.tagWordsKeptWithTheLotNo", { tagWords: tagWords ?? name }), source)
    : checkOf("tag", "Tag", "missing", said("raw.noNameNotRawAndNot", { name }), source);
}

/** Asks the dealer's list or the class of the waters, not any text on a paper. */
function watersCheck({ shellfish: { dealerListed, waterClass }, ruleSetId }: RawFacts): Check {
  const us = ruleSetId === "fda-2022";
  const source = us
    ? `${FOOD_CODE}, 3-201.15: dealers on the interstate certified list (memory, high)`
    : "Reg. (EU) 2019/627, Art. 52-55, and Reg. (EC) 853/2004, Annex III, Sec. VII: class A, or purified in an approved centre (memory, high; articles medium)";
  const label = "Waters";
  if (waterClass === "B" || waterClass === "C")
    return checkOf(
      "waters",
      label,
      "fails",
      said("raw.watersOfClassWaterClassCookedThe", { bound: inCelsius(90), waterClass }),
      source,
    );
  if (us)
    return dealerListed === "yes"
      ? checkOf("waters", label, "met", said("raw.theDealerIsOnTheCertified"), source)
      : checkOf("waters", label, "missing", said("raw.isTheDealerOnTheInterstate"), source);
  if (waterClass === "A") return checkOf("waters", label, "met", said("raw.watersOfClassA"), source);
  return dealerListed === "yes"
    ? checkOf("waters", label, "met", said("raw.fromAnApprovedDispatchCentre"), source)
    : checkOf("waters", label, "missing", said("raw.classAOrAnApprovedDispatch"), source);
}

const vibrioSource = (ruleSetId: RuleSetId) =>
  ruleSetId === "fda-2022" ? VIBRIO_PLANS : `no figure in the law of this rule set; taken from the ${VIBRIO_PLANS}`;

function vibrioCheck({ shellfish: { waterC, area, harvestMonth }, ruleSetId }: RawFacts): Check {
  const answer = (state: Check["state"], text: Said) =>
    checkOf("vibrio", "Warm water", state, text, vibrioSource(ruleSetId));
  if (waterC !== null) {
    const water = said("raw.waterOfWaterAtHarvest", { water: inCelsius(waterC, 0) });
    if (waterC >= VIBRIO_C.stop) return answer("fails", said("raw.waterVibrioCookThem", { water }));
    return waterC >= VIBRIO_C.care
      ? answer("met", said("raw.waterVibrioPossibleColdWithoutA", { water }))
      : answer("met", water);
  }
  if (seaOf(area) === "warm") return answer("missing", said("raw.aWarmSeaHasNoCold"));
  const cold = isColdMonth(area, harvestMonth);
  if (cold === null) return answer("missing", said("raw.whichWatersAndWhichMonthWarm"));
  return cold
    ? answer("met", said("raw.harvestedInAColdMonthOf"))
    : answer("missing", said("raw.harvestedInAWarmMonthOf"));
}
