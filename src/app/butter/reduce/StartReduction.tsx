"use client";
import { Button, Switch } from "antd";
import type { ReduceAsk } from "@/house/butter/reduceBench";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { QuantityField } from "@/ui/form/QuantityField";
import { useAct } from "@/ui/hooks/useAct";
import { t } from "@/words/butter";
import styles from "../Butter.module.css";
import { putReductionOn } from "../fireActions";

/** What is typed of the pan; whoever shows this keeps it, for it is not shown while the amounts cannot be. */
export const UNNAMED_PAN = { name: "", weighed: false, panG: 900 };

type Props = {
  readonly ask: ReduceAsk;
  readonly pan: typeof UNNAMED_PAN;
  readonly onPan: (pan: typeof UNNAMED_PAN) => void;
};

/** It goes on the fire: its clock runs, by the scale where the empty pan was weighed. */
export function StartReduction({ ask, pan, onPan }: Props) {
  const { act, busy } = useAct();
  const { name, weighed, panG } = pan;
  return (
    <div className={styles.closing}>
      <Field label={t("nameOfThePan")}>
        {(id) => (
          <TextInput
            id={id}
            value={name}
            maxLength={80}
            placeholder={t("reductionWord")}
            onChange={({ target }) => onPan({ ...pan, name: target.value })}
          />
        )}
      </Field>
      <Field label={t("onAScale")}>
        {(id) => <Switch id={id} checked={weighed} onChange={(on) => onPan({ ...pan, weighed: on })} />}
      </Field>
      {weighed ? (
        <QuantityField
          label={t("emptyPanWeighs")}
          kind="mass"
          value={panG}
          min={0}
          max={20_000}
          onChange={(grams) => onPan({ ...pan, panG: grams })}
        />
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
