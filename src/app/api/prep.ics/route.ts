import { shiftDay, startOfDayMs, todayIn, wallClockMs } from "@/calendar/days";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { writeCalendar, type CalendarEntry } from "@/exchange/holdCalendar";
import { t } from "@/words/cards";
import { dayText, formatFor } from "@/words/format/format";
import { aheadText } from "../../cards/aheadText";
import { aheadOn, prepOf } from "../../cards/prepData";

/** Prep is looked at so many days ahead. */
const DAYS_AHEAD = 7;
/** Where no hour is known: as the kitchen begins. */
const MORNING_MIN = 9 * 60;

/** What the covers of the days to come want made, thawed and set going, for any calendar that can subscribe. */
export function GET(): Response {
  const nowMs = houseNowMs();
  const house = findHouse(db());
  const entries = house ? entriesOf(house, nowMs) : [];
  return new Response(writeCalendar(entries, house?.name ?? "Gaffel", nowMs), {
    headers: {
      "content-type": "text/calendar; charset=utf-8",
      "content-disposition": 'attachment; filename="prep.ics"',
      "cache-control": "no-store",
    },
  });
}

function entriesOf(house: NonNullable<ReturnType<typeof findHouse>>, nowMs: number): readonly CalendarEntry[] {
  const { timeZone } = house;
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const today = todayIn(timeZone, nowMs);
  return Array.from({ length: DAYS_AHEAD }, (_, at) => shiftDay(today, at)).flatMap((day) => {
    const made = prepOf(db(), house, day, nowMs)
      .rows.filter(({ done, atService }) => !done && !atService)
      .map(({ name, needG, haveG, beginMin }) => ({
        id: `prep-${day}-${name}`,
        title: t("prepFor", { name, mass: format.mass(needG - haveG) }),
        atMs: wallClockMs(day, Math.max(0, Math.round(beginMin)), 0, timeZone),
        text: t("prep"),
      }));
    const ahead = aheadOn(db(), house, day, nowMs).flatMap(({ forDay, rows }) =>
      rows.map((one, at) => ({
        id: `ahead-${day}-${forDay}-${at}`,
        title: aheadText(one, format),
        atMs: wallClockMs(day, MORNING_MIN, 0, timeZone),
        text: t("aheadFor", { day: dayText(startOfDayMs(forDay, timeZone), timeZone), what: aheadText(one, format) }),
      })),
    );
    return [...made, ...ahead];
  });
}
