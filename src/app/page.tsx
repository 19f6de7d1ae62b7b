import Link from "next/link";
import { liveCook } from "@/core/cooking";
import { nextAction } from "@/core/line";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/batches";
import { db } from "@/db/connection";
import { openCooks } from "@/db/cooks";
import { lotsReceivedSince } from "@/db/lots";
import { stockOnIce } from "@/db/stock";
import { dayText, formatFor } from "@/ui/format";
import page from "@/ui/page.module.css";
import { VerdictTag } from "@/ui/VerdictTag";
import { LotRow } from "./ice/LotRow";
import { NextCard } from "./NextCard";
import { requireHouse, requestTime } from "./request";
import { RunningCooks } from "./RunningCooks";
import { clockOf, speciesName } from "./stove/clockOf";

const SHOWN = 5;

export default async function TodayPage() {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units);
  const stock = stockOnIce(db(), nowMs);
  const cooks = openCooks(db()).map(clockOf);
  const batches = batchesToCook(db(), nowMs - 3 * DAY_MS);
  const arrived = lotsReceivedSince(db(), nowMs - DAY_MS);
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
  );
  return (
    <>
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
            <p style={{ marginTop: 8 }}>
              <Link href="/ice">All {stock.length} lots on ice</Link>
            </p>
          ) : null}
        </section>
        <div className={page.stack}>
          <RunningCooks cooks={cooks} serverNowMs={nowMs} />
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
