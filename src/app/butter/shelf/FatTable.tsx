"use client";
import { useState } from "react";
import { fatsFor, GARLIC_BITTER_C, GARLIC_SCHOOLS, shelfWith, type FatHeat, type Ingredient } from "@/core/butter";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { durationText } from "@/words/format/format";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";

const FITS: Readonly<Record<FatHeat["fits"], string>> = { yes: t("fits"), "new-only": t("onlyNew"), no: t("smokes") };
const STATES = { yes: "good", "new-only": "soon", no: "bad" } as const;

/** Smoke points before they are met, and garlic in its two schools. */
export function FatTable({ own }: { readonly own: readonly Ingredient[] }) {
  const { format } = useHouse();
  const [panC, setPanC] = useState(180);
  const rows = fatsFor([...shelfWith(own).values()], panC);
  return (
    <section className={page.card} data-testid="fats">
      <h2>{t("whichFatForThisHeat")}</h2>
      <div className={styles.pairs}>
        <QuantityField label={t("pan")} kind="temperature" value={panC} min={60} max={300} onChange={setPanC} />
      </div>
      <table className={styles.lines}>
        <thead>
          <tr>
            <th scope="col">{t("fatWord")}</th>
            <th scope="col">{t("smokesFrom")}</th>
            <th scope="col">{t("hottestNew")}</th>
            <th scope="col">{t("hottestUsed")}</th>
            <th scope="col">{t("here")}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ id, label, smokesC, hottestC, hottestUsedC, fits }) => (
            <tr key={id}>
              <td>{label}</td>
              <td>{format.temperature(smokesC)}</td>
              <td>{format.temperature(hottestC)}</td>
              <td>{format.temperature(hottestUsedC)}</td>
              <td>
                <span className={styles.tag} data-state={STATES[fits]}>
                  {FITS[fits]}
                </span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        {GARLIC_SCHOOLS.map(({ id, fromC, toC, seconds: [from, to] }) =>
          t("garlicSchool", {
            id,
            from: format.temperature(fromC),
            to: format.temperature(toC),
            short: durationText(from),
            long: durationText(to),
          }),
        ).join(" ")}{" "}
        {t("garlicBitter", { heat: format.temperature(GARLIC_BITTER_C) })}
      </p>
      <p className={page.stop}>{t("alcoholOffTheFlame")}</p>
      <Source>{t("smokeSource")}</Source>
    </section>
  );
}
