import type { Metadata } from "next";
import Link from "next/link";
import { dayBounds, shiftDay, todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import { platesBetween } from "@/db/trace/platesBetween";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import { dayText, timeText } from "@/words/format/format";
import { t } from "@/words/trace";
import { t as book } from "@/words/book";
import { requestTime, requireHouse } from "../../request";
import { askedDay } from "../askedDay";
import { tableText } from "../recall/PlateGroups";
import styles from "../recall/Recall.module.css";
import { BOOK_VIEWS } from "../subViews";

export const metadata: Metadata = { title: t("plates") };

export default async function PlatesPage({
  searchParams,
}: {
  readonly searchParams: Promise<{ readonly day?: string }>;
}) {
  const nowMs = await requestTime();
  const { timeZone } = requireHouse();
  const today = todayIn(timeZone, nowMs);
  const day = askedDay((await searchParams).day, today);
  const { fromMs, toMs } = dayBounds(day, timeZone);
  const plates = platesBetween(db(), fromMs, toMs);
  return (
    <>
      <PageHead title={t("platesOfTheDay", { day: dayText(fromMs, timeZone) })} asks={t("platesAsk")}>
        <Link href={`/book/plates?day=${shiftDay(day, -1)}`}>{book("dayBefore")}</Link>
        {day < today ? <Link href={`/book/plates?day=${shiftDay(day, 1)}`}>{book("dayAfter")}</Link> : null}
      </PageHead>
      <SubNav views={BOOK_VIEWS} here="/book/plates" />
      <section className={page.card}>
        {plates.length === 0 ? <Empty>{t("noPlatesThatDay")}</Empty> : null}
        <ol className={styles.groups} data-testid="plates">
          {plates.map(({ id, atMs, who, dish, work, table, guest }) => (
            <li key={id}>
              <span className="figure">{timeText(atMs, timeZone)}</span>
              <div>
                <Link href={`/book/plate/${id}`}>{dish ?? (work === "raw-plates" ? t("rawPlate") : t("noCard"))}</Link>
                <p className={page.sub}>
                  {t("andWho", { who, tables: table === null ? t("noTable") : tableText({ table, guest }) })}
                </p>
              </div>
            </li>
          ))}
        </ol>
      </section>
    </>
  );
}
