"use client";
import { sum } from "@/core/numeric";
import { ingredientOf, scaledPortion, type SauceBatch, type Shelf } from "@/core/butter";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/butter";
import styles from "../../Butter.module.css";

type Props = { readonly batch: SauceBatch; readonly batches: readonly number[]; readonly shelf: Shelf };

/** What goes in, for a batch and for all. */
export function SauceLines({ batch, batches, shelf }: Props) {
  const { format } = useHouse();
  const all = sum(batches);
  const rows = [
    ...batch.poured.map((portion) => ({ portion, where: t("intoTheBase") })),
    ...batch.mounted.map((portion) => ({ portion, where: t("whiskedInWord") })),
  ];
  return (
    <section className={page.card}>
      <h2>{t("whatGoesIn")}</h2>
      <table className={styles.lines}>
        <thead>
          <tr>
            <th>{t("good")}</th>
            <th>{t("aBatchOf", { covers: batch.covers })}</th>
            <th>{t("allCovers", { covers: all })}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ portion, where }) => (
            <tr key={`${where}${portion.ingredientId}`}>
              <td>
                {ingredientOf(portion.ingredientId, shelf).label} <span className={page.sub}>{where}</span>
              </td>
              <td>{format.mass(portion.massG)}</td>
              <td>{format.mass(scaledPortion(portion, batch.covers, all).massG)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <details className={page.open}>
        <summary>{t("whereTheseComeFrom")}</summary>
        {rows.map(({ portion }) => (
          <Source key={portion.ingredientId}>
            {t("labelSource", {
              label: ingredientOf(portion.ingredientId, shelf).label,
              source: ingredientOf(portion.ingredientId, shelf).source,
            })}
          </Source>
        ))}
        <Source>{t("reductionSource")}</Source>
        <Source>{t("holdSource")}</Source>
      </details>
    </section>
  );
}
