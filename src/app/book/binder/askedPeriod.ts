import { dayBounds, shiftDay } from "@/calendar/days";
import { RULE_SETS, type RuleSetId } from "@/core/safety";
import { askedDay } from "../askedDay";

export type AskedPeriod = {
  readonly from?: string | undefined;
  readonly to?: string | undefined;
  readonly rules?: string | undefined;
};

const USUAL_DAYS = 14;
/** The longest period a binder covers: more than a quarter nobody reads on paper. */
const MOST_DAYS = 92;

/** The period and rules an address asks for: the last fourteen days by the rules of the house, where it names none there are. */
export function askedPeriod(
  { from, to, rules }: AskedPeriod,
  house: { readonly timeZone: string; readonly ruleSetId: RuleSetId },
  today: string,
) {
  const last = askedDay(to, today);
  const first = askedDay(from, shiftDay(last, 1 - USUAL_DAYS));
  const earliest = shiftDay(last, 1 - MOST_DAYS);
  const day = first > last ? last : first < earliest ? earliest : first;
  const ruleSetId = rules !== undefined && rules in RULE_SETS ? (rules as RuleSetId) : house.ruleSetId;
  return {
    from: day,
    to: last,
    ruleSetId,
    fromMs: dayBounds(day, house.timeZone).fromMs,
    toMs: dayBounds(last, house.timeZone).toMs,
  };
}
