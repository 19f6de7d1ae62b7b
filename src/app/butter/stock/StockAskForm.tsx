"use client";
import { Checkbox, Select, Switch } from "antd";
import { POTS } from "@/core/butter";
import type { Burner } from "@/db/butter/spots";
import type { StockForm } from "@/house/butter/stockPot";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { BurnerField } from "../StoveFields";
import styles from "../Butter.module.css";
import type { BoneRow } from "./boneRow";

type Props = {
  readonly form: StockForm;
  readonly bones: readonly BoneRow[];
  readonly burners: readonly Burner[];
  readonly waterMl: number;
  readonly onChange: (part: Partial<StockForm>) => void;
};

/** Which bones, which pot, how much water, and the ice that waits for it. */
export function StockAskForm({ form, bones, burners, waterMl, onChange }: Props) {
  const { format } = useHouse();
  const toggle = (id: string, on: boolean) =>
    onChange({ waterMl: null, chosen: on ? [...form.chosen, id] : form.chosen.filter((one) => one !== id) });
  return (
    <section className={page.card}>
      <h2>{t("bones")}</h2>
      {bones.length === 0 ? <Empty>{t("noBonesOnIce")}</Empty> : null}
      <ul className={page.rows}>
        {bones.map(({ id, title, code, massG, whyNot }) => (
          <li key={id} className={styles.bone}>
            {whyNot ? (
              <>
                {t("boneLine", { title, code, mass: format.mass(massG) })}
                <p className={page.sub}>{sentence(say(whyNot, format))}</p>
              </>
            ) : (
              <Checkbox checked={form.chosen.includes(id)} onChange={({ target }) => toggle(id, target.checked)}>
                {t("boneLine", { title, code, mass: format.mass(massG) })}
              </Checkbox>
            )}
          </li>
        ))}
      </ul>
      <div className={styles.fields}>
        <Field label={t("pot")}>
          {(id) => (
            <Select
              id={id}
              value={form.pot.id}
              options={POTS.map(({ id: value, litres, diameterMm }) => ({
                value,
                label: t("potOf", { volume: format.volume(litres * 1000), across: format.length(diameterMm, 0) }),
              }))}
              onChange={(potId: string) => onChange({ waterMl: null, pot: POTS.find(({ id: one }) => one === potId)! })}
            />
          )}
        </Field>
        <QuantityField
          label={t("waterMl")}
          kind="volume"
          value={Math.round(waterMl)}
          min={100}
          max={50_000}
          step={50}
          onChange={(ml) => onChange({ waterMl: ml })}
        />
        <QuantityField
          label={t("aromatics")}
          kind="mass"
          value={form.aromaticsG}
          min={0}
          max={5000}
          onChange={(aromaticsG) => onChange({ aromaticsG })}
        />
        <BurnerField burners={burners} netPowerW={form.netPowerW} onChange={(netPowerW) => onChange({ netPowerW })} />
        <NumberField
          label={t("simmerMinutes")}
          value={form.simmerMin}
          min={5}
          max={120}
          whole
          onChange={(simmerMin) => onChange({ simmerMin })}
        />
        <QuantityField
          label={t("iceForIt")}
          kind="mass"
          value={form.iceG}
          min={0}
          max={20_000}
          step={100}
          onChange={(iceG) => onChange({ iceG })}
        />
        <Field label={t("stirredWhileItCools")}>
          {(id) => <Switch id={id} checked={form.stirred} onChange={(stirred) => onChange({ stirred })} />}
        </Field>
      </div>
    </section>
  );
}
