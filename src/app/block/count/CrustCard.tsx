"use client";
import { InputNumber } from "antd";
import { useState } from "react";
import { planCrust } from "@/core/block";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { UnitInput } from "@/ui/form/UnitInput";
import styles from "./Count.module.css";

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
    <label className={styles.field}>
      {label}, {format.lengthUnit}
      <UnitInput kind="length" value={value} min={10} max={500} onChange={set} />
    </label>
  );
  return (
    <section className={page.card}>
      <h2>Bread crust</h2>
      <div className={styles.fields}>
        {size("Portion long", long, setLong)}
        {size("wide", wide, setWide)}
        {size("Loaf wide", loafWide, setLoafWide)}
        {size("high", loafHigh, setLoafHigh)}
        <Field label="Portions">
          {(id) => (
            <InputNumber<number>
              id={id}
              min={1}
              max={200}
              precision={0}
              value={portions}
              onChange={(value) => value && setPortions(value)}
            />
          )}
        </Field>
      </div>
      <p>
        <span className={page.big}>{plan.slices}</span> slices of frozen bread, {format.length(SLICE_MM, 1)} thin,{" "}
        <b className="figure">{format.mass(plan.breadG)}</b>
      </p>
      <p className="muted">
        {plan.slicesPerPortion < 1
          ? `One slice gives ${Math.round(1 / plan.slicesPerPortion)} portions.`
          : `${plan.slicesPerPortion} to a portion${plan.turned ? ", turned a quarter" : ""}.`}{" "}
        Cut to the portion, stuck on with butter, bread side down first. Allergens: gluten, milk.
      </p>
    </section>
  );
}
