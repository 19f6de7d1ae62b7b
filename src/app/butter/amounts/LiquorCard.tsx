"use client";
import { useState } from "react";
import { LIQUOR_SAUCE_MOST_PCT, liquorCapMl } from "@/core/butter";
import { reducedSaltPct } from "@/house/butter/dishSaltAsk";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";

/** Mussel and oyster liquor is a stock of two to three per cent salt: how much may go in, and what reducing makes of it. */
export function LiquorCard() {
  const { format } = useHouse();
  const [haveMl, setHaveMl] = useState(600);
  const [saltPct, setSaltPct] = useState(2.5);
  const [toMl, setToMl] = useState(200);
  const [sauceG, setSauceG] = useState(500);
  const reduced = reducedSaltPct(haveMl, saltPct, toMl);
  const cap = liquorCapMl(sauceG, saltPct);
  const capReduced = liquorCapMl(sauceG, reduced);
  return (
    <section className={page.card} data-testid="liquor">
      <h2>{t("shellfishLiquor")}</h2>
      <div className={styles.pairs}>
        <QuantityField label={t("liquor")} kind="volume" value={haveMl} min={10} max={20_000} onChange={setHaveMl} />
        <NumberField label={t("itsSalt")} value={saltPct} min={0.1} max={10} step={0.1} onChange={setSaltPct} />
        <QuantityField label={t("reducedToMl")} kind="volume" value={toMl} min={5} max={20_000} onChange={setToMl} />
        <QuantityField
          label={t("sauceItGoesInto")}
          kind="mass"
          value={sauceG}
          min={20}
          max={20_000}
          onChange={setSauceG}
        />
      </div>
      <p className={page.big} data-testid="reducedSalt">
        {t("reducedHas", { pct: format.number(reduced, 1) })}
      </p>
      <p data-testid="cap">
        {t("atMostInto", {
          plain: format.volume(Math.min(cap, haveMl)),
          reduced: format.volume(Math.min(capReduced, toMl)),
          mass: format.mass(sauceG),
          most: format.number(LIQUOR_SAUCE_MOST_PCT, 1),
        })}
      </p>
      <p className={page.sub}>{t("tasteBeforeItIsReduced")}</p>
    </section>
  );
}
