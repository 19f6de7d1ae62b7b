"use client";
import { DeleteOutlined, PlusOutlined } from "@ant-design/icons";
import { Button, Select } from "antd";
import { shelfWith, type Ingredient } from "@/core/butter";
import type { Burner } from "@/db/butter/spots";
import type { ReduceAsk, ReducePart } from "@/house/butter/reduceBench";
import { QuantityField } from "@/ui/form/QuantityField";
import { UnitInput } from "@/ui/form/UnitInput";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { BurnerField, PanField } from "../StoveFields";
import styles from "../Butter.module.css";

type Props = {
  readonly ask: ReduceAsk;
  readonly burners: readonly Burner[];
  readonly own: readonly Ingredient[];
  readonly onChange: (ask: ReduceAsk) => void;
};

/** What is poured, how far it goes down, and on what. */
export function ReduceParts({ ask, burners, own, onChange }: Props) {
  const { format } = useHouse();
  const { parts } = ask;
  const poured = [...shelfWith(own).values()].filter(
    ({ use }) => use === "liquid" || use === "acid" || use === "dairy",
  );
  const change = (at: number, part: Partial<ReducePart>) =>
    onChange({ ...ask, parts: parts.map((one, index) => (index === at ? { ...one, ...part } : one)) });
  return (
    <section className={page.card}>
      <div className={styles.fields}>
        {parts.map(({ ingredientId, ml }, index) => (
          <div key={index} className={styles.parts}>
            <Select
              aria-label={t("pouredGood", { number: index + 1 })}
              value={ingredientId}
              options={poured.map(({ id, label }) => ({ value: id, label }))}
              onChange={(id: string) => change(index, { ingredientId: id })}
            />
            <UnitInput
              kind="volume"
              label={t("volumeOfGood", { number: index + 1, unit: format.volumeUnit })}
              value={ml}
              min={1}
              max={50_000}
              onChange={(typed) => change(index, { ml: typed })}
            />
            <Button
              aria-label={t("takeOut")}
              icon={<DeleteOutlined />}
              disabled={parts.length === 1}
              onClick={() => onChange({ ...ask, parts: parts.filter((_, at) => at !== index) })}
            />
          </div>
        ))}
        <Button
          icon={<PlusOutlined />}
          disabled={parts.length >= 8}
          onClick={() => onChange({ ...ask, parts: [...parts, { ingredientId: "fish-stock", ml: 100 }] })}
        >
          {t("pourMore")}
        </Button>
        <QuantityField
          label={t("reduceTo")}
          kind="volume"
          value={ask.toMl}
          min={1}
          max={50_000}
          onChange={(toMl) => onChange({ ...ask, toMl })}
        />
        <PanField panMm={ask.panMm} onChange={(panMm) => onChange({ ...ask, panMm })} />
        <BurnerField
          burners={burners}
          netPowerW={ask.netPowerW}
          onChange={(netPowerW) => onChange({ ...ask, netPowerW })}
        />
      </div>
    </section>
  );
}
