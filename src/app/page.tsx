import Link from "next/link";
import { liveCook } from "@/core/cooking";
import { HOLD_LABELS } from "@/core/coldchain";
import { nextAction } from "@/core/line";
import { hotHoldStatus } from "@/core/safety";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { openCooks } from "@/db/stove/cooks";
import { watchPlace } from "@/db/lots/excursions";
import { liveHolds, openHolds } from "@/db/lots/holds";
import { openHotHolds } from "@/db/stove/hotHolds";
import { lotsReceivedSince } from "@/db/lots/lots";
import { listPlaces } from "@/db/house/places";
import { stockOnIce } from "@/db/lots/stock";
import { dayText, formatFor, timeText } from "@/ui/format/format";
import page from "@/ui/layout/page.module.css";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { LotRow } from "./ice/LotRow";
import { NextCard } from "./NextCard";
import { clockDrift } from "@/db/houseClock";
import { ClockNote } from "./ClockNote";
import { CurrencyNote } from "./CurrencyNote";
import { requireHouse, requestTime } from "./request";
import { RunningCooks } from "./RunningCooks";
import { clockOf, speciesName } from "./stove/clockOf";

const SHOWN = 5;

export default async function TodayPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const drift = clockDrift();
  const format = formatFor(house.units, house.currency);
  const everything = stockOnIce(db(), nowMs);
  const stock = everything.filter(({ byProduct }) => !byProduct);
  const cooks = openCooks(db()).map(clockOf);
  const batches = batchesToCook(db(), nowMs - 3 * DAY_MS);
  const arrived = lotsReceivedSince(db(), nowMs - DAY_MS);
  const holds = [...openHolds(db(), nowMs), ...liveHolds(stock, nowMs)];
  const watched = listPlaces(db()).map((place) => watchPlace(db(), place, house.ruleSetId, nowMs - DAY_MS, nowMs));
  const warm = watched.flatMap(({ place, excursions }) =>
    excursions
      .filter(({ open, answers }) => open && answers.length === 0)
      .map(({ extremeC, limitC }) => ({ placeId: place.id, name: place.name, celsius: extremeC, limitC })),
  );
  const hot = openHotHolds(db()).map((hold) => ({ ...hold, status: hotHoldStatus(hold, nowMs) }));
  const action = nextAction(
    cooks.map((cook) => {
      const live = liveCook(cook.stageSeconds, cook.events, nowMs);
      return {
        id: cook.id,
        title: cook.title,
        stage: cook.stageNames[live.stageIndex] ?? "",
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
        .map(({ id, title, status }) => ({ id, title, over: status.state === "over" })),
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
  const wanting = watched.flatMap(({ place, excursions, gaps }) => {
    const out = excursions.findLast(({ answers }) => answers.length === 0);
    const silent = gaps.some(({ toMs }) => toMs === nowMs);
    if (!out && !silent) return [];
    return [{ place, text: out ? `${format.temperature(out.extremeC, 1)}, say what was done` : "no reading in time" }];
  });
  return (
    <>
      {drift.jumped ? <ClockNote driftMs={drift.driftMs} /> : null}
      {house.currency === null ? <CurrencyNote currencies={Intl.supportedValuesOf("currency")} /> : null}
      <NextCard action={action} format={format} />
      <div className={page.wideLeft}>
        <section className={page.card}>
          <h2>Use first</h2>
          {stock.length === 0 ? (
            <p className={page.empty}>
              Nothing on ice. <Link href="/dock">Take in a delivery</Link>.
            </p>
          ) : (
            <ul className={page.rows}>
              {stock.slice(0, SHOWN).map((lot) => (
                <li key={lot.id}>
                  <LotRow lot={lot} format={format} />
                </li>
              ))}
            </ul>
          )}
          {stock.length > SHOWN ? (
            <p className={page.above}>
              <Link href="/ice">All {everything.length} lots on ice</Link>
            </p>
          ) : null}
        </section>
        <div className={page.stack}>
          <RunningCooks cooks={cooks} serverNowMs={nowMs} />
          {hot.length > 0 ? (
            <section className={page.card}>
              <h2>Held hot</h2>
              <ul className={page.rows}>
                {hot.map(({ id, title, place, status }) => (
                  <li key={id}>
                    <Link href="/stove/hold" className={page.row}>
                      <span className={page.grow}>
                        <span className={page.title}>{title}</span>
                        <br />
                        <span className={page.sub}>{place.toLowerCase()}</span>
                      </span>
                      <b style={{ textAlign: "right", ...(status.state === "hot" ? {} : { color: "var(--stop)" }) }}>
                        {status.state === "over"
                          ? "throw it away"
                          : status.outAtMs === null
                            ? `probe by ${timeText(status.checkAtMs, house.timeZone)}`
                            : `out by ${timeText(status.outAtMs, house.timeZone)}`}
                      </b>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          ) : null}
          {wanting.length > 0 ? (
            <section className={page.card}>
              <h2>Places that want you</h2>
              <ul className={page.rows}>
                {wanting.map(({ place, text }) => (
                  <li key={place.id}>
                    <Link href={`/ice/places/${place.id}`} className={page.row}>
                      <span className={`${page.grow} ${page.title}`}>{place.name}</span>
                      <b className={`${page.stop} ${page.right}`}>{text}</b>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          ) : null}
          <section className={page.card}>
            <h2>Holds</h2>
            {holds.length === 0 ? <p className={page.empty}>Nothing is held.</p> : null}
            <ul className={page.rows}>
              {holds
                .toSorted((a, b) => (a.status.endsMs ?? 0) - (b.status.endsMs ?? 0))
                .slice(0, SHOWN)
                .map(({ id, lot, hold, status }) => (
                  <li key={id}>
                    <Link href={`/ice/${lot.id}`} className={page.row}>
                      <span className={page.grow}>
                        <span className={page.title}>{speciesName(lot.speciesId)}</span>
                        <br />
                        <span className={page.sub}>{HOLD_LABELS[hold.kind].toLowerCase()}</span>
                      </span>
                      <span className={`figure ${page.right}`}>
                        {status.endsMs === null || status.state === "due"
                          ? status.state === "due"
                            ? "now"
                            : "stopped"
                          : `${dayText(status.endsMs, house.timeZone)} ${timeText(status.endsMs, house.timeZone)}`}
                      </span>
                    </Link>
                  </li>
                ))}
            </ul>
          </section>
          <section className={page.card}>
            <h2>Cut and waiting</h2>
            {batches.length === 0 ? (
              <p className={page.empty}>No portions are waiting.</p>
            ) : (
              <ul className={page.rows}>
                {batches.slice(0, SHOWN).map((batch) => (
                  <li key={batch.id}>
                    <Link href={`/stove/${batch.id}`} className={page.row}>
                      <span className={page.grow}>
                        <span className={page.title}>{speciesName(batch.speciesId)}</span>
                      </span>
                      <span className="figure">
                        {batch.portions.filter(({ cookId }) => cookId === null).length} ×{" "}
                        {format.mass(batch.portions[0]?.massG ?? 0)}
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            )}
          </section>
          <section className={page.card}>
            <h2>At the door since yesterday</h2>
            {arrived.length === 0 ? (
              <p className={page.empty}>No delivery yet.</p>
            ) : (
              <ul className={page.rows}>
                {arrived.slice(0, SHOWN).map((lot) => (
                  <li key={lot.id}>
                    <Link href={`/ice/${lot.id}`} className={page.row}>
                      <span className={page.grow}>
                        <span className={page.title}>{speciesName(lot.speciesId)}</span>
                        <br />
                        <span className={page.sub}>
                          {lot.supplier}, {dayText(lot.receivedAtMs, house.timeZone)}
                        </span>
                      </span>
                      <VerdictTag verdict={lot.verdict} />
                    </Link>
                  </li>
                ))}
              </ul>
            )}
          </section>
        </div>
      </div>
    </>
  );
}
