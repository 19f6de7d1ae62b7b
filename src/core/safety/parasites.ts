import type { Species } from "@/core/species";
import { PARASITE_RULES, type ParasiteOption, type ParasiteRuleId } from "./data/parasiteRules";
import { assertInOrder, firstAtOrBelow, timeAtOrBelow, type LogPoint } from "./trace";

export type ParasiteVerdict = {
  readonly met: boolean;
  /** The option met; null while none is. */
  readonly by: ParasiteOption | null;
  /** The option met, or the one begun that lacks least. */
  readonly nearest: ParasiteOption;
  readonly hoursCredited: number;
  readonly hoursMissing: number;
};

/** Rounding between °F and °C must not cost a hold: -4 °F is -20.0 °C, -31 °F is -35.0 °C. */
const ROUNDING_K = 0.05;

/**
 * Judges a freezing hold from the temperature of the centre (hours, °C). Time counts only while the centre is at or below the limit;
 * a warm spell stops the count and does not undo it. An option that must first reach a lower temperature counts from there.
 */
export function judgeParasiteHold(ruleId: ParasiteRuleId, log: readonly LogPoint[]): ParasiteVerdict {
  assertInOrder(log);
  const judged = PARASITE_RULES[ruleId].options.map((option) => {
    const fromTime = option.firstReachC === null ? -Infinity : firstAtOrBelow(log, option.firstReachC + ROUNDING_K);
    const credited = fromTime === null ? 0 : timeAtOrBelow(log, option.holdC + ROUNDING_K, fromTime);
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

/** What is known of a lot that may take it out of the freezing rule. */
export type ParasiteFacts = {
  readonly production: "wild" | "farmed";
  /** Statement of grower or supplier: pellet feed, or feed that cannot carry parasites. */
  readonly feedStatement: boolean;
  /** Statement of the supplier that it was frozen as the rule asks. */
  readonly freezingStatement: boolean;
  /** The authority has cleared the fishing ground (EU). */
  readonly clearedGround: boolean;
  /** Scallop with its roe or whole, rather than the bare muscle. */
  readonly wholeOrRoeOn: boolean;
};

export type ParasiteNeed =
  | { readonly needed: true; readonly because: string; readonly clearedBy: readonly string[] }
  | { readonly needed: false; readonly because: string; readonly section: string; readonly record: string | null };

/** The option as a cook says it. */
export const optionWords = ({ label }: ParasiteOption): string => label.replace(/(\d) C\b/g, "$1 °C");

const free = (because: string, section: string, record: string | null = null): ParasiteNeed => ({
  needed: false,
  because,
  section,
  record,
});

/** Whether a species served raw must be frozen first under the rule, or what exempts it and which paper proves that. */
export function parasiteNeed(ruleId: ParasiteRuleId, species: Species, facts: ParasiteFacts): ParasiteNeed {
  const rule = PARASITE_RULES[ruleId];
  if (facts.freezingStatement)
    return free("frozen by the supplier", rule.statementSection, "the supplier's statement of temperature and time");
  if (facts.production === "farmed" && facts.feedStatement && rule.coversFarmed(species.group))
    return free(
      "farmed on feed that carries no parasites",
      rule.farmedSection,
      "the grower's letter on rearing and feed",
    );
  const exempt = rule.exemptions.find(({ applies }) => applies(species, facts));
  if (exempt) return free(exempt.because, exempt.section);
  const clearedBy = [
    ...rule.options.map((option) => `freezing, ${optionWords(option)}`),
    "the supplier's freezing statement",
  ];
  if (facts.production === "farmed") clearedBy.push("the grower's letter on feed");
  if (rule.groundsSection && facts.production === "wild")
    clearedBy.push(`an authorised ground (${rule.groundsSection})`);
  return { needed: true, because: species.parasiteNote, clearedBy };
}
