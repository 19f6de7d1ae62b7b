"use client";
import { Button } from "antd";
import type { entryTimes, LiveCook } from "@/core/cooking";
import type { StoredPlan } from "@/house/storedPlan";
import { clockText } from "@/ui/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import styles from "../../Stove.module.css";

type Props = {
  readonly live: LiveCook;
  readonly stages: StoredPlan["answer"]["stages"];
  readonly entries: ReturnType<typeof entryTimes>;
  readonly due: boolean;
  readonly busy: boolean;
  readonly onNext: () => void;
  readonly onMore: () => void;
  readonly onToggle: () => void;
};

/** The stage in hand: its cue, its clock, what to do, and the one next action. */
export function StageNow({ live, stages, entries, due, busy, onNext, onMore, onToggle }: Props) {
  const { format } = useHouse();
  const stage = stages[live.stageIndex]!;
  const next = stages[live.stageIndex + 1];
  const elapsedS = live.stageIndex === 0 ? live.elapsedS : Infinity;
  return (
    <section className={styles.now} data-due={due || undefined} aria-label={stage.name}>
      <h2>
        {live.stageIndex + 1} of {stages.length} · {stage.name}
        {live.status === "paused" ? " · paused" : ""}
      </h2>
      <p className={styles.liveCue}>{format.words(stage.cue)}</p>
      <div className={styles.clockRow}>
        <span className={styles.clock} data-late={live.remainingS < 0 || undefined} role="timer" data-testid="clock">
          {clockText(live.remainingS)}
        </span>
        <span className={styles.expect}>
          probe then reads
          <b>{format.temperature(stage.probeC)}</b>
        </span>
      </div>
      <p role="status" className="visually-hidden">
        {due ? `${stage.name} is due: ${next ? format.words(next.do) : "serve"}` : ""}
      </p>
      <div className={styles.progress} aria-hidden="true">
        <i style={{ width: `${Math.min(100, (live.elapsedS / Math.max(1, live.plannedS)) * 100)}%` }} />
      </div>
      <p className={styles.do}>{format.words(stage.do)}</p>
      {live.stageIndex === 0 && entries.some(({ afterS }) => afterS > 4) ? (
        <ol className={styles.entries} aria-label="When each piece goes in" data-testid="entries">
          {entries.map(({ thicknessMm, afterS }, index) => (
            <li key={index} data-in={elapsedS >= afterS || undefined}>
              <span className="figure">{format.length(thicknessMm)}</span>{" "}
              {elapsedS >= afterS ? "in" : `in ${clockText(afterS - elapsedS)}`}
            </li>
          ))}
        </ol>
      ) : null}
      <div className={styles.buttons}>
        <Button type="primary" disabled={busy} onClick={onNext}>
          {next ? `Next: ${next.name.toLowerCase()}` : "Served"}
        </Button>
        <Button onClick={onMore}>+10 s</Button>
        <Button disabled={busy} onClick={onToggle}>
          {live.status === "paused" ? "Go on" : "Pause"}
        </Button>
      </div>
    </section>
  );
}
