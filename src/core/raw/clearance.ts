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
  readonly headline: string;
  readonly fromMs: number | null;
  readonly untilMs: number | null;
  readonly rule: { readonly edition: string; readonly section: string };
  readonly exemption: string | null;
  readonly checks: readonly Check[];
  /** The paper or entry that proves the parasite rule. */
  readonly record: string;
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
  text: string,
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
  return {
    answer,
    headline: headlineOf(answer, checks, parasite.exemption),
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

function headlineOf(answer: Clearance["answer"], checks: readonly Check[], exemption: string | null): string {
  if (answer === "yes")
    return exemption
      ? "Exempt from the parasite rule, every check of the house met"
      : "Meets the parasite rule, every check of the house met";
  const first = checks.find(({ state }) =>
    answer === "no" ? state === "fails" : state !== "met" && state !== "fails",
  );
  return answer === "no" ? `Not raw: ${first?.text ?? ""}` : `Not yet: ${first?.text ?? ""}`;
}

const TABLE = "species table (memory)";

function speciesCheck({ species, form, dish }: RawFacts): Check {
  const say = (state: Check["state"], text: string, source = TABLE) =>
    check("species", "Fit to be raw", state, text, source);
  const family = familyOf(species);
  if (family?.banned)
    return say("fails", `${family.english}: ${family.banned.because}; never served`, family.banned.source);
  if (form === "smoked" || form === "by-product" || isReadyToEat(form)) return say("fails", "this is not a raw piece");
  if (species.rawUse === "none") return say("fails", "not a species for raw plates");
  if (species.rawUse === "cured-only" && dish === "raw") return say("fails", "cured only, never plain");
  if (!family || species.hazards === null)
    return say("missing", "its family is not known here, so neither are its hazards: say which it is");
  switch (species.rawUse) {
    case "usual":
      return say("met", "usual as a raw dish");
    case "seldom":
      return say("met", "seldom raw, but done");
    case "cured-only":
      return say("met", "cured, as is usual");
  }
}

function guestsCheck({ susceptibleGuests, ruleSetId }: RawFacts): Check {
  const { because, source } = RULE_SETS[ruleSetId].susceptible;
  return susceptibleGuests
    ? check("guests", "Guests", "fails", because, source)
    : check("guests", "Guests", "met", "the house does not serve the young, the old or the ill as its guests", source);
}

function doorCheck({ verdict, inspected }: RawFacts): Check {
  const say = (state: Check["state"], text: string) =>
    check("door", "At the door", state, text, "guided inspection of the house");
  if (verdict === null) return say("missing", "nobody judged it at the door");
  if (verdict !== "accept")
    return say("fails", verdict === "cook-only" ? "taken in for cooking only" : "refused at the door");
  return inspected === "yes"
    ? say("met", "accepted without a limit")
    : say("missing", "not every deciding sign was looked at: look, smell and press it now");
}

function freshCheck({ rawUntilMs, nowMs, state, shellfish }: RawFacts): Check {
  const source =
    "raw use ends at two fifths of the ice life (common practice, low), by its temperature history and legal ends";
  const say = (at: Check["state"], text: string) => check("freshness", "Fresh enough", at, text, source, rawUntilMs);
  if (rawUntilMs !== null)
    return rawUntilMs > nowMs ? say("met", "within its raw life") : say("fails", "past its raw life: cook it");
  if (state === "frozen") return say("met", "stands still in the freezer");
  return shellfish.openedHAgo === null
    ? say("missing", "its age is not known")
    : say("met", "opened to order: the hours since then decide");
}

function stateCheck(facts: RawFacts): Check {
  const { state, hold } = facts;
  const say = (at: Check["state"], text: string, untilMs?: number | null) =>
    check("state", "As it lies", at, text, "the lot", untilMs);
  if (state === "frozen" && hold?.state === "running" && hold.endsMs !== null)
    return say("waiting", "in its hold; then thaw it in the refrigerator", hold.endsMs);
  if (state === "frozen") return say("missing", "thaw it first: in the refrigerator, never vacuum-sealed");
  if (state === "live" && !opensAlive(facts)) return say("missing", "kill and prepare it first");
  return say("met", state === "thawed" ? "thawed" : state === "live" ? "alive, opened to order" : "chilled");
}

const BOX = {
  source: "boat or farm",
  area: "area",
  date: "catch or harvest date",
  lotNumber: "supplier’s lot number",
} as const;

function paperCheck({ box, shellfish, species }: RawFacts): Check {
  // a shellfish tag names harvester, place, day and lot itself
  const tagged = species.group === "bivalve" && shellfish.tag === "yes";
  const missing = (Object.keys(BOX) as (keyof typeof BOX)[]).filter((key) => !tagged && box[key] !== "yes");
  const source = "traceability of the rule set; a recall of a raw dish goes by these";
  return missing.length === 0
    ? check("papers", "Papers", "met", "traceable one step back", source)
    : check("papers", "Papers", "missing", `missing: ${missing.map((key) => BOX[key]).join(", ")}`, source);
}
