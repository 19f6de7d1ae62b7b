import type { Metadata } from "next";
import Link from "next/link";
import { dayBounds, shiftDay, todayIn } from "@/calendar/days";
import { dayLog, type LogCell } from "@/core/coldchain";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house/places";
import { watchPlace } from "@/db/lots/excursions";
import { dayText, formatFor, timeText, type Format } from "@/words/format/format";
import { PageHead } from "@/ui/layout/PageHead";
import { PrintButton } from "@/ui/layout/PrintButton";
import { SubNav } from "@/ui/layout/SubNav";
import page from "@/ui/layout/page.module.css";
import { requireHouse, requestTime } from "../../request";
import styles from "../Ice.module.css";
import { answerWords } from "../places/answerWords";
import { ICE_VIEWS } from "../subViews";
import { t } from "@/words/ice";

export const metadata: Metadata = { title: t("fridgeLog") };

const DAY = /^\d{4}-\d{2}-\d{2}$/;

function cellText(cell: LogCell, format: Format): string {
  if (cell === null) return t("notRead");
  const [low, high] = [format.temperature(cell.lowC, 1), format.temperature(cell.highC, 1)];
  return low === high ? high : t("lowToHigh", { low, high });
}

/** A day of every place in numbers, as it hangs on the door of a cold room: on the screen and on paper. */
export default async function LogPage({ searchParams }: { readonly searchParams: Promise<{ day?: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const asked = (await searchParams).day ?? "";
  const today = todayIn(house.timeZone, nowMs);
  const day = DAY.test(asked) && asked <= today ? asked : shiftDay(today, -1);
  const bounds = dayBounds(day, house.timeZone);
  const toMs = Math.min(bounds.toMs, nowMs);
  const places = listPlaces(db());
  const kept = places.map((place) => {
    const watch = watchPlace(db(), place, house.ruleSetId, bounds.fromMs, toMs);
    return { place, watch, log: dayLog(watch.readings, { fromMs: bounds.fromMs, toMs }, watch.limits) };
  });
  const excursions = kept.flatMap(({ place, watch }) => watch.excursions.map((excursion) => ({ place, excursion })));
  const nameOf = (id: string) => places.find((one) => one.id === id)?.name ?? "";
  const celsius = (value: number) => format.temperature(value, 1);
  return (
    <>
      <PageHead
        title={t("fridgeLogOf", { day: dayText(bounds.fromMs, house.timeZone) })}
        asks={t("lowestAndHighestOfEveryTwoHours")}
      >
        <span className={page.line}>
          <Link href={`/ice/log?day=${shiftDay(day, -1)}`}>{t("dayBefore")}</Link>
          {day < today ? <Link href={`/ice/log?day=${shiftDay(day, 1)}`}>{t("dayAfter")}</Link> : null}
          <PrintButton />
        </span>
      </PageHead>
      <SubNav views={ICE_VIEWS} here="/ice/places" />
      <section className={`${page.card} ${styles.log}`}>
        <table data-testid="fridge-log">
          <thead>
            <tr>
              <th scope="col">{t("from2")}</th>
              {kept.map(({ place, watch }) => (
                <th key={place.id} scope="col">
                  {place.name}
                  <br />
                  <span className={page.sub}>
                    {watch.limits.minC === null ? "" : t("minTo", { min: format.temperature(watch.limits.minC) })}
                    {watch.limits.maxC === null ? "" : t("atMostLimit", { max: format.temperature(watch.limits.maxC) })}
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {kept[0]?.log.lines.map(({ fromMs }, index) => (
              <tr key={fromMs}>
                <th scope="row" className="figure">
                  {timeText(fromMs, house.timeZone)}
                </th>
                {kept.map(({ place, log }) => {
                  const { cell } = log.lines[index]!;
                  return (
                    <td key={place.id} className="figure" data-out={cell?.out || undefined}>
                      {cellText(cell, format)}
                      {cell?.out ? <b> {t("out")}</b> : null}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr>
              <th scope="row">{t("wholeDay")}</th>
              {kept.map(({ place, log }) => (
                <td key={place.id} className="figure" data-out={log.day?.out || undefined}>
                  <b>{cellText(log.day, format)}</b>
                  <br />
                  <span className={page.sub}>{t("readingsCount", { count: log.day?.readings ?? 0 })}</span>
                </td>
              ))}
            </tr>
          </tfoot>
        </table>
      </section>
      <section className={`${page.card} ${page.aboveMore}`}>
        <h2>{t("whatWasDoneAboutThem")}</h2>
        {excursions.length === 0 ? <p>{t("nothingWasOut")}</p> : null}
        <ul className={page.bullets}>
          {excursions.map(({ place, excursion }) => (
            <li key={`${place.id}${excursion.fromMs}`}>
              <b>{place.name}</b>, {timeText(excursion.fromMs, house.timeZone)} –{" "}
              {timeText(excursion.toMs, house.timeZone)}, {celsius(excursion.extremeC)}:{" "}
              {excursion.answers.length === 0
                ? t("nobodyWroteWhatWasDone")
                : excursion.answers
                    .map(
                      (answer) =>
                        `${answerWords({ ...answer, to: answer.toPlaceId === null ? null : nameOf(answer.toPlaceId), codes: [] }, celsius)} (${answer.who})`,
                    )
                    .join("; ")}
            </li>
          ))}
        </ul>
      </section>
    </>
  );
}
