import type { Metadata } from "next";
import Link from "next/link";
import { db } from "@/db/connection";
import type { ChainCheck } from "@/core/trace";
import { checkLedger, checkNewEntries, entriesBetween } from "@/db/ledger";
import { dayOut } from "@/db/house/dayOut";
import { bookDay } from "@/house/bookDay";
import { dayText, formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../request";
import { dayBounds, shiftDay, todayIn } from "@/calendar/days";
import { askedDay } from "./askedDay";
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
  const { check, seal } = await searchParams;
  const chain = check === "all" || seal !== undefined ? checkLedger(db()) : checkNewEntries(db());
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>
            {day === today ? t("todaysBook") : t("theBookOfFrom", { from: dayText(fromMs, house.timeZone) })}
            <span className="muted figure"> {entries.length}</span>
          </h1>
          <p className={page.asks} data-testid="chain">
            {chainWords(chain, check === "all")}
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
      {entries.length > 0 ? (
        <DayCard
          day={bookDay(entries)}
          out={dayOut(db(), fromMs, toMs)}
          format={formatFor(house.units, house.currency, house.decimalMark)}
        />
      ) : null}
      <section className={page.card}>
        <LedgerList lines={entries.map(lineOf)} />
      </section>
      <SealOfDay
        day={day}
        toMs={Math.min(toMs, nowMs + 1)}
        asked={seal?.trim().toLowerCase() ?? null}
        whole={chain.kind === "whole"}
      />
    </>
  );
}

/** What was checked, and no more than that. */
function chainWords(chain: ChainCheck, all: boolean): string {
  switch (chain.kind) {
    case "whole":
      return all ? t("everySealFits", { entries: chain.entries }) : t("sealsFitSoFar", { entries: chain.entries });
    case "broken":
      return t("theChainBreaksAtEntryAtSeq", { atSeq: chain.atSeq });
    case "cut-off":
      return t("entriesAreMissing", { after: chain.afterSeq, missing: chain.missing });
    case "unguarded":
      return t("guardsAreGone");
  }
}
