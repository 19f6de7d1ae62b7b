"use client";
import { Segmented } from "antd";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
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
      <NumberField
        label={t("covers")}
        value={covers}
        min={1}
        max={500}
        whole
        onChange={(value) => onChange({ covers: value })}
      />
      <QuantityField
        label={t("aCover")}
        kind="mass"
        value={portionG}
        min={5}
        max={500}
        onChange={(portionG) => onChange({ portionG })}
      />
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
      <QuantityField
        label={t("blockWide")}
        kind="length"
        value={widthMm}
        min={10}
        max={400}
        onChange={(widthMm) => onChange({ widthMm })}
      />
      <QuantityField
        label={t("blockHigh")}
        kind="length"
        value={heightMm}
        min={5}
        max={200}
        onChange={(heightMm) => onChange({ heightMm })}
      />
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
      <QuantityField
        label={t("room")}
        kind="temperature"
        value={roomC}
        min={5}
        max={40}
        onChange={(roomC) => onChange({ roomC })}
      />
      <QuantityField
        label={t("plates")}
        kind="temperature"
        value={plateC}
        min={-5}
        max={30}
        onChange={(plateC) => onChange({ plateC })}
      />
    </div>
  );
}
