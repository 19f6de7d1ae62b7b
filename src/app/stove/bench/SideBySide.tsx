"use client";
import { Button } from "antd";
import { methodOf, outcomeLabel, type CookPlan } from "@/core/cooking";
import type { DonenessGroup } from "@/core/species";
import { durationText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import type { CookAskInput } from "@/house/cookAsk";
import styles from "../Stove.module.css";

/** A plan kept to be looked at beside another. */
export type KeptPlan = { readonly ask: CookAskInput; readonly plan: CookPlan; readonly pieceG: number };

type Props = {
  readonly kept: KeptPlan;
  readonly now: KeptPlan;
  readonly group: DonenessGroup;
  readonly onDrop: () => void;
};

/** Two plans line by line: way against way, thickness against thickness, school against school. */
export function SideBySide({ kept, now, group, onDrop }: Props) {
  const { format } = useHouse();
  const school = ({ ask }: KeptPlan) => {
    const { schools } = methodOf(ask.methodId);
    return schools.find(({ id }) => id === (ask.schoolId ?? schools[0]?.id))?.label ?? null;
  };
  const lines: readonly (readonly [string, (one: KeptPlan) => string])[] = [
    ["Way", (one) => [methodOf(one.ask.methodId).label, school(one)].filter((word) => word !== null).join(": ")],
    [
      "Piece",
      ({ ask, pieceG }) =>
        `${format.length(ask.sizeMm, 1)}, ${format.mass(pieceG)}, from ${format.temperature(ask.startC)}`,
    ],
    ["Stages", ({ plan }) => plan.stages.map(({ name, seconds }) => `${name} ${durationText(seconds)}`).join(" · ")],
    ["To the plate", ({ plan }) => durationText(plan.serveS)],
    ["Pull, then warmest", ({ plan }) => `${format.temperature(plan.pullC)}, then ${format.temperature(plan.peakC)}`],
    ["Ends", ({ plan }) => outcomeLabel(plan.band, group)],
    ["Window", ({ plan }) => `${durationText(plan.window.earlyS)} early, ${durationText(plan.window.lateS)} late`],
    ["Lands in", ({ plan }) => `${Math.round(plan.chance.inBand * 100)} of 100`],
    ["Water lost", ({ plan }) => `${plan.waterLossPct.toFixed(0)} %`],
    ["Rule", ({ plan }) => (plan.safety.meets ? "meets it" : "under it, advisory")],
  ];
  return (
    <section className={page.card} data-testid="side-by-side">
      <div className={styles.cardHead}>
        <h2>Side by side</h2>
        <Button type="text" onClick={onDrop}>
          Drop the kept one
        </Button>
      </div>
      <table className={styles.compare}>
        <thead>
          <tr>
            <td />
            <th scope="col">Kept</th>
            <th scope="col">Now</th>
          </tr>
        </thead>
        <tbody>
          {lines.map(([what, read]) => {
            const [before, after] = [read(kept), read(now)];
            return (
              <tr key={what}>
                <th scope="row">{what}</th>
                <td>{before}</td>
                <td data-differs={before !== after || undefined}>{after}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
