import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { lossOf, worstFirst } from "@/core/coldchain";
import { DAY_MS } from "@/core/units";
import { db } from "@/db/connection";
import { hasKey } from "@/db/doors/deviceKeys";
import { lotsThrough, watchPlace } from "@/db/lots/excursions";
import { findPlace, listPlaces } from "@/db/house/places";
import { lotsIn } from "@/db/lots/lots";
import { stateIn } from "@/db/lots/childLot";
import { formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { requireHouse, requestTime } from "../../../request";
import { PlaceForm } from "../PlaceForm";
import { ExcursionCard } from "./ExcursionCard";
import { LoggerImport } from "./LoggerImport";
import { PlaceChart } from "./PlaceChart";
import { ReadingPad } from "./ReadingPad";
import { SensorKey } from "./SensorKey";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/ice";
import { Source } from "@/ui/layout/Source";
import { Empty } from "@/ui/layout/Empty";

export const metadata: Metadata = { title: t("place") };

const SPANS = [
  { days: 1, label: t("aDay") },
  { days: 7, label: t("aWeek") },
  { days: 30, label: t("aMonth") },
] as const;
/** Points a line can show; more are thinned to the extremes of each stretch. */
const MOST_POINTS = 600;

function thinned<T extends { readonly celsius: number }>(readings: readonly T[]): readonly T[] {
  const size = Math.ceil(readings.length / (MOST_POINTS / 2));
  if (size <= 2) return readings;
  const kept: T[] = [];
  for (let start = 0; start < readings.length; start += size) {
    const part = readings.slice(start, start + size);
    const low = part.reduce((least, one) => (one.celsius < least.celsius ? one : least));
    const high = part.reduce((most, one) => (one.celsius > most.celsius ? one : most));
    kept.push(...part.filter((one) => one === low || one === high));
  }
  return kept;
}

type Params = { readonly params: Promise<{ placeId: string }>; readonly searchParams: Promise<{ days?: string }> };

export default async function PlacePage({ params, searchParams }: Params) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const place = findPlace(db(), (await params).placeId);
  if (!place) notFound();
  const asked = Number((await searchParams).days);
  const span = SPANS.find(({ days }) => days === asked) ?? SPANS[1];
  const fromMs = nowMs - span.days * DAY_MS;
  const { limits, readings, excursions, gaps } = watchPlace(db(), place, house.ruleSetId, fromMs, nowMs);
  const last = readings.at(-1);
  const open = excursions.filter(({ state }) => state !== "over");
  const there = lotsIn(db(), place.id);
  const others = listPlaces(db()).filter(({ id }) => id !== place.id);
  const elsewhere = others
    .map(({ id, name, kind }) => ({
      id,
      name,
      thaws: there.filter((lot) => lot.state === "frozen" && stateIn(lot, kind) !== "frozen").length,
      freezes: there.filter((lot) => lot.state !== "frozen" && stateIn(lot, kind) === "frozen").length,
    }))
    // where nothing changes its state stands first
    .toSorted((a, b) => a.thaws + a.freezes - b.thaws - b.freezes);
  const cards = excursions
    .map((excursion) => ({
      excursion,
      touched: excursion.side === "warm" ? lotsThrough(db(), place.id, excursion, nowMs) : [],
    }))
    .toSorted(
      (a, b) =>
        Number(a.excursion.state === "over") - Number(b.excursion.state === "over") ||
        worstFirst(lossOf(a.touched), lossOf(b.touched)) ||
        b.excursion.fromMs - a.excursion.fromMs,
    );
  return (
    <>
      <PageHead
        title={
          <>
            {place.name}{" "}
            {last ? t("atCelsius", { celsius: format.temperature(last.celsius, 1) }) : t("withoutAReading")}
          </>
        }
        asks={
          <>
            {open.length > 0
              ? t("lengthStretchesOutsideTheLimits", { length: open.length, length2: open.length })
              : t("nothingOutsideTheLimitsIsUnanswered")}{" "}
            {gaps.length > 0 ? t("lengthGapsInTheReadings", { length: gaps.length }) : t("noReadingIsMissing")}
          </>
        }
      >
        <nav aria-label={t("span")} className={page.line}>
          {SPANS.map(({ days, label }) => (
            <Link
              key={days}
              href={`/ice/places/${place.id}?days=${days}`}
              aria-current={days === span.days ? "page" : undefined}
            >
              {days === span.days ? <b>{label}</b> : label}
            </Link>
          ))}
          <a href={`/api/export/readings.csv?place=${place.id}`} download>
            {t("cSV")}
          </a>
          <Link href="/ice/places">{t("allPlaces")}</Link>
        </nav>
      </PageHead>
      {place.kind === "tank" ? <PracticeLine id="live-tank" /> : null}
      <div className={page.stack}>
        <section className={page.card} aria-label={t("readings")}>
          {readings.length === 0 ? (
            <Empty>{t("noReadingInThisSpanType")}</Empty>
          ) : (
            <PlaceChart
              readings={thinned(readings)}
              limits={limits}
              fromMs={fromMs}
              toMs={nowMs}
              excursions={excursions}
              gaps={gaps}
            />
          )}
          <Source>
            {t("limitValueMaxCSourceRisesUnder", {
              value: limits.minC === null ? "" : t("minTo", { min: format.temperature(limits.minC) }),
              maxC: limits.maxC === null ? t("none") : format.temperature(limits.maxC, 1),
              source: limits.source,
            })}
          </Source>
        </section>
        {cards.map(({ excursion, touched }) => (
          <ExcursionCard
            key={excursion.fromMs}
            placeId={place.id}
            excursion={excursion}
            touched={touched}
            lotsThere={there.length}
            elsewhere={elsewhere}
            nameOf={(id) => others.find((one) => one.id === id)?.name ?? ""}
            format={format}
            timeZone={house.timeZone}
          />
        ))}
        <div className={page.split}>
          <section className={page.card}>
            <h2>{t("aReadingNow")}</h2>
            <ReadingPad placeId={place.id} aroundC={last?.celsius ?? place.setC} />
          </section>
          <section className={page.card}>
            <h2>{t("fromALogger")}</h2>
            <LoggerImport placeId={place.id} />
          </section>
          <section className={page.card}>
            <h2>{t("setUp")}</h2>
            <PlaceForm place={place} />
          </section>
          <section className={page.card}>
            <h2>{t("fromASensor")}</h2>
            <SensorKey placeId={place.id} hasKey={hasKey(db(), "sensor", place.id)} />
          </section>
        </div>
      </div>
    </>
  );
}
