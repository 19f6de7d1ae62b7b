"use client";
import { Select } from "antd";
import { useState } from "react";
import { keyOfSaid } from "@/core/shared";
import { coldEmulsion, type ColdEmulsion, type EggSchool } from "@/core/butter";
import { Field } from "@/ui/form/Field";
import { QuantityField } from "@/ui/form/QuantityField";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";

const STATES: Readonly<Record<ColdEmulsion["state"], string>> = {
  holds: t("coldHoldsWord"),
  breaks: t("coldBreaksWord"),
  loose: t("coldLooseWord"),
};

/** A cold emulsion: whether it holds, what brings it back, and the rule of its egg. */
export function ColdCard() {
  const { format } = useHouse();
  const [oilG, setOilG] = useState(300);
  const [yolkG, setYolkG] = useState(36);
  const [waterG, setWaterG] = useState(40);
  const [acidG, setAcidG] = useState(2);
  const [egg, setEgg] = useState<EggSchool>("pasteurised");
  const found = coldEmulsion({ oilG, yolkG: egg === "none" ? 0 : yolkG, waterG, acidG, egg });
  return (
    <section className={page.card} data-testid="cold">
      <h2>{t("coldEmulsion")}</h2>
      <div className={styles.pairs}>
        <QuantityField label={t("oil")} kind="mass" value={oilG} min={10} max={20_000} onChange={setOilG} />
        <QuantityField label={t("yolk")} kind="mass" value={yolkG} min={1} max={5000} onChange={setYolkG} />
        <QuantityField label={t("waterAndJuice")} kind="mass" value={waterG} min={1} max={5000} onChange={setWaterG} />
        <NumberField label={t("acidInItG")} value={acidG} min={0} max={200} step={0.5} onChange={setAcidG} />
        <Field label={t("egg")} wide>
          {(id) => (
            <Select<EggSchool>
              id={id}
              value={egg}
              options={[
                { value: "pasteurised", label: t("pasteurisedDefault") },
                { value: "raw", label: t("rawEgg") },
                { value: "none", label: t("noEgg") },
              ]}
              onChange={setEgg}
            />
          )}
        </Field>
      </div>
      <p>
        <span className={styles.tag} data-state={found.state === "holds" ? "good" : "bad"} data-testid="coldState">
          {STATES[found.state]}
        </span>{" "}
        {t("oilToWater", { ratio: format.number(found.oilToWater, 1), hours: found.keepsHours })}
      </p>
      <ul className={styles.because}>
        {found.because.map((why) => (
          <li key={keyOfSaid(why)}>{sentence(say(why, format))}.</li>
        ))}
        {found.rescueWaterG > 0 ? <li>{t("whiskIntoWater", { mass: format.mass(found.rescueWaterG) })}</li> : null}
      </ul>
    </section>
  );
}
