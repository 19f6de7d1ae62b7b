"use client";
import { Button, Segmented } from "antd";
import { useState } from "react";
import type { CardMoney } from "@/core/cards";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useDecimalMark } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/cards";
import { sayDecimalMark } from "../../actions";
import { sayMoney } from "../actions";

/** Tax, extras and the share that is too dear, for every card of the house. */
export function MoneyForm({ money: first }: { readonly money: CardMoney }) {
  const { act, busy } = useAct();
  const decimalMark = useDecimalMark();
  const [money, setMoney] = useState(first);
  return (
    <section className={page.card}>
      <h2>{t("moneyOfTheHouse")}</h2>
      <NumberField
        label={t("taxInThePrice")}
        value={money.vatPct}
        min={0}
        max={40}
        step={0.5}
        onChange={(vatPct) => setMoney({ ...money, vatPct })}
      />
      <NumberField
        label={t("extrasACover")}
        value={money.extraCents / 100}
        min={0}
        max={100}
        step={0.05}
        onChange={(extra) => setMoney({ ...money, extraCents: Math.round(extra * 100) })}
      />
      <NumberField
        label={t("tooDearOver")}
        value={money.targetPct}
        min={5}
        max={100}
        onChange={(targetPct) => setMoney({ ...money, targetPct })}
      />
      <Field label={t("numbersAreWritten")}>
        {(id) => (
          <Segmented
            id={id}
            options={[
              { value: "point", label: "1.5" },
              { value: "comma", label: "1,5" },
            ]}
            value={decimalMark ?? ""}
            onChange={(mark) => void act(sayDecimalMark, { decimalMark: mark }, () => t("moneyIsSaid"))}
          />
        )}
      </Field>
      <Button loading={busy} onClick={() => void act(sayMoney, money, () => t("moneyIsSaid"))}>
        {t("set")}
      </Button>
    </section>
  );
}
