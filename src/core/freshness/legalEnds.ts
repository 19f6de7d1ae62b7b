import { said } from "@/core/shared";
import { DATE_MARK, dateMarkLastDay, type FrozenStretch, type RuleSetId } from "@/core/safety";
import { addDays, type Day } from "@/core/units";
import type { LegalEnd, LotState } from "./life";
import type { Form } from "@/core/species";
import { isReadyToEat } from "./scheme";

export type LegalFacts = {
  readonly ruleSetId: RuleSetId;
  readonly form: Form;
  readonly state: LotState;
  /** The day it was made or its pack opened here; null while it is closed. */
  readonly openedOn: Day | null;
  /** Days the pack gives once it is open, the day of opening the first; null: it says none, or nobody read it. */
  readonly openDays: number | null;
  /** The date on the label. */
  readonly useBy: Day | null;
  readonly thawedOn: Day | null;
  readonly frozen: readonly FrozenStretch[];
  /** Start of a day of the house, as a time. */
  readonly startOfDayMs: (day: Day) => number;
};

/** Thawed raw fish goes within two days (common practice): the freezer hid the days before. */
const THAWED_DAYS = 2;

/** Every end that a rule, a label or the thawing sets; the earliest governs. A frozen lot has none while it is frozen. */
export function legalEnds(facts: LegalFacts): readonly LegalEnd[] {
  if (facts.state === "frozen") return [];
  const endOf = (day: Day) => facts.startOfDayMs(addDays(day, 1));
  const ends: LegalEnd[] = [];
  if (facts.useBy) {
    ends.push({
      kind: "use-by",
      atMs: endOf(facts.useBy),
      label: said("freshness.useByDate", { day: facts.useBy }),
      source: "the label",
    });
  }
  if (facts.openedOn && isReadyToEat(facts.form)) {
    const last = dateMarkLastDay(facts.openedOn, facts.frozen);
    const source =
      facts.ruleSetId === "fda-2022" ? DATE_MARK.source : `${DATE_MARK.source}; taken here as the house's own rule`;
    ends.push({ kind: "date-mark", atMs: endOf(last), label: said("freshness.dateMark", { last }), source });
  }
  if (facts.openedOn && facts.openDays !== null) {
    const last = addDays(facts.openedOn, facts.openDays - 1);
    const label = said("freshness.openDaysOnceOpenLastDay", { open: facts.openDays, last });
    ends.push({ kind: "after-opening", atMs: endOf(last), label, source: "the pack" });
  }
  if (facts.state === "thawed" && facts.thawedOn) {
    const last = addDays(facts.thawedOn, THAWED_DAYS - 1);
    ends.push({
      kind: "thawed",
      atMs: endOf(last),
      label: said("freshness.thawedLastDay", { last }),
      source: `thawed fish within ${THAWED_DAYS} days (common practice)`,
    });
  }
  return ends;
}
