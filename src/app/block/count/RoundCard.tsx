"use client";
import { Alert } from "antd";
import { useState } from "react";
import { planRounds } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { UnitInput } from "@/ui/form/UnitInput";
import styles from "./Count.module.css";

export function RoundCard() {
  const { format } = useHouse();
  const [lengthMm, setLength] = useState(320);
  const [widthMm, setWidth] = useState(150);
  const [thicknessMm, setThickness] = useState(85);
  const [portionG, setPortion] = useState(160);
  const [heightMm, setHeight] = useState(55);
  const planned = planRounds({ lengthMm, widthMm, thicknessMm, portionG, heightMm });
  const size = (label: string, value: number, max: number, set: (value: number) => void) => (
    <label className={styles.field}>
      {label}, {format.lengthUnit}
      <UnitInput kind="length" value={value} min={5} max={max} onChange={set} />
    </label>
  );
  return (
    <section className={page.card}>
      <h2>Tall rounds from a loin</h2>
      <div className={styles.fields}>
        {size("Loin long", lengthMm, 1500, setLength)}
        {size("wide", widthMm, 500, setWidth)}
        {size("thick", thicknessMm, 300, setThickness)}
        {size("Round tall", heightMm, 150, setHeight)}
        <label className={styles.field}>
          Round, {format.massUnit}
          <UnitInput kind="mass" value={portionG} min={20} max={1000} onChange={setPortion} />
        </label>
      </div>
      {planned.ok ? (
        <>
          <p>
            <span className={page.big}>{planned.value.rounds}</span> rounds of{" "}
            <b className="figure">{format.length(planned.value.diameterMm)}</b> across
          </p>
          <p className="muted">
            {planned.value.slices} slices across the grain, {planned.value.perSlice} to a slice;{" "}
            {format.mass(planned.value.offcutG)} over, to tartare the same day.
          </p>
        </>
      ) : (
        <Alert type="warning" showIcon title={`No such round: ${planned.error}.`} />
      )}
    </section>
  );
}
