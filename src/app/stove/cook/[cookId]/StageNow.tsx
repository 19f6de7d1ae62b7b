"use client";
import { Button } from "antd";
import type { ReactNode } from "react";
import type { entryTimes, LiveCook } from "@/core/cooking";
import type { StoredPlan } from "@/house/stove/storedPlan";
import { clockText } from "@/words/format/format";
import { unbroken } from "@/words/format/unbroken";
import { useHouse } from "@/ui/hooks/HouseContext";
import styles from "../../Stove.module.css";
import { t } from "@/words/stove";
import { say } from "@/words/say";

type Props = {
  readonly live: LiveCook;
  readonly stages: StoredPlan["answer"]["stages"];
  readonly entries: ReturnType<typeof entryTimes>;
  readonly due: boolean;
  readonly onNext: () => void;
  readonly onMore: () => void;
  readonly onToggle: () => void;
  readonly undo: ReactNode;
};

/** The stage in hand: its cue, its clock, what to do, and the one next action. */
export function StageNow({ live, stages, entries, due, onNext, onMore, onToggle, undo }: Props) {
  const { format } = useHouse();
  const stage = stages[live.stageIndex]!;
  const next = stages[live.stageIndex + 1];
  const elapsedS = live.stageIndex === 0 ? live.elapsedS : Infinity;
  return (
    <section className={styles.now} data-due={due || undefined} aria-label={stage.name}>
      <h2>
        {t("stageIndexOfLengthNameValue", {
          stageIndex: live.stageIndex + 1,
          length: stages.length,
          name: stage.name,
          value: live.status === "paused" ? t("paused") : "",
        })}
      </h2>
      <p className={styles.liveCue}>{unbroken(say(stage.cue, format))}</p>
      <div className={styles.clockRow}>
        {t.rich("remainingProbeThenReadsProbe", {
          remaining: clockText(live.remainingS),
          span: (words) => (
            <span
              className={styles.clock}
              data-late={live.remainingS < 0 || undefined}
              role="timer"
              data-testid="clock"
            >
              {words}
            </span>
          ),
          // the heat ends with this stage, or another follows on it
          ends: stage.heat && next?.heat !== true ? "pull" : "stage",
          probe: format.temperature(stage.probeC),
          b: (words) => <b>{words}</b>,
          span2: (words) => <span className={styles.expect}>{words}</span>,
        })}
      </div>
      <p role="status" className="visually-hidden">
        {due ? t("nameIsDueDo", { name: stage.name, do: next ? say(next.do, format) : t("serve") }) : ""}
      </p>
      <div className={styles.progress} aria-hidden="true">
        <i style={{ width: `${Math.min(100, (live.elapsedS / Math.max(1, live.plannedS)) * 100)}%` }} />
      </div>
      {live.refitS === 0 ? null : (
        <p className={styles.refit} data-testid="refit">
          {t("clockIsRefit", {
            change: clockText(Math.abs(live.refitS)),
            which: live.refitS > 0 ? "longer" : "shorter",
          })}
        </p>
      )}
      <p className={styles.do}>{say(stage.do, format)}</p>
      {live.stageIndex === 0 && entries.some(({ afterS }) => afterS > 4) ? (
        <ol className={styles.entries} aria-label={t("whenEachPieceGoesIn")} data-testid="entries">
          {entries.map(({ thicknessMm, afterS }, index) => (
            <li key={index} data-in={elapsedS >= afterS || undefined}>
              <span className="figure">{format.length(thicknessMm)}</span>{" "}
              {elapsedS >= afterS ? t("in") : t("inAfter", { after: clockText(afterS - elapsedS) })}
            </li>
          ))}
        </ol>
      ) : null}
      <div className={styles.buttons}>
        <Button type="primary" onClick={onNext}>
          {next ? t("nextName", { name: next.name.toLowerCase() }) : t("served2")}
        </Button>
        <Button onClick={onMore}>+10 s</Button>
        <Button onClick={onToggle}>{live.status === "paused" ? t("goOn") : t("pause")}</Button>
        {undo}
      </div>
    </section>
  );
}
