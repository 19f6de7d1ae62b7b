import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import { tracePlate } from "@/db/trace/plateTrace";
import type { PlateTrace, TracedPart, TraceStep } from "@/house/book/plateTrace";
import page from "@/ui/layout/page.module.css";
import { PageHead } from "@/ui/layout/PageHead";
import { PrintButton } from "@/ui/layout/PrintButton";
import { dayText, formatFor, momentText, type Format } from "@/words/format/format";
import { t } from "@/words/trace";
import { requestTime, requireHouse } from "../../../request";
import { workText } from "../../recall/RecallCards";
import styles from "../../recall/Recall.module.css";

export const metadata: Metadata = { title: t("plates") };

export default async function PlatePage({ params }: { readonly params: Promise<{ plateId: string }> }) {
  await requestTime();
  const { timeZone, units, currency, decimalMark } = requireHouse();
  const format = formatFor(units, currency, decimalMark);
  const plate = tracePlate(db(), (await params).plateId);
  if (!plate) notFound();
  const { card, ticket, atMs, who, state, parts, unwritten } = plate;
  const time = momentText(atMs, 0, timeZone);
  return (
    <>
      <PageHead
        title={card ? t("plateOf", { dish: card.name, time }) : t("plateAt", { time })}
        asks={t("plateAsks", {
          state,
          who,
          table: ticket?.table ?? "none",
          course: ticket?.course ?? 0,
          guest: ticket?.guest ?? "none",
        })}
      >
        <Link href={`/book/plates?day=${todayIn(timeZone, atMs)}`}>{t("backToTheDay")}</Link>
        <PrintButton quiet />
      </PageHead>
      <div className={page.stack}>
        <CardThen plate={plate} timeZone={timeZone} />
        {parts.map((part, index) => (
          <PartCard key={index} part={part} format={format} timeZone={timeZone} />
        ))}
        {unwritten.length > 0 ? (
          <section className={page.card}>
            {unwritten.map((what) => (
              <p key={what}>{t("unwritten", { what })}</p>
            ))}
          </section>
        ) : null}
      </div>
    </>
  );
}

function CardThen({ plate: { card, cookId }, timeZone }: { readonly plate: PlateTrace; readonly timeZone: string }) {
  return (
    <section className={page.card}>
      <h2>{t("cardAsItWas")}</h2>
      {card ? (
        <p>
          <b>{card.name}</b>,{" "}
          {t("versionOf", { since: momentText(card.sinceMs, 0, timeZone), hash: card.hash.slice(0, 12) })}
        </p>
      ) : (
        <p>{t("cardNotWritten")}</p>
      )}
      {cookId ? <Link href={`/stove/cook/${cookId}`}>{t("cookOfIt")}</Link> : null}
    </section>
  );
}

type PartProps = { readonly part: TracedPart; readonly format: Format; readonly timeZone: string };

/** One thing that lay on the plate, and everything it came of, down to the boat. */
function PartCard({ part: { massG, certainty, steps }, format, timeZone }: PartProps) {
  const [first] = steps;
  const title = [first?.name, first?.part].filter(Boolean).join(", ");
  return (
    <section className={page.card} aria-label={title}>
      <h2>{title}</h2>
      <p className={page.sub}>
        {t("onThePlate", { mass: format.mass(massG) })}, {certainty === "certain" ? t("certainly") : t("possibly")}
      </p>
      <ol className={styles.groups}>
        {steps.map((step) => (
          <li key={step.lotId}>
            <Link href={`/book/lot/${step.lotId}`} className="figure">
              {step.code}
            </Link>
            <Step step={step} timeZone={timeZone} />
          </li>
        ))}
      </ol>
    </section>
  );
}

function Step({ step, timeZone }: { readonly step: TraceStep; readonly timeZone: string }) {
  const { name, part, atMs, certainty, into, shelf, door } = step;
  return (
    <div>
      {[name, part].filter(Boolean).join(", ")}
      <p className={page.sub}>
        {momentText(atMs, 0, timeZone)}
        {into
          ? `, ${t("then", { work: workText(into.kind), who: into.who, when: momentText(into.atMs, 0, timeZone) })}`
          : ""}
        , {certainty === "certain" ? t("certainly") : t("possibly")}
      </p>
      {door ? (
        <p>
          {t("doorOf", { supplier: door.supplier, lot: door.supplierLot ?? "none" })}
          {door.source === null ? "" : `; ${t("waterOf", { source: door.source, area: door.area ?? "" })}`}
          {door.caughtAtMs === null ? "" : `, ${t("caughtOn", { day: dayText(door.caughtAtMs, timeZone) })}`}
        </p>
      ) : null}
      {shelf.length > 0 ? <p className={page.sub}>{t("shelfGoods", { goods: shelf.join(", ") })}</p> : null}
    </div>
  );
}
