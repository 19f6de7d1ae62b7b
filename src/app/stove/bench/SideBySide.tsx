"use client";
import { Button } from "antd";
import { methodOf, outcomeLabel, type CookPlan } from "@/core/cooking";
import type { DonenessGroup } from "@/core/species";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import type { CookAskInput } from "@/house/stove/cookAsk";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";

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
    [t("way"), (one) => [methodOf(one.ask.methodId).label, school(one)].filter((word) => word !== null).join(": ")],
    [
      t("piece"),
      ({ ask, pieceG }) =>
        t("sizePieceFromStart", {
          size: format.length(ask.sizeMm, 1),
          piece: format.mass(pieceG),
          start: format.temperature(ask.startC),
        }),
    ],
    [t("stages"), ({ plan }) => plan.stages.map(({ name, seconds }) => `${name} ${durationText(seconds)}`).join(" · ")],
    [t("toThePlate"), ({ plan }) => durationText(plan.serveS)],
    [
      t("pullThenWarmest"),
      ({ plan }) => t("pullThenPeak", { pull: format.temperature(plan.pullC), peak: format.temperature(plan.peakC) }),
    ],
    [t("ends"), ({ plan }) => outcomeLabel(plan.band, group)],
    [
      t("window"),
      ({ plan }) =>
        t("earlyEarlyLateLate", { early: durationText(plan.window.earlyS), late: durationText(plan.window.lateS) }),
    ],
    [t("landsIn"), ({ plan }) => t("inBandOf100", { inBand: Math.round(plan.chance.inBand * 10) })],
    [t("waterLost"), ({ plan }) => `${plan.waterLossPct.toFixed(0)} %`],
    [t("rule"), ({ plan }) => (plan.safety.meets ? t("meetsIt") : t("underItAdvisory"))],
  ];
  return (
    <section className={page.card} data-testid="side-by-side">
      <div className={styles.cardHead}>
        <h2>{t("sideBySide")}</h2>
        <Button type="text" onClick={onDrop}>
          {t("dropTheKeptOne")}
        </Button>
      </div>
      <table className={styles.compare}>
        <thead>
          <tr>
            <td />
            <th scope="col">{t("kept")}</th>
            <th scope="col">{t("now")}</th>
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
