import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { FORMS, iceDaysPerDay, lifeSegments, type LotLife } from "@/core/freshness";
import { db } from "@/db/connection";
import { listPlaces } from "@/db/house";
import { findLot } from "@/db/lots";
import { stockLot } from "@/db/stock";
import { dayText, formatFor, lifeText, moneyText, timeText, type Format } from "@/ui/format";
import { IceBar } from "@/ui/IceBar";
import page from "@/ui/page.module.css";
import { VerdictTag } from "@/ui/VerdictTag";
import { requireHouse, requestTime } from "../../request";
import { USE_WORDS } from "../useWords";
import { FinishLot } from "./FinishLot";

export const metadata: Metadata = { title: "Lot" };

export default async function LotPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units);
  const row = findLot(db(), (await params).lotId);
  if (!row) notFound();
  const lot = stockLot(db(), row, listPlaces(db()), nowMs);
  const onIce = row.status === "on-ice";
  return (
    <>
      <header className={page.head}>
        <div>
          <h1>
            {lot.title} <span className="figure muted">{row.code}</span>
          </h1>
          <p className={page.asks}>
            {onIce
              ? `${USE_WORDS[lot.life.use]}. ${format.mass(row.remainingG)} of ${format.mass(row.massG)} left.`
              : null}
            {row.status === "refused" ? "Refused at the door and kept on record." : null}
            {row.status === "finished" ? "Off the ice." : null}
          </p>
        </div>
        <nav style={{ display: "flex", gap: 16, alignItems: "center" }}>
          <Link href={`/book/lot/${row.id}`}>Where it went</Link>
          {onIce ? <Link href={`/block/${row.id}`}>Cut it at Block</Link> : null}
        </nav>
      </header>
      <div className={page.wideLeft}>
        <div className={page.stack}>
          {onIce ? (
            <section className={page.card}>
              <h2>What is left of it</h2>
              <p>
                <span className={page.big} data-testid="days-left">
                  {lifeText(lot.life.daysLeft)}
                </span>{" "}
                at {format.temperature(lot.life.placeC, 1)}: {usesLeft(lot.life, lot.rawAllowed)}.
              </p>
              <div style={{ margin: "14px 0" }}>
                <IceBar segments={lifeSegments(lot.life, lot.rawAllowed)} text="Life of the lot" />
              </div>
              <LifeArithmetic life={lot.life} format={format} />
            </section>
          ) : null}
          <section className={page.card}>
            <h2>At the door</h2>
            <VerdictTag verdict={row.verdict} />
            <ul>
              {row.reasons.map(({ text, source }) => (
                <li key={text}>
                  {text} <span className={page.source}>({source})</span>
                </li>
              ))}
            </ul>
            <p className="muted">
              {row.receivedBy}, {dayText(row.receivedAtMs, house.timeZone)} {timeText(row.receivedAtMs, house.timeZone)}
              , probe {format.temperature(row.receiptC, 1)}.
            </p>
          </section>
        </div>
        <div className={page.stack}>
          <section className={page.card}>
            <h2>Provenance</h2>
            <dl className={page.facts}>
              <dt>Species</dt>
              <dd>
                <i>{lot.species.scientificName}</i> {lot.species.faoCode}
              </dd>
              <dt>Came as</dt>
              <dd>{FORMS.find(({ id }) => id === row.form)?.label}</dd>
              <dt>Supplier</dt>
              <dd>{row.supplier}</dd>
              <dt>Boat or farm</dt>
              <dd>{row.source}</dd>
              <dt>Production</dt>
              <dd>{row.production}</dd>
              <dt>Area</dt>
              <dd>{row.area}</dd>
              <dt>Gear</dt>
              <dd>{row.gear}</dd>
              <dt>Caught</dt>
              <dd>{row.caughtAtMs === null ? "not stated" : dayText(row.caughtAtMs, house.timeZone)}</dd>
              <dt>Price</dt>
              <dd>{moneyText(row.priceCentsPerKg)} a kilo</dd>
              <dt>Place</dt>
              <dd>{lot.place?.name ?? "none"}</dd>
            </dl>
          </section>
          <section className={page.card}>
            <h2>Care</h2>
            <p>{lot.species.parasiteNote}</p>
            {lot.species.histamineFormer === "no" ? null : (
              <p>Histamine former: cold from boat to plate, heat will not undo it.</p>
            )}
          </section>
          {onIce ? <FinishLot lotId={row.id} /> : null}
        </div>
      </div>
    </>
  );
}

/** How the life divides between the uses; one that is over is said as what to do instead. */
function usesLeft({ cookDaysLeft, rawDaysLeft, use }: LotLife, rawAllowed: boolean): string {
  if (use === "over") return "take it off the ice";
  const raw = rawAllowed && rawDaysLeft !== 0 ? `, ${lifeText(rawDaysLeft)} for raw` : ", not for raw";
  return cookDaysLeft === 0 ? `cook it through at once${raw}` : `${lifeText(cookDaysLeft)} for any cooked use${raw}`;
}

function LifeArithmetic({ life, format }: { readonly life: LotLife; readonly format: Format }) {
  const days = (value: number) => `${value.toFixed(1)} d`;
  return (
    <details className={page.open} open>
      <summary>How it is worked out</summary>
      <dl className={page.facts}>
        <dt>Keeps on ice</dt>
        <dd className="figure">{days(life.lifeDays)}</dd>
        <dt>Gone when it came</dt>
        <dd>
          <span className="figure">−{days(life.startIceDays)}</span>{" "}
          <span className="muted">
            {life.startFrom === "inspection" ? "as the inspection read it" : "by the catch date, older than it read"}
          </span>
        </dd>
        <dt>Used in this house</dt>
        <dd>
          <span className="figure">−{days(life.usedIceDays)}</span>{" "}
          <span className="muted">ice days, by the cold room’s readings</span>
        </dd>
        <dt>Left on ice at {format.temperature(0)}</dt>
        <dd className="figure">{days(life.leftIceDays)}</dd>
        <dt>Rate in its place</dt>
        <dd>
          <span className="figure">×{iceDaysPerDay(life).toFixed(2)}</span>{" "}
          <span className="muted">
            {life.model === "temperate" ? "(1 + 0.1 T)², Ratkowsky et al. 1982" : "exp(0.12 T), Dalgaard and Huss 1997"}{" "}
            (from memory)
          </span>
        </dd>
      </dl>
      <p className={page.source}>
        Life on ice: Huss, FAO Fisheries Technical Paper 348, 1995, and others (from memory). Raw use ends at 0.4 of it,
        any cooked use at 0.6 (common practice). One inspection is good to about 1.5 days either way.
      </p>
    </details>
  );
}
