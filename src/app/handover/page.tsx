import type { Metadata } from "next";
import Link from "next/link";
import { db } from "@/db/connection";
import { handovers } from "@/db/house/handovers";
import { listStaff } from "@/db/house/house";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { PrintButton } from "@/ui/layout/PrintButton";
import { Row, RowCard } from "@/ui/layout/RowCard";
import { t } from "@/words/handover";
import { dayText, formatFor, momentText, timeText } from "@/words/format/format";
import { requestTime, requireHouse } from "../request";
import { handoverNow } from "./handoverNow";
import styles from "./Handover.module.css";
import { ItemCard } from "./ItemCard";
import { lowText, probeText } from "./itemWords";
import { LeaveWord } from "./LeaveWord";
import { markOf } from "./markOf";
import { TakeOver } from "./TakeOver";

export const metadata: Metadata = { title: t("handover") };

/** The change of shift, and the close: what the one who comes on has to know, and who took it over. */
export default async function HandoverPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const { timeZone } = house;
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const handover = handoverNow(db(), house, nowMs);
  const { runs, toMake, owed, low, probe } = handover;
  const { waiting, lastTaken } = handovers(db(), nowMs);
  const about = { format, nowMs, timeZone };
  return (
    <>
      <PageHead
        title={owed.length > 0 ? t("thingsAreOwed", { count: owed.length }) : t("nothingIsOwed")}
        asks={t("asksHandover")}
      >
        <PrintButton quiet />
      </PageHead>
      <div className={page.wideLeft}>
        <div className={page.stack} data-testid="handover">
          {waiting.length > 0 ? (
            <section className={page.card} data-testid="left-words">
              <h2>{t("wordsLeft")}</h2>
              <ul className={page.rows}>
                {waiting.map(({ who, atMs, note }) => (
                  <li key={atMs}>
                    <p className={styles.note}>{note || t("noWords")}</p>
                    <span className={page.sub}>
                      {t("leftByWho", { who, day: dayText(atMs, timeZone), time: timeText(atMs, timeZone) })}
                    </span>
                  </li>
                ))}
              </ul>
            </section>
          ) : null}
          <ItemCard title={t("owed")} empty={t("nothingLate")} items={owed} owed {...about} />
          {probe ? (
            <section className={page.card} data-testid="probe-first">
              <h2>{t("probeFirst")}</h2>
              <p>{probeText(probe, format, timeZone)}</p>
              <p className={page.screenOnly}>
                <Link href="/ice/places#probe-check">{t("toTheProbes")}</Link>
              </p>
            </section>
          ) : (
            <p className={page.sub}>{t("probesGood")}</p>
          )}
          <ItemCard title={t("runs")} empty={t("nothingRuns")} items={runs} {...about} />
          {toMake.length > 0 ? <ItemCard title={t("toMake")} empty="" items={toMake} {...about} /> : null}
          <RowCard
            title={t("runsLow")}
            empty={t("nothingLow")}
            rows={low.map((item) => (
              <Row key={item.key} href={item.href} title={item.title}>
                <span className={page.right}>{lowText(item, format)}</span>
              </Row>
            ))}
          />
        </div>
        <div className={page.stack}>
          <TakeOver
            cooks={listStaff(db()).map(({ name }) => name)}
            mark={markOf(handover)}
            last={
              lastTaken
                ? t("lastTaken", {
                    who: lastTaken.who,
                    from: lastTaken.from,
                    at: momentText(lastTaken.atMs, nowMs, timeZone),
                  })
                : t("nobodyTookOver")
            }
          />
          <LeaveWord />
        </div>
      </div>
    </>
  );
}
