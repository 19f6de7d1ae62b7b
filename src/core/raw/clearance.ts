import { said, type Said, saidAsIs, saidList } from "@/core/shared";
import { isReadyToEat } from "@/core/freshness";
import { PARASITE_RULES, parasiteRuleOf, RULE_SETS } from "@/core/safety";
import { familyOf } from "@/core/species";
import { rawAdvisory, type Advisory } from "./advisory";
import type { Check, CheckId, RawFacts } from "./facts";
import { histamineCheck, keptColdCheck } from "./keptCold";
import { parasiteAnswer } from "./parasiteCheck";
import { risksOf, type Risk } from "./risks";
import { opensAlive, shellfishChecks } from "./shellfish";

export type Clearance = {
  readonly answer: "yes" | "not-yet" | "no";
  readonly headline: Said;
  /** What the first check that is not met says; null where nothing stands in the way. */
  readonly standsInTheWay: Said | null;
  readonly fromMs: number | null;
  readonly untilMs: number | null;
  readonly rule: { readonly edition: string; readonly section: string };
  readonly exemption: Said | null;
  readonly checks: readonly Check[];
  /** The paper or entry that proves the parasite rule. */
  readonly record: Said;
  readonly advisory: Advisory;
  readonly risks: readonly Risk[];
};

/** Rule, edition and section in one. */
export function ruleWords({ edition, section }: Clearance["rule"]): string {
  const rule = Object.values(PARASITE_RULES).find((one) => one.edition === edition);
  return `${rule?.sectionsUnder ?? edition}, ${section}`;
}

const check = (
  id: CheckId,
  label: string,
  state: Check["state"],
  text: Said,
  source: string,
  untilMs?: number | null,
): Check => ({ id, label, state, text, source, ...(untilMs === null || untilMs === undefined ? {} : { untilMs }) });

/**
 * May this lot be served raw, from when and until when, and what is still missing. Every check asks for a fact that speaks for the lot;
 * what is not known never counts for it, so that taking a fact away can only turn the answer down. Never "safe": a rule is met, and the
 * risks that stay are named.
 */
export function clearRaw(facts: RawFacts): Clearance {
  const { species, ruleSetId, nowMs } = facts;
  const rule = PARASITE_RULES[parasiteRuleOf(ruleSetId)];
  const parasite = parasiteAnswer(facts);
  const histamine = histamineCheck(facts);
  const checks: Check[] = [
    speciesCheck(facts),
    guestsCheck(facts),
    doorCheck(facts),
    parasite.check,
    freshCheck(facts),
    keptColdCheck(facts),
    ...(histamine ? [histamine] : []),
    stateCheck(facts),
    paperCheck(facts),
    ...shellfishChecks(facts),
  ];
  const fails = checks.filter(({ state }) => state === "fails");
  const open = checks.filter(({ state }) => state === "missing" || state === "waiting");
  const answer = fails.length > 0 ? "no" : open.length > 0 ? "not-yet" : "yes";
  const ends = open.map(({ untilMs }) => untilMs);
  const known = open.every(({ state, untilMs }) => state === "waiting" && untilMs !== undefined);
  const fromMs =
    answer === "yes" ? nowMs : answer === "not-yet" && known ? Math.max(...ends.map((one) => one ?? nowMs)) : null;
  const unmet = firstUnmet(answer, checks);
  return {
    answer,
    headline: headlineOf(answer, unmet, parasite.exemption),
    standsInTheWay: answer === "yes" ? null : unmet,
    fromMs,
    untilMs: answer === "no" ? null : facts.rawUntilMs,
    rule: { edition: rule.edition, section: parasite.section },
    exemption: parasite.exemption,
    checks,
    record: parasite.record,
    advisory: rawAdvisory(ruleSetId, species.group === "bivalve" ? "shellfish" : facts.dish),
    risks: risksOf(facts, parasite.frozen),
  };
}

const firstUnmet = (answer: Clearance["answer"], checks: readonly Check[]): Said | null =>
  checks.find(({ state }) => (answer === "no" ? state === "fails" : state !== "met" && state !== "fails"))?.text ??
  null;

function headlineOf(answer: Clearance["answer"], unmet: Said | null, exemption: Said | null): Said {
  if (answer === "yes")
    return exemption ? said("raw.exemptFromTheParasiteRuleEvery") : said("raw.meetsTheParasiteRuleEveryCheck");
  const text = unmet ?? "";
  return answer === "no" ? said("raw.notRawText", { text }) : said("raw.notYetText", { text });
}

const TABLE = "species table (memory)";

function speciesCheck({ species, form, dish }: RawFacts): Check {
  const say = (state: Check["state"], text: Said, source = TABLE) =>
    check("species", "Fit to be raw", state, text, source);
  const family = familyOf(species);
  if (family?.banned)
    return say(
      "fails",
      said("raw.englishBecauseNeverServed", { english: family.english, because: family.banned.because }),
      family.banned.source,
    );
  if (form === "smoked" || form === "by-product" || isReadyToEat(form))
    return say("fails", said("raw.thisIsNotARawPiece"));
  if (species.rawUse === "none") return say("fails", said("raw.notASpeciesForRawPlates"));
  if (species.rawUse === "cured-only" && dish === "raw") return say("fails", said("raw.curedOnlyNeverPlain"));
  if (!family || species.hazards === null) return say("missing", said("raw.itsFamilyIsNotKnownHere"));
  switch (species.rawUse) {
    case "usual":
      return say("met", said("raw.usualAsARawDish"));
    case "seldom":
      return say("met", said("raw.seldomRawButDone"));
    case "cured-only":
      return say("met", said("raw.curedAsIsUsual"));
  }
}

function guestsCheck({ susceptibleGuests, ruleSetId }: RawFacts): Check {
  const { because, source } = RULE_SETS[ruleSetId].susceptible;
  return susceptibleGuests
    ? check("guests", "Guests", "fails", saidAsIs(because), source)
    : check("guests", "Guests", "met", said("raw.theHouseDoesNotServeThe"), source);
}

function doorCheck({ verdict, inspected }: RawFacts): Check {
  const say = (state: Check["state"], text: Said) =>
    check("door", "At the door", state, text, "guided inspection of the house");
  if (verdict === null) return say("missing", said("raw.nobodyJudgedItAtTheDoor"));
  if (verdict !== "accept")
    return say("fails", verdict === "cook-only" ? said("raw.takenInForCookingOnly") : said("raw.refusedAtTheDoor"));
  return inspected === "yes"
    ? say("met", said("raw.acceptedWithoutALimit"))
    : say("missing", said("raw.notEveryDecidingSignWasLooked"));
}

function freshCheck({ rawUntilMs, nowMs, state, shellfish }: RawFacts): Check {
  const source =
    "raw use ends at two fifths of the ice life (common practice, low), by its temperature history and legal ends";
  const say = (at: Check["state"], text: Said) => check("freshness", "Fresh enough", at, text, source, rawUntilMs);
  if (rawUntilMs !== null)
    return rawUntilMs > nowMs
      ? say("met", said("raw.withinItsRawLife"))
      : say("fails", said("raw.pastItsRawLifeCookIt"));
  if (state === "frozen") return say("met", said("raw.standsStillInTheFreezer"));
  return shellfish.openedHAgo === null
    ? say("missing", said("raw.itsAgeIsNotKnown"))
    : say("met", said("raw.openedToOrderTheHoursSince"));
}

function stateCheck(facts: RawFacts): Check {
  const { state, hold } = facts;
  const say = (at: Check["state"], text: Said, untilMs?: number | null) =>
    check("state", "As it lies", at, text, "the lot", untilMs);
  if (state === "frozen" && hold?.state === "running" && hold.endsMs !== null)
    return say("waiting", said("raw.inItsHoldThenThawIt"), hold.endsMs);
  if (state === "frozen") return say("missing", said("raw.thawItFirstInTheRefrigerator"));
  if (state === "live" && !opensAlive(facts)) return say("missing", said("raw.killAndPrepareItFirst"));
  return say(
    "met",
    state === "thawed" ? said("raw.thawed") : state === "live" ? said("raw.aliveOpenedToOrder") : said("raw.chilled"),
  );
}

const BOX = {
  source: "boat or farm",
  area: "area",
  date: said("raw.catchOrHarvestDate"),
  lotNumber: said("raw.suppliersLotNumber"),
} as const;

function paperCheck({ box, shellfish, species }: RawFacts): Check {
  // a shellfish tag names harvester, place, day and lot itself
  const tagged = species.group === "bivalve" && shellfish.tag === "yes";
  const missing = (Object.keys(BOX) as (keyof typeof BOX)[]).filter((key) => !tagged && box[key] !== "yes");
  const source = "traceability of the rule set; a recall of a raw dish goes by these";
  return missing.length === 0
    ? check("papers", "Papers", "met", said("raw.traceableOneStepBack"), source)
    : check(
        "papers",
        "Papers",
        "missing",
        said("raw.missingMissing", { missing: saidList(missing.map((key) => BOX[key])) }),
        source,
      );
}
