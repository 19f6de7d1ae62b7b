"use client";
import { Alert } from "antd";
import { useState } from "react";
import { planRounds } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import styles from "./Count.module.css";
import { t } from "@/words/block";
import { say } from "@/words/say";

export function RoundCard() {
  const { format } = useHouse();
  const [lengthMm, setLength] = useState(320);
  const [widthMm, setWidth] = useState(150);
  const [thicknessMm, setThickness] = useState(85);
  const [portionG, setPortion] = useState(160);
  const [heightMm, setHeight] = useState(55);
  const planned = planRounds({ lengthMm, widthMm, thicknessMm, portionG, heightMm });
  const size = (label: string, value: number, max: number, set: (value: number) => void) => (
    <QuantityField label={label} kind="length" value={value} min={5} max={max} onChange={set} />
  );
  return (
    <section className={page.card}>
      <h2>{t("tallRoundsFromALoin")}</h2>
      <div className={styles.fields}>
        {size(t("loinLong"), lengthMm, 1500, setLength)}
        {size(t("wide"), widthMm, 500, setWidth)}
        {size(t("thick"), thicknessMm, 300, setThickness)}
        {size(t("roundTall"), heightMm, 150, setHeight)}
        <QuantityField label={t("round2")} kind="mass" value={portionG} min={20} max={1000} onChange={setPortion} />
      </div>
      {planned.ok ? (
        <>
          <p>
            {t.rich("roundsRoundsOfDiameterAcross", {
              rounds: planned.value.rounds,
              span: (words) => <span className={page.big}>{words}</span>,
              diameter: format.length(planned.value.diameterMm),
              b: (words) => <b className="figure">{words}</b>,
            })}
          </p>
          <p className="muted">
            {t("slicesSlicesAcrossTheGrainPerSlice", {
              slices: planned.value.slices,
              perSlice: planned.value.perSlice,
              offcut: format.mass(planned.value.offcutG),
            })}
          </p>
        </>
      ) : (
        <Alert type="warning" showIcon title={t("noSuchRoundError", { error: say(planned.error, format) })} />
      )}
    </section>
  );
}
