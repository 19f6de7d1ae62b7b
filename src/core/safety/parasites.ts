import { sumOf } from "@/core/numeric";
import { type Fact, inCelsius, said, type Said } from "@/core/shared";
import { familyOf, type Form, type Species } from "@/core/species";
import {
  PARASITE_RULES,
  type FarmedCondition,
  type ParasiteExemption,
  type ParasiteOption,
  type ParasiteRuleId,
} from "./data/parasiteRules";
import { ROUNDING_K } from "./rounding";
import { assertInOrder, firstAtOrBelow, timeAtOrBelow, withoutWideSteps, type LogPoint } from "./trace";

export type ParasiteVerdict = {
  readonly met: boolean;
  /** The option met; null while none is. */
  readonly by: ParasiteOption | null;
  /** The option met, or the one begun that lacks least. */
  readonly nearest: ParasiteOption;
  readonly hoursCredited: number;
  readonly hoursMissing: number;
};

/**
 * Readings of a hold may stand so far apart, h, and still prove what lay between: the last round at night and the first in the morning. A
 * pack that had warmed needs longer than that to be as cold again at its centre. The rules name no interval (ours).
 */
export const HOLD_GAP_H = 12;

/**
 * Judges a freezing hold from the temperature of the centre (hours, °C). Time counts only while the centre is at or below the limit;
 * a warm spell stops the count and does not undo it. An option that must first reach a lower temperature counts from there. Between
 * readings further apart than `widestH` nothing counts: nobody knows what was there.
 */
export function judgeParasiteHold(
  ruleId: ParasiteRuleId,
  log: readonly LogPoint[],
  widestH = Infinity,
): ParasiteVerdict {
  assertInOrder(log);
  const stretches = withoutWideSteps(log, widestH);
  const judged = PARASITE_RULES[ruleId].options.map((option) => {
    const fromTime = option.firstReachC === null ? -Infinity : firstAtOrBelow(log, option.firstReachC + ROUNDING_K);
    const credited =
      fromTime === null
        ? 0
        : sumOf(stretches, (stretch) => timeAtOrBelow(stretch, option.holdC + ROUNDING_K, fromTime));
    return { option, credited, missing: Math.max(0, option.hours - credited) };
  });
  const met = judged.find(({ missing }) => missing < 1e-9);
  const begun = judged.filter(({ credited }) => credited > 0).sort((a, b) => a.missing - b.missing)[0];
  const { option, credited, missing } = met ?? begun ?? judged[0]!;
  return {
    met: met !== undefined,
    by: met?.option ?? null,
    nearest: option,
    hoursCredited: credited,
    hoursMissing: missing,
  };
}

/** How farmed fish was reared; `ranched`: caught wild and fattened. */
export type Rearing = "net-pen" | "land-based" | "ranched";

/** What is known of a lot that may take it out of the freezing rule; what nobody said stays unknown. */
export type ParasiteFacts = {
  readonly form: Form;
  readonly production: "wild" | "farmed" | "unknown";
  readonly rearing: Rearing | "unknown";
  /** Statement of grower or supplier: feed that cannot carry parasites. */
  readonly feedStatement: Fact;
  /** Statement of the supplier that it was frozen as the rule asks. */
  readonly freezingStatement: Fact;
  /** The authority has authorised the fishing ground (EU). */
  readonly clearedGround: Fact;
  /** Scallop with its roe, or whole. */
  readonly roeOn: Fact;
  readonly skein: "in" | "removed-and-rinsed" | "unknown";
};

/** What would clear a lot, for the screen to put in words. */
export type ParasiteRemedy =
  | { readonly kind: "freeze"; readonly option: ParasiteOption }
  | { readonly kind: "freezing-statement" }
  | { readonly kind: "farmed"; readonly lacks: readonly FarmedCondition[]; readonly section: string }
  | { readonly kind: "ground"; readonly section: string }
  | { readonly kind: "skein"; readonly section: string };

export type ParasiteNeed =
  | { readonly needed: true; readonly remedies: readonly ParasiteRemedy[] }
  | {
      readonly needed: false;
      readonly by: "scope" | "statement" | ParasiteExemption["kind"];
      readonly because: string;
      readonly section: string;
      readonly record: string | null;
    };

/** The option as a cook says it. */
export const optionWords = ({ firstReachC, holdC, hours }: ParasiteOption): Said =>
  firstReachC === null || firstReachC === holdC
    ? said("safety.frozenAt", { hold: inCelsius(holdC), hours })
    : said("safety.frozenSolidThen", { reach: inCelsius(firstReachC), hold: inCelsius(holdC), hours });

/** Bare muscle only where somebody said so of shucked meat: whole, live and unsaid are molluscan shellfish. */
export const isBareAdductor = (species: Species, form: Form, roeOn: Fact): boolean =>
  familyOf(species)?.anatomy === "scallop" && form === "shucked" && roeOn === "no";

/** Which of the rule's conditions for farmed fish nobody has said yet, or which do not hold. */
function lackingConditions(needs: readonly FarmedCondition[], facts: ParasiteFacts): readonly FarmedCondition[] {
  const { rearing, feedStatement } = facts;
  const penned = rearing === "net-pen" || rearing === "land-based";
  return needs.filter((need) => {
    switch (need) {
      case "feed":
        return feedStatement !== "yes";
      case "net-pen-or-land-based":
      // the grower's statement is on fish of his own rearing: ranched fish was caught in the wild and never came from embryos
      case "from-embryos":
      case "environment-or-procedure":
        return !penned;
    }
  });
}

function exempts(exemption: ParasiteExemption, species: Species, facts: ParasiteFacts): boolean {
  switch (exemption.kind) {
    case "groups":
      return exemption.groups.includes(species.group);
    case "bare-adductor":
      return isBareAdductor(species, facts.form, facts.roeOn);
    case "named-species":
      return exemption.scientificNames.includes(species.scientificName);
    case "eggs-out-of-skein":
      return species.group === "roe" && facts.form !== "sacs" && facts.skein === "removed-and-rinsed";
    case "farmed":
      return (
        facts.production === "farmed" &&
        exemption.groups.includes(species.group) &&
        lackingConditions(exemption.needs, facts).length === 0
      );
    case "authorised-ground":
      return facts.production === "wild" && facts.clearedGround === "yes";
  }
}

/** Whether a lot served raw or under-cooked must be frozen first under the rule, or what exempts it and which paper proves that. */
export function parasiteNeed(ruleId: ParasiteRuleId, species: Species, facts: ParasiteFacts): ParasiteNeed {
  const rule = PARASITE_RULES[ruleId];
  if (!rule.scope.includes(species.group))
    return {
      needed: false,
      by: "scope",
      because: "the rule speaks of finfish and cephalopods only",
      section: rule.scopeSection,
      record: null,
    };
  if (facts.freezingStatement === "yes")
    return {
      needed: false,
      by: "statement",
      because: "frozen by the supplier",
      section: rule.statementSection,
      record: "the supplier's statement of temperature and time",
    };
  const exempt = rule.exemptions.find((one) => exempts(one, species, facts));
  if (exempt) {
    const { kind, because, section, record } = exempt;
    return { needed: false, by: kind, because, section, record };
  }
  return {
    needed: true,
    remedies: [
      ...rule.options.map((option): ParasiteRemedy => ({ kind: "freeze", option })),
      { kind: "freezing-statement" },
      ...rule.exemptions.flatMap((one) => remedyOf(one, species, facts)),
    ],
  };
}

function remedyOf(exemption: ParasiteExemption, species: Species, facts: ParasiteFacts): readonly ParasiteRemedy[] {
  const { section } = exemption;
  switch (exemption.kind) {
    case "farmed": {
      const can =
        facts.production !== "wild" && facts.rearing !== "ranched" && exemption.groups.includes(species.group);
      return can ? [{ kind: "farmed", lacks: lackingConditions(exemption.needs, facts), section }] : [];
    }
    case "authorised-ground":
      return facts.production === "farmed" ? [] : [{ kind: "ground", section }];
    case "eggs-out-of-skein":
      return species.group === "roe" && facts.form !== "sacs" && facts.skein !== "in"
        ? [{ kind: "skein", section }]
        : [];
    default:
      return [];
  }
}
