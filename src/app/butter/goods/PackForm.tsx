"use client";
import { Button, Select } from "antd";
import { useState } from "react";
import { Field } from "@/ui/form/Field";
import { NumberFields, type FigureSpec } from "@/ui/form/NumberFields";
import { NumberField } from "@/ui/form/NumberField";
import { TextInput } from "@/ui/form/TextInput";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { packIn } from "./actions";

type Props = {
  readonly goods: readonly { readonly id: string; readonly label: string }[];
  readonly packs: readonly {
    readonly lotId: string;
    readonly code: string;
    readonly name: string;
    readonly leftG: number;
    readonly supplierLot: string;
  }[];
};

const EMPTY = { massG: 1000, price: 0, days: 30, supplier: "", supplierLot: "" };

const PACK_FIGURES: readonly FigureSpec<typeof EMPTY>[] = [
  { of: "massG", label: t("packWeighs"), kind: "mass", min: 10, max: 500_000 },
  { of: "price", label: t("packCost"), min: 0, max: 10_000, step: 0.1 },
];

/** A pack comes in with its lot number: sauces draw from it before the shelf, and a recall of the number finds their plates. */
export function PackForm({ goods, packs }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [ingredientId, setId] = useState(goods[0]!.id);
  const [pack, setPack] = useState(EMPTY);
  const change = (part: Partial<typeof EMPTY>) => setPack((before) => ({ ...before, ...part }));
  const take = async () => {
    const { price, ...rest } = pack;
    const wanted = { ingredientId, ...rest, cents: Math.round(price * 100) };
    if (await act(packIn, wanted, (code) => t("packIsIn", { code }))) setPack(EMPTY);
  };
  return (
    <section className={page.card} data-testid="packs">
      <h2>{t("packsByNumber")}</h2>
      {packs.map(({ lotId, code, name, leftG, supplierLot }) => (
        <p key={lotId}>
          <span className="figure">{code}</span> {name}, {format.mass(leftG)},{" "}
          {t("packNumber", { lot: supplierLot || "–" })}
        </p>
      ))}
      <details className={page.open} open={packs.length === 0}>
        <summary>{t("aPackComesIn")}</summary>
        <Field label={t("good")}>
          {(id) => (
            <Select
              id={id}
              showSearch={{ optionFilterProp: "label" }}
              value={ingredientId}
              options={goods.map(({ id: value, label }) => ({ value, label }))}
              onChange={setId}
            />
          )}
        </Field>
        <div className={styles.pairs}>
          <NumberFields value={pack} fields={PACK_FIGURES} onChange={change} />
          <Field label={t("packFrom")}>
            {(id) => (
              <TextInput
                id={id}
                value={pack.supplier}
                maxLength={80}
                onChange={({ target }) => change({ supplier: target.value })}
              />
            )}
          </Field>
          <Field label={t("lotNumberOnIt")}>
            {(id) => (
              <TextInput
                id={id}
                value={pack.supplierLot}
                maxLength={60}
                onChange={({ target }) => change({ supplierLot: target.value })}
              />
            )}
          </Field>
          <NumberField
            label={t("packKeepsDays")}
            value={pack.days}
            min={1}
            max={2000}
            whole
            onChange={(days) => change({ days })}
          />
        </div>
        <Button type="primary" loading={busy} onClick={() => void take()}>
          {t("takeThePackIn")}
        </Button>
      </details>
    </section>
  );
}
