import type { Metadata } from "next";
import { todayIn } from "@/calendar/days";
import Link from "next/link";
import { shelfOf } from "@/db/butter/goods";
import { saucesNow } from "@/db/butter/sauces";
import { sauceSpecs } from "@/db/butter/specs";
import { db } from "@/db/connection";
import { bookedOn } from "@/db/cards/bookings";
import { bainStatus, coversOfSauce, sauceNeed, type SauceNeed } from "@/house/butter/tonight";
import { Empty } from "@/ui/layout/Empty";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { Row, RowCard } from "@/ui/layout/RowCard";
import { SubNav } from "@/ui/layout/SubNav";
import { t } from "@/words/butter";
import { formatFor } from "@/words/format/format";
import { requestTime, requireHouse } from "../request";
import { BainRow } from "./BainRow";
import { FireRows } from "./FireRows";
import { onTheFire } from "./onTheFire";
import { BUTTER_VIEWS } from "./subViews";

export const metadata: Metadata = { title: t("butter") };

export default async function ButterPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const booked = bookedOn(db(), todayIn(house.timeZone, nowMs));
  const there = saucesNow(db());
  const shelf = shelfOf(db());
  const needs = sauceSpecs(db()).map(({ specId, spec }) => {
    const covers = coversOfSauce(specId, spec, booked);
    const haveG = there.reduce(
      (sum, one) =>
        one.specId === specId && !one.mount && (one.lot.useByMs ?? Infinity) > nowMs ? sum + one.lot.remainingG : sum,
      0,
    );
    return sauceNeed(specId, spec, covers, haveG, shelf);
  });
  const bains = there
    .flatMap(({ lot, spec, madeAtMs, mount }) =>
      mount ? [{ lotId: lot.id, code: lot.code, remainingG: lot.remainingG, madeAtMs, spec, mount }] : [],
    )
    .map((sauce) => ({ sauce, status: bainStatus(sauce, house.ruleSetId, nowMs, shelf) }))
    .sort(
      (a, b) =>
        Number(b.status.over) - Number(a.status.over) || (a.status.splitsInMin ?? 999) - (b.status.splitsInMin ?? 999),
    );
  const wanted = needs.filter(({ covers }) => covers > 0).sort((a, b) => (b.baseMin ?? 0) - (a.baseMin ?? 0));
  const missing = wanted.find(({ baseHaveG, baseNeedG }) => baseNeedG > 0 && baseHaveG < baseNeedG - 1);
  const rest = needs.filter(({ covers }) => covers === 0);
  const urgent = bains.find(
    ({ status }) => status.over || status.state !== "holds" || (status.splitsInMin ?? 999) <= 15,
  );
  const subOf = ({ covers, batches, baseMin, baseHaveG, baseNeedG, hasBase, gPerCover }: SauceNeed) =>
    t("needLine", {
      each: format.mass(gPerCover),
      batches,
      base: !hasBase
        ? t("noBaseToReduce")
        : covers > 0 && baseHaveG >= baseNeedG - 1
          ? t("baseIsThere")
          : t("baseTakes", { minutes: Math.round(baseMin ?? 0) }),
    });
  const title = urgent
    ? t("seeToFirst", { name: urgent.sauce.spec.name })
    : missing
      ? t("startTheBaseOf", { name: missing.name, minutes: Math.round(missing.baseMin ?? 0) })
      : wanted[0]
        ? t("allBasesAreThere")
        : t("noSauceIsBooked");
  return (
    <>
      <PageHead title={title} asks={t("saucesByTheCovers")}>
        <Link href="/butter/write">{t("writeASauceDown")}</Link>
      </PageHead>
      <SubNav views={BUTTER_VIEWS} here="/butter" />
      <div className={page.stack}>
        <FireRows {...onTheFire(db())} serverNowMs={nowMs} />
        {bains.length > 0 ? (
          <section className={page.card} data-testid="bains">
            <h2>{t("inTheBain")}</h2>
            <ul className={page.rows}>
              {bains.map(({ sauce, status }) => (
                <BainRow key={sauce.lotId} sauce={sauce} status={status} nowMs={nowMs} timeZone={house.timeZone} />
              ))}
            </ul>
          </section>
        ) : null}
        <section className={page.card} data-testid="tonight">
          <h2>{t("tonight")}</h2>
          {wanted.length === 0 ? <Empty>{t("coversOfADishBringItsSauce")}</Empty> : null}
          <ul className={page.rows}>
            {wanted.map((need) => (
              <Row
                key={need.specId}
                href={`/butter/sauce/${need.specId}?covers=${need.covers}`}
                title={need.name}
                sub={subOf(need)}
              >
                <span className="figure">{t("coversFigure", { covers: need.covers })}</span>
                <span className="figure">{format.mass(need.gPerCover * need.covers)}</span>
              </Row>
            ))}
          </ul>
        </section>
        <RowCard
          title={t("otherSaucesOfTheHouse")}
          empty={t("noneBesides")}
          rows={rest.map((need) => (
            <Row key={need.specId} href={`/butter/sauce/${need.specId}`} title={need.name} sub={subOf(need)}>
              <span className={page.sub}>{t("notBookedTonight")}</span>
            </Row>
          ))}
        />
      </div>
    </>
  );
}
