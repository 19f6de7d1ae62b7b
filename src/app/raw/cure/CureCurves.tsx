"use client";
import dynamic from "next/dynamic";
import { useMemo } from "react";
import { SALT_DIFFUSIVITY, type CurePlan } from "@/core/cure";
import { LayerMap } from "@/ui/drawings/LayerMap";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";

const HoursCurve = dynamic(() => import("@/ui/charts/HoursCurve"), {
  ssr: false,
  loading: () => <div style={{ height: 240 }} />,
});

const FRESH = [233, 183, 160] as const;
const CURED = [120, 30, 24] as const;
const COLUMNS = 160;

/** Layers against time, evenly: the samples stand closer at the start. */
function columnsOf({ samples }: CurePlan): number[][] {
  const most = Math.max(...samples.map(({ nearFacePct }) => nearFacePct), 0.1);
  const last = samples.at(-1)!.atH;
  return Array.from({ length: COLUMNS }, (_, index) => {
    const atH = (index / (COLUMNS - 1)) * last;
    const sample = samples.findLast((one) => one.atH <= atH + 1e-9) ?? samples[0]!;
    return sample.layersPct.map((pct) => pct / most);
  });
}

type Props = {
  readonly plan: CurePlan;
  readonly skin: boolean;
  readonly fatPct: number;
  readonly targetSaltPct: number;
};

/** Salt through the slice and over the hours, with how it is reckoned. */
export function CureCurves({ plan, skin, fatPct, targetSaltPct }: Props) {
  const { format } = useHouse();
  const columns = useMemo(() => columnsOf(plan), [plan]);
  return (
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
          {(fatPct >= 5 ? SALT_DIFFUSIVITY.fat : SALT_DIFFUSIVITY.lean).toExponential(0)} m²/s near{" "}
          {format.temperature(SALT_DIFFUSIVITY.atC)}. {SALT_DIFFUSIVITY.source}. Published values spread by a factor of
          three: taste it. Weight loss and days are read off common practice (low).
        </p>
      </details>
    </section>
  );
}
