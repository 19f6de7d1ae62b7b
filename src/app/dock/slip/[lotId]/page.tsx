import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { formLabel } from "@/core/freshness";
import { db } from "@/db/connection";
import { speciesOf } from "@/db/house/species";
import { findLot } from "@/db/lots/lots";
import { PageHead } from "@/ui/layout/PageHead";
import page from "@/ui/layout/page.module.css";
import { PrintButton } from "@/ui/layout/PrintButton";
import { dayText, formatFor, timeText } from "@/words/format/format";
import { say } from "@/words/say";
import { t } from "@/words/dock";
import { requestTime, requireHouse } from "../../../request";
import styles from "../../Dock.module.css";

export const metadata: Metadata = { title: t("slip") };

/** What the driver takes back with a lot that was refused: what, why, when and by whom. */
export default async function SlipPage({ params }: { readonly params: Promise<{ lotId: string }> }) {
  await requestTime();
  const house = requireHouse();
  const lot = findLot(db(), (await params).lotId);
  if (!lot || lot.status !== "refused") notFound();
  const format = formatFor(house.units, house.currency, house.decimalMark);
  const { timeZone } = house;
  const rows = [
    [t("slipLot"), lot.code],
    [t("slipFish"), `${speciesOf(db(), lot.speciesId)?.name ?? lot.speciesId}, ${formLabel(lot.form).toLowerCase()}`],
    [t("slipWeight"), format.mass(lot.massG)],
    [t("slipProbe"), format.temperature(lot.receiptC, 1)],
    [t("slipSupplier"), lot.supplier],
    [t("slipSuppliersLot"), lot.provenance.supplierLot ?? t("notStated")],
    [t("slipWhen"), `${dayText(lot.receivedAtMs, timeZone)} ${timeText(lot.receivedAtMs, timeZone)}`],
    [t("slipBy"), lot.receivedBy],
  ] as const;
  return (
    <>
      <PageHead title={t("refusedAtTheDoor")} asks={t("refusedSlip", { house: house.name })}>
        <PrintButton />
      </PageHead>
      <section className={page.card} data-testid="slip">
        <dl className={page.facts}>
          {rows.map(([name, value]) => (
            <div key={name} className={styles.slipRow}>
              <dt>{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
        <h2>{t("slipWhy")}</h2>
        <ul className={page.bullets}>
          {lot.reasons.map(({ text }, index) => (
            <li key={index}>{say(text, format)}</li>
          ))}
        </ul>
        <p className={styles.signature}>{t("slipDriver")}</p>
      </section>
    </>
  );
}
