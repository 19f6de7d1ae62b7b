"use client";
import { useHouse } from "../hooks/HouseContext";
import { UnitInput } from "./UnitInput";
import styles from "./Field.module.css";

type Props = {
  readonly label: string;
  readonly kind: "mass" | "length" | "temperature" | "volume";
  /** In the core's unit: g, mm, °C, ml. */
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step?: number;
  readonly onChange: (value: number) => void;
};

/** A quantity in the units of the house, which stand in its label; the core's unit goes in and out. */
export function QuantityField({ label, kind, ...input }: Props) {
  const { format } = useHouse();
  const unit = {
    mass: format.massUnit,
    length: format.lengthUnit,
    temperature: format.degree,
    volume: format.volumeUnit,
  }[kind];
  return (
    <label className={styles.field}>
      <span>
        {label}, {unit}
      </span>
      <UnitInput kind={kind} {...input} />
    </label>
  );
}
