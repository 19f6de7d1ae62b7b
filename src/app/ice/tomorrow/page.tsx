import type { Metadata } from "next";
import Link from "next/link";
import { shiftDay, todayIn, wallClockMs } from "@/calendar/days";
import { edibleShare } from "@/core/block";
import { planCovers, type PlannableLot } from "@/core/line";
import { inSentence } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { bookedOn } from "@/db/cards/bookings";
import { stockOnIce } from "@/db/lots/stock";
import { dayText, formatFor, lifeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { minuteText } from "@/house/butter/stockBoard";
import { SubNav } from "@/ui/layout/SubNav";
import { requestTime, requireHouse } from "../../request";
import { speciesName } from "../../stove/clockOf";
import { ICE_VIEWS } from "../subViews";
import { CoversForm } from "./CoversForm";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/ice";
import { Source } from "@/ui/layout/Source";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("tomorrow") };

export default async function TomorrowPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const day = shiftDay(todayIn(house.timeZone, nowMs), 1);
  const serviceMs = wallClockMs(day, house.serviceMin, 0, house.timeZone);
  const lots = stockOnIce(db(), nowMs)
    .filter(({ byProduct }) => !byProduct)
    .map(({ id, row, title, massG, valueCents, life, species }): PlannableLot => ({
      id,
      speciesId: row.speciesId,
      title: `${title} ${row.code}`,
      edibleG: massG * edibleShare(species, row.form),
      valueCents,
      life,
    }));
  const { needs, spare } = planCovers(lots, bookedOn(db(), day), (serviceMs - nowMs) / DAY_MS);
  const short = needs.filter(({ shortG }) => shortG > 0.5);
  const names = short.map(({ speciesId }) => inSentence(speciesName(speciesId)));
  const namesShort =
    names.length > 2
      ? t("namesAndLengthMore", { names: names.slice(0, 2).join(", "), length: names.length - 2 })
      : names.join(" and ");
  const dear = spare.filter(({ lot }) => lot.life.state !== "frozen");
  return (
    <>
      <PageHead
        title={
          needs.length === 0
            ? t("whatIsBookedForTomorrow")
            : short.length === 0
              ? t("tomorrowIsOnTheIce")
              : t("tomorrowIsShortOfNamesShort", { namesShort })
        }
        asks={
          <>
            {t("serviceFromTime", {
              service: dayText(serviceMs, house.timeZone),
              time: minuteText(house.serviceMin),
            })}
          </>
        }
      />
      <SubNav views={ICE_VIEWS} here="/ice/tomorrow" />
      <div className={page.wideLeft}>
        <div className={page.stack}>
          <section className={page.card}>
            <h2>{t("covers")}</h2>
            <CoversForm day={day} />
            {needs.length === 0 ? (
              <Empty>{t("sayHowManyCoversOfWhat")}</Empty>
            ) : (
              <ul className={page.rows}>
                {needs.map((need, index) => (
                  <li key={`${need.speciesId}-${need.use}-${index}`} data-need={need.speciesId}>
                    <div className={page.row}>
                      <span className={page.grow}>
                        <span className={page.title}>
                          {need.covers} × {inSentence(speciesName(need.speciesId))},{" "}
                          {need.use === "raw" ? t("raw2") : t("cooked2")}
                        </span>
                        <br />
                        <span className={page.sub}>
                          {need.from.length === 0
                            ? t("nothingOnIceLasts")
                            : need.from
                                .map(({ title, massG }) => t("massOfTitle", { mass: format.mass(massG), title }))
                                .join(", ")}
                        </span>
                      </span>
                      <span className="figure">{format.mass(need.needG)}</span>
                      {need.shortG > 0.5 ? (
                        <b className={page.stop} data-testid="short">
                          {t("shortShort", { short: format.mass(need.shortG) })}
                        </b>
                      ) : (
                        <b className={page.good}>{t("covered")}</b>
                      )}
                    </div>
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
        <section className={page.card}>
          <h2>{t("useTodayByWhatWaitingCosts")}</h2>
          {dear.length === 0 ? (
            <Empty>{t("nothingIsLeftOver")}</Empty>
          ) : (
            <ul className={page.rows}>
              {dear.slice(0, 12).map(({ lot, spareG, centsAtRisk }) => (
                <li key={lot.id}>
                  <Link href={`/ice/${lot.id}`} className={page.row}>
                    <span className={page.grow}>
                      <span className={page.title}>{lot.title}</span>
                      <br />
                      <span className={page.sub}>
                        {t("spareSpareDaysLeftLeftValue", {
                          spare: format.mass(spareG),
                          daysLeft: lifeText(lot.life.daysLeft),
                          value:
                            lot.life.use === "raw"
                              ? t("rawFirst")
                              : lot.life.use === "cook"
                                ? t("anyCookedUse")
                                : lot.life.use === "over"
                                  ? t("throwItOut")
                                  : t("cookItThrough"),
                        })}
                      </span>
                    </span>
                    <span className="figure">{t("centsAtRiskADay", { centsAtRisk: format.money(centsAtRisk) })}</span>
                  </Link>
                </li>
              ))}
            </ul>
          )}
          <Source>{t("valueOnIceOverTheDays")}</Source>
        </section>
      </div>
    </>
  );
}
