import type { Metadata } from "next";
import Link from "next/link";
import { notFound } from "next/navigation";
import { connection } from "next/server";
import { kitOf, methodOf } from "@/core/cooking";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { findSheet } from "@/db/stove/stationSheets";
import { dayText, formatFor } from "@/words/format/format";
import page from "@/ui/layout/page.module.css";
import { requireHouse } from "../../../request";
import styles from "../../Stove.module.css";
import { PrintButton } from "@/ui/layout/PrintButton";
import { SheetTable } from "../SheetTable";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove-plan";

export const metadata: Metadata = { title: t("stationSheet") };

/** One page for the wall: what it was worked out for, and the lines. */
export default async function SheetPage({ params }: { readonly params: Promise<{ sheetId: string }> }) {
  await connection();
  const house = requireHouse();
  const sheet = findSheet(db(), (await params).sheetId);
  const species = sheet ? speciesOf(db(), sheet.question.speciesId) : undefined;
  if (!sheet || !species) notFound();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const { question, rows, atMs, who } = sheet;
  const method = methodOf(question.methodId);
  const school = method.schools.find(({ id }) => id === (question.schoolId ?? method.schools[0]?.id));
  const kit = kitOf(method, school?.id ?? "", question.kit);
  const settings = method.knobs.map(
    ({ id, label, kind }) =>
      `${label.toLowerCase()} ${kind === "length" ? format.length(kit[id]) : format.temperature(kit[id])}`,
  );
  return (
    <article className={styles.wall}>
      <PageHead
        title={
          <>
            {species.name}: {method.label.toLowerCase()}
          </>
        }
        asks={[
          school?.label,
          question.goal.kind === "safe"
            ? t("byTheRuleInForce2")
            : question.goal.kind === "rim"
              ? t("setRimRim", { rim: format.length(question.goal.rimMm) })
              : t("centreTarget", { target: format.temperature(question.goal.targetC) }),
          t("fromStart", { start: format.temperature(question.startC) }),
          ...settings,
          question.films ? t("withWhatWasLearnedOfThis") : null,
        ]
          .filter((word) => word)
          .join(" · ")}
      >
        <span className={`${styles.headActions} ${styles.noPrint}`}>
          <a href={`/api/export/station-sheet.csv?sheet=${sheet.id}`}>{t("asCsv")}</a>
          <PrintButton />
          <Link href="/stove/sheets">{t("allSheets")}</Link>
        </span>
      </PageHead>
      <section className={page.card}>
        <SheetTable rows={rows} group={species.donenessGroup} />
      </section>
      <p className={`muted ${page.above}`}>
        {t("cueFirstProbeSecondClockThird", { at: dayText(atMs, house.timeZone), who, name: house.name })}
      </p>
    </article>
  );
}
