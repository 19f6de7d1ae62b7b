import type { DoorVerdict, Form, LotState } from "@/core/freshness";
import { isReadyToEat } from "@/core/freshness";
import {
  optionWords,
  PARASITE_RULES,
  parasiteNeed,
  parasiteRuleOf,
  RULE_SETS,
  type ExposureVerdict,
  type ParasiteFacts,
  type RuleSetId,
} from "@/core/safety";
import type { Species } from "@/core/species";
import { rawAdvisory, type Advisory } from "./advisory";
import { shellfishChecks, type ShellfishFacts } from "./shellfish";

/** The temperature of every place a lot lay in since the door. */
export type HistoryFacts = {
  /** all: readings throughout; gaps: hours without; none: only the set point is known. */
  readonly measured: "all" | "gaps" | "none";
  readonly longestGapH: number;
  /** For species that form histamine. */
  readonly histamine: ExposureVerdict | null;
  /** Somebody probed the fish itself after the last gap. */
  readonly probedC: number | null;
};

/** The freezing hold of a lot, or of the lot it was cut from. */
export type HoldFacts =
  | {
      readonly state: "met";
      readonly words: string;
      /** The option of the rule that its readings meet. */
      readonly section: string;
      readonly atMs: number;
    }
  | { readonly state: "running"; readonly endsMs: number | null; readonly needs: string };

export type RawFacts = {
  readonly species: Species;
  readonly form: Form;
  readonly state: LotState;
  readonly ruleSetId: RuleSetId;
  /** Plain, or through a cure first. */
  readonly dish: "raw" | "cured";
  readonly verdict: DoorVerdict | null;
  readonly parasites: ParasiteFacts;
  /** Whether a scallop came with roe, where nobody said: null. */
  readonly roeSaid: boolean;
  readonly hold: HoldFacts | null;
  readonly history: HistoryFacts | null;
  /** Raw use ends then by freshness and by law; null: not known. */
  readonly rawUntilMs: number | null;
  readonly boxLabelled: {
    readonly source: boolean;
    readonly area: boolean;
    readonly date: boolean;
    readonly lotNumber: boolean;
  };
  readonly shellfish: ShellfishFacts | null;
  readonly nowMs: number;
};

export type Check = {
  readonly id: string;
  readonly label: string;
  /** met; waiting: time alone will do; missing: a fact or an act; fails: not this lot. */
  readonly state: "met" | "waiting" | "missing" | "fails";
  readonly text: string;
  readonly source: string;
  /** When waiting ends, where known. */
  readonly untilMs?: number;
};

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
  readonly risks: readonly string[];
};

/** Rule, edition and section in one: the section stands in the place of the article it belongs to. */
export function ruleWords({ edition, section }: Clearance["rule"]): string {
  const article = /[^,]+$/.exec(edition)?.[0].trim() ?? "";
  return section.startsWith(article) ? edition.replace(/[^,]+$/, ` ${section}`) : `${edition}, ${section}`;
}

const check = (
  id: string,
  label: string,
  state: Check["state"],
  text: string,
  source: string,
  untilMs?: number | null,
): Check => ({ id, label, state, text, source, ...(untilMs === null || untilMs === undefined ? {} : { untilMs }) });

/** Hours without a reading that a fish which forms histamine may not have (half the shortest limit of the guidance). */
const HISTAMINE_GAP_H = 4;

/**
 * May this lot be served raw, from when and until when, and what is still missing. Every check asks for a fact that speaks for the lot;
 * what is not known never counts for it, so that taking a fact away can only turn the answer down. Never "safe": a rule is met, and the
 * risks that stay are named.
 */
export function clearRaw(facts: RawFacts): Clearance {
  const { species, ruleSetId, shellfish, nowMs } = facts;
  const rule = PARASITE_RULES[parasiteRuleOf(ruleSetId)];
  const parasite = parasiteCheck(facts);
  const checks: Check[] = [
    fitCheck(species, facts.form, facts.dish),
    doorCheck(facts.verdict),
    parasite.check,
    freshCheck(facts),
    historyCheck(facts),
    stateCheck(facts),
    ...paperChecks(facts),
    ...(shellfish ? shellfishChecks(shellfish, ruleSetId) : []),
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
    headline: headlineOf(answer, checks, rule.edition),
    fromMs,
    untilMs: answer === "no" ? null : facts.rawUntilMs,
    rule: { edition: rule.edition, section: parasite.section },
    exemption: parasite.exemption,
    checks,
    record: parasite.record,
    advisory: rawAdvisory(ruleSetId, shellfish ? "shellfish" : facts.dish),
    risks: risksOf(facts),
  };
}

function headlineOf(answer: Clearance["answer"], checks: readonly Check[], edition: string): string {
  if (answer === "yes") return `Meets ${edition}`;
  const first = checks.find(({ state }) => (answer === "no" ? state === "fails" : state !== "met"));
  return answer === "no" ? `Not raw: ${first?.text ?? ""}` : `Not yet: ${first?.text ?? ""}`;
}

const TABLE = "species table (memory)";

function fitCheck(species: Species, form: Form, dish: RawFacts["dish"]): Check {
  const say = (state: Check["state"], text: string) => check("use", "Fit to be raw", state, text, TABLE);
  if (form === "smoked" || form === "by-product" || isReadyToEat(form)) return say("fails", "this is not a raw piece");
  switch (species.rawUse) {
    case "usual":
      return say("met", "usual as a raw dish");
    case "seldom":
      return say("met", "seldom raw, but done");
    case "cured-only":
      return dish === "cured" ? say("met", "cured, as is usual") : say("fails", "cured only, never plain");
    case "none":
      return say("fails", "not a species for raw plates");
  }
}

function doorCheck(verdict: DoorVerdict | null): Check {
  const say = (state: Check["state"], text: string) =>
    check("door", "At the door", state, text, "guided inspection of the house");
  if (verdict === "accept") return say("met", "accepted without a limit");
  if (verdict === null) return say("missing", "nobody judged it at the door");
  return say("fails", verdict === "cook-only" ? "taken in for cooking only" : "refused at the door");
}

function parasiteCheck({ species, form, ruleSetId, parasites, roeSaid, hold }: RawFacts) {
  const rule = PARASITE_RULES[parasiteRuleOf(ruleSetId)];
  const label = "Parasite rule";
  const need = parasiteNeed(parasiteRuleOf(ruleSetId), species, parasites);
  if (!need.needed) {
    const scallop = need.section.includes("(B)(2)");
    if (scallop && form === "shucked" && !roeSaid) {
      const text = "say whether the roe is on: only the bare muscle is exempt";
      return {
        check: check("parasite", label, "missing", text, rule.edition),
        section: need.section,
        exemption: null,
        record: "none yet",
      };
    }
    return {
      check: check("parasite", label, "met", `exempt: ${need.because}`, `${rule.edition}, ${need.section}`),
      section: need.section,
      exemption: `${need.because} (${need.section})`,
      record: need.record ?? "the species and form on the delivery note",
    };
  }
  const section = rule.options[0]!.section;
  if (hold?.state === "met")
    return {
      check: check("parasite", label, "met", `frozen: ${hold.words}`, rule.edition),
      section: hold.section,
      exemption: null,
      record: "the freezing log of this hold with its probe readings",
    };
  if (hold?.state === "running")
    return {
      check: check(
        "parasite",
        label,
        hold.endsMs === null ? "missing" : "waiting",
        hold.needs,
        rule.edition,
        hold.endsMs,
      ),
      section,
      exemption: null,
      record: "the freezing log, once the hold is closed",
    };
  const options = rule.options.map(optionWords).join(" or ");
  const papers = need.clearedBy.filter((one) => !one.startsWith("freezing, ")).join(" or ");
  const text = `freeze it first, ${options}; or bring ${papers}`;
  return {
    check: check("parasite", label, "missing", text, rule.edition),
    section,
    exemption: null,
    record: "none yet",
  };
}

function freshCheck({ rawUntilMs, nowMs, state }: RawFacts): Check {
  const source =
    "raw use ends at two fifths of the ice life (common practice, low), by its temperature history and legal ends";
  const say = (at: Check["state"], text: string) => check("fresh", "Fresh enough", at, text, source, rawUntilMs);
  if (rawUntilMs === null && state === "frozen")
    return check("fresh", "Fresh enough", "met", "stands still in the freezer", source);
  if (rawUntilMs === null) return check("fresh", "Fresh enough", "missing", "its age is not known", source);
  return rawUntilMs > nowMs ? say("met", "within its raw life") : say("fails", "past its raw life: cook it");
}

function historyCheck({ species, history }: RawFacts): Check {
  const source = "temperature history of its places";
  const say = (state: Check["state"], text: string) => check("history", "Kept cold", state, text, source);
  if (!history || history.measured === "none")
    return say("missing", "no reading of the place it lay in: probe and note it");
  const { histamine, measured, longestGapH, probedC } = history;
  if (species.histamineFormer === "yes") {
    if (!histamine) return say("missing", "its hours above 4.4 °C are not known");
    if (!histamine.ok)
      return check(
        "history",
        "Kept cold",
        "fails",
        `${histamine.hoursAbove.toFixed(1)} h above 4.4 °C, ${histamine.limitH} h allowed (histamine)`,
        histamine.source,
      );
    if (measured === "gaps" && longestGapH > HISTAMINE_GAP_H)
      return say("missing", `${longestGapH.toFixed(0)} h without a reading: too long for a fish that forms histamine`);
  }
  if (measured === "gaps" && probedC === null)
    return say("missing", `${longestGapH.toFixed(0)} h without a reading: probe the fish and note it`);
  return say("met", measured === "gaps" ? `a gap, then probed at ${probedC!.toFixed(1)} °C` : "readings throughout");
}

function stateCheck({ state, shellfish, species, hold }: RawFacts): Check {
  const say = (at: Check["state"], text: string) => check("state", "As it lies", at, text, "the lot");
  if (state === "frozen" && hold?.state === "running" && hold.endsMs !== null)
    return check(
      "state",
      "As it lies",
      "waiting",
      "in its hold; then thaw it in the refrigerator",
      "the lot",
      hold.endsMs,
    );
  if (state === "frozen") return say("missing", "thaw it in the refrigerator first");
  if (state === "live" && !shellfish) return say("missing", `kill and prepare it first (${species.group})`);
  return say("met", state === "thawed" ? "thawed" : state === "live" ? "alive" : "chilled");
}

function paperChecks({ boxLabelled }: RawFacts): readonly Check[] {
  const missing = [
    boxLabelled.source ? null : "boat or farm",
    boxLabelled.area ? null : "area",
    boxLabelled.date ? null : "catch or harvest date",
    boxLabelled.lotNumber ? null : "supplier’s lot number",
  ].filter((one) => one !== null);
  const source = "traceability of the rule set; a recall of a raw dish goes by these";
  return [
    missing.length === 0
      ? check("papers", "Papers", "met", "traceable one step back", source)
      : check("papers", "Papers", "missing", `missing: ${missing.join(", ")}`, source),
  ];
}

function risksOf({ species, shellfish, ruleSetId }: RawFacts): readonly string[] {
  const risks = [
    `Meeting a rule is not the same as safe: bacteria and viruses stay. ${RULE_SETS[ruleSetId].label}: the local authority decides.`,
    "Guests who are pregnant, very young, old, ill or with a weak immune system: no raw fish or shellfish.",
  ];
  if (shellfish)
    risks.push(
      "Raw bivalves carry what their water carried: Vibrio in warm months, norovirus in cold ones, and biotoxins no kitchen removes.",
    );
  if (species.histamineFormer !== "no")
    risks.push("Histamine gives no sign: a peppery tingle stops the lot; neither cold nor heat takes it out again.");
  if (species.group === "salmonid" || species.group === "roe")
    risks.push("Listeria grows in the cold: cured and smoked pieces are as raw as raw ones.");
  return risks;
}
