"use client";
import { useState } from "react";
import { rollUp } from "@/core/block";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { UnitInput } from "@/ui/form/UnitInput";
import styles from "./Count.module.css";

export function RollCard() {
  const { format } = useHouse();
  const [lengthMm, setLength] = useState(200);
  const [widthMm, setWidth] = useState(70);
  const [filletMm, setFillet] = useState(8);
  const [stuffingMm, setStuffing] = useState(3);
  const roll = rollUp(lengthMm, widthMm, filletMm + stuffingMm);
  const size = (label: string, value: number, max: number, set: (value: number) => void) => (
    <label className={styles.field}>
      {label}, {format.lengthUnit}
      <UnitInput kind="length" value={value} min={0} max={max} onChange={set} />
    </label>
  );
  return (
    <section className={page.card}>
      <h2>Rolled fillets</h2>
      <div className={styles.fields}>
        {size("Fillet long", lengthMm, 800, setLength)}
        {size("wide", widthMm, 400, setWidth)}
        {size("thick", filletMm, 60, setFillet)}
        {size("Stuffing", stuffingMm, 40, setStuffing)}
      </div>
      <p>
        <span className={page.big}>{format.length(roll.diameterMm)}</span> across, {roll.turns.toFixed(1)} turns,{" "}
        <b className="figure">{format.mass(roll.massG)}</b>
      </p>
      <p className={page.source}>
        The cross-section is kept: the outer circle has the area of the strip. At the stove it is a cylinder of this
        width.
      </p>
    </section>
  );
}
