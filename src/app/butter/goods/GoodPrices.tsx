"use client";
import { Button, Select } from "antd";
import { useState } from "react";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { setPrice } from "./actions";

export type Priced = { readonly id: string; readonly label: string; readonly centsPerKg: number | null };

/** What the house pays for the goods every station has; without a price no cost is said of what they go into. */
export function GoodPrices({ goods }: { readonly goods: readonly Priced[] }) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [id, setId] = useState(goods.find(({ centsPerKg }) => centsPerKg === null)?.id ?? goods[0]!.id);
  const chosen = goods.find((one) => one.id === id)!;
  const [price, setTyped] = useState((chosen.centsPerKg ?? 0) / 100);
  const priced = goods.filter(({ centsPerKg }) => centsPerKg !== null);
  return (
    <section className={page.card} data-testid="prices">
      <h2>{t("pricesOfTheShelf")}</h2>
      <p className={page.sub}>{t("pricedOf", { priced: priced.length, all: goods.length })}</p>
      <Field label={t("good")}>
        {(field) => (
          <Select
            id={field}
            showSearch={{ optionFilterProp: "label" }}
            value={id}
            options={goods.map(({ id: value, label, centsPerKg }) => ({
              value,
              label: centsPerKg === null ? label : t("goodAt", { label, price: format.money(centsPerKg) }),
            }))}
            onChange={(next: string) => {
              setId(next);
              setTyped((goods.find((one) => one.id === next)?.centsPerKg ?? 0) / 100);
            }}
          />
        )}
      </Field>
      <NumberField label={t("aKilo")} value={price} min={0} max={10_000} step={0.1} onChange={setTyped} />
      <div className={styles.acts}>
        <Button
          loading={busy}
          onClick={() =>
            void act(setPrice, { ingredientId: id, centsPerKg: Math.round(price * 100) }, () =>
              t("priceIsSet", { label: chosen.label }),
            )
          }
        >
          {t("setThePrice")}
        </Button>
      </div>
    </section>
  );
}
