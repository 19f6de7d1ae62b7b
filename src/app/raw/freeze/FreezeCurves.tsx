"use client";
import dynamic from "next/dynamic";
import { hoursText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import type { FreezeAnswer } from "@/workers/client/useRaw";
import styles from "../Raw.module.css";
import { t } from "@/words/raw";
import { Source } from "@/ui/layout/Source";

const HoursCurve = dynamic(() => import("@/ui/charts/HoursCurve"), {
  ssr: false,
  loading: () => <div className={page.chartMiddle} />,
});

/** Centre and face over the hours, and what stacking and thickness cost. */
export function FreezeCurves({ answer }: { readonly answer: FreezeAnswer }) {
  const { format } = useHouse();
  const { plan } = answer;
  return (
    <>
      <section className={page.card}>
        <h2>{t("centreAndFace")}</h2>
        <HoursCurve
          label={t("temperatureOfCentreAndFaceWhile")}
          rows={plan.curve.map(({ atH, centreC, surfaceC }) => ({
            atH,
            centre: format.toTemperature(centreC),
            face: format.toTemperature(surfaceC),
          }))}
          series={[
            { key: "centre", name: t("centre"), tone: "main" },
            { key: "face", name: t("face"), tone: "other" },
          ]}
          unit={format.degree}
          limit={format.toTemperature(plan.reachC)}
        />
      </section>
      <section className={page.split}>
        {answer.stacks.length > 0 ? (
          <div className={page.card}>
            <h2>{t("whatStackingCosts")}</h2>
            <Reach rows={answer.stacks.map(({ layers: many, reachH }) => [t("manyOnEachOther", { many }), reachH])} />
          </div>
        ) : null}
        <div className={page.card}>
          <h2>{t("howThickItMayBe")}</h2>
          <Reach rows={answer.thicknesses.map(({ thicknessMm: mm, reachH }) => [format.length(mm), reachH])} />
        </div>
      </section>
      <Source>{t("heatThroughThePackByFinite", { temperature: format.temperature(-1.1, 1) })}</Source>
    </>
  );
}

function Reach({ rows }: { readonly rows: readonly (readonly [string, number | null])[] }) {
  return (
    <table className={styles.table}>
      <tbody>
        {rows.map(([what, reachH]) => (
          <tr key={what}>
            <td>{what}</td>
            <td className="figure">{reachH === null ? t("never") : hoursText(reachH)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
