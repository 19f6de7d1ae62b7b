"use client";
import { Select, Switch } from "antd";
import { useState } from "react";
import { adviseSmoke } from "@/core/cure";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { QuantityField } from "@/ui/form/QuantityField";
import styles from "../Raw.module.css";
import { t } from "@/words/raw";
import { say } from "@/words/say";
import { keyOfSaid, type Said } from "@/core/shared";
import { Source } from "@/ui/layout/Source";

/** A lot that may be smoked, with the parasite rule as its own facts answer it. */
export type SmokeLot = { readonly id: string; readonly title: string; readonly cleared: boolean; readonly why: Said };

/** A light cold smoke: what to mind before it starts, asked of the lot itself. */
export function SmokeCard({ lots }: { readonly lots: readonly SmokeLot[] }) {
  const { format } = useHouse();
  const [boxC, setBox] = useState(8);
  const [minutes, setMinutes] = useState(10);
  const [waterPhasePct, setSalt] = useState(2);
  const [lotId, setLotId] = useState<string | null>(null);
  const lot = lots.find(({ id }) => id === lotId);
  const [vacuumPacked, setVacuum] = useState(false);
  const advice = adviseSmoke({ boxC, minutes, waterPhasePct, cleared: lot?.cleared ?? false, vacuumPacked });
  const stop = advice.some(({ level }) => level === "stop");
  return (
    <section className={page.card} data-testid="smoke">
      <h2>{t("coldSmoke")}</h2>
      <p>
        <span className={styles.words}>{stop ? t("notLikeThis") : t("goAhead")}</span>
      </p>
      <div className={`${styles.fields} ${page.around}`}>
        <QuantityField label={t("inTheBox")} kind="temperature" value={boxC} min={-5} max={60} onChange={setBox} />
        <NumberField label={t("minutes")} value={minutes} min={1} max={2880} whole onChange={setMinutes} />
        <NumberField label={t("saltInItsWater")} value={waterPhasePct} min={0} max={20} step={0.1} onChange={setSalt} />
        <Field label={t("lot")}>
          {(id) => (
            <Select<string>
              id={id}
              placeholder={t("whichLot")}
              value={lotId}
              className={page.full ?? ""}
              options={lots.map(({ id: value, title }) => ({ value, label: title }))}
              onChange={setLotId}
            />
          )}
        </Field>
        <Field label={t("intoAVacuumPack")}>
          {(id) => <Switch id={id} checked={vacuumPacked} onChange={setVacuum} />}
        </Field>
      </div>
      {lot ? (
        <p className="muted">
          {lot.title}: {say(lot.why, format)}
        </p>
      ) : null}
      <ul className={styles.advice}>
        {advice.map(({ level, text, source }) => (
          <li key={keyOfSaid(text)} data-level={level}>
            <b>{level === "stop" ? t("stop") : level === "care" ? t("mind") : ""}</b>
            {say(text, format)} <Source inline>({source})</Source>
          </li>
        ))}
      </ul>
      <PracticeLine id="smoking" />
      {vacuumPacked ? <PracticeLine id="reduced-oxygen" /> : null}
    </section>
  );
}
