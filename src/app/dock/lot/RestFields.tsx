"use client";
import { Button, Select, Switch } from "antd";
import { formsFor } from "@/core/freshness";
import { isFinfish, type Species } from "@/core/species";
import type { Place } from "@/db/house/places";
import { Field } from "@/ui/form/Field";
import { NumberInput } from "@/ui/form/NumberInput";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/dock";
import styles from "../Dock.module.css";
import type { LotDraft } from "../van/lotDraft";
import { OriginFields } from "./OriginFields";

type Range = readonly [number, number];
type Props = {
  readonly draft: LotDraft;
  readonly species: Species | undefined;
  readonly places: readonly Place[];
  readonly usualMass: Range;
  readonly usualPrice: Range;
  readonly serverNowMs: number;
  readonly onChange: (part: Partial<LotDraft>) => void;
};

/** What the paper says and where it goes: once said, folded away. */
export function RestFields({ draft, species, places, usualMass, usualPrice, serverNowMs, onChange }: Props) {
  const { format } = useHouse();
  const counted = species !== undefined && !isFinfish(species.group);
  return (
    <div className={styles.fields}>
      <Field label={t("comesAs")}>
        {(id) => (
          <Select
            id={id}
            value={draft.form}
            className={page.full ?? ""}
            options={formsFor(species?.group ?? "lean-round").map(({ id: value, label }) => ({ value, label }))}
            onChange={(form) => onChange({ form, grades: {} })}
          />
        )}
      </Field>
      <Field label={t("weightOnThePaperBigMassUnit", { bigMassUnit: format.bigMassUnit })}>
        {(id) => (
          <NumberInput
            id={id}
            value={draft.statedMass}
            step={0.1}
            min={0}
            usual={usualMass}
            className={page.full ?? ""}
            onChange={(statedMass) => onChange({ statedMass })}
          />
        )}
      </Field>
      <Field
        label={format.currency === null ? t("priceAKilo") : t("priceAKiloCurrency", { currency: format.currency })}
        answers="price"
      >
        {(id) => (
          <NumberInput
            id={id}
            value={draft.pricePerKg}
            step={0.5}
            min={0}
            usual={usualPrice}
            className={page.full ?? ""}
            onChange={(pricePerKg) => onChange({ pricePerKg })}
          />
        )}
      </Field>
      {draft.takenOver.length > 0 ? (
        <p className={styles.takenOver} data-testid="taken-over">
          {t("takenOverFrom", { list: draft.takenOver.map((key) => t("takenOverKey", { key })).join(", ") })}{" "}
          <Button size="small" onClick={() => onChange({ takenOver: [] })}>
            {t("itIsSo")}
          </Button>
        </p>
      ) : null}
      <Field label={t("goesTo")} answers="place">
        {(id) => (
          <Select
            id={id}
            value={draft.placeId}
            className={page.full ?? ""}
            options={places.map(({ id: value, name }) => ({ value, label: name }))}
            onChange={(placeId) => onChange({ placeId, placeByHand: true })}
          />
        )}
      </Field>
      <Field label={t("comesFrozen")}>
        {(id) => (
          <div className={styles.switch}>
            <Switch id={id} checked={draft.frozen} onChange={(frozen) => onChange({ frozen, grades: {} })} />
          </div>
        )}
      </Field>
      <OriginFields draft={draft} serverNowMs={serverNowMs} onChange={onChange} />
      {counted ? (
        <Field label={t("piecesIfCounted")}>
          {(id) => (
            <NumberInput
              id={id}
              whole
              min={1}
              max={100_000}
              className={page.full ?? ""}
              value={draft.provenance.pieces ?? null}
              onChange={(pieces) => {
                const { pieces: _before, ...provenance } = draft.provenance;
                onChange({ provenance: pieces === null ? provenance : { ...provenance, pieces } });
              }}
            />
          )}
        </Field>
      ) : null}
    </div>
  );
}
