"use client";
import { Button, Checkbox } from "antd";
import { useState } from "react";
import { meanOffK, type PanId } from "@/core/cooking";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { learnPan } from "./actions";
import styles from "../Stove.module.css";
import { t } from "@/words/stove-plan";
import { Empty } from "@/ui/layout/Empty";

type Residual = { readonly timeS: number; readonly beforeK: number; readonly afterK: number };
type Props = {
  readonly panId: PanId;
  readonly label: string;
  readonly fit: {
    readonly vessel: number;
    readonly vesselSd: number;
    readonly air: number;
    readonly airSd: number;
    readonly cooks: number;
    readonly residuals: readonly Residual[];
    readonly learned: string;
  } | null;
  readonly cooks: readonly { readonly id: string; readonly title: string; readonly readings: number }[];
};

/** What one pan has taught, from which cooks, and how well it fits them. */
export function PanLesson({ panId, label, fit, cooks }: Props) {
  const { format } = useHouse();
  const { act } = useAct();
  const times = (log: number) => format.number(Math.exp(log), 2);
  const [chosen, setChosen] = useState(cooks.map(({ id }) => id));
  return (
    <section className={page.card} data-pan={panId}>
      <div className={styles.cardHead}>
        <h2>{label}</h2>
        {fit ? (
          <Button onClick={() => act(learnPan, { panId, cookIds: [] }, () => t("backToTheBooksCoefficients"))}>
            {t("backToTheBook")}
          </Button>
        ) : null}
      </div>
      {fit ? (
        <>
          <p data-testid="lesson">
            {t.rich("contactVesselSpreadVesselSdOven", {
              vessel: times(fit.vessel),
              b: (words) => <b className="figure">{words}</b>,
              vesselSd: Math.round(100 * fit.vesselSd),
              air: times(fit.air),
              b2: (words) => <b className="figure">{words}</b>,
              airSd: Math.round(100 * fit.airSd),
              length: fit.residuals.length,
              cooks: fit.cooks,
              learned: fit.learned,
            })}
          </p>
          <p className="muted">
            {t("computedCentresWereOffByBefore", {
              before: format.difference(meanOffK(fit.residuals).beforeK, 1),
              after: format.difference(meanOffK(fit.residuals).afterK, 1),
            })}
          </p>
          <details className={page.open}>
            <summary>{t("everyReading")}</summary>
            <ul className={styles.plain}>
              {fit.residuals.map(({ timeS, beforeK, afterK }, index) => (
                <li key={index} className="figure">
                  {t("atTimeSBeforeAfter", {
                    time: Math.round(timeS),
                    before: signed(format.difference(beforeK)),
                    after: signed(format.difference(afterK)),
                  })}
                </li>
              ))}
            </ul>
            <p className="muted">{t("measuredLessComputedLeastSquares")}</p>
          </details>
        </>
      ) : cooks.length === 0 ? (
        <Empty>{t("noProbedCookInThisPan")}</Empty>
      ) : null}
      {cooks.length > 0 ? (
        <>
          <Checkbox.Group
            value={chosen}
            onChange={(ids) => setChosen(ids)}
            options={cooks.map(({ id, title, readings }) => ({
              value: id,
              label: `${title}: ${readings} ${readings === 1 ? t("reading") : t("readings")}`,
            }))}
            className={`${page.list} ${page.around}`}
          />
          <Button
            disabled={chosen.length === 0}
            onClick={() =>
              act(learnPan, { panId, cookIds: chosen }, () => t("learnedFromLength", { length: chosen.length }))
            }
          >
            {t("learnFromThese")}
          </Button>
        </>
      ) : null}
    </section>
  );
}

const signed = (text: string) => (text.startsWith("-") ? text.replace("-", "−") : `+${text}`);
