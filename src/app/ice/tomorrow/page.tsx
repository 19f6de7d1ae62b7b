import type { Metadata } from "next";
import Link from "next/link";
import { shiftDay, todayIn, wallClockMs } from "@/calendar/days";
import { edibleShare } from "@/core/block";
import { planCovers, type PlannableLot } from "@/core/line";
import { inSentence } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { coversOn } from "@/db/house/covers";
import { stockOnIce } from "@/db/lots/stock";
import { dayText, formatFor, lifeText } from "@/ui/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requestTime, requireHouse } from "../../request";
import { speciesName } from "../../stove/clockOf";
import { ICE_VIEWS } from "../subViews";
import { CoversForm } from "./CoversForm";
import { PageHead } from "@/ui/layout/PageHead";

export const metadata: Metadata = { title: "Tomorrow" };

/** Service is taken to begin at six in the evening. */
const SERVICE_HOUR = 18;

export default async function TomorrowPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency);
  const day = shiftDay(todayIn(house.timeZone, nowMs), 1);
  const serviceMs = wallClockMs(day, SERVICE_HOUR * 60, 0, house.timeZone);
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
  const { needs, spare } = planCovers(lots, coversOn(db(), day), (serviceMs - nowMs) / DAY_MS);
  const short = needs.filter(({ shortG }) => shortG > 0.5);
  const names = short.map(({ speciesId }) => inSentence(speciesName(speciesId)));
  const namesShort =
    names.length > 2 ? `${names.slice(0, 2).join(", ")} and ${names.length - 2} more` : names.join(" and ");
  const dear = spare.filter(({ lot }) => lot.life.state !== "frozen");
  return (
    <>
      <PageHead
        title={
          needs.length === 0
            ? "What is booked for tomorrow?"
            : short.length === 0
              ? "Tomorrow is on the ice"
              : `Tomorrow is short of ${namesShort}`
        }
        asks={
          <>
            {dayText(serviceMs, house.timeZone)}, service from {SERVICE_HOUR}:00. A lot counts only if it lasts until
            then for that use; the one with least life goes first.
          </>
        }
      />
      <SubNav views={ICE_VIEWS} here="/ice/tomorrow" />
      <div className={page.wideLeft}>
        <div className={page.stack}>
          <section className={page.card}>
            <h2>Covers</h2>
            <CoversForm day={day} />
            {needs.length === 0 ? (
              <p className={page.empty}>Say how many covers of what; the rest is reckoned.</p>
            ) : (
              <ul className={page.rows}>
                {needs.map((need) => (
                  <li key={`${need.speciesId}-${need.use}`} data-need={need.speciesId}>
                    <div className={page.row}>
                      <span className={page.grow}>
                        <span className={page.title}>
                          {need.covers} × {inSentence(speciesName(need.speciesId))},{" "}
                          {need.use === "raw" ? "raw" : "cooked"}
                        </span>
                        <br />
                        <span className={page.sub}>
                          {need.from.length === 0
                            ? "nothing on ice lasts"
                            : need.from.map(({ title, massG }) => `${format.mass(massG)} of ${title}`).join(", ")}
                        </span>
                      </span>
                      <span className="figure">{format.mass(need.needG)}</span>
                      {need.shortG > 0.5 ? (
                        <b className={page.stop} data-testid="short">
                          {format.mass(need.shortG)} short
                        </b>
                      ) : (
                        <b className={page.good}>covered</b>
                      )}
                    </div>
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
        <section className={page.card}>
          <h2>Use today, by what waiting costs</h2>
          {dear.length === 0 ? (
            <p className={page.empty}>Nothing is left over.</p>
          ) : (
            <ul className={page.rows}>
              {dear.slice(0, 12).map(({ lot, spareG, centsAtRisk }) => (
                <li key={lot.id}>
                  <Link href={`/ice/${lot.id}`} className={page.row}>
                    <span className={page.grow}>
                      <span className={page.title}>{lot.title}</span>
                      <br />
                      <span className={page.sub}>
                        {format.mass(spareG)} spare, {lifeText(lot.life.daysLeft)} left,{" "}
                        {lot.life.use === "raw"
                          ? "raw first"
                          : lot.life.use === "cook"
                            ? "any cooked use"
                            : lot.life.use === "over"
                              ? "throw it out"
                              : "cook it through"}
                      </span>
                    </span>
                    <span className="figure">{format.money(centsAtRisk)} a day</span>
                  </Link>
                </li>
              ))}
            </ul>
          )}
          <p className={page.source}>Value on ice over the days it has left; less than a day counts whole.</p>
        </section>
      </div>
    </>
  );
}
