"use client";
import { Switch } from "antd";
import { useState } from "react";
import { ricePlan } from "@/core/butter";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";

/** Water for rice in this pot: what it takes up and what boils off. */
export function RiceCard() {
  const { format } = useHouse();
  const [riceMl, setRiceMl] = useState(260);
  const [potMm, setPotMm] = useState(180);
  const [minutes, setMinutes] = useState(14);
  const [lid, setLid] = useState(false);
  const { waterMl, ratio, takenUpMl, boiledOffMl } = ricePlan({ riceMl, potMm, minutes, lid });
  return (
    <section className={page.card} data-testid="rice">
      <h2>{t("rice")}</h2>
      <div className={styles.pairs}>
        <QuantityField
          label={t("riceByVolume")}
          kind="volume"
          value={riceMl}
          min={50}
          max={20_000}
          onChange={setRiceMl}
        />
        <QuantityField label={t("potAcross")} kind="length" value={potMm} min={120} max={500} onChange={setPotMm} />
        <NumberField label={t("minutesOnTheFire")} value={minutes} min={5} max={40} whole onChange={setMinutes} />
        <Field label={t("underALid")}>{(id) => <Switch id={id} checked={lid} onChange={setLid} />}</Field>
      </div>
      <p className={page.big} data-testid="water">
        {t("waterForRice", { water: format.volume(waterMl), ratio: format.number(ratio, 2) })}
      </p>
      <p className={page.sub}>
        {t("takenUpAndBoiledOff", { taken: format.volume(takenUpMl), off: format.volume(boiledOffMl) })}
      </p>
      <p>{t("riceIsHeldHotOrCold")}</p>
      <Source>{t("riceSource")}</Source>
    </section>
  );
}
