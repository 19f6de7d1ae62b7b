"use client";
import { Button } from "antd";
import type { FreezePlan, WrapId } from "@/core/raw";
import { dayText, hoursText, timeText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import styles from "../Raw.module.css";

type Props = {
  readonly plan: FreezePlan;
  readonly wrap: WrapId;
  readonly nowMs: number;
  /** Lays it in; null: no lot was chosen. */
  readonly onBegin: (() => void) | null;
};

/** When the rule begins to count and when it is over, option by option, with what to mind. */
export function FreezeResult({ plan, wrap, nowMs, onBegin }: Props) {
  const { format, timeZone } = useHouse();
  const endMs = nowMs + plan.best.totalH! * 3_600_000;
  return (
    <section className={page.card} data-testid="freeze-plan">
      <div className={styles.answer}>
        <p>
          <span className={page.big} data-testid="reach">
            {hoursText(plan.best.reachH!)}
          </span>{" "}
          until the centre is at {format.temperature(plan.reachC)}
        </p>
        <p>
          <span className={page.big}>{hoursText(plan.best.totalH!)}</span> in all
          {`: ${dayText(endMs, timeZone)} ${timeText(endMs, timeZone)}`}
        </p>
      </div>
      <p className="muted">
        Between {hoursText(plan.spreadH.soonest)} and{" "}
        {plan.spreadH.latest === null ? "never" : hoursText(plan.spreadH.latest)} with the air of such freezers.
      </p>
      <table className={`${styles.table} ${page.above}`}>
        <thead>
          <tr>
            <th scope="col">Option of the rule</th>
            <th scope="col">Centre there after</th>
            <th scope="col">Over after</th>
          </tr>
        </thead>
        <tbody>
          {plan.options.map((option) => (
            <tr key={option.section}>
              <td>
                {option === plan.best || option.section === plan.best.section ? (
                  <b>{format.words(option.words)}</b>
                ) : (
                  format.words(option.words)
                )}
              </td>
              <td className="figure">{option.reachH === null ? "never here" : hoursText(option.reachH)}</td>
              <td className="figure">{option.totalH === null ? "never here" : hoursText(option.totalH)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {onBegin ? (
        <Button type="primary" size="large" onClick={onBegin} className={page.aboveMore ?? ""}>
          It goes in now: begin the hold
        </Button>
      ) : null}
      <ul className={page.flush}>
        {plan.warnings.map((warning) => (
          <li key={warning}>{format.words(warning)}</li>
        ))}
      </ul>
      {wrap === "bag" ? <PracticeLine id="reduced-oxygen" /> : null}
    </section>
  );
}
