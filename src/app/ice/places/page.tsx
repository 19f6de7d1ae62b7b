import type { Metadata } from "next";
import Link from "next/link";
import { todayIn } from "@/calendar/days";
import { probeState, type ProbeState } from "@/core/coldchain";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { alarmsOf, watchHouse } from "@/db/lots/excursions";
import { lastProbeCheck } from "@/db/house/probeChecks";
import { dayText, formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { SubNav } from "@/ui/layout/SubNav";
import { requireHouse, requestTime } from "../../request";
import styles from "../Ice.module.css";
import { ICE_VIEWS } from "../subViews";
import { PlaceForm } from "./PlaceForm";
import { ProbeCheck } from "./ProbeCheck";
import { PlaceStrip } from "./PlaceStrip";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/ice";

export const metadata: Metadata = { title: t("places") };

const PROBES: Readonly<Record<ProbeState, string>> = {
  never: t("noCheckNotedYetCrushedIce"),
  off: t("theLastCheckWasOffSet"),
  old: t("dueTheLastCheckIsMore"),
  good: t("inOrder"),
};

export default async function PlacesPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const watched = watchHouse(db(), house.ruleSetId, nowMs);
  const alarms = alarmsOf(db(), watched, nowMs);
  const rankOf = (placeId: string) => {
    const rank = alarms.findIndex(({ place }) => place.id === placeId);
    return rank < 0 ? alarms.length : rank;
  };
  const out = watched.filter(({ excursions }) => excursions.some(({ open }) => open));
  const silent = watched.filter(({ gaps }) => gaps.some(({ toMs }) => toMs === nowMs));
  const unanswered = watched.filter(({ excursions }) => excursions.some(({ state }) => state === "unanswered"));
  const checked = lastProbeCheck(db());
  const probes = probeState(
    checked && { day: todayIn(house.timeZone, checked.atMs), celsius: checked.celsius },
    todayIn(house.timeZone, nowMs),
  );
  const lastCheck = checked
    ? t("lastCelsiusOnAtWho", {
        celsius: format.temperature(checked.celsius, 1),
        at: dayText(checked.atMs, house.timeZone),
        who: checked.who,
      })
    : "";
  const headline =
    out.length > 0
      ? t("outOutOfLimits", { out: out.map(({ place }) => place.name).join(" and ") })
      : unanswered.length > 0
        ? t("unansweredWasOutOfLimitsSay", { unanswered: unanswered.map(({ place }) => place.name).join(" and ") })
        : silent.length > 0
          ? t("noWordFromSilent", { silent: silent.map(({ place }) => place.name).join(" and ") })
          : t("everyPlaceHolds");
  return (
    <>
      <PageHead title={headline} asks={t("theLastDayOfEveryPlace")}>
        <Link href="/ice/log">{t("yesterdayInNumbers")}</Link>
      </PageHead>
      <SubNav views={ICE_VIEWS} here="/ice/places" />
      <section className={page.card} aria-label={t("places")}>
        <ul className={page.rows}>
          {watched
            .toSorted((a, b) => rankOf(a.place.id) - rankOf(b.place.id))
            .map(({ place, limits, readings, excursions, gaps }) => {
              const last = readings.at(-1);
              const open = excursions.find((one) => one.open);
              const quiet = gaps.some(({ toMs }) => toMs === nowMs);
              const waiting = excursions.some(({ state: one }) => one === "unanswered");
              const state = open
                ? open.state === "stillOut"
                  ? t("answeredStillOut")
                  : t("outOfLimits")
                : waiting
                  ? t("wasOutUnanswered")
                  : quiet
                    ? t("noReadingInTime")
                    : last
                      ? t("holds2")
                      : t("noReadingYet");
              return (
                <li key={place.id}>
                  <Link href={`/ice/places/${place.id}`} className={styles.place} data-place={place.name}>
                    <span>
                      <b className={page.title}>{place.name}</b>
                      <br />
                      <span className={page.sub}>
                        {limits.minC === null ? "" : t("minTo", { min: format.temperature(limits.minC) })}
                        {limits.maxC === null
                          ? ""
                          : `${limits.minC === null ? t("atMost") : ""}${format.temperature(limits.maxC, 0)}`}
                      </span>
                    </span>
                    <PlaceStrip readings={readings} limits={limits} fromMs={nowMs - DAY_MS} toMs={nowMs} />
                    <span className={styles.left} data-use={open ? "over" : quiet || waiting ? "cook-today" : "cook"}>
                      <b>{last ? format.temperature(last.celsius, 1) : "–"}</b>
                      <span>{state}</span>
                    </span>
                  </Link>
                </li>
              );
            })}
        </ul>
      </section>
      <ProbeCheck says={`${PROBES[probes]}${lastCheck}`} />
      <section className={`${page.card} ${page.aboveMore}`}>
        <h2>{t("anotherPlace")}</h2>
        <PlaceForm />
      </section>
    </>
  );
}
