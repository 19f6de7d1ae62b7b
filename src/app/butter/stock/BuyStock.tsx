"use client";
import { Button, Checkbox, Select } from "antd";
import { useState } from "react";
import { ALLERGEN_IDS, type AllergenId } from "@/core/safety";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import styles from "../Butter.module.css";
import { buyAStock } from "../actions";

/** A stock that was bought comes in as a lot that sauces draw from. */
export function BuyStock() {
  const { act, busy } = useAct();
  const [name, setName] = useState("");
  const [volumeMl, setVolumeMl] = useState(2000);
  const [price, setPrice] = useState(0);
  const [days, setDays] = useState(5);
  const [contains, setContains] = useState<AllergenId[]>(["fish"]);
  const [wholeLabelRead, setRead] = useState(false);
  return (
    <details className={`${page.card} ${page.open}`}>
      <summary>{t("aBoughtStockComesIn")}</summary>
      <div className={styles.pairs}>
        <Field label={t("whatItIsCalled")}>
          {(id) => <TextInput id={id} value={name} maxLength={60} onChange={({ target }) => setName(target.value)} />}
        </Field>
        <QuantityField
          label={t("howMuchCameIn")}
          kind="volume"
          value={volumeMl}
          min={50}
          max={100_000}
          onChange={setVolumeMl}
        />
        <NumberField label={t("itCostTogether")} value={price} min={0} max={10_000} step={0.1} onChange={setPrice} />
        <NumberField label={t("keepsSoManyDays")} value={days} min={1} max={365} whole onChange={setDays} />
        <Field label={t("containsByLabel")} wide>
          {(id) => (
            <Select
              id={id}
              mode="multiple"
              value={contains}
              options={ALLERGEN_IDS.map((value) => ({ value, label: value }))}
              onChange={setContains}
            />
          )}
        </Field>
      </div>
      <p>
        <Checkbox checked={wholeLabelRead} onChange={({ target }) => setRead(target.checked)}>
          {t("wholeLabelRead")}
        </Checkbox>
      </p>
      <Button
        type="primary"
        loading={busy}
        disabled={name.trim().length < 2}
        onClick={() =>
          void act(
            buyAStock,
            { name, volumeMl, cents: Math.round(price * 100), days, contains, wholeLabelRead },
            (code) => t("stockIsKept", { code }),
          )
        }
      >
        {t("takeItIn")}
      </Button>
    </details>
  );
}
