import { sumOf } from "@/core/numeric";
import { addDays, daysFromTo, type Day } from "@/core/units";
import { RULINGS } from "./data/rulings";
import { cite, type RuleSetId } from "./ruling";

/** Days a live-shellfish tag or label is kept, and from which day. */
export const TAG_RETENTION: Readonly<
  Record<RuleSetId, { readonly days: number; readonly from: string; readonly source: string }>
> = {
  "fda-2022": {
    days: 90,
    from: "the day the last of the lot was sold or served",
    source: cite(RULINGS["fda-2022"].tag),
  },
  "eu-853": {
    days: 60,
    from: "the day the pack was split",
    source: cite(RULINGS["eu-853"].tag),
  },
  "uk-2013": {
    days: 60,
    from: "the day the pack was split",
    source: cite(RULINGS["uk-2013"].tag),
  },
};

/** Last day a tag must be kept, counted in calendar days. */
export const keepTagUntil = (ruleSetId: RuleSetId, from: Day): Day => addDays(from, TAG_RETENTION[ruleSetId].days);

/** Days kept of a paper that proves an exemption: with the US code 90 past the last service. */
export const keepLetterUntil = (lastServed: Day): Day => addDays(lastServed, 90);

export const DATE_MARK = {
  days: 7,
  source: cite(RULINGS["fda-2022"]["date-mark"]),
} as const;

/** A stretch in the freezer: the day it went in and the day it came out to thaw. */
export type FrozenStretch = { readonly from: Day; readonly to: Day };

/**
 * Last day of a ready-to-eat food made or opened on `madeOn`. Freezing stops the clock and does not set it back: the day it goes in
 * is counted, the day it comes out is counted, the days between are not.
 */
export function dateMarkLastDay(madeOn: Day, frozen: readonly FrozenStretch[] = []): Day {
  const still = sumOf(frozen, ({ from, to }) => Math.max(0, daysFromTo(from, to) - 1));
  return addDays(madeOn, DATE_MARK.days - 1 + still);
}

/** Batches put together: the earliest date governs (3-501.17). */
export const combinedMadeOn = (days: readonly Day[]): Day | undefined => [...days].sort()[0];
