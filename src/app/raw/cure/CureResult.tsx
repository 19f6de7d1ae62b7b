"use client";
import { Button } from "antd";
import type { CurePlan } from "@/core/cure";
import { hoursText, percentText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import styles from "../Raw.module.css";

type Props = {
  readonly plan: CurePlan;
  /** Lays it in; null: no lot was chosen. */
  readonly onBegin: (() => void) | null;
};

/** When it comes out, what it then holds, and what the rules ask of it. */
export function CureResult({ plan, onBegin }: Props) {
  const { format } = useHouse();
  return (
    <>
      <section className={page.card} data-testid="cure-plan">
        <div className={styles.answer}>
          <p>
            out after{" "}
            <span className={page.big} data-testid="stop">
              {hoursText(plan.stopH)}
            </span>
          </p>
          {plan.even ? (
            <p>
              rest <span className={page.big}>{hoursText(plan.restH)}</span> until it is even
            </p>
          ) : (
            <p>not even while it keeps</p>
          )}
        </div>
        <dl className={page.facts}>
          <dt>Salt it takes</dt>
          <dd>
            {format.mass(plan.saltNeededG)} in all; {plan.meanPct.toFixed(1)} % in the fish,{" "}
            {plan.waterPhasePct.toFixed(1)} % in its water, {plan.deepestWaterPhasePct.toFixed(1)} % where it is least
          </dd>
          <dt>Sugar</dt>
          <dd>{plan.sugarPct.toFixed(1)} % by then</dd>
          <dt>Loses</dt>
          <dd>{percentText(plan.weightLossShare)} of its weight</dd>
          <dt>Even</dt>
          <dd>
            deepest point at {percentText(plan.evenness)} of the mean after {hoursText(plan.restH)} of rest
          </dd>
          <dt>Then keeps</dt>
          <dd>
            {plan.keepDays} days at {format.temperature(3)}, never past the date mark of the house
          </dd>
        </dl>
        {onBegin ? (
          <Button type="primary" size="large" className={page.aboveMore ?? ""} onClick={onBegin}>
            Lay it in: begin the hold
          </Button>
        ) : null}
        <ul className={page.flush}>
          {plan.warnings.map((warning) => (
            <li key={warning}>{format.words(warning)}</li>
          ))}
        </ul>
      </section>
      <section className={page.card}>
        <details className={page.open} open style={{ marginTop: 0, borderTop: 0, paddingTop: 0 }}>
          <summary>What the rules ask of a house cure</summary>
          <PracticeLine id="curing" />
          <PracticeLine id="listeria" />
        </details>
      </section>
    </>
  );
}
