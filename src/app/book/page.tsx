import type { Metadata } from "next";
import Link from "next/link";
import { db } from "@/db/connection";
import { entriesBetween } from "@/db/ledger";
import { dayOut } from "@/db/house/dayOut";
import { bookDay } from "@/house/book/bookDay";
import { foldParts } from "@/house/book/foldParts";
import { dayText, formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../request";
import { dayBounds, shiftDay, todayIn } from "@/calendar/days";
import { askedDay } from "./askedDay";
import { checkAll, checkToday } from "./checked";
import { DayCard } from "./DayCard";
import { LedgerList } from "./LedgerList";
import { lineOf } from "./lineOf";
import { SealOfDay } from "./SealOfDay";
import { BOOK_VIEWS } from "./subViews";
import { t } from "@/words/book";

export const metadata: Metadata = { title: t("book") };

export default async function BookPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ day?: string; check?: string; seal?: string }>;
}) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const today = todayIn(house.timeZone, nowMs);
  const day = askedDay((await searchParams).day, today);
  const { fromMs, toMs } = dayBounds(day, house.timeZone);
  const entries = entriesBetween(db(), fromMs, toMs);
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const { check, seal } = await searchParams;
  const whole = check === "all" || seal !== undefined;
  const { words, fits } = whole ? await checkAll(house.timeZone) : checkToday(house.timeZone);
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>
            {day === today ? t("todaysBook") : t("theBookOfFrom", { from: dayText(fromMs, house.timeZone) })}
            <span className="muted figure"> {entries.length}</span>
          </h1>
          <p className={page.asks} data-testid="chain">
            {words}
          </p>
        </div>
        <nav aria-label={t("day")} className={page.line}>
          <Link href={`/book?day=${shiftDay(day, -1)}`}>{t("dayBefore")}</Link>
          {day < today ? <Link href={`/book?day=${shiftDay(day, 1)}`}>{t("dayAfter")}</Link> : null}
          {day === today ? null : <Link href="/book">{t("today")}</Link>}
          <Link href={`/book?day=${day}&check=all`}>{t("checkEverySeal")}</Link>
        </nav>
      </header>
      <SubNav views={BOOK_VIEWS} here="/book" />
      {entries.length > 0 ? <DayCard day={bookDay(entries)} out={dayOut(db(), fromMs, toMs)} format={format} /> : null}
      <section className={page.card}>
        <LedgerList lines={foldParts(entries).map((entry) => lineOf(entry, format))} />
      </section>
      <SealOfDay day={day} toMs={Math.min(toMs, nowMs + 1)} asked={seal?.trim().toLowerCase() ?? null} whole={fits} />
    </>
  );
}
