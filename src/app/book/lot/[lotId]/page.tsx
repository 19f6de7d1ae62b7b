import { sumOf } from "@/core/numeric";
import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { HOLD_LABELS } from "@/core/coldchain";
import { liveCook } from "@/core/cooking";
import { formLabel } from "@/core/freshness";
import { batchesOfLot } from "@/db/block/batches";
import { db } from "@/db/connection";
import { cooksOfBatches, type Cook } from "@/db/stove/cooks";
import { holdsOfLot } from "@/db/lots/holds";
import { entriesOfLot } from "@/db/ledger";
import { childLots, findLot, type LotWithSupplier } from "@/db/lots/lots";
import { speciesOf } from "@/db/house/species";
import { platesOfLot } from "@/db/raw/plates";
import { dayText, formatFor, timeText, type Format } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { VerdictTag } from "@/ui/layout/VerdictTag";
import { requestTime, requireHouse } from "../../../request";
import { LedgerList } from "../../LedgerList";
import { lineOf } from "../../lineOf";
import styles from "./Trace.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/book";
import { say } from "@/words/say";

export const metadata: Metadata = { title: t("trace") };

export default async function TracePage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  const nowMs = await requestTime();
  const house = requireHouse();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const lot = findLot(db(), (await params).lotId);
  if (!lot) notFound();
  const batches = batchesOfLot(db(), lot.id);
  const cooks = cooksOfBatches(
    db(),
    batches.map(({ id }) => id),
  );
  const raw = platesOfLot(db(), lot.id);
  const plates = sumOf(cooks, ({ pieces }) => pieces) + sumOf(raw, ({ covers }) => covers);
  const species = speciesOf(db(), lot.speciesId);
  const when = (atMs: number) => `${dayText(atMs, house.timeZone)} ${timeText(atMs, house.timeZone)}`;
  return (
    <>
      <PageHead
        title={
          <>
            {species?.name}{" "}
            {t.rich("codeFromBoatToPlate", {
              code: lot.code,
              span: (words) => <span className="figure muted">{words}</span>,
            })}
          </>
        }
        asks={<>{t("lengthBatchesCutPlatesPlatesCooked", { length: batches.length, plates })}</>}
      >
        <Link href={`/book/recall?q=${encodeURIComponent(lot.code)}`}>{t("everyPlateOfThisLot")}</Link>
        <Link href={`/ice/${lot.id}`}>{t("theLot")}</Link>
      </PageHead>
      <ol className={styles.chain}>
        <SourceStep lot={lot} scientificName={species?.scientificName ?? null} timeZone={house.timeZone} />
        <li>
          <h2>{t("dock")}</h2>
          <p className={page.title}>{lot.supplier}</p>
          <p className="figure">
            {t("massAtReceipt", { mass: format.mass(lot.massG), receipt: format.temperature(lot.receiptC, 1) })}
          </p>
          <VerdictTag verdict={lot.verdict} />
          <p className="muted">
            {lot.receivedBy}, {when(lot.receivedAtMs)}
          </p>
        </li>
        <IceStep lot={lot} format={format} nowMs={nowMs} />
        <li>
          <h2>{t("block")}</h2>
          {batches.length === 0 ? <p className="muted">{t("notCut")}</p> : null}
          {batches.map((batch) => (
            <div key={batch.id} className={styles.item}>
              <p className={page.title}>
                <span className="figure">{batch.code}</span>
              </p>
              <p>
                {t("lengthPortionsTrimTrimToTrimUse", {
                  length: batch.portions.length,
                  trim: format.mass(batch.trimG),
                  trimUse: batch.trimUse,
                })}
              </p>
              <p className="muted">
                {batch.cutBy}, {when(batch.cutAtMs)}
              </p>
            </div>
          ))}
        </li>
        <li>
          <h2>{t("stove")}</h2>
          {cooks.length + raw.length === 0 ? <p className="muted">{t("nothingCooked")}</p> : null}
          {raw.map(({ id, covers, dish, atMs, who }) => (
            <div key={id} className={styles.item}>
              <p className={page.title}>{t("rawPlates", { covers, dish })}</p>
              <p className="muted">
                {who}, {when(atMs)}
              </p>
            </div>
          ))}
          {cooks.map((cook) => (
            <CookedItem key={cook.id} cook={cook} format={format} when={when} />
          ))}
        </li>
      </ol>
      <section className={page.card}>
        <h2>{t("everyEntryOfThisLot")}</h2>
        <LedgerList
          manyDays
          lines={entriesOfLot(db(), lot.id)
            .map((entry) => lineOf(entry, format))
            .toReversed()}
        />
      </section>
    </>
  );
}

type IceProps = { readonly lot: LotWithSupplier; readonly format: Format; readonly nowMs: number };

/** What it was taken from, what was taken off it, and what it waited for. */
function IceStep({ lot, format, nowMs }: IceProps) {
  const parent = lot.parentId ? findLot(db(), lot.parentId) : undefined;
  const parts = childLots(db(), lot.id);
  const holds = holdsOfLot(db(), lot.id, nowMs);
  return (
    <li>
      <h2>{t("ice")}</h2>
      {parent ? (
        <p>
          {t.rich("takenFromCode", {
            code: parent.code,
            link: (words) => (
              <Link href={`/book/lot/${parent.id}`} className="figure">
                {words}
              </Link>
            ),
          })}
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
          {HOLD_LABELS[hold.kind]}: {closedAs ?? say(status.needs, format)}
        </p>
      ))}
      {!parent && parts.length === 0 && holds.length === 0 ? (
        <p className="muted">{t("nothingSplitOffNothingHeld")}</p>
      ) : null}
    </li>
  );
}

type CookedProps = { readonly cook: Cook; readonly format: Format; readonly when: (atMs: number) => string };

/** One cook of its portions: what was planned, and what the probe read. */
function CookedItem({ cook, format, when }: CookedProps) {
  const live = liveCook(
    cook.plan.answer.stages.map(({ seconds }) => seconds),
    cook.events,
    cook.startedAtMs,
  );
  return (
    <div className={styles.item}>
      <p className={page.title}>
        <Link href={`/stove/cook/${cook.id}`}>
          {t.rich("piecesPlatesFromBatchCode", {
            pieces: cook.pieces,
            batchCode: cook.batchCode ?? "",
            span: (words) => <span className="figure">{words}</span>,
          })}
        </Link>
      </p>
      <p>
        {t("plannedPeakProbedProbes", {
          peak: format.temperature(cook.plan.answer.peakC),
          probes: live.probes.map(({ centreC }) => format.temperature(centreC)).join(", ") || t("nothing"),
        })}
      </p>
      <p className="muted">
        {cook.startedBy}, {when(cook.startedAtMs)}
      </p>
    </div>
  );
}

type SourceProps = {
  readonly lot: LotWithSupplier;
  readonly scientificName: string | null;
  readonly timeZone: string;
};

/** Where it was caught or reared, and by whom. */
function SourceStep({ lot, scientificName, timeZone }: SourceProps) {
  return (
    <li>
      <h2>{t("source")}</h2>
      <p className={page.title}>{lot.source}</p>
      <p>
        {lot.production === "wild" ? t("wild") : t("farmed")}, {lot.gear.toLowerCase()}
      </p>
      <p>{lot.area}</p>
      <p className="muted">{lot.caughtAtMs === null ? t("dateNotStated") : dayText(lot.caughtAtMs, timeZone)}</p>
      <p>
        <i>{scientificName}</i>
      </p>
    </li>
  );
}
