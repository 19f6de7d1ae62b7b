import type { Metadata } from "next";
import Link from "next/link";
import { db } from "@/db/connection";
import { checkLedger, checkNewEntries, entriesBetween } from "@/db/ledger";
import { dayText } from "@/ui/format/format";
import page from "@/ui/layout/page.module.css";
import { requireHouse, requestTime } from "../request";
import { dayBounds, shiftDay, todayIn } from "@/calendar/days";
import { LedgerTable } from "./LedgerTable";
import { lineOf } from "./lineOf";

export const metadata: Metadata = { title: "Book" };

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
            {day === today ? "Today’s book" : `The book of ${dayText(fromMs, house.timeZone)}`}
            <span className="muted figure"> {entries.length}</span>
          </h1>
          <p className={page.asks} data-testid="chain">
            {chain.kind === "whole"
              ? `All ${chain.entries} entries are sealed one to the next; none was changed.`
              : `The chain breaks at entry ${chain.atSeq}: that entry or the one before it was changed outside Gaffel.`}
          </p>
        </div>
        <nav aria-label="Day" className={page.line}>
          <Link href={`/book?day=${shiftDay(day, -1)}`}>Day before</Link>
          {day < today ? <Link href={`/book?day=${shiftDay(day, 1)}`}>Day after</Link> : null}
          {day === today ? null : <Link href="/book">Today</Link>}
          <Link href={`/book?day=${day}&check=all`}>Check every seal</Link>
        </nav>
      </header>
      <section className={page.card}>
        <LedgerTable lines={entries.map(lineOf)} />
      </section>
    </>
  );
}
