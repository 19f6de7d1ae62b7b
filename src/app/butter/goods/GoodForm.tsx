"use client";
import { Alert, Button, Checkbox, Select } from "antd";
import { useState } from "react";
import { ADDITION_KINDS, goodFromLabel, type AdditionKind } from "@/core/butter";
import { ALLERGEN_IDS } from "@/core/safety";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import page from "@/ui/layout/page.module.css";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { additionLabel } from "../labels";
import { keepBoughtGood } from "./actions";
import type { KeepGood } from "./schema";
import { USES } from "./uses";

const EMPTY: KeepGood = {
  label: "",
  use: "dairy",
  mountsAs: null,
  fatPct: 0,
  proteinPct: 0,
  carbohydratePct: 0,
  sugarPct: 0,
  saltPct: 0,
  acidPct: 0,
  acetic: false,
  abvPct: 0,
  gPerMl: 1,
  allergens: [],
  mayContain: [],
  wholeLabelRead: false,
  centsPerKg: null,
};

const USE_WORDS: Readonly<Record<KeepGood["use"], string>> = {
  liquid: t("useLiquid"),
  fat: t("useFat"),
  dairy: t("useDairy"),
  egg: t("useEgg"),
  acid: t("useAcid"),
  flavour: t("useFlavour"),
  starch: t("useStarch"),
  sweet: t("useSweet"),
  green: t("useGreen"),
};

const PER_CENTS = [
  ["fatPct", t("fat")],
  ["carbohydratePct", t("carbohydrate")],
  ["sugarPct", t("ofThatSugars")],
  ["proteinPct", t("protein")],
  ["saltPct", t("salt")],
  ["acidPct", t("acid")],
  ["abvPct", t("alcoholByVolume")],
] as const satisfies readonly (readonly [keyof KeepGood, string])[];

const ALLERGENS = ALLERGEN_IDS.map((value) => ({ value, label: value }));

/** A bought good as its label says it; its water is what is left. */
export function GoodForm() {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const [good, setGood] = useState(EMPTY);
  const change = (part: Partial<KeepGood>) => setGood((before) => ({ ...before, ...part }));
  const read = goodFromLabel("trial", good);
  return (
    <section className={page.card}>
      <h2>{t("asTheLabelSays")}</h2>
      <div className={styles.pairs}>
        <Field label={t("whatItIs")} wide>
          {(id) => (
            <TextInput
              id={id}
              value={good.label}
              maxLength={80}
              onChange={(typed) => change({ label: typed.target.value })}
            />
          )}
        </Field>
        <Field label={t("kindOfGood")}>
          {(id) => (
            <Select
              id={id}
              value={good.use}
              options={USES.map((value) => ({ value, label: USE_WORDS[value] }))}
              onChange={(use) => change({ use })}
            />
          )}
        </Field>
        <Field label={t("whiskedInAs")}>
          {(id) => (
            <Select<AdditionKind | "">
              id={id}
              value={good.mountsAs ?? ""}
              options={[
                { value: "", label: t("goesIntoTheBase") },
                ...ADDITION_KINDS.map((value) => ({ value, label: additionLabel(value) })),
              ]}
              onChange={(kind) => change({ mountsAs: kind === "" ? null : kind })}
            />
          )}
        </Field>
        {PER_CENTS.map(([field, label]) => (
          <NumberField
            key={field}
            label={t("per100", { what: label })}
            value={good[field]}
            min={0}
            max={100}
            step={0.1}
            onChange={(typed) => change({ [field]: typed })}
          />
        ))}
        <NumberField
          label={t("gramsAMillilitre")}
          value={good.gPerMl}
          min={0.2}
          max={2}
          step={0.01}
          onChange={(gPerMl) => change({ gPerMl })}
        />
        <NumberField
          label={t("priceAKilo", { currency: format.money(0).replace(/[\d.,\s]/g, "") })}
          value={(good.centsPerKg ?? 0) / 100}
          min={0}
          max={10_000}
          step={0.1}
          onChange={(price) => change({ centsPerKg: Math.round(price * 100) })}
        />
        <Field label={t("contains")} wide>
          {(id) => (
            <Select
              id={id}
              mode="multiple"
              value={good.allergens}
              options={ALLERGENS}
              onChange={(allergens) => change({ allergens })}
            />
          )}
        </Field>
        <Field label={t("mayContainTraces")} wide>
          {(id) => (
            <Select
              id={id}
              mode="multiple"
              value={good.mayContain}
              options={ALLERGENS}
              onChange={(mayContain) => change({ mayContain })}
            />
          )}
        </Field>
      </div>
      {good.acidPct > 0 ? (
        <Checkbox checked={good.acetic} onChange={({ target }) => change({ acetic: target.checked })}>
          {t("itsAcidIsVinegar")}
        </Checkbox>
      ) : null}
      <p>
        <Checkbox checked={good.wholeLabelRead} onChange={({ target }) => change({ wholeLabelRead: target.checked })}>
          {t("theWholeListWasRead")}
        </Checkbox>
      </p>
      {good.wholeLabelRead ? null : <p className={page.sub}>{t("unreadIsNotKnown")}</p>}
      {read.ok ? (
        <p data-testid="water">{t("leavesWater", { pct: format.number(read.value.waterPct, 1) })}</p>
      ) : (
        <Alert type="error" showIcon title={`${sentence(say(read.error, format))}.`} />
      )}
      <div className={styles.acts}>
        <Button
          type="primary"
          size="large"
          loading={busy}
          disabled={!read.ok || good.label.trim().length < 2}
          onClick={async () => {
            const done = await act(keepBoughtGood, good, () => t("goodIsOnTheShelf", { name: good.label }));
            if (done) setGood(EMPTY);
          }}
        >
          {t("putItOnTheShelf")}
        </Button>
      </div>
    </section>
  );
}
