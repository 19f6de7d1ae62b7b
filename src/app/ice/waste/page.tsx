import { sumOf } from "@/core/numeric";
import type { Metadata } from "next";
import Link from "next/link";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { wasteSince } from "@/db/lots/waste";
import { dayText, formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requestTime, requireHouse } from "../../request";
import { speciesName } from "../../stove/clockOf";
import { ICE_VIEWS } from "../subViews";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/ice";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("waste") };

const DAYS = 28;

export default async function WastePage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const lines = wasteSince(db(), nowMs - DAYS * DAY_MS);
  const total = sumOf(lines, ({ costCents }) => costCents);
  const reasons = [...new Set(lines.map(({ reason }) => reason))]
    .map((reason) => {
      const of = lines.filter((line) => line.reason === reason);
      const costCents = sumOf(of, (line) => line.costCents);
      return { reason, times: of.length, costCents, massG: sumOf(of, (line) => line.massG) };
    })
    .sort((a, b) => b.costCents - a.costCents);
  return (
    <>
      <PageHead
        title={
          lines.length === 0
            ? t("nothingWasThrownAway")
            : t("totalThrownAwayInFourWeeks", { total: format.money(total) })
        }
        asks={
          reasons[0]
            ? t("mostOfItReasonCost", { reason: reasons[0].reason, cost: format.money(reasons[0].costCents) })
            : t("wasteIsWrittenOffOnThe")
        }
      />
      <SubNav views={ICE_VIEWS} here="/ice/waste" />
      <div className={page.wideRight}>
        <section className={page.card}>
          <h2>{t("byReason")}</h2>
          {reasons.length === 0 ? <Empty>{t("noReasonsYet")}</Empty> : null}
          <ul className={page.rows}>
            {reasons.map(({ reason, times, costCents, massG }) => (
              <li key={reason}>
                <div className={page.row}>
                  <span className={page.grow}>
                    {t.rich("reasonTimesTimesMass", {
                      reason,
                      span: (words) => <span className={page.title}>{words}</span>,
                      times,
                      mass: format.mass(massG),
                      span2: (words) => <span className={page.sub}>{words}</span>,
                    })}
                  </span>
                  <span className="figure">{format.money(costCents)}</span>
                </div>
              </li>
            ))}
          </ul>
        </section>
        <section className={page.card}>
          <h2>{t("lineByLine")}</h2>
          {lines.length === 0 ? <Empty>{t("nothingInTheLastFourWeeks")}</Empty> : null}
          <ul className={page.rows}>
            {lines.slice(0, 100).map((line) => (
              <li key={line.id}>
                <Link href={line.speciesId === null ? "/butter/kept" : `/ice/${line.lotId}`} className={page.row}>
                  <span className={page.grow}>
                    <span className={page.title}>
                      {line.speciesId === null ? line.itemName : speciesName(line.speciesId)}
                    </span>{" "}
                    <span className={`${page.sub} figure`}>{line.code}</span>
                    <br />
                    <span className={page.sub}>
                      {line.reason}, {line.who}, {dayText(line.atMs, house.timeZone)}
                    </span>
                  </span>
                  <span className="figure">{format.mass(line.massG)}</span>
                  <span className={`figure ${page.narrow}`}>{format.money(line.costCents)}</span>
                </Link>
              </li>
            ))}
          </ul>
        </section>
      </div>
    </>
  );
}
