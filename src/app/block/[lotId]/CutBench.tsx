"use client";
import { Alert, Button, InputNumber, Segmented, Select } from "antd";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import {
  checkSide,
  panGroups,
  portionCost,
  sidesPlanner,
  TRIM_USES,
  withLength,
  withStations,
  type Preference,
  type Side,
  type Station,
  type TailWay,
  type TrimUseId,
} from "@/core/block";
import { moneyText } from "@/ui/format";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import type { FLESH } from "@/ui/palette";
import { SideDrawing } from "@/ui/SideDrawing";
import { UnitInput } from "@/ui/UnitInput";
import { cutSides } from "./actions";
import styles from "./Cut.module.css";

type Props = {
  readonly lotId: string;
  readonly leftG: number;
  readonly flesh: keyof typeof FLESH;
  readonly start: Side;
  readonly usualPortionG: number;
  readonly priceCentsPerKg: number;
  readonly rawAllowed: boolean;
};

const MOST_SIDES = 12;
const LEANS = [
  { value: 0, label: "Straight" },
  { value: 25, label: "Bias 25°" },
  { value: 45, label: "Bias 45°" },
];

/** The bench: measure the sides on their drawing, say what a portion is, and the cuts move as you do. */
export function CutBench({ lotId, leftG, flesh, start, usualPortionG, priceCentsPerKg, rawAllowed }: Props) {
  const { format } = useHouse();
  const router = useRouter();
  const [sides, setSides] = useState<readonly Side[]>([start]);
  const [shown, setShown] = useState(0);
  const [portionG, setPortionG] = useState(usualPortionG);
  const [toleranceG, setToleranceG] = useState(10);
  const [minPieceMm, setMinPieceMm] = useState(25);
  const [covers, setCovers] = useState<number | null>(null);
  const [preference, setPreference] = useState<Preference>("even");
  const [leanDeg, setLeanDeg] = useState(0);
  const [tails, setTails] = useState<TailWay>("as-cut");
  const [trimUse, setTrimUse] = useState<TrimUseId>(rawAllowed ? "tartare" : "cakes");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [planOf] = useState(sidesPlanner);

  const side = sides[shown]!;
  const wrong = sides.map(checkSide).find((one) => one !== null) ?? null;
  const plan = useMemo(
    () =>
      wrong ? null : planOf({ sides, portionG, toleranceG, minPieceMm, covers, preference, leanDeg, tails, trimUse }),
    [wrong, planOf, sides, portionG, toleranceG, minPieceMm, covers, preference, leanDeg, tails, trimUse],
  );
  const portions = plan?.pieces.filter(({ role }) => role !== "trim") ?? [];
  const groups = panGroups(portions, ({ cookThicknessMm }) => cookThicknessMm);
  const sidesG = sides.reduce((sum, { massG }) => sum + massG, 0);
  const cost = portionCost({
    billCents: (sidesG / 1000) * priceCentsPerKg,
    readyG: sidesG - (plan?.trimG ?? 0),
    portions: portions.length,
    credits: [],
  });

  const set = (to: Side) => setSides((before) => before.map((one, index) => (index === shown ? to : one)));
  const change = (index: number, part: Partial<Station>) =>
    set({ ...side, profile: side.profile.map((station, i) => (i === index ? { ...station, ...part } : station)) });
  const add = () => {
    setSides((before) => [
      ...before,
      { ...side, massG: Math.max(20, Math.min(side.massG, Math.floor(leftG - sidesG))) },
    ]);
    setShown(sides.length);
  };
  const remove = () => {
    setSides((before) => before.filter((_, index) => index !== shown));
    setShown(Math.max(0, shown - 1));
  };
  const accept = async () => {
    setBusy(true);
    setProblem(null);
    const cut = await cutSides({
      lotId,
      sides,
      portionG,
      toleranceG,
      minPieceMm,
      covers,
      preference,
      leanDeg,
      tails,
      trimUse,
    });
    setBusy(false);
    if (cut.ok) router.push(`/stove/${cut.value}`);
    else setProblem(cut.error.message);
  };

  return (
    <div className={page.stack}>
      <section className={page.card}>
        <div className={styles.answer}>
          <p>
            <span className={page.big} data-testid="portions">
              {plan?.portions ?? 0}
            </span>{" "}
            portions
            {portions.length > 0 ? (
              <>
                {" "}
                of <b className="figure">{format.mass(plan?.meanG ?? 0)}</b>
                {plan && plan.spreadG >= 0.5 ? (
                  <>
                    , <b className="figure">{format.mass(plan.spreadG)}</b> apart
                  </>
                ) : null}
                {plan && plan.short > 0 ? (
                  <b style={{ color: "var(--stop)" }}>
                    , {plan.short} short of {covers}
                  </b>
                ) : null}
              </>
            ) : null}
          </p>
          <p>
            trim{" "}
            <b className="figure" data-testid="trim">
              {format.mass(plan?.trimG ?? 0)}
            </b>
          </p>
          {cost ? (
            <p>
              <b className="figure">{moneyText(cost.centsPerPortion)}</b> a portion
            </p>
          ) : null}
          <Button type="primary" size="large" onClick={accept} loading={busy} disabled={!plan || plan.portions === 0}>
            Cut it so
          </Button>
        </div>
        {groups.length > 0 ? (
          <ul className={styles.groups} aria-label="Into the pan">
            {groups.map((group) => (
              <li key={group.label}>
                <b>{group.label}</b> <span className="figure">{group.pieces.length}</span> ×{" "}
                <span className="figure">
                  {format.length(group.thinnestMm)}
                  {Math.round(group.thinnestMm) === Math.round(group.thickestMm)
                    ? ""
                    : ` to ${format.length(group.thickestMm)}`}
                </span>
                {group.order > 0 ? (
                  <span className="muted"> {Math.round(group.timeShare * 100)} % of the time</span>
                ) : null}
              </li>
            ))}
          </ul>
        ) : null}
        {wrong ? <Alert type="error" showIcon title={wrong.message} /> : null}
        {problem ? <Alert type="error" showIcon title={problem} /> : null}
        {plan && plan.portions === 0 ? (
          <Alert
            type="warning"
            showIcon
            title="No portion of that size fits this side: a smaller portion, or more tolerance."
          />
        ) : null}
        <div className={styles.sides}>
          {sides.length > 1 ? (
            <Segmented<number>
              value={shown}
              onChange={setShown}
              options={sides.map((_, index) => ({ value: index, label: `Side ${index + 1}` }))}
              aria-label="Side shown"
            />
          ) : null}
          <Button onClick={add} disabled={sides.length >= MOST_SIDES || leftG - sidesG < 20}>
            Another side
          </Button>
          {sides.length > 1 ? <Button onClick={remove}>Take this one away</Button> : null}
        </div>
        {wrong ? null : (
          <SideDrawing
            side={side}
            pieces={plan?.pieces.filter((piece) => piece.side === shown) ?? []}
            cutsMm={plan?.cutsMm[shown] ?? []}
            leanDeg={leanDeg}
            flesh={flesh}
            onThickness={(index, thicknessMm) => change(index, { thicknessMm })}
          />
        )}
      </section>
      <div className={page.split}>
        <section className={page.card}>
          <h2>What a portion is</h2>
          <div className={styles.inputs}>
            <label>
              Portion, {format.massUnit}
              <UnitInput kind="mass" value={portionG} min={10} max={5000} onChange={setPortionG} />
            </label>
            <label>
              Give or take, {format.massUnit}
              <UnitInput kind="mass" value={toleranceG} min={0} max={500} onChange={setToleranceG} />
            </label>
            <label>
              Covers, empty for all
              <InputNumber<number>
                value={covers}
                min={1}
                max={500}
                precision={0}
                inputMode="numeric"
                style={{ width: "100%" }}
                onChange={setCovers}
              />
            </label>
            <label>
              Shortest piece, {format.lengthUnit}
              <UnitInput kind="length" value={minPieceMm} min={0} max={300} onChange={setMinPieceMm} />
            </label>
            <label className={styles.full}>
              Knife
              <Segmented<number> block value={leanDeg} onChange={setLeanDeg} options={LEANS} />
            </label>
            <label className={styles.full}>
              Portions come from
              <Segmented<Preference>
                block
                value={preference}
                onChange={setPreference}
                options={[
                  { value: "even", label: "Where it is even" },
                  { value: "centre", label: "The centre first" },
                ]}
              />
            </label>
            <label>
              Thin tails
              <Select<TailWay>
                value={tails}
                onChange={setTails}
                options={[
                  { value: "as-cut", label: "As they are" },
                  { value: "fold", label: "Folded under" },
                  { value: "pair", label: "Two tied together" },
                ]}
              />
            </label>
            <label>
              Trim goes to
              <Select<TrimUseId>
                value={trimUse}
                onChange={setTrimUse}
                options={TRIM_USES.filter(({ id }) => id !== "tartare" || rawAllowed).map(({ id, label }) => ({
                  value: id,
                  label,
                }))}
              />
            </label>
          </div>
          <details className={page.open}>
            <summary>How the cuts are chosen</summary>
            <p>
              Most portions within the tolerance (or as many as there are covers); then weights as near the portion as
              they come; then the least difference of cooking time. How many each side gives is chosen over all sides
              together, exactly. Weight along the side follows thickness × width, straight between stations. Even: the
              trim falls where the thickness changes; centre first: it falls at the ends. Pieces whose cooking times
              differ by less than a fifth go into the pan together, thick ones first.
            </p>
          </details>
        </section>
        <section className={page.card}>
          <h2>{sides.length > 1 ? `Side ${shown + 1}, as measured` : "The side, as measured"}</h2>
          <div className={styles.inputs}>
            <label>
              Weight, {format.massUnit}
              <UnitInput
                kind="mass"
                value={side.massG}
                min={20}
                max={leftG}
                onChange={(massG) => set({ ...side, massG })}
              />
            </label>
            <label>
              Length, {format.lengthUnit}
              <UnitInput
                kind="length"
                value={side.lengthMm}
                min={40}
                max={2000}
                onChange={(mm) => set(withLength(side, mm))}
              />
            </label>
            <label className={styles.full}>
              Stations
              <Segmented<number>
                block
                value={side.profile.length}
                options={[3, 4, 5, 6, 7]}
                onChange={(count) => set(withStations(side, count))}
              />
            </label>
          </div>
          <table className={styles.stations}>
            <thead>
              <tr>
                <th scope="col">At</th>
                <th scope="col">Thick, {format.lengthUnit}</th>
                <th scope="col">Wide, {format.lengthUnit}</th>
              </tr>
            </thead>
            <tbody>
              {side.profile.map((station, index) => (
                <tr key={index}>
                  <td className="figure">{format.length(station.atMm)}</td>
                  <td>
                    <UnitInput
                      kind="length"
                      label={`Thickness at ${format.length(station.atMm)}`}
                      value={station.thicknessMm}
                      min={1}
                      max={120}
                      onChange={(thicknessMm) => change(index, { thicknessMm })}
                    />
                  </td>
                  <td>
                    <UnitInput
                      kind="length"
                      label={`Width at ${format.length(station.atMm)}`}
                      value={station.widthMm}
                      min={5}
                      max={600}
                      onChange={(widthMm) => change(index, { widthMm })}
                    />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
    </div>
  );
}
