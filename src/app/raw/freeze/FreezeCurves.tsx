"use client";
import dynamic from "next/dynamic";
import { hoursText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import type { FreezeAnswer } from "@/workers/client/useRaw";
import styles from "../Raw.module.css";

const HoursCurve = dynamic(() => import("@/ui/charts/HoursCurve"), {
  ssr: false,
  loading: () => <div style={{ height: 260 }} />,
});

/** Centre and face over the hours, and what stacking and thickness cost. */
export function FreezeCurves({ answer }: { readonly answer: FreezeAnswer }) {
  const { format } = useHouse();
  const { plan } = answer;
  return (
    <>
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
        {answer.stacks.length > 0 ? (
          <div className={page.card}>
            <h2>What stacking costs</h2>
            <Reach rows={answer.stacks.map(({ layers: many, reachH }) => [`${many} on each other`, reachH])} />
          </div>
        ) : null}
        <div className={page.card}>
          <h2>How thick it may be</h2>
          <Reach rows={answer.thicknesses.map(({ thicknessMm: mm, reachH }) => [format.length(mm), reachH])} />
        </div>
      </section>
      <p className={page.source}>
        Heat through the pack by finite volumes with the ice it forms (enthalpy method); composition of the species;
        freezing begins at {format.temperature(-1.1, 1)} (Riedel 1956; memory, medium). Air coefficients are work values
        with the range shown.
      </p>
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
            <td className="figure">{reachH === null ? "never" : hoursText(reachH)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
