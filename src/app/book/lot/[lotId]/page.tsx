import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { HOLD_LABELS } from "@/core/coldchain";
import { liveCook } from "@/core/cooking";
import { formLabel } from "@/core/freshness";
import { batchesOfLot } from "@/db/block/batches";
import { db } from "@/db/connection";
import { cooksOfBatches } from "@/db/stove/cooks";
import { holdsOfLot } from "@/db/lots/holds";
import { entriesOfLot } from "@/db/ledger";
import { childLots, findLot } from "@/db/lots/lots";
import { speciesOf } from "@/db/house/species";
import { dayText, formatFor, timeText } from "@/ui/format/format";
import page from "@/ui/layout/page.module.css";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { requestTime, requireHouse } from "../../../request";
import { LedgerTable } from "../../LedgerTable";
import { lineOf } from "../../lineOf";
import styles from "./Trace.module.css";
import { PageHead } from "@/ui/layout/PageHead";

export const metadata: Metadata = { title: "Trace" };

export default async function TracePage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency);
  const lot = findLot(db(), (await params).lotId);
  if (!lot) notFound();
  const batches = batchesOfLot(db(), lot.id);
  const cooks = cooksOfBatches(
    db(),
    batches.map(({ id }) => id),
  );
  const plates = cooks.reduce((sum, { pieces }) => sum + pieces, 0);
  const parent = lot.parentId ? findLot(db(), lot.parentId) : undefined;
  const parts = childLots(db(), lot.id);
  const species = speciesOf(db(), lot.speciesId);
  const holds = holdsOfLot(db(), lot.id, nowMs);
  const when = (atMs: number) => `${dayText(atMs, house.timeZone)} ${timeText(atMs, house.timeZone)}`;
  return (
    <>
      <PageHead
        title={
          <>
            {species?.name} <span className="figure muted">{lot.code}</span>, from boat to plate
          </>
        }
        asks={
          <>
            {batches.length} {batches.length === 1 ? "batch" : "batches"} cut, {plates}{" "}
            {plates === 1 ? "plate" : "plates"} cooked.
          </>
        }
      >
        <Link href={`/ice/${lot.id}`}>The lot</Link>
      </PageHead>
      <ol className={styles.chain}>
        <li>
          <h2>Source</h2>
          <p className={page.title}>{lot.source}</p>
          <p>
            {lot.production === "wild" ? "Wild" : "Farmed"}, {lot.gear.toLowerCase()}
          </p>
          <p>{lot.area}</p>
          <p className="muted">
            {lot.caughtAtMs === null ? "date not stated" : dayText(lot.caughtAtMs, house.timeZone)}
          </p>
          <p>
            <i>{species?.scientificName}</i>
          </p>
        </li>
        <li>
          <h2>Dock</h2>
          <p className={page.title}>{lot.supplier}</p>
          <p className="figure">
            {format.mass(lot.massG)} at {format.temperature(lot.receiptC, 1)}
          </p>
          <VerdictTag verdict={lot.verdict} />
          <p className="muted">
            {lot.receivedBy}, {when(lot.receivedAtMs)}
          </p>
        </li>
        <li>
          <h2>Ice</h2>
          {parent ? (
            <p>
              Taken from{" "}
              <Link href={`/book/lot/${parent.id}`} className="figure">
                {parent.code}
              </Link>
            </p>
          ) : null}
          {parts.map((part) => (
            <p key={part.id}>
              <Link href={`/book/lot/${part.id}`} className="figure">
                {part.code}
              </Link>{" "}
              {format.mass(part.massG)}, {formLabel(part.form).toLowerCase()}
            </p>
          ))}
          {holds.map(({ id, hold, status, closedAs }) => (
            <p key={id} className="muted">
              {HOLD_LABELS[hold.kind]}: {closedAs ?? status.needs}
            </p>
          ))}
          {!parent && parts.length === 0 && holds.length === 0 ? (
            <p className="muted">Nothing split off, nothing held.</p>
          ) : null}
        </li>
        <li>
          <h2>Block</h2>
          {batches.length === 0 ? <p className="muted">Not cut.</p> : null}
          {batches.map((batch) => (
            <div key={batch.id} className={styles.item}>
              <p className={page.title}>
                <span className="figure">{batch.code}</span>
              </p>
              <p>
                {batch.portions.length} portions, trim {format.mass(batch.trimG)} to {batch.trimUse}
              </p>
              <p className="muted">
                {batch.cutBy}, {when(batch.cutAtMs)}
              </p>
            </div>
          ))}
        </li>
        <li>
          <h2>Stove</h2>
          {cooks.length === 0 ? <p className="muted">Nothing cooked.</p> : null}
          {cooks.map((cook) => {
            const live = liveCook(
              cook.plan.answer.stages.map(({ seconds }) => seconds),
              cook.events,
              cook.startedAtMs,
            );
            return (
              <div key={cook.id} className={styles.item}>
                <p className={page.title}>
                  <Link href={`/stove/cook/${cook.id}`}>
                    {cook.pieces} plates from <span className="figure">{cook.batchCode}</span>
                  </Link>
                </p>
                <p>
                  planned {format.temperature(cook.plan.answer.peakC)}, probed{" "}
                  {live.probes.map(({ centreC }) => format.temperature(centreC)).join(", ") || "nothing"}
                </p>
                <p className="muted">
                  {cook.startedBy}, {when(cook.startedAtMs)}
                </p>
              </div>
            );
          })}
        </li>
      </ol>
      <section className={page.card}>
        <h2>Every entry of this lot</h2>
        <LedgerTable lines={entriesOfLot(db(), lot.id).map(lineOf)} />
      </section>
    </>
  );
}
