"use client";
import { Segmented, Select } from "antd";
import { useState } from "react";
import { slurryOf, STARCHES, type Body, type StarchId } from "@/core/butter";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";

/** A slurry: which starch, how much, and whether it must boil or must not. */
export function SlurryCard() {
  const { format } = useHouse();
  const [liquidG, setLiquidG] = useState(500);
  const [body, setBody] = useState<Body>("coats");
  const [id, setId] = useState<StarchId>("maize-starch");
  const [acidPct, setAcidPct] = useState(0.3);
  const { starch, starchG, waterG } = slurryOf(liquidG, body, id, acidPct);
  const [from, to] = starch.gelsC;
  return (
    <section className={page.card} data-testid="slurry">
      <h2>{t("slurry")}</h2>
      <div className={styles.pairs}>
        <QuantityField label={t("liquid")} kind="mass" value={liquidG} min={20} max={50_000} onChange={setLiquidG} />
        <Field label={t("starch")}>
          {(field) => (
            <Select
              id={field}
              value={id}
              options={STARCHES.map(({ id: value, label }) => ({ value, label }))}
              onChange={setId}
            />
          )}
        </Field>
        <NumberField label={t("acidInTheLiquid")} value={acidPct} min={0} max={6} step={0.1} onChange={setAcidPct} />
        <Field label={t("body")} wide>
          {(field) => (
            <Segmented<Body>
              id={field}
              block
              value={body}
              options={[
                { value: "coats", label: t("coats") },
                { value: "gravy", label: t("gravy") },
                { value: "binds", label: t("binds") },
              ]}
              onChange={setBody}
            />
          )}
        </Field>
      </div>
      <p className={page.big} data-testid="starch">
        {t("starchInWater", { starch: format.mass(starchG), water: format.mass(waterG) })}
      </p>
      <p>
        {t("thickensAt", { from: format.temperature(from), to: format.temperature(to) })} {starch.note}
        {starch.weeps ? ` ${t("itWeeps")}` : ""}
      </p>
      <Source>{t("starchSource")}</Source>
    </section>
  );
}
