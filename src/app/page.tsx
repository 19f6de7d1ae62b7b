import { liveCook } from "@/core/cooking";
import { HOLD_LABELS, type HoldStatus } from "@/core/coldchain";
import { Suspense } from "react";
import { nextAction } from "@/core/line";
import { hotHoldStatus, type HotHoldStatus } from "@/core/safety";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { openCooks } from "@/db/stove/cooks";
import { alarmsOf, watchHouse } from "@/db/lots/excursions";
import { liveHolds, openHolds } from "@/db/lots/holds";
import { openHotHolds } from "@/db/stove/hotHolds";
import { lotsReceivedSince } from "@/db/lots/lots";
import { stockOnIce } from "@/db/lots/stock";
import { dayText, formatFor, timeText } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { Row, RowCard } from "@/ui/layout/RowCard";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { NextCard } from "./NextCard";
import { clockDrift } from "@/db/houseClock";
import { ClockNote } from "./ClockNote";
import { HandoverNote } from "./HandoverNote";
import { BackupNote } from "./BackupNote";
import { ChecksNote } from "./ChecksNote";
import { StandingNote } from "./StandingNote";
import { LockNote } from "./LockNote";
import { CurrencyAsk } from "./CurrencyAsk";
import { requireHouse, requestTime } from "./request";
import { UseFirst } from "./UseFirst";
import { FireRows } from "./butter/FireRows";
import { onTheFire } from "./butter/onTheFire";
import { ServiceNow } from "./line/ServiceNow";
import { RunningCooks } from "./RunningCooks";
import { clockOf, speciesName } from "./stove/clockOf";
import { t } from "@/words/today";

const SHOWN = 5;

type Clock = (atMs: number) => string;

/** What the clock of a dish that waits hot asks for. */
function hotWord({ state, outAtMs, checkAtMs }: HotHoldStatus, clock: Clock): string {
  if (state === "over") return t("throwItAway");
  return outAtMs === null
    ? t("probeByCheckAt", { checkAt: clock(checkAtMs) })
    : t("outByOutAt", { outAt: clock(outAtMs) });
}

/** When a hold ends, or why it has no end. */
function holdWord({ state, endsMs }: HoldStatus, clock: Clock): string {
  if (state === "due") return t("now");
  return endsMs === null ? t("stopped") : clock(endsMs);
}

export default async function TodayPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const drift = clockDrift();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const clockTime: Clock = (atMs) => timeText(atMs, house.timeZone);
  const dayTime: Clock = (atMs) => `${dayText(atMs, house.timeZone)} ${clockTime(atMs)}`;
  const everything = stockOnIce(db(), nowMs);
  const stock = everything.filter(({ byProduct }) => !byProduct);
  const cooks = openCooks(db()).map(clockOf);
  const batches = batchesToCook(db(), nowMs - 3 * DAY_MS);
  const arrived = lotsReceivedSince(db(), nowMs - DAY_MS);
  const holds = [...openHolds(db(), nowMs), ...liveHolds(stock, nowMs)];
  const watched = watchHouse(db(), house.ruleSetId, nowMs);
  const alarms = alarmsOf(db(), watched, nowMs);
  // what is answered stays an alarm while the place is out, but it asks for hands only while fish lies there
  const warm = alarms
    .filter(({ excursion: { state }, lotsThere }) => state === "out" || (state === "stillOut" && lotsThere > 0))
    .map(({ place, excursion }) => ({
      placeId: place.id,
      name: place.name,
      celsius: excursion.extremeC,
      limitC: excursion.limitC,
    }));
  const hot = openHotHolds(db()).map((hold) => ({ ...hold, status: hotHoldStatus(hold, nowMs) }));
  const action = nextAction(
    cooks.map((cook) => {
      const live = liveCook(cook.stageSeconds, cook.events, nowMs);
      return {
        id: cook.id,
        title: cook.title,
        stage: cook.stageNames[live.stageIndex] ?? "",
        next: cook.stageNames[live.stageIndex + 1] ?? null,
        remainingS: live.remainingS,
      };
    }),
    stock,
    batches.map((batch) => ({
      id: batch.id,
      title: speciesName(batch.speciesId),
      portions: batch.portions.filter(({ cookId }) => cookId === null).length,
    })),
    {
      warm,
      hotDue: hot
        .filter(({ status }) => status.due)
        .map(({ id, title, lotId, status }) => ({
          id,
          title,
          over: status.state === "over",
          sauce: lotId !== null,
        })),
      holdsDue: holds
        .filter(({ status }) => status.state === "due" || status.state === "stopped")
        .map(({ id, lot, hold, status }) => ({
          id,
          lotId: lot.id,
          title: `${HOLD_LABELS[hold.kind]}: ${speciesName(lot.speciesId)}`,
          needs: status.needs,
        })),
    },
  );
  const alarmed = alarms.filter(({ place }, index) => alarms.findIndex((one) => one.place.id === place.id) === index);
  const wanting = [
    ...alarmed.map(({ place, excursion: { state, extremeC }, loss }) => ({
      place,
      text: `${t("alarmOfPlace", { state, extreme: format.temperature(extremeC, 1) })}${
        loss.histamineLots > 0 ? t("lotsOverHistamine", { count: loss.histamineLots }) : ""
      }`,
    })),
    ...watched
      .filter(
        ({ place, gaps }) => gaps.some(({ toMs }) => toMs === nowMs) && !alarmed.some((one) => one.place === place),
      )
      .map(({ place }) => ({ place, text: t("noReadingInTime") })),
  ];
  return (
    <>
      {drift.jumped ? <ClockNote driftMs={drift.driftMs} /> : null}
      {house.currency === null ? <CurrencyAsk currencies={Intl.supportedValuesOf("currency")} /> : null}
      <Suspense fallback={null}>
        <ServiceNow house={house} nowMs={nowMs} />
      </Suspense>
      <NextCard action={action} format={format} />
      <LockNote demo={house.demo} />
      <StandingNote />
      <BackupNote house={house} nowMs={nowMs} loud />
      <ChecksNote timeZone={house.timeZone} nowMs={nowMs} />
      <HandoverNote nowMs={nowMs} timeZone={house.timeZone} />
      <div className={page.wideLeft}>
        <UseFirst stock={stock} all={everything.length} shown={SHOWN} format={format} />
        <div className={page.stack}>
          <RunningCooks cooks={cooks} serverNowMs={nowMs} />
          <FireRows {...onTheFire(db())} serverNowMs={nowMs} />
          {hot.length > 0 ? (
            <RowCard
              title={t("heldHot")}
              rows={hot.map(({ id, title, place, lotId, status }) => (
                <Row key={id} href={lotId === null ? "/stove/hold" : "/butter"} title={title} sub={place.toLowerCase()}>
                  <b className={status.state === "hot" ? page.right : `${page.right} ${page.stop}`}>
                    {hotWord(status, clockTime)}
                  </b>
                </Row>
              ))}
            />
          ) : null}
          {wanting.length > 0 ? (
            <RowCard
              title={t("placesThatWantYou")}
              rows={wanting.map(({ place, text }) => (
                <Row key={place.id} href={`/ice/places/${place.id}`} title={place.name}>
                  <b className={`${page.stop} ${page.right}`}>{text}</b>
                </Row>
              ))}
            />
          ) : null}
          <RowCard
            title={t("holds")}
            empty={t("nothingIsHeld")}
            rows={holds
              .toSorted((a, b) => (a.status.endsMs ?? 0) - (b.status.endsMs ?? 0))
              .slice(0, SHOWN)
              .map(({ id, lot, hold, status }) => (
                <Row
                  key={id}
                  href={`/ice/${lot.id}`}
                  title={speciesName(lot.speciesId)}
                  sub={HOLD_LABELS[hold.kind].toLowerCase()}
                >
                  <span className={`figure ${page.right}`}>{holdWord(status, dayTime)}</span>
                </Row>
              ))}
          />
          <RowCard
            title={t("cutAndWaiting2")}
            empty={t("noPortionsAreWaiting")}
            rows={batches.slice(0, SHOWN).map((batch) => (
              <Row key={batch.id} href={`/stove/${batch.id}`} title={speciesName(batch.speciesId)}>
                <span className="figure">
                  {batch.portions.filter(({ cookId }) => cookId === null).length} ×{" "}
                  {format.mass(batch.portions[0]?.massG ?? 0)}
                </span>
              </Row>
            ))}
          />
          <RowCard
            title={t("atTheDoorSinceYesterday")}
            empty={t("noDeliveryYet")}
            rows={arrived.slice(0, SHOWN).map((lot) => (
              <Row
                key={lot.id}
                href={`/ice/${lot.id}`}
                title={speciesName(lot.speciesId)}
                sub={`${lot.supplier}, ${dayText(lot.receivedAtMs, house.timeZone)}`}
              >
                <VerdictTag verdict={lot.verdict} />
              </Row>
            ))}
          />
        </div>
      </div>
      <BackupNote house={house} nowMs={nowMs} loud={false} />
    </>
  );
}
