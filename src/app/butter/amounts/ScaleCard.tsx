"use client";
import { Select } from "antd";
import { useState } from "react";
import { findPreparation, prepare, PREPARATIONS, shelfWith, type Ingredient } from "@/core/butter";
import { LADLE_ML, scaledSauce } from "@/house/butter/scaledSauce";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { durationText } from "@/words/format/format";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { LineTable } from "../LineTable";
import type { NamedSauce } from "./SaltCard";

type Props = { readonly own: readonly Ingredient[]; readonly sauces: readonly NamedSauce[] };

/** Any sauce or preparation of the house for one to two hundred covers: each line by its own rule, batches, the pan that fits. */
export function ScaleCard({ own, sauces }: Props) {
  const { format } = useHouse();
  const [what, setWhat] = useState(sauces[0] ? `sauce:${sauces[0].specId}` : `prep:${PREPARATIONS[0]!.id}`);
  const [covers, setCovers] = useState(20);
  const shelf = shelfWith(own);
  const [kind, id] = what.split(/:(.*)/s) as [string, string];
  const spec = kind === "sauce" ? sauces.find((one) => one.specId === id)?.spec : undefined;
  const sauce = spec ? scaledSauce(spec, covers, shelf) : null;
  const preparation = kind === "prep" ? findPreparation(id) : undefined;
  const lines = sauce?.lines ?? (preparation ? prepare(preparation, covers, shelf).lines : []);
  return (
    <section className={page.card} data-testid="scale">
      <h2>{t("forHowMany")}</h2>
      <div className={styles.pairs}>
        <Field label={t("what")} wide>
          {(field) => (
            <Select
              id={field}
              value={what}
              options={[
                {
                  label: t("sauces"),
                  options: sauces.map((one) => ({ value: `sauce:${one.specId}`, label: one.spec.name })),
                },
                {
                  label: t("forTheShelf"),
                  options: PREPARATIONS.map((one) => ({ value: `prep:${one.id}`, label: one.label })),
                },
              ]}
              onChange={setWhat}
            />
          )}
        </Field>
        <NumberField label={t("covers")} value={covers} min={1} max={200} whole onChange={setCovers} />
      </div>
      {sauce ? (
        <p data-testid="scaled">
          {t("scaledSauce", {
            batches: sauce.batches,
            each: format.mass(sauce.gPerCover),
            ladles: format.number(sauce.ladles, 1),
            ladle: format.volume(LADLE_ML),
            pan: format.length(sauce.panMm, 0),
            minutes: sauce.seconds === null ? "–" : durationText(sauce.seconds),
          })}
        </p>
      ) : null}
      <LineTable lines={lines} />
    </section>
  );
}
