import { DeleteOutlined, PlusOutlined } from "@ant-design/icons";
import { Button, Checkbox, Select } from "antd";
import { PREPARATIONS } from "@/core/butter";
import type { CardSpec } from "@/core/cards";
import { UnitInput } from "@/ui/form/UnitInput";
import { useHouse } from "@/ui/hooks/HouseContext";
import { t } from "@/words/cards";
import styles from "../Cards.module.css";

type Garnishes = CardSpec["garnishes"];
type Props = { readonly garnishes: Garnishes; readonly onChange: (garnishes: Garnishes) => void };

const MOST = 6;
const FIRST = { preparationId: "blanched-fennel", massG: 60, waits: true } as const;

/** What leans on the piece: a preparation of the house, its grams, whether it can wait. */
export function GarnishLines({ garnishes, onChange }: Props) {
  const { format } = useHouse();
  const change = (index: number, part: Partial<Garnishes[number]>) =>
    onChange(garnishes.map((row, at) => (at === index ? { ...row, ...part } : row)));
  return (
    <>
      {garnishes.map((one, index) => (
        <div key={index} className={styles.garnishLine}>
          <Select
            aria-label={t("garnishNumber", { number: index + 1 })}
            value={one.preparationId}
            options={PREPARATIONS.map(({ id: value, label }) => ({ value, label }))}
            onChange={(preparationId: string) => change(index, { preparationId })}
          />
          <UnitInput
            kind="mass"
            label={t("garnishMass", { number: index + 1, unit: format.massUnit })}
            value={one.massG}
            min={1}
            max={1000}
            onChange={(massG) => change(index, { massG })}
          />
          <Checkbox checked={one.waits} onChange={({ target }) => change(index, { waits: target.checked })}>
            {t("canWait")}
          </Checkbox>
          <Button
            aria-label={t("takeItOut")}
            icon={<DeleteOutlined />}
            onClick={() => onChange(garnishes.filter((_, at) => at !== index))}
          />
        </div>
      ))}
      <Button
        icon={<PlusOutlined />}
        disabled={garnishes.length >= MOST}
        onClick={() => onChange([...garnishes, FIRST])}
      >
        {t("anotherGarnish")}
      </Button>
    </>
  );
}
