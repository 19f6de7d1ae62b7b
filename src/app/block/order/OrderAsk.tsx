"use client";
import { Segmented } from "antd";
import { Select } from "@/ui/form/Select";
import { breakdownsFor } from "@/core/block";
import { FORMS, formLabel, usualForm, type Form } from "@/core/freshness";
import { findSpecies, shortName, SPECIES, type Species } from "@/core/species";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { UnitInput } from "@/ui/form/UnitInput";
import styles from "./Order.module.css";
import { t } from "@/words/block";

/** What the cook says of the order. */
export type Asked = {
  readonly speciesId: string;
  readonly form: Form;
  readonly wayId: string;
  readonly covers: number;
  readonly walkIns: number;
  readonly takePct: number;
  readonly bufferShare: number;
  readonly portionG: number;
  readonly toleranceG: number;
  /** Null: bought by weight. */
  readonly animalG: number | null;
  readonly pricePerKg: number;
  readonly days: number;
};

const BUFFERS = [
  { value: 0.05, label: "5 %" },
  { value: 0.1, label: "10 %" },
  { value: 0.15, label: "15 %" },
];

const canBeBought = (species: Species) => breakdownsFor(species, usualForm(species)).length > 0;

/** An animal as it is usually bought and cut, and its usual portion. */
export function usualOf(species: Species): Pick<Asked, "speciesId" | "form" | "wayId" | "portionG"> {
  const form = usualForm(species);
  return {
    speciesId: species.id,
    form,
    wayId: breakdownsFor(species, form)[0]!.id,
    portionG: species.portion.massG,
  };
}

type Props = { readonly asked: Asked; readonly onChange: (part: Partial<Asked>) => void };

/** Of what, for how many, how large, at what price. */
export function OrderAsk({ asked, onChange: change }: Props) {
  const { format, ownSpecies } = useHouse();
  const species = findSpecies(asked.speciesId, ownSpecies)!;
  const forms = FORMS.map(({ id }) => id).filter((one) => breakdownsFor(species, one).length > 0);
  const ways = breakdownsFor(species, asked.form);
  const choose = (id: string) => change(usualOf(findSpecies(id, ownSpecies)!));
  return (
    <section className={`${page.card} ${styles.ask}`}>
      <Field label={t("ofWhat")} wide>
        {(id) => (
          <Select<string>
            id={id}
            showSearch={{ optionFilterProp: "label" }}
            value={asked.speciesId}
            onChange={choose}
            options={[...SPECIES, ...ownSpecies]
              .filter(canBeBought)
              .map((one) => ({ value: one.id, label: shortName(one) }))}
          />
        )}
      </Field>
      {forms.length > 1 ? (
        <Field label={t("boughtAs")} wide>
          {(id) => (
            <Select<Form>
              id={id}
              value={asked.form}
              onChange={(form) => change({ form, wayId: breakdownsFor(species, form)[0]!.id })}
              options={forms.map((value) => ({ value, label: formLabel(value) }))}
            />
          )}
        </Field>
      ) : null}
      {ways.length > 1 ? (
        <Field label={t("cutAs")} wide>
          {(id) => (
            <Select<string>
              id={id}
              value={asked.wayId}
              onChange={(wayId) => change({ wayId })}
              options={ways.map(({ id: value, label }) => ({ value, label }))}
            />
          )}
        </Field>
      ) : null}
      <NumberField
        label={t("coversBooked")}
        whole
        min={1}
        max={5000}
        value={asked.covers}
        onChange={(covers) => change({ covers })}
      />
      <NumberField
        label={t("walkIns")}
        whole
        min={0}
        max={5000}
        value={asked.walkIns}
        onChange={(walkIns) => change({ walkIns })}
      />
      <NumberField
        label={t("ofThemTakeIt")}
        min={1}
        max={100}
        value={asked.takePct}
        onChange={(takePct) => change({ takePct })}
      />
      <NumberField
        label={t("daysToLastService")}
        whole
        min={0}
        max={30}
        value={asked.days}
        onChange={(days) => change({ days })}
      />
      <Field label={t("keptOver5DearAndLive")} wide>
        {(id) => (
          <Segmented<number>
            id={id}
            block
            value={asked.bufferShare}
            onChange={(bufferShare) => change({ bufferShare })}
            options={BUFFERS}
          />
        )}
      </Field>
      <QuantityField
        label={t("portion")}
        kind="mass"
        value={asked.portionG}
        min={10}
        max={2000}
        onChange={(portionG) => change({ portionG })}
      />
      <label className={styles.field}>
        {t("mayBeLighterBy")}
        <UnitInput
          kind="mass"
          value={asked.toleranceG}
          min={0}
          max={200}
          onChange={(toleranceG) => change({ toleranceG })}
        />
      </label>
      <Field label={t("oneWeighsMassUnit", { massUnit: format.massUnit })}>
        {(id) => (
          <NumberInput
            id={id}
            placeholder={t("byWeight")}
            value={asked.animalG === null ? null : Math.round(format.toMass(asked.animalG))}
            min={1}
            onChange={(shown) => change({ animalG: shown === null ? null : format.fromMass(shown) })}
          />
        )}
      </Field>
      <NumberField
        label={format.currency === null ? t("priceAKilo") : t("priceAKiloCurrency", { currency: format.currency })}
        min={0}
        max={1000}
        step={0.5}
        value={asked.pricePerKg}
        onChange={(pricePerKg) => change({ pricePerKg })}
      />
    </section>
  );
}
