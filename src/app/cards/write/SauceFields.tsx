"use client";
import { Select, Switch } from "antd";
import type { CardSpec } from "@/core/cards";
import { Field } from "@/ui/form/Field";
import { t } from "@/words/cards";
import butter from "../../butter/Butter.module.css";

type Props = {
  readonly sauce: CardSpec["sauce"];
  readonly sauces: readonly { readonly specId: string; readonly name: string }[];
  readonly onChange: (sauce: CardSpec["sauce"]) => void;
};

/** Which sauce of the house is under it, and whether it comes apart. */
export function SauceFields({ sauce, sauces, onChange }: Props) {
  return (
    <div className={butter.pairs}>
      <Field label={t("sauce")} wide>
        {(id) => (
          <Select
            id={id}
            value={sauce?.specId ?? ""}
            options={[
              { value: "", label: t("noSauce") },
              ...sauces.map(({ specId, name }) => ({ value: specId, label: name })),
            ]}
            onChange={(specId: string) => onChange(specId === "" ? null : { specId, share: 1, apart: false })}
          />
        )}
      </Field>
      {sauce ? (
        <Field label={t("apart")}>
          {(id) => <Switch id={id} checked={sauce.apart} onChange={(apart) => onChange({ ...sauce, apart })} />}
        </Field>
      ) : null}
    </div>
  );
}
