"use client";
import { Button } from "antd";
import { keyOfSaid } from "@/core/shared";
import type { CurePlan } from "@/core/cure";
import { hoursText, percentText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { PracticeLine } from "@/ui/layout/PracticeLine";
import styles from "../Raw.module.css";
import { t } from "@/words/raw";
import { say } from "@/words/say";

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
            {t.rich("outAfterStop", {
              stop: hoursText(plan.stopH),
              span: (words) => (
                <span className={page.big} data-testid="stop">
                  {words}
                </span>
              ),
            })}
          </p>
          {plan.even ? (
            <p>
              {t.rich("restRestUntilItIsEven", {
                rest: hoursText(plan.restH),
                span: (words) => <span className={page.big}>{words}</span>,
              })}
            </p>
          ) : (
            <p>{t("notEvenWhileItKeeps")}</p>
          )}
        </div>
        <dl className={page.facts}>
          <dt>{t("saltItTakes")}</dt>
          <dd>
            {t("saltNeededInAllMeanInThe", {
              saltNeeded: format.mass(plan.saltNeededG),
              mean: format.number(plan.meanPct, 1),
              waterPhase: format.number(plan.waterPhasePct, 1),
              deepestWaterPhase: format.number(plan.deepestWaterPhasePct, 1),
            })}
          </dd>
          <dt>{t("sugar")}</dt>
          <dd>{t("sugarByThen", { sugar: format.number(plan.sugarPct, 1) })}</dd>
          <dt>{t("loses")}</dt>
          <dd>{t("weightLossShareOfItsWeight", { weightLossShare: percentText(plan.weightLossShare) })}</dd>
          <dt>{t("even")}</dt>
          <dd>
            {t("deepestPointAtEvennessOfThe", { evenness: percentText(plan.evenness), rest: hoursText(plan.restH) })}
          </dd>
          <dt>{t("thenKeeps")}</dt>
          <dd>
            {t("keepDaysDaysAtTemperatureNeverPast", { keepDays: plan.keepDays, temperature: format.temperature(3) })}
          </dd>
        </dl>
        {onBegin ? (
          <Button type="primary" size="large" className={page.aboveMore ?? ""} onClick={onBegin}>
            {t("layItInBeginTheHold")}
          </Button>
        ) : null}
        <ul className={page.flush}>
          {plan.warnings.map((warning) => (
            <li key={keyOfSaid(warning)}>{say(warning, format)}</li>
          ))}
        </ul>
      </section>
      <section className={page.card}>
        <details className={page.open} open data-first>
          <summary>{t("whatTheRulesAskOfA")}</summary>
          <PracticeLine id="curing" />
          <PracticeLine id="listeria" />
        </details>
      </section>
    </>
  );
}
