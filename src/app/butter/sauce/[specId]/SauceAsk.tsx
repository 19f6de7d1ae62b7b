"use client";
import { Segmented, Switch } from "antd";
import { useState } from "react";
import type { Burner } from "@/db/butter/spots";
import { changedSpec, type BenchAsk } from "@/house/butter/sauceBench";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { Slider } from "@/ui/form/Slider";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { BurnerField, PanField } from "../../StoveFields";
import styles from "../../Butter.module.css";

type Props = {
  readonly ask: BenchAsk;
  readonly burners: readonly Burner[];
  readonly onChange: (part: Partial<BenchAsk>) => void;
};

/** What is turned at the sauce bench. */
export function SauceAsk({ ask, burners, onChange }: Props) {
  // the sauce of the house, that the sliders go away from and back to
  const [house] = useState(ask.spec);
  const [turned, setTurned] = useState({ mount: 1, down: 1 });
  const turn = (part: Partial<typeof turned>) => {
    const next = { ...turned, ...part };
    setTurned(next);
    const { servedC, strained } = ask.spec;
    onChange({ spec: { ...changedSpec(house, next), servedC, strained } });
  };
  const hasBase = house.reduceToMl !== null;
  return (
    <section className={page.card}>
      <div className={styles.fields}>
        <NumberField
          label={t("covers")}
          value={ask.covers}
          min={1}
          max={200}
          whole
          onChange={(covers) => onChange({ covers })}
        />
        <PanField panMm={ask.panMm} onChange={(panMm) => onChange({ panMm })} />
        <BurnerField burners={burners} netPowerW={ask.netPowerW} onChange={(netPowerW) => onChange({ netPowerW })} />
        {hasBase ? (
          <Field label={t("reducedTo", { share: Math.round(turned.down * 100) })}>
            {(id) => (
              <Slider
                id={id}
                min={0.6}
                max={3}
                step={0.05}
                value={turned.down}
                onChange={(down) => turn({ down })}
                ariaLabelForHandle={t("howFarDown")}
              />
            )}
          </Field>
        ) : null}
        {house.mount.length > 0 ? (
          <Field label={t("whiskedIn", { share: Math.round(turned.mount * 100) })}>
            {(id) => (
              <Slider
                id={id}
                min={0.4}
                max={3}
                step={0.05}
                value={turned.mount}
                onChange={(mount) => turn({ mount })}
                ariaLabelForHandle={t("howMuchButter")}
              />
            )}
          </Field>
        ) : null}
        <QuantityField
          label={t("keptAt")}
          kind="temperature"
          value={ask.spec.servedC}
          min={20}
          max={80}
          onChange={(servedC) => onChange({ spec: { ...ask.spec, servedC } })}
        />
        <Field label={t("shallotSchool")}>
          {(id) => (
            <Segmented<boolean>
              id={id}
              block
              value={ask.spec.strained}
              options={[
                { value: true, label: t("strained") },
                { value: false, label: t("leftIn") },
              ]}
              onChange={(strained) => onChange({ spec: { ...ask.spec, strained } })}
            />
          )}
        </Field>
        <p className={page.sub}>{ask.spec.strained ? t("strainedKeeps") : t("leftInDoesNot")}</p>
        <Field label={t("lidOn")}>
          {(id) => <Switch id={id} checked={ask.lid} onChange={(lid) => onChange({ lid })} />}
        </Field>
        <QuantityField
          label={t("bainAcross")}
          kind="length"
          value={ask.surfaceMm}
          min={80}
          max={400}
          onChange={(surfaceMm) => onChange({ surfaceMm })}
        />
      </div>
    </section>
  );
}
