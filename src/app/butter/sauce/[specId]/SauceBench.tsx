"use client";
import { useState } from "react";
import { keyOfSaid } from "@/core/shared";
import { planSauce, rescuesFor, shelfWith, type Ingredient, type Portion, type SauceSpec } from "@/core/butter";
import { MINUTE_MS } from "@/core/units";
import type { Burner } from "@/db/butter/spots";
import {
  baseForG,
  saltToAddG,
  SAUCE_SALT_PCT,
  soMounted,
  waitingSauce,
  type BenchAsk,
} from "@/house/butter/sauceBench";
import { Field } from "@/ui/form/Field";
import { useHouse } from "@/ui/hooks/HouseContext";
import { AnswerBench } from "@/ui/layout/AnswerBench";
import { Slider } from "@/ui/form/Slider";
import page from "@/ui/layout/page.module.css";
import { t } from "@/words/butter";
import { durationText, timeText } from "@/words/format/format";
import { say } from "@/words/say";
import { sentence } from "@/words/sentence";
import styles from "../../Butter.module.css";
import { STATE_WORDS } from "../../labels";
import { HoldStrip } from "./HoldStrip";
import { Landmark } from "./Landmark";
import { MassSteps } from "./MassSteps";
import { PanLevels } from "./PanLevels";
import { RescueList } from "./RescueList";
import { SauceActs, type BaseLot } from "./SauceActs";
import { SauceAsk } from "./SauceAsk";
import { SauceLines } from "./SauceLines";
import { Schools } from "./Schools";

type Props = {
  readonly specId: string;
  readonly spec: SauceSpec;
  readonly covers: number;
  readonly stove: Pick<BenchAsk, "panMm" | "netPowerW">;
  readonly bases: readonly BaseLot[];
  readonly burners: readonly Burner[];
  /** Vinegar and juice that would make it as sour as is liked; null: it is. */
  readonly milder: { readonly nowG: number; readonly milderG: number } | null;
  readonly own: readonly Ingredient[];
  /** What the tasting added last time, for these covers. */
  readonly lastTaste: readonly Portion[];
  readonly clock: { readonly nowMs: number; readonly timeZone: string };
};

/** The longest a service waits, min. */
const WAIT_MIN = 150;

/** A sauce as it is made: change anything and what it holds, how long it takes and whether it waits change with it. */
export function SauceBench({ specId, spec, covers, stove, bases, burners, milder, own, lastTaste, clock }: Props) {
  const { format } = useHouse();
  const [ask, setAsk] = useState<BenchAsk>({
    ...stove,
    covers,
    spec,
    surfaceMm: 160,
    lid: true,
    rescue: null,
  });
  const [minute, setMinute] = useState(0);
  const change = (part: Partial<BenchAsk>) => setAsk((before) => ({ ...before, rescue: null, ...part }));
  const shelf = shelfWith(own);
  const plan = planSauce(ask.spec, ask.covers, soMounted(ask), shelf);
  if (!plan.ok) {
    return (
      <AnswerBench ask={<SauceAsk ask={ask} burners={burners} onChange={change} />} problem={plan.error}>
        {null}
      </AnswerBench>
    );
  }
  const { batch, batches } = plan.value;
  const { course, holdsUntilMin, question, sauce } = waitingSauce(batch, ask, minute, WAIT_MIN);
  const rescues = rescuesFor(question, sauce);
  const boil = batch.reduction;
  const saltG = saltToAddG(batch.sauce);
  const timeAt = (after: number) => timeText(clock.nowMs + after * MINUTE_MS, clock.timeZone);
  return (
    <AnswerBench ask={<SauceAsk ask={ask} burners={burners} onChange={change} />}>
      <section className={page.card} data-testid="sauce">
        <div className={styles.verdict}>
          <span className={styles.tag} data-state={sauce.state === "holds" ? "good" : "bad"} data-testid="state">
            {STATE_WORDS[sauce.state]}
          </span>
          <span className={page.big} data-testid="each">
            {t("eachCover", { mass: format.mass(batch.sauce.massG / batch.covers) })}
          </span>
          <dl className={page.gauges}>
            <div>
              <dt>{t("fatToWater")}</dt>
              <dd data-testid="ratio">
                {sauce.fatToWater === null ? "–" : `${format.number(sauce.fatToWater, 1)} : 1`}
              </dd>
            </div>
            <div>
              <dt>{t("acidInIt")}</dt>
              <dd>{`${format.number((100 * sauce.acidG) / sauce.massG, 1)} %`}</dd>
            </div>
            <div>
              <dt>{t("saltInIt")}</dt>
              <dd>{`${format.number((100 * sauce.saltG) / sauce.massG, 1)} %`}</dd>
            </div>
            {boil ? (
              <div>
                <dt>{t("baseEachBatch")}</dt>
                <dd data-testid="minutes">{durationText(boil.secondsToBoil + boil.secondsReducing)}</dd>
              </div>
            ) : null}
          </dl>
        </div>
        <ul className={styles.because}>
          {sauce.because.map((why) => (
            <li key={keyOfSaid(why)}>{sentence(say(why, format))}</li>
          ))}
          {milder ? (
            <li>
              {t("milderWith", {
                now: format.mass(milder.nowG),
                milder: format.mass(milder.milderG),
                covers: spec.covers,
              })}
            </li>
          ) : null}
          {saltG >= 0.1 ? (
            <li>{t("saltItWith", { mass: format.pinch(saltG), pct: format.number(SAUCE_SALT_PCT, 2) })}</li>
          ) : null}
          {batches.length > 1 ? (
            <li>{t("batchesOf", { batches: batches.length, covers: batches.join(" + ") })}</li>
          ) : null}
        </ul>
        <div className={styles.drawing}>
          <PanLevels panMm={ask.panMm} batch={batch} />
          <MassSteps batch={batch} after={sauce} minute={minute} />
        </div>
        <Landmark sauce={sauce} spec={ask.spec} shelf={shelf} />
        <HoldStrip
          from={sauce.holdC.from}
          to={sauce.holdC.to}
          served={ask.spec.servedC}
          course={course}
          minute={minute}
          timeAt={timeAt}
        />
        <Field
          label={
            holdsUntilMin === null
              ? t("waitsHoldsThrough", { time: durationText(WAIT_MIN * 60) })
              : t("waitsSplitsAfter", { time: durationText(holdsUntilMin * 60) })
          }
        >
          {(id) => (
            <Slider
              id={id}
              min={0}
              max={WAIT_MIN}
              step={5}
              value={minute}
              onChange={setMinute}
              ariaLabelForHandle={t("minutesInTheBain")}
              tooltip={{ formatter: (value) => timeAt(value ?? 0) }}
            />
          )}
        </Field>
        <RescueList
          rescues={rescues}
          onTake={(rescue) => setAsk((before) => ({ ...before, rescue }))}
          taken={ask.rescue}
        />
      </section>
      <Schools ask={ask} shelf={shelf} waitMin={WAIT_MIN} />
      <SauceLines batch={batch} batches={batches} shelf={shelf} />
      <SauceActs
        specId={specId}
        ask={ask}
        bases={bases}
        spec={spec}
        needG={baseForG(batch, ask.covers)}
        shelf={shelf}
        lastTaste={lastTaste}
      />
    </AnswerBench>
  );
}
