"use client";
import { AutoComplete, Button, Input, Segmented, Select, Switch } from "antd";
import { DatePicker } from "@/ui/form/DatePicker";
import dayjs from "dayjs";
import { useState } from "react";
import { formsFor } from "@/core/freshness";
import type { Rearing } from "@/core/safety";
import { findSpecies, isFinfish, type Species } from "@/core/species";
import type { Place } from "@/db/house/places";
import type { UsualFigures } from "@/db/lots/usualFigures";
import { NumberInput } from "@/ui/form/NumberInput";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { SpeciesSearch } from "@/ui/form/SpeciesSearch";
import styles from "./Dock.module.css";
import type { LotDraft } from "./lotDraft";
import type { Format } from "@/words/format/format";
import { t } from "@/words/dock";

type Props = {
  readonly draft: LotDraft;
  readonly places: readonly Place[];
  /** What a lot of this species weighed and cost here before. */
  readonly usual: UsualFigures | undefined;
  readonly serverNowMs: number;
  readonly onChange: (part: Partial<LotDraft>) => void;
  readonly onSpecies: (species: Species) => void;
};

const GEARS = {
  wild: [
    t("hookAndLine"),
    t("longline"),
    t("gillnet"),
    t("trawl"),
    t("seine"),
    t("trapOrPot"),
    t("dredge"),
    t("byHand"),
  ],
  farmed: [t("netPen"), t("landTank"), t("rope"), t("trestle"), t("seabedPlot")],
} as const;

/** What a way of rearing chosen from the list says to the parasite rule. */
const REARING_OF: Readonly<Record<string, Rearing>> = { "Net pen": "net-pen", "Land tank": "land-based" };

/** Outside of these a figure at the door is a slip of the finger until it is said again. */
const USUAL_DOOR_C = { chilled: [-3, 15], frozen: [-40, -8] } as const;
const USUAL_LOT_G = [50, 300_000] as const;
const USUAL_PRICE = [0.3, 300] as const;

/** Something without which the lot cannot be kept is not said yet. */
const hasGaps = ({ pricePerKg, area, gear, source, placeId }: LotDraft): boolean =>
  pricePerKg === null || !placeId || [area, gear, source].some((text) => text.trim() === "");

/** What stands in the fold, in one line. */
const saidOf = ({ area, gear, source, pricePerKg }: LotDraft, { money }: Pick<Format, "money">): string =>
  [source, gear, area, pricePerKg === null ? "" : t("aKiloAt", { price: money(pricePerKg * 100) })]
    .filter((text) => text.trim() !== "")
    .join(", ") || "none";

/** What it is, what it weighs and costs, how cold it is, and where it swam. */
export function FactsCard({ draft, places, usual, serverNowMs, onChange, onSpecies }: Props) {
  const { format, ownSpecies } = useHouse();
  const species = draft.speciesId ? findSpecies(draft.speciesId, ownSpecies) : undefined;
  const usualC = USUAL_DOOR_C[draft.frozen ? "frozen" : "chilled"].map(format.toTemperature) as [number, number];
  const usualMass = (usual?.massG ?? USUAL_LOT_G).map((massG) => Number(format.toBigMass(massG).toFixed(2))) as [
    number,
    number,
  ];
  const usualPrice = usual?.priceCentsPerKg
    ? (usual.priceCentsPerKg.map((cents) => Number((cents / 100).toFixed(2))) as [number, number])
    : USUAL_PRICE;
  const counted = species !== undefined && !isFinfish(species.group);
  // it opens where it has something to ask, or lends what nobody has confirmed; a hand opens and shuts it
  const asks = draft.speciesId !== null && (hasGaps(draft) || draft.takenOver.length > 0);
  const [byHand, setByHand] = useState<boolean | null>(null);
  const open = asks || (byHand ?? false);
  const number = (
    value: number | null,
    set: (value: number | null) => void,
    step: number,
    id: string,
    { min, usual }: { readonly min?: number; readonly usual?: readonly [number, number] | undefined } = {},
  ) => (
    <NumberInput
      id={id}
      value={value}
      step={step}
      {...(min === undefined ? {} : { min })}
      usual={usual}
      className={page.full ?? ""}
      onChange={set}
    />
  );
  return (
    <section className={page.card} aria-labelledby="what">
      <h2 id="what">{t("whatIsItAndWhereFrom")}</h2>
      <div className={styles.fields}>
        <Field label={t("fish")}>
          {(id) => (
            <SpeciesSearch
              id={id}
              {...(draft.speciesId ? { value: draft.speciesId } : {})}
              onChange={(speciesId) => {
                const chosen = findSpecies(speciesId, ownSpecies);
                if (chosen) onSpecies(chosen);
              }}
            />
          )}
        </Field>
        <Field label={t("weightBigMassUnit", { bigMassUnit: format.bigMassUnit })}>
          {(id) => number(draft.mass, (mass) => onChange({ mass }), 0.1, id, { min: 0, usual: usualMass })}
        </Field>
        <Field label={t("probeAtTheDoorDegree", { degree: format.degree })}>
          {(id) => number(draft.receipt, (receipt) => onChange({ receipt }), 0.1, id, { usual: usualC })}
        </Field>
        <details className={styles.more} open={open} onToggle={({ currentTarget }) => setByHand(currentTarget.open)}>
          <summary>{t("theRestOfIt", { said: open ? "none" : saidOf(draft, format) })}</summary>
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
              {(id) =>
                number(draft.statedMass, (statedMass) => onChange({ statedMass }), 0.1, id, {
                  min: 0,
                  usual: usualMass,
                })
              }
            </Field>
            <Field
              label={
                format.currency === null ? t("priceAKilo") : t("priceAKiloCurrency", { currency: format.currency })
              }
            >
              {(id) =>
                number(draft.pricePerKg, (pricePerKg) => onChange({ pricePerKg }), 0.5, id, {
                  min: 0,
                  usual: usualPrice,
                })
              }
            </Field>
            {draft.takenOver.length > 0 ? (
              <p className={styles.takenOver} data-testid="taken-over">
                {t("takenOverFrom", { list: draft.takenOver.map((key) => t("takenOverKey", { key })).join(", ") })}{" "}
                <Button size="small" onClick={() => onChange({ takenOver: [] })}>
                  {t("itIsSo")}
                </Button>
              </p>
            ) : null}
            <Field label={t("goesTo")}>
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
            <Field label={t("wildOrFarmed")}>
              {(id) => (
                <Segmented<"wild" | "farmed">
                  id={id}
                  block
                  value={draft.production}
                  options={[
                    { value: "wild", label: t("wild") },
                    { value: "farmed", label: t("farmed") },
                  ]}
                  onChange={(production) => onChange({ production })}
                />
              )}
            </Field>
            <Field label={t("area")}>
              {(id) => (
                <Input
                  id={id}
                  value={draft.area}
                  maxLength={120}
                  placeholder={t("fao273AOrThe")}
                  onChange={({ target }) => onChange({ area: target.value })}
                />
              )}
            </Field>
            <Field label={t("gearOrRearing")}>
              {(id) => (
                <AutoComplete
                  id={id}
                  value={draft.gear}
                  className={page.full ?? ""}
                  options={GEARS[draft.production].map((value) => ({ value }))}
                  onChange={(gear: string) => {
                    const rearing = draft.production === "farmed" ? REARING_OF[gear] : undefined;
                    onChange({ gear, ...(rearing ? { provenance: { ...draft.provenance, rearing } } : {}) });
                  }}
                />
              )}
            </Field>
            <Field label={t("boatOrFarm")}>
              {(id) => (
                <Input
                  id={id}
                  value={draft.source}
                  maxLength={120}
                  onChange={({ target }) => onChange({ source: target.value })}
                />
              )}
            </Field>
            <Field label={t("caughtOrHarvested")}>
              {(id) => (
                <DatePicker
                  id={id}
                  className={page.full ?? ""}
                  format="ddd D MMM YYYY"
                  value={draft.caughtOn ? dayjs(draft.caughtOn) : null}
                  disabledDate={(day) => day.isAfter(dayjs(serverNowMs), "day")}
                  onChange={(day) => onChange({ caughtOn: day ? day.format("YYYY-MM-DD") : null })}
                />
              )}
            </Field>
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
        </details>
      </div>
    </section>
  );
}
