"use client";
import { useState } from "react";
import { rollUp } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { QuantityField } from "@/ui/form/QuantityField";
import styles from "./Count.module.css";
import { t } from "@/words/block";
import { Source } from "@/ui/layout/Source";

export function RollCard() {
  const { format } = useHouse();
  const [lengthMm, setLength] = useState(200);
  const [widthMm, setWidth] = useState(70);
  const [filletMm, setFillet] = useState(8);
  const [stuffingMm, setStuffing] = useState(3);
  const roll = rollUp(lengthMm, widthMm, filletMm + stuffingMm);
  const size = (label: string, value: number, max: number, set: (value: number) => void) => (
    <QuantityField label={label} kind="length" value={value} min={0} max={max} onChange={set} />
  );
  return (
    <section className={page.card}>
      <h2>{t("rolledFillets")}</h2>
      <div className={styles.fields}>
        {size(t("filletLong"), lengthMm, 800, setLength)}
        {size(t("wide"), widthMm, 400, setWidth)}
        {size(t("thick"), filletMm, 60, setFillet)}
        {size(t("stuffing"), stuffingMm, 40, setStuffing)}
      </div>
      <p>
        {t.rich("diameterAcrossTurnsTurnsMass", {
          diameter: format.length(roll.diameterMm),
          span: (words) => <span className={page.big}>{words}</span>,
          turns: format.number(roll.turns, 1),
          mass: format.mass(roll.massG),
          b: (words) => <b className="figure">{words}</b>,
        })}
      </p>
      <Source>{t("theCrossSectionIsKeptThe")}</Source>
    </section>
  );
}
