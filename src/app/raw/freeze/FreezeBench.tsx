"use client";
import { Alert, Button, InputNumber, Segmented, Select } from "antd";
import dynamic from "next/dynamic";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { FREEZERS, FREEZER_IDS, WRAPS, WRAP_IDS, type FreezerId, type WrapId } from "@/core/raw";
import type { ParasiteRuleId } from "@/core/safety";
import { findSpecies, shortName, SPECIES } from "@/core/species";
import { Field } from "@/ui/form/Field";
import { dayText, hoursText, timeText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import { UnitInput } from "@/ui/form/UnitInput";
import { useFreezing } from "@/workers/client/useRaw";
import { useNow } from "@/ui/hooks/useNow";
import { useAct } from "@/ui/hooks/useAct";
import styles from "../Raw.module.css";
import { beginFreezing } from "./actions";

const HoursCurve = dynamic(() => import("@/ui/charts/HoursCurve"), {
  ssr: false,
  loading: () => <div style={{ height: 260 }} />,
});

type Lot = {
  readonly id: string;
  readonly title: string;
  readonly speciesId: string;
  readonly startC: number;
  readonly inFreezer: boolean;
};
type Props = {
  readonly ruleId: ParasiteRuleId;
  readonly lots: readonly Lot[];
  readonly chosenId: string | null;
  readonly serverNowMs: number;
  readonly freezers: readonly { readonly id: string; readonly name: string; readonly setC: number }[];
};

type Shape = "slab" | "cylinder" | "sphere";
const rawFish = SPECIES.filter(({ rawUse }) => rawUse !== "none");

/** The freezing planner: pack and freezer on the left, the hold on the right. */
export function FreezeBench({ ruleId, lots, chosenId, freezers, serverNowMs }: Props) {
  const { format, timeZone, ownSpecies } = useHouse();
  const router = useRouter();
  const { act } = useAct();
  const nowMs = useNow(serverNowMs, 30_000);
  const [lotId, setLotId] = useState(chosenId);
  const lot = lots.find(({ id }) => id === lotId) ?? null;
  const [speciesId, setSpeciesId] = useState(lot?.speciesId ?? "mackerel");
  const species = findSpecies(speciesId, ownSpecies) ?? rawFish[0]!;
  const coldest = [...freezers].sort((a, b) => a.setC - b.setC)[0];
  const [shape, setShape] = useState<Shape>("slab");
  const [thicknessMm, setThicknessMm] = useState(25);
  const [layers, setLayers] = useState(1);
  const [wrap, setWrap] = useState<WrapId>("bag");
  const [freezer, setFreezer] = useState<FreezerId>("blast");
  const [airC, setAirC] = useState(coldest?.setC ?? -30);
  const [startC, setStartC] = useState(Math.max(0, lot && !lot.inFreezer ? lot.startC : 3));
  const pack = { shape, thicknessMm, layers, wrap, freezer, startC };
  const { answer, problem, working } = useFreezing({ ...pack, composition: species.compositionPct, airC, ruleId });
  const plan = answer?.plan ?? null;
  const endMs = plan ? nowMs + plan.best.totalH! * 3_600_000 : null;
  const begin = async () => {
    if (!plan || !lotId) return;
    const done = await act(
      beginFreezing,
      { lotId, reachH: plan.best.reachH!, reachC: plan.reachC, pack },
      () => "The hold runs; probe it when it should be there.",
    );
    if (done) router.push(`/ice/${lotId}`);
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
                setLotId(next ?? null);
                const picked = lots.find((one) => one.id === next);
                if (picked) setSpeciesId(picked.speciesId);
              }}
              options={lots.map(({ id: value, title }) => ({ value, label: title }))}
            />
          )}
        </Field>
        {lot ? null : (
          <Field label="Fish">
            {(id) => (
              <Select<string>
                id={id}
                showSearch={{ optionFilterProp: "label" }}
                value={speciesId}
                onChange={setSpeciesId}
                options={rawFish.map((one) => ({ value: one.id, label: shortName(one) }))}
              />
            )}
          </Field>
        )}
        <Field label="Packed as">
          {(id) => (
            <Segmented<Shape>
              id={id}
              block
              value={shape}
              onChange={setShape}
              options={[
                { value: "slab", label: "flat" },
                { value: "cylinder", label: "round" },
                { value: "sphere", label: "ball" },
              ]}
            />
          )}
        </Field>
        <div className={styles.fields}>
          <label className={styles.field}>
            {shape === "slab" ? "Thick" : "Across"}, {format.lengthUnit}
            <UnitInput kind="length" value={thicknessMm} min={5} max={250} onChange={setThicknessMm} />
          </label>
          {shape === "slab" ? (
            <Field label="On each other">
              {(id) => (
                <InputNumber<number>
                  id={id}
                  min={1}
                  max={8}
                  precision={0}
                  value={layers}
                  onChange={(value) => value && setLayers(value)}
                />
              )}
            </Field>
          ) : null}
          <label className={styles.field}>
            Fish now, {format.degree}
            <UnitInput kind="temperature" value={startC} min={0} max={25} onChange={setStartC} />
          </label>
          <label className={styles.field}>
            Air, {format.degree}
            <UnitInput kind="temperature" value={airC} min={-60} max={-5} onChange={setAirC} />
          </label>
        </div>
        {freezers.length > 0 ? (
          <p className={`${page.sub} ${page.below}`}>
            {freezers.map(({ id, name, setC }) => (
              <Button key={id} size="small" className={page.apart ?? ""} onClick={() => setAirC(setC)}>
                {name} {format.temperature(setC)}
              </Button>
            ))}
          </p>
        ) : null}
        <Field label="Wrapped">
          {(id) => (
            <Select<WrapId>
              id={id}
              value={wrap}
              onChange={setWrap}
              options={WRAP_IDS.map((value) => ({ value, label: WRAPS[value].label }))}
            />
          )}
        </Field>
        <Field label="Kind of freezer">
          {(id) => (
            <Select<FreezerId>
              id={id}
              value={freezer}
              onChange={setFreezer}
              options={FREEZER_IDS.map((value) => ({ value, label: FREEZERS[value].label }))}
            />
          )}
        </Field>
      </section>
      <div className={`${page.stack} ${page.answerFirst}`} aria-busy={working}>
        {problem ? (
          <Alert type="error" showIcon title={`${problem[0]!.toUpperCase()}${format.words(problem.slice(1))}.`} />
        ) : null}
        {plan && !problem ? (
          <>
            <section className={page.card} data-testid="freeze-plan">
              <div className={styles.answer}>
                <p>
                  <span className={page.big} data-testid="reach">
                    {hoursText(plan.best.reachH!)}
                  </span>{" "}
                  until the centre is at {format.temperature(plan.reachC)}
                </p>
                <p>
                  <span className={page.big}>{hoursText(plan.best.totalH!)}</span> in all
                  {endMs === null ? "" : `: ${dayText(endMs, timeZone)} ${timeText(endMs, timeZone)}`}
                </p>
              </div>
              <p className="muted">
                Between {hoursText(plan.spreadH.soonest)} and{" "}
                {plan.spreadH.latest === null ? "never" : hoursText(plan.spreadH.latest)} with the air of such freezers.
              </p>
              <table className={`${styles.table} ${page.above}`}>
                <thead>
                  <tr>
                    <th scope="col">Option of the rule</th>
                    <th scope="col">Centre there after</th>
                    <th scope="col">Over after</th>
                  </tr>
                </thead>
                <tbody>
                  {plan.options.map((option) => (
                    <tr key={option.section}>
                      <td>
                        {option === plan.best || option.section === plan.best.section ? (
                          <b>{format.words(option.words)}</b>
                        ) : (
                          format.words(option.words)
                        )}
                      </td>
                      <td className="figure">{option.reachH === null ? "never here" : hoursText(option.reachH)}</td>
                      <td className="figure">{option.totalH === null ? "never here" : hoursText(option.totalH)}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {lotId ? (
                <Button type="primary" size="large" onClick={begin} className={page.aboveMore ?? ""}>
                  It goes in now: begin the hold
                </Button>
              ) : null}
              <ul className={page.flush}>
                {plan.warnings.map((warning) => (
                  <li key={warning}>{format.words(warning)}</li>
                ))}
              </ul>
              {wrap === "bag" ? <PracticeLine id="reduced-oxygen" /> : null}
            </section>
            <section className={page.card}>
              <h2>Centre and face</h2>
              <HoursCurve
                label="Temperature of centre and face while it freezes"
                rows={plan.curve.map(({ atH, centreC, surfaceC }) => ({
                  atH,
                  centre: format.toTemperature(centreC),
                  face: format.toTemperature(surfaceC),
                }))}
                series={[
                  { key: "centre", name: "centre", tone: "main" },
                  { key: "face", name: "face", tone: "other" },
                ]}
                unit={format.degree}
                limit={format.toTemperature(plan.reachC)}
              />
            </section>
            <section className={page.split}>
              {answer && answer.stacks.length > 0 ? (
                <div className={page.card}>
                  <h2>What stacking costs</h2>
                  <Reach rows={answer.stacks.map(({ layers: many, reachH }) => [`${many} on each other`, reachH])} />
                </div>
              ) : null}
              <div className={page.card}>
                <h2>How thick it may be</h2>
                <Reach
                  rows={(answer?.thicknesses ?? []).map(({ thicknessMm: mm, reachH }) => [format.length(mm), reachH])}
                />
              </div>
            </section>
            <p className={page.source}>
              Heat through the pack by finite volumes with the ice it forms (enthalpy method); composition of the
              species; freezing begins at {format.temperature(-1.1, 1)} (Riedel 1956; memory, medium). Air coefficients
              are work values with the range shown.
            </p>
          </>
        ) : problem ? null : (
          <section className={page.card}>
            <p className={page.empty}>Following it down…</p>
          </section>
        )}
      </div>
    </div>
  );
}

function Reach({ rows }: { readonly rows: readonly (readonly [string, number | null])[] }) {
  return (
    <table className={styles.table}>
      <tbody>
        {rows.map(([what, reachH]) => (
          <tr key={what}>
            <td>{what}</td>
            <td className="figure">{reachH === null ? "never" : hoursText(reachH)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
