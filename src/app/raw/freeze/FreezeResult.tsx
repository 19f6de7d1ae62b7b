"use client";
import { Button } from "antd";
import { keyOfSaid } from "@/core/shared";
import type { FreezePlan, WrapId } from "@/core/raw";
import { dayText, hoursText, timeText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import styles from "../Raw.module.css";
import { t } from "@/words/raw";
import { say } from "@/words/say";

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
          {t.rich("reachUntilTheCentreIsAt", {
            reach: hoursText(plan.best.reachH!),
            span: (words) => (
              <span className={page.big} data-testid="reach">
                {words}
              </span>
            ),
            reach2: format.temperature(plan.reachC),
          })}
        </p>
        <p>
          {t.rich("totalInAllEndEnd2", {
            total: hoursText(plan.best.totalH!),
            span: (words) => <span className={page.big}>{words}</span>,
            end: dayText(endMs, timeZone),
            end2: timeText(endMs, timeZone),
          })}
        </p>
      </div>
      <p className="muted">
        {t("betweenSoonestAndLatestWithThe", {
          soonest: hoursText(plan.spreadH.soonest),
          latest: plan.spreadH.latest === null ? t("never") : hoursText(plan.spreadH.latest),
        })}
      </p>
      <table className={`${styles.table} ${page.above}`}>
        <thead>
          <tr>
            <th scope="col">{t("optionOfTheRule")}</th>
            <th scope="col">{t("centreThereAfter")}</th>
            <th scope="col">{t("overAfter")}</th>
          </tr>
        </thead>
        <tbody>
          {plan.options.map((option) => (
            <tr key={option.section}>
              <td>
                {option === plan.best || option.section === plan.best.section ? (
                  <b>{say(option.words, format)}</b>
                ) : (
                  say(option.words, format)
                )}
              </td>
              <td className="figure">{option.reachH === null ? t("neverHere") : hoursText(option.reachH)}</td>
              <td className="figure">{option.totalH === null ? t("neverHere") : hoursText(option.totalH)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {onBegin ? (
        <Button type="primary" size="large" onClick={onBegin} className={page.aboveMore ?? ""}>
          {t("itGoesInNowBeginThe")}
        </Button>
      ) : null}
      <ul className={page.flush}>
        {plan.warnings.map((warning) => (
          <li key={keyOfSaid(warning)}>{say(warning, format)}</li>
        ))}
      </ul>
      {wrap === "bag" ? <PracticeLine id="reduced-oxygen" /> : null}
    </section>
  );
}
