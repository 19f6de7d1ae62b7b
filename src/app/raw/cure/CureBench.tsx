"use client";
import { Alert, Button, InputNumber, Segmented, Select, Switch } from "antd";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import { beginHold } from "@/app/ice/[lotId]/actions";
import { SALT_DIFFUSIVITY, type CureMethod } from "@/core/cure";
import { findSpecies, shortName, SPECIES } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { hoursText, percentText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import { LayerMap } from "@/ui/drawings/LayerMap";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { UnitInput } from "@/ui/form/UnitInput";
import { useCure } from "@/workers/client/useRaw";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Raw.module.css";

const HoursCurve = dynamic(() => import("@/ui/charts/HoursCurve"), {
  ssr: false,
  loading: () => <div style={{ height: 240 }} />,
});

type Lot = {
  readonly id: string;
  readonly title: string;
  readonly speciesId: string;
  readonly massG: number;
  readonly thicknessMm: number;
};

const METHODS: readonly { readonly value: CureMethod; readonly label: string; readonly why: string }[] = [
  {
    value: "dry",
    label: "Dry",
    why: "default: firm, dark, loses the most water; the salt laid on is the salt it gets",
  },
  { value: "brine", label: "Wet brine", why: "quick and mild; left in too long it goes on taking salt" },
  { value: "equilibrium", label: "Equilibrium", why: "cannot be over-salted; takes days" },
];
const FRESH = [233, 183, 160] as const;
const CURED = [120, 30, 24] as const;

/** The cure: what goes on, how it goes in, when it comes out. */
export function CureBench({ lots }: { readonly lots: readonly Lot[] }) {
  const { format, ownSpecies } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const [lotId, setLotId] = useState<string | null>(null);
  const [speciesId, setSpeciesId] = useState("ocean-trout");
  const species = findSpecies(speciesId, ownSpecies) ?? SPECIES[0]!;
  const [massG, setMassG] = useState(900);
  const [thicknessMm, setThicknessMm] = useState(species.portion.thicknessMm);
  const [skin, setSkin] = useState(true);
  const [method, setMethod] = useState<CureMethod>("dry");
  const [targetSaltPct, setTarget] = useState(2.5);
  const [saltPerKg, setSaltPerKg] = useState(40);
  const [sugarPerKg, setSugarPerKg] = useState(20);
  const [brinePct, setBrinePct] = useState(10);
  const [waterPerFish, setWater] = useState(2);
  const [placeC, setPlaceC] = useState(3);
  const request = {
    species,
    massG,
    thicknessMm,
    skin,
    method,
    targetSaltPct,
    saltG: (saltPerKg * massG) / 1000,
    sugarG: (sugarPerKg * massG) / 1000,
    brineWaterG: waterPerFish * massG,
    brinePct,
    placeC,
  };
  const { answer: plan, problem, working } = useCure(request);
  const columns = useMemo(() => {
    if (!plan) return [];
    const most = Math.max(...plan.samples.map(({ nearFacePct }) => nearFacePct), 0.1);
    const last = plan.samples.at(-1)!.atH;
    // samples stand closer at the start: spread them evenly over time
    return Array.from({ length: 160 }, (_, index) => {
      const atH = (index / 159) * last;
      const sample = plan.samples.findLast((one) => one.atH <= atH + 1e-9) ?? plan.samples[0]!;
      return sample.layersPct.map((pct) => pct / most);
    });
  }, [plan]);
  const recipe =
    method === "dry"
      ? `${saltPerKg} g salt, ${sugarPerKg} g sugar a kilo`
      : method === "brine"
        ? `${brinePct} % brine, ${waterPerFish} times its weight`
        : `equilibrium ${targetSaltPct} %`;
  const begin = async () => {
    if (!plan || !lotId) return;
    const note = `${recipe}, ${format.length(thicknessMm)}${plan.even ? `; rest ${hoursText(plan.restH)}` : ""}`;
    if (
      await act(
        beginHold,
        { kind: "cure", lotId, plannedH: Math.round(plan.stopH * 100) / 100, note },
        () => "The cure runs; it is in the holds.",
      )
    )
      router.push("/ice/holds");
  };
  return (
    <div className={page.wideRight}>
      <section className={page.card}>
        <Field label="Lot">
          {(id) => (
            <Select<string>
              id={id}
              allowClear
              placeholder="none, just to know"
              value={lotId}
              onChange={(next: string | undefined) => {
                const lot = lots.find((one) => one.id === next);
                setLotId(next ?? null);
                if (!lot) return;
                setSpeciesId(lot.speciesId);
                setMassG(Math.round(lot.massG));
                setThicknessMm(lot.thicknessMm);
              }}
              options={lots.map(({ id: value, title }) => ({ value, label: title }))}
            />
          )}
        </Field>
        {lotId ? null : (
          <Field label="Fish">
            {(id) => (
              <Select<string>
                id={id}
                showSearch={{ optionFilterProp: "label" }}
                value={speciesId}
                onChange={setSpeciesId}
                options={SPECIES.filter(({ rawUse }) => rawUse !== "none").map((one) => ({
                  value: one.id,
                  label: shortName(one),
                }))}
              />
            )}
          </Field>
        )}
        <Field label="Way">
          {(id) => (
            <Segmented<CureMethod>
              id={id}
              block
              value={method}
              onChange={setMethod}
              options={METHODS.map(({ value, label }) => ({ value, label }))}
            />
          )}
        </Field>
        <p className={`${page.sub} ${page.below}`}>{METHODS.find(({ value }) => value === method)!.why}</p>
        <div className={styles.fields}>
          <label className={styles.field}>
            Weight, {format.massUnit}
            <UnitInput kind="mass" value={massG} min={20} max={50_000} onChange={setMassG} />
          </label>
          <label className={styles.field}>
            Thick, {format.lengthUnit}
            <UnitInput kind="length" value={thicknessMm} min={3} max={120} onChange={setThicknessMm} />
          </label>
          <Field label="Salt wanted, %">
            {(id) => (
              <InputNumber<number>
                id={id}
                min={0.3}
                max={8}
                step={0.1}
                value={targetSaltPct}
                inputMode="decimal"
                onChange={(value) => value && setTarget(value)}
              />
            )}
          </Field>
          <label className={styles.field}>
            Place, {format.degree}
            <UnitInput kind="temperature" value={placeC} min={0} max={12} onChange={setPlaceC} />
          </label>
          {method === "dry" ? (
            <Field label="Salt, g a kilo">
              {(id) => (
                <InputNumber<number>
                  id={id}
                  min={5}
                  max={400}
                  value={saltPerKg}
                  inputMode="decimal"
                  onChange={(value) => value && setSaltPerKg(value)}
                />
              )}
            </Field>
          ) : null}
          {method === "brine" ? (
            <Field label="Brine, %">
              {(id) => (
                <InputNumber<number>
                  id={id}
                  min={1}
                  max={26}
                  step={0.5}
                  value={brinePct}
                  inputMode="decimal"
                  onChange={(value) => value && setBrinePct(value)}
                />
              )}
            </Field>
          ) : null}
          {method === "dry" ? null : (
            <Field label="Water, × fish">
              {(id) => (
                <InputNumber<number>
                  id={id}
                  min={0.3}
                  max={10}
                  step={0.1}
                  value={waterPerFish}
                  inputMode="decimal"
                  onChange={(value) => value && setWater(value)}
                />
              )}
            </Field>
          )}
          <Field label="Sugar, g a kilo">
            {(id) => (
              <InputNumber<number>
                id={id}
                min={0}
                max={300}
                value={sugarPerKg}
                inputMode="decimal"
                onChange={(value) => setSugarPerKg(value ?? 0)}
              />
            )}
          </Field>
          <Field label="Skin on">{(id) => <Switch id={id} checked={skin} onChange={setSkin} />}</Field>
        </div>
      </section>
      <div className={`${page.stack} ${page.answerFirst}`} aria-busy={working}>
        {problem ? <Alert type="error" showIcon title={`${problem[0]!.toUpperCase()}${problem.slice(1)}.`} /> : null}
        {plan && !problem ? (
          <>
            <section className={page.card} data-testid="cure-plan">
              <div className={styles.answer}>
                <p>
                  out after{" "}
                  <span className={page.big} data-testid="stop">
                    {hoursText(plan.stopH)}
                  </span>
                </p>
                {plan.even ? (
                  <p>
                    rest <span className={page.big}>{hoursText(plan.restH)}</span> until it is even
                  </p>
                ) : (
                  <p>not even while it keeps</p>
                )}
              </div>
              <dl className={page.facts}>
                <dt>Salt it takes</dt>
                <dd>
                  {format.mass(plan.saltNeededG)} in all; {plan.meanPct.toFixed(1)} % in the fish,{" "}
                  {plan.waterPhasePct.toFixed(1)} % in its water, {plan.deepestWaterPhasePct.toFixed(1)} % where it is
                  least
                </dd>
                <dt>Sugar</dt>
                <dd>{plan.sugarPct.toFixed(1)} % by then</dd>
                <dt>Loses</dt>
                <dd>{percentText(plan.weightLossShare)} of its weight</dd>
                <dt>Even</dt>
                <dd>
                  deepest point at {percentText(plan.evenness)} of the mean after {hoursText(plan.restH)} of rest
                </dd>
                <dt>Then keeps</dt>
                <dd>
                  {plan.keepDays} days at {format.temperature(3)}, never past the date mark of the house
                </dd>
              </dl>
              {lotId ? (
                <Button type="primary" size="large" className={page.aboveMore ?? ""} onClick={begin}>
                  Lay it in: begin the hold
                </Button>
              ) : null}
              <ul className={page.flush}>
                {plan.warnings.map((warning) => (
                  <li key={warning}>{format.words(warning)}</li>
                ))}
              </ul>
            </section>
            <section className={page.card}>
              <details className={page.open} open style={{ marginTop: 0, borderTop: 0, paddingTop: 0 }}>
                <summary>What the rules ask of a house cure</summary>
                <PracticeLine id="curing" />
                <PracticeLine id="listeria" />
              </details>
            </section>
            <section className={page.card}>
              <h2>Salt through the slice</h2>
              <LayerMap label="Salt through the slice over time" columns={columns} from={FRESH} to={CURED} />
              <p className={page.sub}>
                {skin ? "Skin" : "Middle"} below, face above; from laid in (left) to even (right). Darker is saltier.
              </p>
              <HoursCurve
                label="Salt over time"
                rows={plan.samples.map(({ atH, meanPct, deepestPct, nearFacePct }) => ({
                  atH,
                  mean: meanPct,
                  deepest: deepestPct,
                  face: nearFacePct,
                }))}
                series={[
                  { key: "mean", name: "mean", tone: "main" },
                  { key: "deepest", name: "deepest", tone: "other" },
                  { key: "face", name: "face", tone: "third" },
                ]}
                unit="%"
                limit={targetSaltPct}
                markH={plan.stopH}
              />
              <details className={page.open}>
                <summary>How it is reckoned</summary>
                <p>
                  Salt moves through the water of the fish by diffusion (Fick; a slab
                  {skin ? ", one face shut by the skin" : ", both faces"}); work value{" "}
                  {(species.compositionPct.fat >= 5 ? SALT_DIFFUSIVITY.fat : SALT_DIFFUSIVITY.lean).toExponential(0)}{" "}
                  m²/s near {format.temperature(SALT_DIFFUSIVITY.atC)}. {SALT_DIFFUSIVITY.source}. Published values
                  spread by a factor of three: taste it. Weight loss and days are read off common practice (low).
                </p>
              </details>
            </section>
          </>
        ) : problem ? null : (
          <section className={page.card}>
            <p className={page.empty}>Following the salt…</p>
          </section>
        )}
      </div>
    </div>
  );
}
