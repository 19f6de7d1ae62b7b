"use client";
import { Button, Checkbox } from "antd";
import { useState } from "react";
import { meanOffK, type PanId } from "@/core/cooking";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useAct } from "@/ui/hooks/useAct";
import { learnPan } from "./actions";
import styles from "../Stove.module.css";

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

const times = (log: number) => Math.exp(log).toFixed(2);

/** What one pan has taught, from which cooks, and how well it fits them. */
export function PanLesson({ panId, label, fit, cooks }: Props) {
  const { format } = useHouse();
  const { act } = useAct();
  const [chosen, setChosen] = useState(cooks.map(({ id }) => id));
  return (
    <section className={page.card} data-pan={panId}>
      <div className={styles.cardHead}>
        <h2>{label}</h2>
        {fit ? (
          <Button onClick={() => act(learnPan, { panId, cookIds: [] }, () => "Back to the book's coefficients.")}>
            Back to the book
          </Button>
        ) : null}
      </div>
      {fit ? (
        <>
          <p data-testid="lesson">
            Contact <b className="figure">×{times(fit.vessel)}</b> (spread {Math.round(100 * fit.vesselSd)} %), oven and
            air <b className="figure">×{times(fit.air)}</b> (spread {Math.round(100 * fit.airSd)} %), from{" "}
            {fit.residuals.length} readings of {fit.cooks} {fit.cooks === 1 ? "cook" : "cooks"}, {fit.learned}.
          </p>
          <p className="muted">
            Computed centres were off by {format.difference(meanOffK(fit.residuals).beforeK, 1)} before and by{" "}
            {format.difference(meanOffK(fit.residuals).afterK, 1)} after.
          </p>
          <details className={page.open}>
            <summary>Every reading</summary>
            <ul className={styles.plain}>
              {fit.residuals.map(({ timeS, beforeK, afterK }, index) => (
                <li key={index} className="figure">
                  at {Math.round(timeS)} s: {signed(format.difference(beforeK))} → {signed(format.difference(afterK))}
                </li>
              ))}
            </ul>
            <p className="muted">
              Measured less computed. Least squares with the book&apos;s ranges as a prior; kept inside what is
              published.
            </p>
          </details>
        </>
      ) : cooks.length === 0 ? (
        <p className={page.empty}>No probed cook in this pan yet: planned by the book.</p>
      ) : null}
      {cooks.length > 0 ? (
        <>
          <Checkbox.Group
            value={chosen}
            onChange={(ids) => setChosen(ids)}
            options={cooks.map(({ id, title, readings }) => ({
              value: id,
              label: `${title}: ${readings} ${readings === 1 ? "reading" : "readings"}`,
            }))}
            className={`${page.list} ${page.around}`}
          />
          <Button
            disabled={chosen.length === 0}
            onClick={() => act(learnPan, { panId, cookIds: chosen }, () => `Learned from ${chosen.length}.`)}
          >
            Learn from these
          </Button>
        </>
      ) : null}
    </section>
  );
}

const signed = (text: string) => (text.startsWith("-") ? text.replace("-", "−") : `+${text}`);
