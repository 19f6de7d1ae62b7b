"use client";
import { Segmented, Switch } from "antd";
import type { CureMethod } from "@/core/cure";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import page from "@/ui/layout/page.module.css";
import { LotOrFish } from "../LotOrFish";
import styles from "../Raw.module.css";
import type { CureAsk } from "@/house/raw/cureAsk";
import type { CureLot } from "./cureAsk";
import { t } from "@/words/raw";

const METHODS: readonly { readonly value: CureMethod; readonly label: string; readonly why: string }[] = [
  {
    value: "dry",
    label: t("dry"),
    why: t("defaultFirmDarkLosesTheMost"),
  },
  { value: "brine", label: t("wetBrine"), why: t("quickAndMildLeftInToo") },
  { value: "equilibrium", label: t("equilibrium"), why: t("cannotBeOverSaltedTakesDays") },
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
      <Field label={t("way")}>
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
          label={t("weight")}
          kind="mass"
          value={massG}
          min={20}
          max={50_000}
          onChange={(value) => onChange({ massG: value })}
        />
        <QuantityField
          label={t("thick")}
          kind="length"
          value={thicknessMm}
          min={3}
          max={120}
          onChange={(value) => onChange({ thicknessMm: value })}
        />
        <NumberField
          label={t("saltWanted")}
          min={0.3}
          max={8}
          step={0.1}
          value={targetSaltPct}
          onChange={(value) => onChange({ targetSaltPct: value })}
        />
        <QuantityField
          label={t("place")}
          kind="temperature"
          value={ask.placeC}
          min={0}
          max={12}
          onChange={(value) => onChange({ placeC: value })}
        />
        {method === "dry" ? (
          <NumberField
            label={t("saltGAKilo")}
            min={5}
            max={400}
            value={saltPerKg}
            onChange={(value) => onChange({ saltPerKg: value })}
          />
        ) : (
          <NumberField
            label={t("waterFish")}
            min={0.3}
            max={10}
            step={0.1}
            value={ask.waterPerFish}
            onChange={(value) => onChange({ waterPerFish: value })}
          />
        )}
        {method === "brine" ? (
          <NumberField
            label={t("brine")}
            min={1}
            max={26}
            step={0.5}
            value={ask.brinePct}
            onChange={(value) => onChange({ brinePct: value })}
          />
        ) : null}
        <NumberField
          label={t("sugarGAKilo")}
          min={0}
          max={300}
          value={sugarPerKg}
          onChange={(value) => onChange({ sugarPerKg: value })}
        />
        <Field label={t("skinOn")}>
          {(id) => <Switch id={id} checked={skin} onChange={(checked) => onChange({ skin: checked })} />}
        </Field>
      </div>
    </section>
  );
}
