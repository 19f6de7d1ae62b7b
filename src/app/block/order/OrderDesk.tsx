"use client";
import { Alert, InputNumber, Segmented, Select } from "antd";
import { useMemo, useState } from "react";
import {
  breakdownsFor,
  compareYields,
  expectedParts,
  planOrder,
  portionCost,
  spreadOf,
  type Breakdown,
  type Part,
} from "@/core/block";
import { formLabel, usualForm, type Form } from "@/core/freshness";
import { findSpecies, shortName, SPECIES, type Species } from "@/core/species";
import { Field } from "@/ui/Field";
import { moneyText, percentText } from "@/ui/format";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import { UnitInput } from "@/ui/UnitInput";
import styles from "./Order.module.css";

type Weighed = {
  readonly speciesId: string;
  readonly form: string;
  readonly wayId: string;
  readonly wholeG: number;
  readonly parts: readonly { readonly partId: string; readonly massG: number }[];
};
type Props = { readonly onIce: Readonly<Record<string, number>>; readonly weighed: readonly Weighed[] };

/** Squaring to even portions takes 5 % of the side (3-10; common practice, high). */
const SQUARING = 0.95;
const BUFFERS = [
  { value: 0.05, label: "5 %" },
  { value: 0.1, label: "10 %" },
  { value: 0.15, label: "15 %" },
];
/** What by-products give back, cents a kilo against the usual example (common practice, low). */
const CREDIT_CENTS: Partial<Record<Part["use"], number>> = {
  stock: 80,
  cakes: 500,
  raw: 900,
  sauce: 400,
  grill: 250,
  crisp: 100,
};

const canBeBought = (species: Species) => breakdownsFor(species, usualForm(species)).length > 0;

/** The figures of a way of breaking down: what is ready to cut, and by how much it varies. */
function readyOf(way: Breakdown, parts: readonly Part[], weighed: readonly Weighed[]) {
  const main = parts.filter(({ use }) => use === "portions");
  const chosen = main.length > 0 ? main : parts.filter(({ use }) => use === "raw");
  const own = compareYields(
    parts,
    weighed.flatMap(({ parts: rows, wholeG }) => rows.map((row) => ({ ...row, wholeG }))),
  );
  const share =
    chosen.reduce((sum, part) => sum + (own.find(({ partId }) => partId === part.id)?.housePct ?? part.pct[1]), 0) /
    100;
  const spread =
    Math.sqrt(
      chosen.reduce(
        (sum, part) => sum + (own.find(({ partId }) => partId === part.id)?.houseSpreadPct ?? spreadOf(part)) ** 2,
        0,
      ),
    ) / 100;
  const cut = way.from.includes("whole-gutted") ? SQUARING : 1;
  return {
    share: share * cut,
    spread: spread * cut,
    times: Math.max(0, ...own.map(({ times }) => times)),
    source: chosen[0]?.source ?? "",
  };
}

export function OrderDesk({ onIce, weighed }: Props) {
  const { format, ownSpecies } = useHouse();
  const [speciesId, setSpeciesId] = useState("arctic-char");
  const species = findSpecies(speciesId, ownSpecies)!;
  const [form, setForm] = useState<Form>(usualForm(species));
  const ways = breakdownsFor(species, form);
  const [wayId, setWayId] = useState(ways[0]!.id);
  const way = ways.find(({ id }) => id === wayId) ?? ways[0]!;
  const [covers, setCovers] = useState(80);
  const [walkIns, setWalkIns] = useState(0);
  const [takePct, setTakePct] = useState(30);
  const [bufferShare, setBufferShare] = useState(0.1);
  const [portionG, setPortionG] = useState(species.portion.massG);
  const [toleranceG, setToleranceG] = useState(10);
  const [animalG, setAnimalG] = useState<number | null>(1500);
  const [price, setPrice] = useState(14.5);
  const [days, setDays] = useState(2);

  const parts = useMemo(() => expectedParts(way, species, form), [way, species, form]);
  const ready = readyOf(
    way,
    parts,
    weighed.filter((one) => one.speciesId === speciesId && one.form === form && one.wayId === way.id),
  );
  const sides = way.animal === "flatfish" ? 4 : way.from.includes("whole-gutted") ? 2 : 1;
  const planned = planOrder({
    covers,
    walkIns,
    takeShare: takePct / 100,
    bufferShare,
    portionG,
    toleranceG,
    readyShare: ready.share,
    readySpread: ready.spread,
    animal: animalG === null ? null : { massG: animalG, sides },
    onIceG: onIce[speciesId] ?? 0,
    lifeDays: species.iceLifeDays,
    daysToLastService: days,
  });
  const choose = (id: string) => {
    const next = findSpecies(id, ownSpecies)!;
    const nextForm = usualForm(next);
    setSpeciesId(id);
    setForm(nextForm);
    setWayId(breakdownsFor(next, nextForm)[0]!.id);
    setPortionG(next.portion.massG);
  };
  const buyG = planned.ok
    ? planned.value.animals && animalG !== null
      ? planned.value.animals.sure * animalG
      : planned.value.sureG
    : 0;
  const cost =
    planned.ok && buyG > 0
      ? portionCost({
          billCents: (buyG / 1000) * price * 100,
          readyG: buyG * ready.share,
          // what lies on ice was paid for already
          portions: Math.max(
            1,
            Math.ceil((planned.value.portions * portionG - (onIce[speciesId] ?? 0)) / portionG - 1e-9),
          ),
          credits: parts.flatMap((part) =>
            part.use === "portions"
              ? []
              : [{ massG: (buyG * part.pct[1]) / 100, centsPerKg: CREDIT_CENTS[part.use] ?? 0 }],
          ),
        })
      : null;
  const wasteG =
    buyG * (1 - parts.filter(({ use }) => use !== "waste").reduce((sum, { pct }) => sum + pct[1], 0) / 100);
  const forms = [
    ...new Set([
      "whole-gutted",
      "whole-ungutted",
      "headed-gutted",
      "loin",
      "live",
      "raw-whole",
      "tails",
      "cooked",
      "cleaned",
      "side",
    ] as const),
  ].filter((one) => breakdownsFor(species, one).length > 0);
  return (
    <div className={page.wideRight}>
      <section className={`${page.card} ${styles.ask}`}>
        <Field label="Of what" wide>
          {(id) => (
            <Select<string>
              id={id}
              showSearch={{ optionFilterProp: "label" }}
              value={speciesId}
              onChange={choose}
              options={[...SPECIES, ...ownSpecies]
                .filter(canBeBought)
                .map((one) => ({ value: one.id, label: shortName(one) }))}
            />
          )}
        </Field>
        {forms.length > 1 ? (
          <Field label="Bought as" wide>
            {(id) => (
              <Select<Form>
                id={id}
                value={form}
                onChange={(next) => {
                  setForm(next);
                  setWayId(breakdownsFor(species, next)[0]!.id);
                }}
                options={forms.map((value) => ({ value, label: formLabel(value) }))}
              />
            )}
          </Field>
        ) : null}
        {ways.length > 1 ? (
          <Field label="Cut as" wide>
            {(id) => (
              <Select<string>
                id={id}
                value={way.id}
                onChange={setWayId}
                options={ways.map(({ id: value, label }) => ({ value, label }))}
              />
            )}
          </Field>
        ) : null}
        <Field label="Covers booked">
          {(id) => (
            <InputNumber<number>
              id={id}
              value={covers}
              min={1}
              max={5000}
              precision={0}
              inputMode="numeric"
              onChange={(value) => value && setCovers(value)}
            />
          )}
        </Field>
        <Field label="Walk-ins">
          {(id) => (
            <InputNumber<number>
              id={id}
              value={walkIns}
              min={0}
              max={5000}
              precision={0}
              inputMode="numeric"
              onChange={(value) => setWalkIns(value ?? 0)}
            />
          )}
        </Field>
        <Field label="Of them take it, %">
          {(id) => (
            <InputNumber<number>
              id={id}
              value={takePct}
              min={1}
              max={100}
              inputMode="decimal"
              onChange={(value) => value && setTakePct(value)}
            />
          )}
        </Field>
        <Field label="Days to last service">
          {(id) => (
            <InputNumber<number>
              id={id}
              value={days}
              min={0}
              max={30}
              precision={0}
              inputMode="numeric"
              onChange={(value) => setDays(value ?? 0)}
            />
          )}
        </Field>
        <Field label="Kept over: 5 dear and live, 10 usual, 15 new" wide>
          {(id) => <Segmented<number> id={id} block value={bufferShare} onChange={setBufferShare} options={BUFFERS} />}
        </Field>
        <label className={styles.field}>
          Portion, {format.massUnit}
          <UnitInput kind="mass" value={portionG} min={10} max={2000} onChange={setPortionG} />
        </label>
        <label className={styles.field}>
          May be lighter by
          <UnitInput kind="mass" value={toleranceG} min={0} max={200} onChange={setToleranceG} />
        </label>
        <Field label={`One weighs, ${format.massUnit}`}>
          {(id) => (
            <InputNumber<number>
              id={id}
              placeholder="by weight"
              value={animalG === null ? null : Math.round(format.toMass(animalG))}
              min={1}
              inputMode="decimal"
              onChange={(shown) => setAnimalG(shown === null ? null : format.fromMass(shown))}
            />
          )}
        </Field>
        <Field label="Price a kilo">
          {(id) => (
            <InputNumber<number>
              id={id}
              value={price}
              min={0}
              max={1000}
              step={0.5}
              inputMode="decimal"
              onChange={(value) => setPrice(value ?? 0)}
            />
          )}
        </Field>
      </section>
      <div className={`${page.stack} ${page.answerFirst}`}>
        {planned.ok ? (
          <>
            <section className={page.card} data-testid="order">
              <p>
                <span className={page.big}>{format.mass(buyG)}</span> for {planned.value.portions} portions
                {planned.value.animals ? (
                  <>
                    : <b className="figure">{planned.value.animals.sure}</b> of {format.mass(animalG ?? 0)}
                  </>
                ) : null}
              </p>
              <p>Enough on 19 of 20 days.</p>
              <dl className={page.facts} style={{ marginTop: 12 }}>
                <dt>At the usual yield</dt>
                <dd>
                  {format.mass(planned.value.usualG)}, enough on {Math.round(planned.value.usualChance * 20)} of 20 days
                </dd>
                <dt>Yield</dt>
                <dd>
                  {percentText(ready.share)} ready to cut, give or take {(2 * ready.spread * 100).toFixed(1)}
                  {ready.times > 0 ? `; house figures over ${ready.times}` : ""}
                </dd>
                {planned.value.animals ? (
                  <>
                    <dt>By the knife</dt>
                    <dd>
                      {planned.value.animals.portionsPerAnimal} portions each,{" "}
                      {format.mass(planned.value.animals.tailsG)} of tails over {planned.value.animals.byCutting}; by
                      weight alone {planned.value.animals.byWeight}
                    </dd>
                  </>
                ) : null}
                <dt>On ice</dt>
                <dd>{format.mass(onIce[speciesId] ?? 0)} ready to cut, counted</dd>
              </dl>
              {planned.value.animals?.lighter ? (
                <p style={{ marginTop: 10 }}>
                  At {format.mass(planned.value.animals.lighter.portionG)} a portion{" "}
                  {planned.value.animals.lighter.animals} would do: one more from every side.
                </p>
              ) : null}
              {planned.value.warnings.map((warning) => (
                <Alert key={warning} type="warning" showIcon title={warning} style={{ marginTop: 10 }} />
              ))}
            </section>
            {planned.value.animals ? (
              <section className={page.card}>
                <h2>How sure</h2>
                <ul className={styles.chances}>
                  {planned.value.animals.chances.slice(-6).map(({ animals, chance }) => (
                    <li key={animals}>
                      <span className="figure">{animals}</span>
                      <span className={styles.bar}>
                        <i style={{ width: `${chance * 100}%` }} />
                      </span>
                      <span className="figure">{Math.floor(chance * 20 + 1e-9)} of 20 days</span>
                    </li>
                  ))}
                </ul>
                <p className={page.source}>
                  Yield varies from delivery to delivery, fish in a box differ by 6 %; each side gives whole portions
                  only.
                </p>
              </section>
            ) : null}
            {cost ? (
              <section className={page.card}>
                <h2>What it costs</h2>
                <dl className={page.facts}>
                  <dt>Bill</dt>
                  <dd>{moneyText((buyG / 1000) * price * 100)}</dd>
                  <dt>A ready kilo</dt>
                  <dd>{moneyText(cost.centsPerReadyKg)}</dd>
                  <dt>A portion</dt>
                  <dd>
                    <b>{moneyText(cost.centsPerPortionWithCredit)}</b> with {moneyText(cost.creditCents)} given back by
                    bones and trim; {moneyText(cost.centsPerPortion)} without
                  </dd>
                  <dt>Thrown away</dt>
                  <dd>{format.mass(Math.max(0, wasteG))}: guts, loss and what nobody uses</dd>
                </dl>
                <p className={page.source}>
                  Bones 0.80, trim for cakes 5.00 a kilo in the usual example (common practice, low). Yield:{" "}
                  {ready.source}.
                </p>
              </section>
            ) : null}
          </>
        ) : (
          <Alert type="error" showIcon title={planned.error} />
        )}
      </div>
    </div>
  );
}
