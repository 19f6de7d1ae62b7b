"use client";
import { Button, Segmented, Select, Switch } from "antd";
import type { Route } from "next";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useGo } from "@/ui/reach/useGo";
import { useState } from "react";
import { FAMILIES, shelfWith, type Ingredient, type SauceSpec } from "@/core/butter";
import { TextInput } from "@/ui/form/TextInput";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { AnswerBench } from "@/ui/layout/AnswerBench";
import page from "@/ui/layout/page.module.css";
import { marked } from "@/words/marked";
import { t } from "@/words/shelf";
import styles from "../Butter.module.css";
import { keepSauce } from "./actions";
import { PortionLines } from "../PortionLines";

/** The sums come after the fields: what is written can be written meanwhile. */
const WhatItGives = dynamic(() => import("./WhatItGives").then((part) => part.WhatItGives), { ssr: false });

type Props = {
  /** The sauce that is changed; null: a new one. */
  readonly specId: string | null;
  /** The family a new one begins from. */
  readonly familyId: string | null;
  readonly spec: SauceSpec;
  readonly own: readonly Ingredient[];
  /** Every fish it may go with. */
  readonly fish: readonly { readonly value: string; readonly label: string }[];
};

/** A sauce as the house makes it from now on, with what it gives beside it. */
export function WriteBench({ specId, familyId, spec: before, own, fish }: Props) {
  const { format } = useHouse();
  const { act, busy } = useAct();
  const router = useRouter();
  const go = useGo();
  const [spec, setSpec] = useState(before);
  const change = (part: Partial<SauceSpec>) => setSpec((old) => ({ ...old, ...part }));
  const family = FAMILIES.find(({ id }) => id === familyId);
  const shelf = shelfWith(own);
  const keep = async () => {
    const done = await act(keepSauce, { ...spec, light: spec.light ?? false, specId }, () =>
      t("sauceIsKept", { name: spec.name }),
    );
    if (done) router.push(`/butter/sauce/${done.value}`);
  };
  return (
    <AnswerBench ask={<WhatItGives spec={spec} shelf={shelf} />}>
      <section className={page.card} data-testid="write">
        {family ? (
          <>
            <Field label={t("beginFrom")}>
              {(id) => (
                <Select
                  id={id}
                  value={family.id}
                  options={FAMILIES.map(({ id: value, label }) => ({ value, label }))}
                  onChange={(next) => go(`/butter/write?like=${next}` as Route)}
                />
              )}
            </Field>
            <p className={page.sub}>{marked(family.mind, format)}</p>
          </>
        ) : null}
        <div className={styles.pairs}>
          <Field label={t("nameOfTheSauce")} wide>
            {(id) => (
              <TextInput
                id={id}
                value={spec.name}
                maxLength={80}
                onChange={({ target }) => change({ name: target.value })}
              />
            )}
          </Field>
          <NumberField
            label={t("covers")}
            value={spec.covers}
            min={1}
            max={200}
            whole
            onChange={(covers) => change({ covers })}
          />
          <Field label={t("goesUnder")} wide>
            {(id) => (
              <Select
                id={id}
                mode="multiple"
                showSearch={{ optionFilterProp: "label" }}
                value={[...spec.goesWith]}
                options={[...fish]}
                onChange={(goesWith: string[]) => change({ goesWith })}
              />
            )}
          </Field>
        </div>
        <h2 className={styles.below}>{t("theBase")}</h2>
        <PortionLines portions={spec.base} shelf={shelf} which="base" onChange={(base) => change({ base })} />
        <div className={styles.pairs}>
          <Field label={t("isItReduced")}>
            {(id) => (
              <Switch
                id={id}
                checked={spec.reduceToMl !== null}
                onChange={(reduced) => change({ reduceToMl: reduced ? 60 : null })}
              />
            )}
          </Field>
          {spec.reduceToMl === null ? null : (
            <QuantityField
              label={t("downTo")}
              kind="volume"
              value={spec.reduceToMl}
              min={1}
              max={50_000}
              onChange={(reduceToMl) => change({ reduceToMl })}
            />
          )}
          <NumberField
            label={t("baseKeepsDays")}
            value={spec.baseKeepsDays}
            min={0}
            max={30}
            whole
            onChange={(baseKeepsDays) => change({ baseKeepsDays })}
          />
          <Field label={t("shallotAndHerbs")}>
            {(id) => (
              <Segmented<boolean>
                id={id}
                block
                value={spec.strained}
                options={[
                  { value: true, label: t("strainedOut") },
                  { value: false, label: t("leftIn") },
                ]}
                onChange={(strained) => change({ strained })}
              />
            )}
          </Field>
        </div>
        <h2 className={styles.below}>{t("whiskedInto")}</h2>
        <PortionLines portions={spec.mount} shelf={shelf} which="mount" onChange={(mount) => change({ mount })} />
        <div className={styles.pairs}>
          <QuantityField
            label={t("keptAtHeat")}
            kind="temperature"
            value={spec.servedC}
            min={0}
            max={90}
            onChange={(servedC) => change({ servedC })}
          />
          <Field label={t("meantThin")}>
            {(id) => <Switch id={id} checked={spec.light ?? false} onChange={(light) => change({ light })} />}
          </Field>
        </div>
        <div className={styles.acts}>
          <Button type="primary" size="large" loading={busy} onClick={() => void keep()}>
            {specId === null ? t("keepIt") : t("keepItSo")}
          </Button>
        </div>
        {specId === null ? null : <p className={page.sub}>{t("whatWasMadeStaysAsItWas")}</p>}
      </section>
    </AnswerBench>
  );
}
