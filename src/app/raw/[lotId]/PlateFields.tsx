"use client";
import { InputNumber, Segmented } from "antd";
import { Field } from "@/ui/form/Field";
import { UnitInput } from "@/ui/form/UnitInput";
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

/** The fields of the raw plate: covers, portion, slice, block, knife, and how warm it is around it. */
export function PlateFields({ asked, onChange }: Props) {
  const { format } = useHouse();
  const { covers, portionG, sliceMm, widthMm, heightMm, leanDeg, roomC, plateC } = asked;
  return (
    <div className={styles.fields}>
      <Field label={t("covers")}>
        {(id) => (
          <InputNumber<number>
            id={id}
            min={1}
            max={500}
            precision={0}
            inputMode="numeric"
            value={covers}
            onChange={(value) => value && onChange({ covers: value })}
          />
        )}
      </Field>
      <label className={styles.field}>
        {t("aCoverMassUnit", { massUnit: format.massUnit })}
        <UnitInput kind="mass" value={portionG} min={5} max={500} onChange={(portionG) => onChange({ portionG })} />
      </label>
      <Field label={t("sliceLengthUnit", { lengthUnit: format.lengthUnit })}>
        {(id) => (
          <InputNumber<number>
            id={id}
            min={Number(format.toLength(0.5).toFixed(2))}
            max={Number(format.toLength(40).toFixed(1))}
            step={format.units === "metric" ? 0.5 : 0.02}
            value={Number(format.toLength(sliceMm).toFixed(2))}
            inputMode="decimal"
            onChange={(shown) => shown && onChange({ sliceMm: format.fromLength(shown) })}
          />
        )}
      </Field>
      <label className={styles.field}>
        {t("blockWideLengthUnit", { lengthUnit: format.lengthUnit })}
        <UnitInput kind="length" value={widthMm} min={10} max={400} onChange={(widthMm) => onChange({ widthMm })} />
      </label>
      <label className={styles.field}>
        {t("blockHighLengthUnit", { lengthUnit: format.lengthUnit })}
        <UnitInput kind="length" value={heightMm} min={5} max={200} onChange={(heightMm) => onChange({ heightMm })} />
      </label>
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
      <label className={styles.field}>
        {t("roomDegree", { degree: format.degree })}
        <UnitInput kind="temperature" value={roomC} min={5} max={40} onChange={(roomC) => onChange({ roomC })} />
      </label>
      <label className={styles.field}>
        {t("platesDegree", { degree: format.degree })}
        <UnitInput kind="temperature" value={plateC} min={-5} max={30} onChange={(plateC) => onChange({ plateC })} />
      </label>
    </div>
  );
}
