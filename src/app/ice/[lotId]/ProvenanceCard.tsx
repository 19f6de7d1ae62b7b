import Link from "next/link";
import type { ComponentProps } from "react";
import { PART_USES, edibleCost } from "@/core/block";
import { formLabel } from "@/core/freshness";
import type { Completeness } from "@/core/trace";
import type { House } from "@/db/house/house";
import type { Lot } from "@/db/lots/lots";
import type { StockLot } from "@/db/lots/stock";
import { dayText, formatFor } from "@/ui/format/format";
import { AdviceTag } from "@/ui/layout/AdviceTag";
import page from "@/ui/layout/page.module.css";

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
  const format = formatFor(house.units, house.currency);
  const { row, species } = lot;
  const { provenance } = row;
  const cost = edibleCost(species, row.form, row.priceCentsPerKg);
  return (
    <section className={page.card}>
      <h2>Provenance</h2>
      <dl className={page.facts}>
        <dt>Species</dt>
        <dd>
          <i>{species.scientificName}</i> {species.faoCode}
        </dd>
        <dt>{parent ? "Cut as" : "Came as"}</dt>
        <dd>
          {row.partLabel ?? formLabel(row.form)}
          {row.partUse ? `, for ${PART_USES[row.partUse].toLowerCase()}` : null}
        </dd>
        <dt>Supplier</dt>
        <dd>{row.supplier}</dd>
        <dt>Boat or farm</dt>
        <dd>{row.source}</dd>
        <dt>Production</dt>
        <dd>
          {row.production}
          {provenance.byCatch === undefined ? "" : provenance.byCatch ? ", by-catch" : ", target"}
        </dd>
        <dt>Area</dt>
        <dd>{[row.area, provenance.subArea].filter(Boolean).join(", ")}</dd>
        <dt>Gear</dt>
        <dd>{row.gear}</dd>
        <dt>Caught</dt>
        <dd>{row.caughtAtMs === null ? "not stated" : dayText(row.caughtAtMs, house.timeZone)}</dd>
        {provenance.landingPlace ? (
          <>
            <dt>Landed</dt>
            <dd>{provenance.landingPlace}</dd>
          </>
        ) : null}
        {provenance.supplierLot ? (
          <>
            <dt>Supplier’s lot</dt>
            <dd className="figure">{provenance.supplierLot}</dd>
          </>
        ) : null}
        {provenance.tag ? (
          <>
            <dt>Tag</dt>
            <dd>
              <span className="figure">{provenance.tag.certificate}</span> {provenance.tag.dealer}{" "}
              {provenance.tag.harvestedOn}
            </dd>
          </>
        ) : null}
        {provenance.wholeKg === undefined ? null : (
          <>
            <dt>Whole fish</dt>
            <dd>{format.mass(provenance.wholeKg * 1000)}</dd>
          </>
        )}
        <dt>Price</dt>
        <dd>
          {format.money(row.priceCentsPerKg)} a kilo
          {cost ? `, ${format.money(cost.centsPerEdibleKg)} an edible kilo` : null}
        </dd>
        <dt>Place</dt>
        <dd>{lot.place?.name ?? "none"}</dd>
        {parent ? (
          <>
            <dt>Taken from</dt>
            <dd>
              <Link href={`/ice/${parent.id}`} className="figure">
                {parent.code}
              </Link>
            </dd>
          </>
        ) : null}
        {parts.length > 0 ? (
          <>
            <dt>Parts</dt>
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
        Papers {papers.known} of {papers.wanted}
        {papers.missing.length > 0
          ? `; missing: ${papers.missing.map(({ label }) => label.toLowerCase()).join(", ")}`
          : ", complete"}
        .
      </p>
      {advice ? <AdviceTag {...advice} /> : null}
    </section>
  );
}
