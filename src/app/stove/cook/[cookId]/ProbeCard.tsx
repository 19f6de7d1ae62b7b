"use client";
import { sum } from "@/core/numeric";
import { Button } from "antd";
import dynamic from "next/dynamic";
import { stageSecondsAt, WORTH_A_CHANGE_S, type CookEvent, type LiveCook } from "@/core/cooking";
import type { CookReading } from "@/db/stove/probes";
import type { StoredPlan } from "@/house/stove/storedPlan";
import { clockText, durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useEstimate } from "@/workers/client/useSheet";
import { templateSoFar } from "@/house/stove/templateSeconds";
import styles from "../../Stove.module.css";
import { t } from "@/words/stove";
import { say } from "@/words/say";
import { Empty } from "@/ui/layout/Empty";

const ProbeCurve = dynamic(() => import("@/ui/charts/ProbeCurve"), {
  ssr: false,
  loading: () => <div className={page.chartMiddle} />,
});

type Props = {
  readonly plan: StoredPlan;
  readonly events: readonly CookEvent[];
  readonly live: LiveCook;
  readonly readings: readonly CookReading[];
  readonly busy: boolean;
  readonly onSetClock: (seconds: number) => void;
};

/** What the readings make of the cook: the pull worked out anew from the state they show, not counted down from the plan. */
export function ProbeCard({ plan, events, live, readings, busy, onSetClock }: Props) {
  const { format, ownSpecies } = useHouse();
  const noted = live.probes.map(({ atMs, centreC }) => ({ atMs, celsius: centreC }));
  const all = [...readings, ...noted].sort((a, b) => a.atMs - b.atMs);
  const sumAt = (atMs: number) => sum(stageSecondsAt(events, atMs));
  const lastMs = Math.max(all.at(-1)?.atMs ?? 0, events.at(-1)?.atMs ?? 0);
  const taken = stageSecondsAt(events, lastMs);
  const { answer, ...question } = plan;
  const points = all.map(({ atMs, celsius }) => ({ timeS: sumAt(atMs), centreC: celsius }));
  const { answer: estimate, problem } = useEstimate({
    sheet: { ...question, own: ownSpecies },
    plannedS: answer.stageSeconds,
    taken: templateSoFar(plan, taken),
    readings: points,
  });
  if (problem) return <p className="muted">{say(problem, format)}</p>;
  if (!estimate) return <Empty>{t("readingTheProbe")}</Empty>;
  const current = answer.stageSeconds.flatMap((seconds, index) => (seconds > 0 ? [index] : []))[live.stageIndex];
  const wantedS = current === undefined ? 0 : estimate.seconds[current]!;
  const changeS = Math.round(wantedS - live.plannedS);
  const sinceS = taken[live.stageIndex] === undefined ? 0 : live.elapsedS - taken[live.stageIndex]!;
  const resting = live.stageIndex >= answer.stages.length - 1;
  return (
    <section className={page.card} data-testid="by-the-probe">
      <h2>{t("byTheProbe")}</h2>
      <dl className={`${page.gauges} ${styles.probeFacts}`}>
        <div>
          <dt>{t("reads")}</dt>
          <dd>{format.temperature(all.at(-1)!.celsius, 1)}</dd>
        </div>
        {resting ? null : (
          <div>
            <dt>{t("pullIn")}</dt>
            <dd data-testid="pull-in">{clockText(estimate.leftS - sinceS)}</dd>
          </div>
        )}
        <div>
          <dt>{t("willReach")}</dt>
          <dd>{format.temperature(estimate.peakC)}</dd>
        </div>
      </dl>
      <p className="muted">
        {estimate.because ? t("itLooksAsIfBecause", { because: estimate.because }) : t("asPlannedSoFar")}
      </p>
      {!resting && Math.abs(changeS) >= WORTH_A_CHANGE_S ? (
        <Button disabled={busy} onClick={() => onSetClock(changeS)} className={page.around ?? ""}>
          {t("setThisClockChangeValue", {
            change: durationText(Math.abs(changeS)),
            value: changeS > 0 ? t("longer") : t("shorter"),
          })}
        </Button>
      ) : null}
      <ProbeCurve planned={estimate.planned} predicted={estimate.predicted} readings={points} />
    </section>
  );
}
