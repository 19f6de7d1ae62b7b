"use client";
import dynamic from "next/dynamic";
import { useMemo } from "react";
import { SALT_DIFFUSIVITY, type CurePlan } from "@/core/cure";
import { LayerMap } from "@/ui/drawings/LayerMap";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/raw";

const HoursCurve = dynamic(() => import("@/ui/charts/HoursCurve"), {
  ssr: false,
  loading: () => <div className={page.chartMiddle} />,
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
      <h2>{t("saltThroughTheSlice")}</h2>
      <LayerMap label={t("saltThroughTheSliceOverTime")} columns={columns} from={FRESH} to={CURED} />
      <p className={page.sub}>{t("valueBelowFaceAboveFromLaid", { value: skin ? t("skin") : t("middle") })}</p>
      <HoursCurve
        label={t("saltOverTime")}
        rows={plan.samples.map(({ atH, meanPct, deepestPct, nearFacePct }) => ({
          atH,
          mean: meanPct,
          deepest: deepestPct,
          face: nearFacePct,
        }))}
        series={[
          { key: "mean", name: t("mean"), tone: "main" },
          { key: "deepest", name: t("deepest"), tone: "other" },
          { key: "face", name: t("face"), tone: "third" },
        ]}
        unit="%"
        limit={targetSaltPct}
        markH={plan.stopH}
      />
      <details className={page.open}>
        <summary>{t("howItIsReckoned")}</summary>
        <p>
          {t("saltMovesThroughTheWaterOf", {
            value: skin ? t("oneFaceShutByTheSkin") : t("bothFaces"),
            toExponential: (fatPct >= 5 ? SALT_DIFFUSIVITY.fat : SALT_DIFFUSIVITY.lean).toExponential(0),
            at: format.temperature(SALT_DIFFUSIVITY.atC),
            source: SALT_DIFFUSIVITY.source,
          })}
        </p>
      </details>
    </section>
  );
}
