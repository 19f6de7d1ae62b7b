"use client";
import { Segmented, Select, Slider, Switch } from "antd";
import { useState } from "react";
import type { Burner } from "@/db/butter/spots";
import { changedSpec, type BenchAsk } from "@/house/sauceBench";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import styles from "../../Butter.module.css";

const PANS_MM = [160, 200, 240, 280, 320] as const;

type Props = {
  readonly ask: BenchAsk;
  readonly burners: readonly Burner[];
  readonly onChange: (part: Partial<BenchAsk>) => void;
};

/** What is turned at the sauce bench. */
export function SauceAsk({ ask, burners, onChange }: Props) {
  const { format } = useHouse();
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
        <Field label={t("pan")}>
          {(id) => (
            <Select
              id={id}
              value={ask.panMm}
              options={PANS_MM.map((value) => ({ value, label: format.length(value, 0) }))}
              onChange={(panMm: number) => onChange({ panMm })}
            />
          )}
        </Field>
        <Field label={t("burner")}>
          {(id) => (
            <Select
              id={id}
              value={ask.netPowerW}
              options={[...new Map(burners.map(({ netPowerW, name }) => [netPowerW, name]))].map(([value, name]) => ({
                value,
                label: t("burnerOf", { name, kw: (value / 1000).toFixed(2) }),
              }))}
              onChange={(netPowerW: number) => onChange({ netPowerW })}
            />
          )}
        </Field>
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
