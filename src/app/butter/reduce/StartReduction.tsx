"use client";
import { Button, Switch } from "antd";
import { useState } from "react";
import type { ReduceAsk } from "@/house/reduceBench";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { QuantityField } from "@/ui/form/QuantityField";
import { useAct } from "@/ui/hooks/useAct";
import { t } from "@/words/butter";
import styles from "../Butter.module.css";
import { putReductionOn } from "../fireActions";

/** It goes on the fire: its clock runs, by the scale where the empty pan was weighed. */
export function StartReduction({ ask }: { readonly ask: ReduceAsk }) {
  const { act, busy } = useAct();
  const [name, setName] = useState("");
  const [weighed, setWeighed] = useState(false);
  const [panG, setPanG] = useState(900);
  return (
    <div className={styles.closing}>
      <Field label={t("nameOfThePan")}>
        {(id) => (
          <TextInput
            id={id}
            value={name}
            maxLength={80}
            placeholder={t("reductionWord")}
            onChange={({ target }) => setName(target.value)}
          />
        )}
      </Field>
      <Field label={t("onAScale")}>{(id) => <Switch id={id} checked={weighed} onChange={setWeighed} />}</Field>
      {weighed ? (
        <QuantityField label={t("emptyPanWeighs")} kind="mass" value={panG} min={0} max={20_000} onChange={setPanG} />
      ) : null}
      <Button
        type="primary"
        size="large"
        loading={busy}
        onClick={() =>
          void act(
            putReductionOn,
            { ...ask, name: name.trim() || t("reductionWord"), panG: weighed ? panG : null },
            () => t("itIsOnTheFire"),
          )
        }
      >
        {t("putItOn")}
      </Button>
    </div>
  );
}
