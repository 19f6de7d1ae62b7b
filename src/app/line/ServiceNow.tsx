import Link from "next/link";
import { db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { ticketsSince } from "@/db/line/tickets";
import { isCalled } from "@/house/line/ticket";
import page from "@/ui/layout/page.module.css";
import { formatFor } from "@/words/format/format";
import { t } from "@/words/line";
import { serviceFromMs } from "./plan/lineState";
import { nextHands } from "./plan/lineView";
import { NowNext } from "./now/NowNext";

/** The first, and what comes after it. */
const NEXT = 2;

/** What service needs next, where a table is called; else nothing. */
export async function ServiceNow({ house, nowMs }: { readonly house: House; readonly nowMs: number }) {
  const called = ticketsSince(db(), serviceFromMs(nowMs)).some(({ courses }) => courses.some(isCalled));
  if (!called) return null;
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const hands = await nextHands(db(), house, nowMs, format, NEXT);
  return (
    <>
      <NowNext hands={hands} called heading="h2" serverNowMs={nowMs} timeZone={house.timeZone} />
      <p className={`${page.sub} ${page.below}`}>
        <Link href="/line">{t("toTheLine")}</Link>
      </p>
    </>
  );
}
