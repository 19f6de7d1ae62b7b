"use client";
import { DeleteOutlined, PlusOutlined } from "@ant-design/icons";
import { Button } from "antd";
import { Select } from "@/ui/form/Select";
import type { Portion, Shelf } from "@/core/butter";
import { UnitInput } from "@/ui/form/UnitInput";
import { useHouse } from "@/ui/hooks/HouseContext";
import { t } from "@/words/shelf";
import styles from "./Butter.module.css";

type Props = {
  readonly portions: readonly Portion[];
  readonly shelf: Shelf;
  readonly which: "base" | "mount" | "taste" | "garnish";
  readonly onChange: (portions: readonly Portion[]) => void;
};

const NEXT = { base: "white-wine", mount: "butter", taste: "lemon-juice", garnish: "dry-ham" } as const;
const FIRST_G = { base: 50, mount: 50, taste: 5, garnish: 10 } as const;
const WHERE = {
  base: t("ofTheBase"),
  mount: t("whiskedInLine"),
  taste: t("ofTheTasting"),
  garnish: t("onThePlate"),
} as const;
const MORE = {
  base: t("moreIntoTheBase"),
  mount: t("moreWhiskedIn"),
  taste: t("moreTasted"),
  garnish: t("somethingElseOnThePlate"),
} as const;

/** Goods and grams, line by line. */
export function PortionLines({ portions, shelf, which, onChange }: Props) {
  const { format } = useHouse();
  const options = [...shelf.values()].map(({ id, label }) => ({ value: id, label }));
  const change = (at: number, part: Partial<Portion>) =>
    onChange(portions.map((one, index) => (index === at ? { ...one, ...part } : one)));
  const where = WHERE[which];
  return (
    <div className={styles.fields}>
      {portions.map(({ ingredientId, massG }, index) => (
        <div key={index} className={styles.lineEdit}>
          <Select
            aria-label={t("goodOfLine", { number: index + 1, where })}
            showSearch={{ optionFilterProp: "label" }}
            value={ingredientId}
            options={options}
            onChange={(id: string) => change(index, { ingredientId: id })}
          />
          <UnitInput
            kind="mass"
            label={t("massOfLine", { number: index + 1, where, unit: format.massUnit })}
            value={massG}
            min={0.1}
            max={100_000}
            onChange={(typed) => change(index, { massG: typed })}
          />
          <Button
            aria-label={t("takeOutLine")}
            icon={<DeleteOutlined />}
            onClick={() => onChange(portions.filter((_, at) => at !== index))}
          />
        </div>
      ))}
      <Button
        icon={<PlusOutlined />}
        disabled={portions.length >= 20}
        onClick={() => onChange([...portions, { ingredientId: NEXT[which], massG: FIRST_G[which] }])}
      >
        {MORE[which]}
      </Button>
    </div>
  );
}
