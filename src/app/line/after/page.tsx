import type { Metadata } from "next";
import { DAY_MS } from "@/core/units";
import { cardSpecs } from "@/db/cards/cardSpecs";
import { db } from "@/db/connection";
import { pansOfServices } from "@/db/line/pans";
import { learnedOf, LEARNS_FROM_DAYS, LEARNS_FROM_SERVICES } from "@/house/line/learned";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import { SubNav } from "@/ui/layout/SubNav";
import page from "@/ui/layout/page.module.css";
import { formatFor, clockText } from "@/words/format/format";
import { t } from "@/words/line";
import { requestTime, requireHouse } from "../../request";
import styles from "../Line.module.css";
import { LINE_VIEWS } from "../subViews";

export const metadata: Metadata = { title: t("afterService") };

export default async function AfterPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const learned = learnedOf(pansOfServices(db(), nowMs - LEARNS_FROM_DAYS * DAY_MS));
  const names = new Map(cardSpecs(db()).map(({ cardId, spec }) => [cardId, spec.name]));
  return (
    <>
      <SubNav views={LINE_VIEWS} here="/line/after" />
      <PageHead
        title={t("learnedMinutes")}
        asks={t("notYetLearned", {
          count: learned.length === 0 ? 0 : Math.max(...learned.map(({ services }) => services)),
        })}
      />
      {learned.length === 0 ? <Empty>{t("notYetLearned", { count: 0 })}</Empty> : null}
      <div className={page.stack}>
        {learned.map(({ cardId, services, stages, ratio }) => (
          <section key={cardId} className={page.card}>
            <h2>{names.get(cardId) ?? cardId}</h2>
            <p className={page.sub}>
              {t("services")}: {services}
              {ratio === null
                ? services < LEARNS_FROM_SERVICES
                  ? `. ${t("notYetLearned", { count: services })}`
                  : ""
                : `. ${t("minutesLearned")}: ${t("useTheMinutes", { ratio: format.number(ratio, 2) })}`}
            </p>
            <table className={styles.counts} aria-label={t("stepAgainstPlan")}>
              <thead>
                <tr>
                  <th scope="col">{t("stage")}</th>
                  <th scope="col">{t("planned")}</th>
                  <th scope="col">{t("itTook")}</th>
                </tr>
              </thead>
              <tbody>
                {stages.map(({ name, plannedS, tookS }) => (
                  <tr key={name}>
                    <td>{name}</td>
                    <td>{clockText(plannedS)}</td>
                    <td>{clockText(tookS)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        ))}
      </div>
    </>
  );
}
