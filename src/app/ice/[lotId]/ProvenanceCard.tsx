import Link from "next/link";
import type { ComponentProps } from "react";
import { PART_USES, edibleCost } from "@/core/block";
import { formLabel } from "@/core/freshness";
import type { Completeness } from "@/core/trace";
import type { House } from "@/db/house/house";
import type { Lot } from "@/db/lots/lots";
import type { StockLot } from "@/db/lots/stock";
import { calendarDayText, dayText, formatFor } from "@/words/format/format";
import { AdviceTag } from "@/ui/layout/AdviceTag";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/ice";

type Props = {
  readonly lot: StockLot;
  readonly parent: Lot | undefined;
  readonly parts: readonly Lot[];
  readonly papers: Completeness;
  readonly advice: ComponentProps<typeof AdviceTag> | null;
  readonly house: House;
};

/** Where a lot came from, what it was taken from and what was taken of it. */
export function ProvenanceCard({ lot, parent, parts, papers, advice, house }: Props) {
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const { row, species } = lot;
  const { provenance } = row;
  const cost = edibleCost(species, row.form, row.priceCentsPerKg);
  return (
    <section className={page.card}>
      <h2>{t("provenance")}</h2>
      <dl className={page.facts}>
        <dt>{t("species")}</dt>
        <dd>
          <i>{species.scientificName}</i> {species.faoCode}
        </dd>
        <dt>{parent ? t("cutAs") : t("cameAs")}</dt>
        <dd>
          {row.partLabel ?? formLabel(row.form)}
          {row.partUse ? t("forPARTUSE", { use: PART_USES[row.partUse].toLowerCase() }) : null}
        </dd>
        <dt>{t("supplier")}</dt>
        <dd>{row.supplier}</dd>
        <dt>{t("boatOrFarm")}</dt>
        <dd>{row.source}</dd>
        <dt>{t("production")}</dt>
        <dd>
          {row.production}
          {provenance.byCatch === undefined ? "" : provenance.byCatch ? t("byCatch") : t("target")}
        </dd>
        <dt>{t("area")}</dt>
        <dd>{[row.area, provenance.subArea].filter(Boolean).join(", ")}</dd>
        <dt>{t("gear")}</dt>
        <dd>{row.gear}</dd>
        <dt>{t("caught")}</dt>
        <dd>{row.caughtAtMs === null ? t("notStated") : dayText(row.caughtAtMs, house.timeZone)}</dd>
        {provenance.landingPlace ? (
          <>
            <dt>{t("landed")}</dt>
            <dd>{provenance.landingPlace}</dd>
          </>
        ) : null}
        {provenance.supplierLot ? (
          <>
            <dt>{t("suppliersLot")}</dt>
            <dd className="figure">{provenance.supplierLot}</dd>
          </>
        ) : null}
        {provenance.tag ? (
          <>
            <dt>{t("tag")}</dt>
            <dd>
              <span className="figure">{provenance.tag.certificate}</span> {provenance.tag.dealer}{" "}
              {calendarDayText(provenance.tag.harvestedOn)}
            </dd>
          </>
        ) : null}
        {provenance.wholeKg === undefined ? null : (
          <>
            <dt>{t("wholeFish")}</dt>
            <dd>{format.mass(provenance.wholeKg * 1000)}</dd>
          </>
        )}
        <dt>{t("price")}</dt>
        <dd>
          {t("priceCentsPerAKilo", { priceCentsPer: format.money(row.priceCentsPerKg) })}
          {cost ? t("centsPerEdibleAnEdibleKilo", { centsPerEdible: format.money(cost.centsPerEdibleKg) }) : null}
        </dd>
        <dt>{t("place")}</dt>
        <dd>{lot.place?.name ?? t("none")}</dd>
        {parent ? (
          <>
            <dt>{t("takenFrom")}</dt>
            <dd>
              <Link href={`/ice/${parent.id}`} className="figure">
                {parent.code}
              </Link>
            </dd>
          </>
        ) : null}
        {parts.length > 0 ? (
          <>
            <dt>{t("parts")}</dt>
            <dd>
              {parts.map((child) => (
                <Link key={child.id} href={`/ice/${child.id}`} className={`figure ${page.apart}`}>
                  {child.code}
                </Link>
              ))}
            </dd>
          </>
        ) : null}
      </dl>
      <p className={`${page.source} ${page.above}`} data-testid="papers">
        {t("papersKnownOfWantedValue", {
          known: papers.known,
          wanted: papers.wanted,
          value:
            papers.missing.length > 0
              ? t("missingMissing", { missing: papers.missing.map(({ label }) => label.toLowerCase()).join(", ") })
              : t("complete"),
        })}
      </p>
      {advice ? <AdviceTag {...advice} /> : null}
    </section>
  );
}
