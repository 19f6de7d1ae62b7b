"use client";
import { Button } from "antd";
import Link from "next/link";
import type { ReactNode } from "react";
import { clashes, liveCook, type LiveCook } from "@/core/cooking";
import { clockText } from "@/words/format/format";
import { useHouse } from "@/ui/hooks/HouseContext";
import page from "@/ui/layout/page.module.css";
import { useNow } from "@/ui/hooks/useNow";
import type { CookClock } from "../clockOf";
import styles from "../Stove.module.css";
import { UndoTap } from "../UndoTap";
import { useTapped } from "../tappedCooks";
import { sendTap } from "../tapOutbox";
import { PageHead } from "@/ui/layout/PageHead";
import { t } from "@/words/stove";
import { say } from "@/words/say";
import { type Said } from "@/core/shared";
import { Empty } from "@/ui/layout/Empty";

type PanCook = CookClock & {
  readonly batchCode: string | null;
  readonly thicknessMm: number;
  readonly panLabel: string;
  readonly stages: readonly {
    readonly name: string;
    readonly task: Said;
    readonly cue: Said;
    readonly probeC: number;
    /** It is on the fire. */
    readonly heat: boolean;
  }[];
  /** What a probe in it reads now. */
  readonly probed: number | null;
};

type Props = {
  /** Pairs of hands at the stove. */
  readonly hands: number;
  readonly cooks: readonly PanCook[];
  readonly serverNowMs: number;
  readonly nav: ReactNode;
  readonly below: ReactNode;
};

type Line = {
  readonly cook: PanCook;
  readonly live: LiveCook;
  readonly stage: PanCook["stages"][number] | undefined;
  readonly next: PanCook["stages"][number] | undefined;
};

/** Of the pans that want the same hands in one moment, the place of each in the order to do them, from 1. */
function ordersOf(lines: readonly Line[], hands: number): ReadonlyMap<string, number> {
  const acts = lines
    .filter(({ live }) => live.status === "running")
    .map(({ cook, live, stage, next }) => ({
      cookId: cook.id,
      remainingS: live.remainingS,
      pulls: stage?.heat === true && next?.heat !== true,
      thicknessMm: cook.thicknessMm,
    }));
  return new Map(clashes(acts, hands).flatMap((group) => group.map(({ cookId }, index) => [cookId, index + 1])));
}

/** Every pan at once: one list of what two hands do next, soonest first. */
export function AllPans({ cooks, hands, serverNowMs, nav, below }: Props) {
  const { format } = useHouse();
  const eventsOf = useTapped();
  const nowMs = useNow(serverNowMs, 500);
  const lines = cooks
    .map((cook) => {
      const events = eventsOf(cook.id, cook.events);
      const live = liveCook(cook.stageSeconds, events, nowMs);
      return { cook, live, events, stage: cook.stages[live.stageIndex], next: cook.stages[live.stageIndex + 1] };
    })
    .filter(({ live, stage }) => stage !== undefined && (live.status === "running" || live.status === "paused"))
    .sort((a, b) => a.live.remainingS - b.live.remainingS);
  const [first] = lines;
  const orderOf = ordersOf(lines, hands);
  const advance = (cookId: string, stage: number) => sendTap(cookId, { kind: "advanced", stage });
  const taskOf = ({ next }: (typeof lines)[number]) => (next ? say(next.task, format) : t("serveIt"));
  return (
    <>
      <PageHead
        title={
          first
            ? `${first.live.remainingS <= 0 ? t("now") : t("inRemaining", { remaining: clockText(first.live.remainingS) })}: ${first.next ? first.next.name.toLowerCase() : t("serve")}, ${first.cook.title}`
            : t("noPanOnTheFire")
        }
        asks={first ? taskOf(first) : t("startACookFromABatch")}
      />
      {nav}
      <div className={page.stack}>
        {lines.length === 0 ? (
          <section className={page.card}>
            <Empty>
              {t.rich("nothingIsCookingChooseAPiece", { link: (words) => <Link href="/stove">{words}</Link> })}
            </Empty>
          </section>
        ) : (
          <ol className={styles.pans} data-testid="pans">
            {lines.map(({ cook, live, events, stage, next }) => (
              <li
                key={cook.id}
                data-due={(live.status === "running" && live.remainingS <= 0) || undefined}
                data-cook={cook.id}
              >
                <span className={styles.panClock} role="timer">
                  {live.status === "paused" ? t("paused2") : clockText(live.remainingS)}
                </span>
                <span className={page.grow}>
                  {t.rich("titleBatchCodeStageIndexOfLength", {
                    title: cook.title,
                    link: (words) => (
                      <Link href={`/stove/cook/${cook.id}`} className={page.title}>
                        {words}
                      </Link>
                    ),
                    batchCode: cook.batchCode ?? t("noLotNamed"),
                    span2: (words) => <span className="figure">{words}</span>,
                    stageIndex: live.stageIndex + 1,
                    length: cook.stages.length,
                    name: stage!.name.toLowerCase(),
                    span: (words) => <span className={page.sub}>{words}</span>,
                  })}
                  <br />
                  <span className={page.sub}>
                    {format.length(cook.thicknessMm)}, {cook.panLabel}
                  </span>
                  <br />
                  {orderOf.has(cook.id) ? (
                    <b className={page.stop} data-testid="one-moment">
                      {t("oneMomentOrder", { order: orderOf.get(cook.id)! })}
                    </b>
                  ) : null}{" "}
                  {say(stage!.cue, format)}
                </span>
                <span className={styles.panProbe}>
                  <small>
                    {cook.probed === null
                      ? t("thenReads", { ends: stage!.heat && next?.heat !== true ? "pull" : "stage" })
                      : t("reads")}
                  </small>
                  {format.temperature(cook.probed ?? stage!.probeC)}
                </span>
                <Button
                  type={live.remainingS <= 0 ? "primary" : "default"}
                  size="large"
                  onClick={() => advance(cook.id, live.stageIndex)}
                >
                  {next ? t("nextName", { name: next.name.toLowerCase() }) : t("served2")}
                </Button>
                <UndoTap cookId={cook.id} events={events} stage={live.stageIndex} nowMs={nowMs} />
              </li>
            ))}
          </ol>
        )}
        {below}
      </div>
    </>
  );
}
