import type { Metadata } from "next";
import Link from "next/link";
import { db } from "@/db/connection";
import { checkLedger, checkNewEntries, entriesBetween } from "@/db/ledger";
import { dayText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { requireHouse, requestTime } from "../request";
import { dayBounds, shiftDay, todayIn } from "@/calendar/days";
import { LedgerList } from "./LedgerList";
import { lineOf } from "./lineOf";
import { t } from "@/words/book";

export const metadata: Metadata = { title: t("book") };

export default async function BookPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ day?: string; check?: string }>;
}) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const today = todayIn(house.timeZone, nowMs);
  const asked = (await searchParams).day ?? today;
  const day = /^\d{4}-\d{2}-\d{2}$/.test(asked) && !Number.isNaN(Date.parse(asked)) ? asked : today;
  const { fromMs, toMs } = dayBounds(day, house.timeZone);
  const entries = entriesBetween(db(), fromMs, toMs);
  const chain = (await searchParams).check === "all" ? checkLedger(db()) : checkNewEntries(db());
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>
            {day === today ? t("todaysBook") : t("theBookOfFrom", { from: dayText(fromMs, house.timeZone) })}
            <span className="muted figure"> {entries.length}</span>
          </h1>
          <p className={page.asks} data-testid="chain">
            {chain.kind === "whole"
              ? t("allEntriesEntriesAreSealedOne", { entries: chain.entries })
              : t("theChainBreaksAtEntryAtSeq", { atSeq: chain.atSeq })}
          </p>
        </div>
        <nav aria-label={t("day")} className={page.line}>
          <Link href={`/book?day=${shiftDay(day, -1)}`}>{t("dayBefore")}</Link>
          {day < today ? <Link href={`/book?day=${shiftDay(day, 1)}`}>{t("dayAfter")}</Link> : null}
          {day === today ? null : <Link href="/book">{t("today")}</Link>}
          <Link href={`/book?day=${day}&check=all`}>{t("checkEverySeal")}</Link>
        </nav>
      </header>
      <section className={page.card}>
        <LedgerList lines={entries.map(lineOf)} />
      </section>
    </>
  );
}
