"use client";
import { Segmented, Switch } from "antd";
import type { CureMethod } from "@/core/cure";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import page from "@/ui/layout/page.module.css";
import { LotOrFish } from "../LotOrFish";
import styles from "../Raw.module.css";
import type { CureAsk, CureLot } from "./cureAsk";

const METHODS: readonly { readonly value: CureMethod; readonly label: string; readonly why: string }[] = [
  {
    value: "dry",
    label: "Dry",
    why: "default: firm, dark, loses the most water; the salt laid on is the salt it gets",
  },
  { value: "brine", label: "Wet brine", why: "quick and mild; left in too long it goes on taking salt" },
  { value: "equilibrium", label: "Equilibrium", why: "cannot be over-salted; takes days" },
];

type Props = {
  readonly lots: readonly CureLot[];
  readonly lotId: string | null;
  readonly ask: CureAsk;
  readonly onLot: (lotId: string | null) => void;
  readonly onChange: (part: Partial<CureAsk>) => void;
};

/** Which fish, which way, how much of what. */
export function CureForm({ lots, lotId, ask, onLot, onChange }: Props) {
  const { speciesId, massG, thicknessMm, skin, method, targetSaltPct, saltPerKg, sugarPerKg } = ask;
  return (
    <section className={page.card}>
      <LotOrFish
        lots={lots}
        lotId={lotId}
        speciesId={speciesId}
        onLot={onLot}
        onSpecies={(chosen) => onChange({ speciesId: chosen })}
      />
      <Field label="Way">
        {(id) => (
          <Segmented<CureMethod>
            id={id}
            block
            value={method}
            onChange={(chosen) => onChange({ method: chosen })}
            options={METHODS.map(({ value, label }) => ({ value, label }))}
          />
        )}
      </Field>
      <p className={`${page.sub} ${page.below}`}>{METHODS.find(({ value }) => value === method)!.why}</p>
      <div className={styles.fields}>
        <QuantityField
          label="Weight"
          kind="mass"
          value={massG}
          min={20}
          max={50_000}
          onChange={(value) => onChange({ massG: value })}
        />
        <QuantityField
          label="Thick"
          kind="length"
          value={thicknessMm}
          min={3}
          max={120}
          onChange={(value) => onChange({ thicknessMm: value })}
        />
        <NumberField
          label="Salt wanted, %"
          min={0.3}
          max={8}
          step={0.1}
          value={targetSaltPct}
          onChange={(value) => onChange({ targetSaltPct: value })}
        />
        <QuantityField
          label="Place"
          kind="temperature"
          value={ask.placeC}
          min={0}
          max={12}
          onChange={(value) => onChange({ placeC: value })}
        />
        {method === "dry" ? (
          <NumberField
            label="Salt, g a kilo"
            min={5}
            max={400}
            value={saltPerKg}
            onChange={(value) => onChange({ saltPerKg: value })}
          />
        ) : (
          <NumberField
            label="Water, × fish"
            min={0.3}
            max={10}
            step={0.1}
            value={ask.waterPerFish}
            onChange={(value) => onChange({ waterPerFish: value })}
          />
        )}
        {method === "brine" ? (
          <NumberField
            label="Brine, %"
            min={1}
            max={26}
            step={0.5}
            value={ask.brinePct}
            onChange={(value) => onChange({ brinePct: value })}
          />
        ) : null}
        <NumberField
          label="Sugar, g a kilo"
          min={0}
          max={300}
          value={sugarPerKg}
          onChange={(value) => onChange({ sugarPerKg: value })}
        />
        <Field label="Skin on">
          {(id) => <Switch id={id} checked={skin} onChange={(checked) => onChange({ skin: checked })} />}
        </Field>
      </div>
    </section>
  );
}
