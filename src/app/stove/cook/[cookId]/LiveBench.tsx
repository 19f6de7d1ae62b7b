"use client";
import { Alert } from "antd";
import { useMessage } from "@/ui/layout/Messages";
import Link from "next/link";
import { useEffect, useRef } from "react";
import { entryTimes, liveCook, methodOf, OFF_PLAN_K, outcomeLabel, type CookEvent } from "@/core/cooking";
import { findSpecies } from "@/core/species";
import type { CookReading } from "@/db/stove/probes";
import type { StoredPlan } from "@/house/stove/storedPlan";
import { durationText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useNow } from "@/ui/hooks/useNow";
import { useShortcuts } from "@/ui/hooks/useShortcuts";
import styles from "../../Stove.module.css";
import { CancelCook } from "./CancelCook";
import { CookRecord } from "./CookRecord";
import { ProbeCard } from "./ProbeCard";
import { ProbePad } from "./ProbePad";
import { ProbePicker, type ProbeChoice } from "./ProbePicker";
import { StageNow } from "./StageNow";
import { useReadings } from "./useReadings";
import { UndoTap } from "../../UndoTap";
import { useTapped } from "../../tappedCooks";
import { hearSettled, sendTap, useTapOutbox, type Tap } from "../../tapOutbox";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove";

type Props = {
  readonly cookId: string;
  /** Null, as its batch: nobody said of which lot it is. */
  readonly lotId: string | null;
  readonly title: string;
  readonly batchCode: string | null;
  readonly plan: StoredPlan;
  readonly events: readonly CookEvent[];
  readonly readings: readonly CookReading[];
  readonly probes: readonly ProbeChoice[];
  /** Thickness of every piece in it, mm. */
  readonly piecesMm: readonly number[];
  readonly serverNowMs: number;
};

type WithoutStage<T> = T extends unknown ? Omit<T, "stage"> : never;

/** The live cook: cue, probe, clock, and the one next action. Every tap is saved before it counts. */
export function LiveBench({
  cookId,
  lotId,
  title,
  batchCode,
  plan,
  events: loaded,
  readings: loadedReadings,
  probes,
  piecesMm,
  serverNowMs,
}: Props) {
  const { format, ownSpecies } = useHouse();
  const message = useMessage();
  const nowMs = useNow(serverNowMs, 250);
  const events = useTapped()(cookId, loaded);
  const probePad = useRef<HTMLDivElement>(null);

  const { stages } = plan.answer;
  const live = liveCook(
    stages.map(({ seconds }) => seconds),
    events,
    nowMs,
  );
  const stage = stages[live.stageIndex];
  const due = live.status === "running" && live.remainingS <= 0;

  const { busy } = useTapOutbox();
  useEffect(
    () =>
      hearSettled(({ cookId: of, tap: made, answer }) => {
        if (of === cookId && answer.ok && made.kind === "probed")
          message.success(t("notedCentreInTheBook", { centre: format.temperature(made.centreC) }));
      }),
    [cookId, format, message],
  );
  const tap = (what: WithoutStage<Tap>) => sendTap(cookId, { ...what, stage: live.stageIndex } as Tap);
  const toggle = () => tap({ kind: live.status === "paused" ? "resumed" : "paused" });
  const running = live.status === "running" || live.status === "paused";
  const readings = useReadings(cookId, loadedReadings, running);
  const entries = entryTimes(piecesMm, plan.answer.spread);
  const group = findSpecies(plan.speciesId, ownSpecies)?.donenessGroup ?? "white-flake";

  useShortcuts({
    " ": () => running && toggle(),
    t: () => probePad.current?.querySelector<HTMLButtonElement>("button")?.focus(),
  });

  const isFarOff = live.foreseen !== null && Math.abs(live.foreseen.peakC - plan.answer.peakC) > OFF_PLAN_K;
  const undo = <UndoTap cookId={cookId} events={events} stage={live.stageIndex} nowMs={nowMs} />;
  if (!running || !stage) {
    return (
      <CookRecord
        cookId={cookId}
        title={title}
        batchCode={batchCode}
        lotId={lotId}
        plan={plan}
        events={events}
        live={live}
        undo={undo}
      />
    );
  }
  return (
    <>
      <PageHead
        title={title}
        asks={
          <>
            <span className="figure">{batchCode ?? t("noLotNamed")}</span> ·{" "}
            {methodOf(plan.methodId).label.toLowerCase()},{" "}
            {plan.targetC === null
              ? outcomeLabel(plan.answer.band, group).toLowerCase()
              : t("centreToTarget", { target: format.temperature(plan.targetC) })}
          </>
        }
      />
      {isFarOff ? (
        <Alert
          type="warning"
          showIcon
          title={t("probeItPlanIsOff", {
            ends: format.temperature(live.foreseen!.peakC),
            planned: format.temperature(plan.answer.peakC),
          })}
        />
      ) : null}
      <div className={styles.live}>
        <StageNow
          live={live}
          stages={stages}
          entries={entries}
          due={due}
          onNext={() => tap({ kind: "advanced" })}
          onMore={() => tap({ kind: "extended", seconds: 10 })}
          onToggle={toggle}
          undo={undo}
        />
        <aside className={page.stack}>
          {readings.length + live.probes.length > 0 ? (
            <ProbeCard
              plan={plan}
              events={events}
              live={live}
              readings={readings}
              busy={busy}
              onSetClock={(seconds) => tap({ kind: "extended", seconds })}
            />
          ) : null}
          <section className={page.card} ref={probePad}>
            <h2>{t("noteTheCentre")}</h2>
            <ProbePad expectedC={stage.probeC} onNote={(centreC) => tap({ kind: "probed", centreC })} />
            {live.probes.length > 0 ? (
              <p className={`muted ${page.above}`} data-testid="noted">
                {t("notedProbes", { probes: live.probes.map(({ centreC }) => format.temperature(centreC)).join(", ") })}
              </p>
            ) : null}
            <ProbePicker cookId={cookId} probes={probes} />
          </section>
          <section className={page.card}>
            <h2>{t("thePlan")}</h2>
            <ol className={styles.stageList}>
              {stages.map((entry, index) => (
                <li key={`${entry.id}-${index}`} aria-current={index === live.stageIndex ? "step" : undefined}>
                  <span>{entry.name}</span>
                  <span className="figure">{durationText(entry.seconds)}</span>
                </li>
              ))}
            </ol>
            <p className={`muted ${page.above}`}>
              {t("pullUpToEarlyEarlyOr", {
                early: durationText(plan.answer.window.earlyS),
                late: durationText(plan.answer.window.lateS),
              })}
            </p>
            <CancelCook pieces={plan.pieces} onCancel={(became) => tap({ kind: "abandoned", became })} />
          </section>
        </aside>
      </div>
      <p className={page.aboveMore}>
        <Link href="/stove/live">{t("allPans")}</Link>
      </p>
    </>
  );
}
