"use client";
import { useState } from "react";
import { planCrust } from "@/core/block";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import styles from "./Count.module.css";
import { t } from "@/words/block";

/** Bread is sliced frozen, so thin (common practice). */
const SLICE_MM = 2;

export function CrustCard() {
  const { format } = useHouse();
  const [long, setLong] = useState(90);
  const [wide, setWide] = useState(60);
  const [portions, setPortions] = useState(12);
  const [loafWide, setLoafWide] = useState(110);
  const [loafHigh, setLoafHigh] = useState(100);
  const plan = planCrust(
    { lengthMm: long, widthMm: wide },
    { widthMm: loafWide, heightMm: loafHigh, sliceMm: SLICE_MM },
    portions,
  );
  const size = (label: string, value: number, set: (value: number) => void) => (
    <QuantityField label={label} kind="length" value={value} min={10} max={500} onChange={set} />
  );
  return (
    <section className={page.card}>
      <h2>{t("breadCrust")}</h2>
      <div className={styles.fields}>
        {size(t("portionLong"), long, setLong)}
        {size(t("wide"), wide, setWide)}
        {size(t("loafWide"), loafWide, setLoafWide)}
        {size(t("high"), loafHigh, setLoafHigh)}
        <NumberField label={t("portions")} value={portions} min={1} max={200} whole onChange={setPortions} />
      </div>
      <p>
        {t.rich("slicesSlicesOfFrozenBreadSLICEMM", {
          slices: plan.slices,
          span: (words) => <span className={page.big}>{words}</span>,
          thick: format.length(SLICE_MM, 1),
          bread: format.mass(plan.breadG),
          b: (words) => <b className="figure">{words}</b>,
        })}
      </p>
      <p className="muted">
        {t("valueCutToThePortionStuck", {
          value:
            plan.slicesPerPortion < 1
              ? t("oneSliceGivesSlicesPerPortionPortions", { slicesPerPortion: Math.round(1 / plan.slicesPerPortion) })
              : t("slicesPerPortionToAPortionValue", {
                  slicesPerPortion: plan.slicesPerPortion,
                  value: plan.turned ? t("turnedAQuarter") : "",
                }),
        })}
      </p>
    </section>
  );
}
