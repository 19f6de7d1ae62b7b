"use client";
import { Button, Segmented } from "antd";
import { FREEZERS, FREEZER_IDS, WRAPS, WRAP_IDS, type FreezePack } from "@/core/raw";
import { Choice } from "@/ui/form/Choice";
import { Field } from "@/ui/form/Field";
import { NumberField } from "@/ui/form/NumberField";
import { QuantityField } from "@/ui/form/QuantityField";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { LotOrFish } from "../LotOrFish";
import styles from "../Raw.module.css";
import type { FreezeAsk, FreezeLot, Freezer } from "./freezeAsk";
import { t } from "@/words/raw";

type Props = {
  readonly lots: readonly FreezeLot[];
  readonly lotId: string | null;
  readonly freezers: readonly Freezer[];
  readonly ask: FreezeAsk;
  readonly onLot: (lotId: string | null) => void;
  readonly onChange: (part: Partial<FreezeAsk>) => void;
};

/** Which fish, how it is packed, and in what cold. */
export function FreezeForm({ lots, lotId, freezers, ask, onLot, onChange }: Props) {
  const { format } = useHouse();
  const { speciesId, shape, thicknessMm, layers, wrap, freezer, airC, startC } = ask;
  return (
    <section className={page.card}>
      <LotOrFish
        lots={lots}
        lotId={lotId}
        speciesId={speciesId}
        onLot={onLot}
        onSpecies={(chosen) => onChange({ speciesId: chosen })}
      />
      <Field label={t("packedAs")}>
        {(id) => (
          <Segmented<FreezePack["shape"]>
            id={id}
            block
            value={shape}
            onChange={(chosen) => onChange({ shape: chosen })}
            options={[
              { value: "slab", label: t("flat") },
              { value: "cylinder", label: t("round") },
              { value: "sphere", label: t("ball") },
            ]}
          />
        )}
      </Field>
      <div className={styles.fields}>
        <QuantityField
          label={shape === "slab" ? t("thick") : t("across")}
          kind="length"
          value={thicknessMm}
          min={5}
          max={250}
          onChange={(value) => onChange({ thicknessMm: value })}
        />
        {shape === "slab" ? (
          <NumberField
            label={t("onEachOther")}
            whole
            min={1}
            max={8}
            value={layers}
            onChange={(value) => onChange({ layers: value })}
          />
        ) : null}
        <QuantityField
          label={t("fishNow")}
          kind="temperature"
          value={startC}
          min={0}
          max={25}
          onChange={(value) => onChange({ startC: value })}
        />
        <QuantityField
          label={t("air")}
          kind="temperature"
          value={airC}
          min={-60}
          max={-5}
          onChange={(value) => onChange({ airC: value })}
        />
      </div>
      {freezers.length > 0 ? (
        <p className={`${page.sub} ${page.below}`}>
          {freezers.map(({ id, name, setC }) => (
            <Button key={id} size="small" className={page.apart ?? ""} onClick={() => onChange({ airC: setC })}>
              {name} {format.temperature(setC)}
            </Button>
          ))}
        </p>
      ) : null}
      <Field label={t("wrapped")}>
        {(id) => (
          <Choice
            id={id}
            value={wrap}
            onChange={(chosen) => onChange({ wrap: chosen })}
            options={WRAP_IDS.map((value) => ({ value, label: WRAPS[value].label }))}
          />
        )}
      </Field>
      <Field label={t("kindOfFreezer")}>
        {(id) => (
          <Choice
            id={id}
            value={freezer}
            onChange={(chosen) => onChange({ freezer: chosen })}
            options={FREEZER_IDS.map((value) => ({ value, label: FREEZERS[value].label }))}
          />
        )}
      </Field>
    </section>
  );
}
