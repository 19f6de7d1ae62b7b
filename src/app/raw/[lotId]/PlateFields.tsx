"use client";
import { Segmented } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { NumberFields, type FigureSpec } from "@/ui/form/NumberFields";
import { useHouse } from "@/ui/hooks/HouseContext";
import { t } from "@/words/raw";
import styles from "../Raw.module.css";

/** What is to be sliced, how, and in what kitchen; g, mm, °C, degrees from upright. */
export type PlateAsk = {
  readonly covers: number;
  readonly portionG: number;
  readonly sliceMm: number;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly leanDeg: number;
  readonly roomC: number;
  readonly plateC: number;
};

type Props = { readonly asked: PlateAsk; readonly onChange: (part: Partial<PlateAsk>) => void };

const SERVED: readonly FigureSpec<PlateAsk>[] = [
  { of: "covers", label: t("covers"), min: 1, max: 500, whole: true },
  { of: "portionG", label: t("aCover"), kind: "mass", min: 5, max: 500 },
];
const BLOCK: readonly FigureSpec<PlateAsk>[] = [
  { of: "widthMm", label: t("blockWide"), kind: "length", min: 10, max: 400 },
  { of: "heightMm", label: t("blockHigh"), kind: "length", min: 5, max: 200 },
];
const WARMTH: readonly FigureSpec<PlateAsk>[] = [
  { of: "roomC", label: t("room"), kind: "temperature", min: 5, max: 40 },
  { of: "plateC", label: t("plates"), kind: "temperature", min: -5, max: 30 },
];

/** The fields of the raw plate: covers, portion, slice, block, knife, and how warm it is around it. */
export function PlateFields({ asked, onChange }: Props) {
  const { format } = useHouse();
  const { sliceMm, leanDeg } = asked;
  return (
    <div className={styles.fields}>
      <NumberFields value={asked} fields={SERVED} onChange={onChange} />
      <Field label={t("sliceLengthUnit", { lengthUnit: format.lengthUnit })}>
        {(id) => (
          <NumberInput
            id={id}
            min={Number(format.toLength(0.5).toFixed(2))}
            max={Number(format.toLength(40).toFixed(1))}
            step={format.units === "metric" ? 0.5 : 0.02}
            value={Number(format.toLength(sliceMm).toFixed(2))}
            onChange={(shown) => shown && onChange({ sliceMm: format.fromLength(shown) })}
          />
        )}
      </Field>
      <NumberFields value={asked} fields={BLOCK} onChange={onChange} />
      <Field label={t("knife")} wide>
        {(id) => (
          <Segmented<number>
            id={id}
            value={leanDeg}
            onChange={(leanDeg) => onChange({ leanDeg })}
            options={[
              { value: 0, label: t("upright") },
              { value: 45, label: t("slant") },
              { value: 65, label: t("flat") },
            ]}
          />
        )}
      </Field>
      <NumberFields value={asked} fields={WARMTH} onChange={onChange} />
    </div>
  );
}
