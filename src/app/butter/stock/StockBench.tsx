"use client";
import { Alert } from "antd";
import { useState } from "react";
import { judgePot, planStock, POTS, SIMMER_MIN, waterToCoverMl, type Draw } from "@/core/butter";
import type { CoolingRuleId } from "@/core/safety";
import type { Burner } from "@/db/butter/spots";
import { potAsk, type StockForm } from "@/house/butter/stockPot";
import { useHouse } from "@/ui/hooks/HouseContext";
import { AnswerBench } from "@/ui/layout/AnswerBench";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import { Source } from "@/ui/layout/Source";
import { t } from "@/words/butter";
import { durationText } from "@/words/format/format";
import styles from "../Butter.module.css";
import type { BoneRow } from "./boneRow";
import { BuyStock } from "./BuyStock";
import { DayBalance, type StockBalance, type StockLotRow } from "./DayBalance";
import { StockActs } from "./StockActs";
import { StockAskForm } from "./StockAskForm";

type Props = {
  readonly bones: readonly BoneRow[];
  readonly burners: readonly Burner[];
  readonly draws: readonly Draw[];
  readonly balance: StockBalance;
  readonly pots: readonly StockLotRow[];
  readonly ruleId: CoolingRuleId;
  readonly ruleSource: string;
};

/** A pot of stock from the bones of the day: how long, how much, and whether it cools in time, before it is begun. */
export function StockBench({ bones, burners, draws, balance, pots, ruleId, ruleSource }: Props) {
  const { format } = useHouse();
  const good = bones.filter(({ whyNot }) => whyNot === null);
  const [form, setForm] = useState<StockForm>({
    chosen: good.map(({ id }) => id),
    pot: POTS[0]!,
    waterMl: null,
    aromaticsG: 150,
    netPowerW: burners.at(-1)?.netPowerW ?? 2200,
    simmerMin: SIMMER_MIN.usual,
    iceG: 1000,
    stirred: true,
  });
  const bonesG = good.reduce((sum, { id, massG }) => (form.chosen.includes(id) ? sum + massG : sum), 0);
  const { ask, bath } = potAsk(form, bonesG);
  const plan = planStock(ask);
  const cooling = judgePot(bath, ruleId);
  const passes = cooling.verdict.verdict === "pass";
  const last = cooling.trace.at(-1)!;
  return (
    <AnswerBench
      ask={
        <StockAskForm
          form={form}
          bones={bones}
          burners={burners}
          waterMl={ask.waterMl}
          onChange={(part) => setForm({ ...form, ...part })}
        />
      }
    >
      <section className={page.card} data-testid="pot">
        {bonesG === 0 ? (
          <Empty>{t("noBonesForAPot")}</Empty>
        ) : (
          <>
            <p className={page.big} data-testid="yield">
              {t("potGives", { volume: format.volume(plan.yieldMl) })}
            </p>
            <dl className={page.gauges}>
              <div>
                <dt>{t("toTheSimmer")}</dt>
                <dd data-testid="simmer">{durationText(plan.toSimmerMin * 60)}</dd>
              </div>
              <div>
                <dt>{t("thenSimmer")}</dt>
                <dd>{durationText(form.simmerMin * 60)}</dd>
              </div>
              <div>
                <dt>{t("skimAt")}</dt>
                <dd>{plan.skimsAtMin.join(", ")}</dd>
              </div>
              <div>
                <dt>{t("gelatin")}</dt>
                <dd>{`${format.number(plan.gelatinPct, 1)} %`}</dd>
              </div>
              <div>
                <dt>{t("saltInIt")}</dt>
                <dd>{`${format.number(plan.saltPct, 1)} %`}</dd>
              </div>
            </dl>
            <p className={page.sub}>{t("gelatinSets", { from: format.temperature(4), to: format.temperature(10) })}</p>
            {plan.tooLong ? <Alert type="warning" showIcon title={t("overFortyMinutes")} /> : null}
            {plan.boilsOver ? (
              <Alert type="warning" showIcon title={t("potTooFull", { level: format.length(plan.levelMm, 0) })} />
            ) : null}
            {ask.waterMl < waterToCoverMl(bonesG, form.pot) - 50 ? (
              <Alert type="warning" showIcon title={t("bonesNotCovered")} />
            ) : null}
            <h2 className={styles.below}>{t("coolingIt")}</h2>
            <Alert
              type={passes ? "success" : "error"}
              showIcon
              data-testid="cooling"
              title={
                passes
                  ? t("coolsInTime", {
                      time: durationText(last[0] * 60),
                      heat: format.temperature(Math.round(last[1])),
                    })
                  : cooling.iceNeededG === null
                    ? t("noIceIsEnough")
                    : t("moreIce", { ice: format.mass(cooling.iceNeededG), now: format.mass(form.iceG) })
              }
            />
            <Source>{ruleSource}</Source>
          </>
        )}
      </section>
      {bonesG > 0 ? <StockActs form={form} waterMl={ask.waterMl} passes={passes} /> : null}
      <DayBalance
        draws={draws}
        balance={balance}
        pots={pots}
        plan={bonesG > 0 ? plan : null}
        simmerMin={form.simmerMin}
      />
      <BuyStock />
    </AnswerBench>
  );
}
