"use client";
import { Alert, Button, Segmented, Select } from "antd";
import { useRouter } from "next/navigation";
import { useMemo, useState } from "react";
import {
  checkSide,
  planCuts,
  summariseCuts,
  TRIM_USES,
  withLength,
  withStations,
  type Side,
  type Station,
  type TrimUseId,
} from "@/core/block";
import { useHouse } from "@/ui/HouseContext";
import page from "@/ui/page.module.css";
import type { FLESH } from "@/ui/palette";
import { SideDrawing } from "@/ui/SideDrawing";
import { UnitInput } from "@/ui/UnitInput";
import { cutSide } from "./actions";
import styles from "./Cut.module.css";

type Props = {
  readonly lotId: string;
  readonly leftG: number;
  readonly flesh: keyof typeof FLESH;
  readonly start: Side;
  readonly usualPortionG: number;
  readonly rawAllowed: boolean;
};

/** The bench: measure a side on its drawing, say what a portion is, and the cuts move as you do. */
export function CutBench({ lotId, leftG, flesh, start, usualPortionG, rawAllowed }: Props) {
  const { format } = useHouse();
  const router = useRouter();
  const [side, setSide] = useState(start);
  const [portionG, setPortionG] = useState(usualPortionG);
  const [toleranceG, setToleranceG] = useState(10);
  const [minPieceMm, setMinPieceMm] = useState(25);
  const [trimUse, setTrimUse] = useState<TrimUseId>(rawAllowed ? "tartare" : "cakes");
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const wrong = checkSide(side);
  const plan = useMemo(
    () => (wrong ? null : planCuts({ side, portionG, toleranceG, minPieceMm })),
    [wrong, side, portionG, toleranceG, minPieceMm],
  );
  const pieces = plan ? summariseCuts(plan) : null;
  const change = (index: number, part: Partial<Station>) =>
    setSide((before) => ({
      ...before,
      profile: before.profile.map((station, i) => (i === index ? { ...station, ...part } : station)),
    }));

  const accept = async () => {
    setBusy(true);
    setProblem(null);
    const cut = await cutSide({ lotId, side, portionG, toleranceG, minPieceMm, trimUse });
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
            {pieces ? (
              <>
                {" "}
                of <b className="figure">{format.mass(pieces.meanG)}</b>, {format.length(pieces.thinnestMm)} to{" "}
                {format.length(pieces.thickestMm)} thick
              </>
            ) : null}
          </p>
          <p>
            trim{" "}
            <b className="figure" data-testid="trim">
              {format.mass(plan?.trimG ?? 0)}
            </b>
          </p>
          <Button type="primary" size="large" onClick={accept} loading={busy} disabled={!plan || plan.portions === 0}>
            Cut it so
          </Button>
        </div>
        {wrong ? <Alert type="error" showIcon title={wrong.message} /> : null}
        {problem ? <Alert type="error" showIcon title={problem} /> : null}
        {plan && plan.portions === 0 ? (
          <Alert
            type="warning"
            showIcon
            title="No portion of that size fits this side: a smaller portion, or more tolerance."
          />
        ) : null}
        {wrong ? null : (
          <SideDrawing
            side={side}
            plan={plan}
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
              Shortest piece, {format.lengthUnit}
              <UnitInput kind="length" value={minPieceMm} min={0} max={300} onChange={setMinPieceMm} />
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
              Most portions within the tolerance; then weights as near the portion as they come; then the least
              difference of thickness within each piece. Weight along the side follows thickness × width, straight
              between stations. The tail end that is too thin for a portion falls to the trim.
            </p>
          </details>
        </section>
        <section className={page.card}>
          <h2>The side, as measured</h2>
          <div className={styles.inputs}>
            <label>
              Weight, {format.massUnit}
              <UnitInput
                kind="mass"
                value={side.massG}
                min={20}
                max={leftG}
                onChange={(massG) => setSide({ ...side, massG })}
              />
            </label>
            <label>
              Length, {format.lengthUnit}
              <UnitInput
                kind="length"
                value={side.lengthMm}
                min={40}
                max={2000}
                onChange={(mm) => setSide(withLength(side, mm))}
              />
            </label>
            <label className={styles.full}>
              Stations
              <Segmented<number>
                block
                value={side.profile.length}
                options={[3, 4, 5, 6, 7]}
                onChange={(count) => setSide(withStations(side, count))}
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
