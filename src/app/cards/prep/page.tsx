import type { Metadata } from "next";
import type { Route } from "next";
import Link from "next/link";
import { shiftDay, startOfDayMs, todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import { minuteText } from "@/house/butter/stockBoard";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { PrintButton } from "@/ui/layout/PrintButton";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/cards";
import { dayText, formatFor } from "@/words/format/format";
import { requestTime, requireHouse } from "../../request";
import styles from "../Cards.module.css";
import { aheadText } from "../aheadText";
import { aheadOn, prepOf } from "../prepData";
import { CARD_VIEWS } from "../subViews";
import { PrepLine } from "./PrepLine";
import { ServicePlan } from "./ServicePlan";

export const metadata: Metadata = { title: t("prep") };

type Props = { readonly searchParams: Promise<{ readonly day?: string }> };

/** Prep is looked at so many days ahead. */
const DAYS_AHEAD = 6;

export default async function PrepPage({ searchParams }: Props) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { serviceMin } = house;
  const today = todayIn(house.timeZone, nowMs);
  const days = Array.from({ length: DAYS_AHEAD + 1 }, (_, ahead) => shiftDay(today, ahead));
  const asked = (await searchParams).day;
  const day = days.find((one) => one === asked) ?? today;
  const { onTheCard, rows } = prepOf(db(), house, day, nowMs);
  const ahead = aheadOn(db(), house, day, nowMs);
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const open = rows.filter(({ done, atService }) => !done && !atService);
  const [first] = open;
  return (
    <>
      <PageHead
        title={first ? t("beginWith", { name: first.name, time: minuteText(first.beginMin) }) : t("allIsMade")}
        asks={t("whatTheCoversOfTodayWant", { time: minuteText(serviceMin) })}
      >
        <PrintButton />
      </PageHead>
      <div className={styles.noPrint}>
        <SubNav views={CARD_VIEWS} here="/cards/prep" />
        <nav className={styles.guest} aria-label={t("forWhichDay")}>
          {days.map((one) => (
            <Link
              key={one}
              href={(one === today ? "/cards/prep" : `/cards/prep?day=${one}`) as Route}
              aria-current={one === day ? "true" : undefined}
              replace
            >
              {one === today ? t("today") : dayText(startOfDayMs(one, house.timeZone), house.timeZone)}
            </Link>
          ))}
        </nav>
      </div>
      <section className={`${page.card} ${styles.above}`}>
        {rows.length === 0 ? <Empty>{t("bookACardAndItsPrepStandsHere")}</Empty> : null}
        <ul className={page.rows} data-testid="prep">
          {rows.map((row) => (
            <PrepLine key={row.kind === "base" ? row.specId : row.preparationId} row={row} />
          ))}
        </ul>
      </section>
      {ahead.map(({ forDay, rows: wanted }) => (
        <section key={forDay} className={`${page.card} ${styles.above}`} data-testid="ahead">
          <h2>{t("setGoingFor", { day: dayText(startOfDayMs(forDay, house.timeZone), house.timeZone) })}</h2>
          <ul className={page.rows}>
            {wanted.map((one) => (
              <li key={`${one.kind}${one.kind === "thaw" ? one.code : one.name}`} className={page.row}>
                {aheadText(one, format)}
              </li>
            ))}
          </ul>
        </section>
      ))}
      <p className={styles.noPrint}>
        <a href="/api/prep.ics" download>
          {t("prepCalendar")}
        </a>
      </p>
      <div className={styles.noPrint}>
        <ServicePlan
          key={`${day}${serviceMin}`}
          day={day}
          serviceMin={serviceMin}
          cards={onTheCard
            .filter(({ off }) => off === null)
            .map(({ cardId, spec, booked }) => ({ cardId, name: spec.name, booked }))}
        />
      </div>
    </>
  );
}
