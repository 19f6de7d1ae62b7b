"use client";
import Link from "next/link";
import { liveCook } from "@/core/cooking";
import { clockText } from "@/words/format/format";
import { stageAct } from "@/words/stageAct";
import page from "@/ui/layout/page.module.css";
import { useNow } from "@/ui/hooks/useNow";
import type { CookClock } from "../stove/clockOf";
import { useTapped } from "../stove/tappedCooks";
import { t } from "@/words/today";
import { Empty } from "@/ui/layout/Empty";

/** The clocks that are running, largest figure on the card. */
export function RunningCooks({
  cooks,
  serverNowMs,
}: {
  readonly cooks: readonly CookClock[];
  readonly serverNowMs: number;
}) {
  const nowMs = useNow(serverNowMs);
  const eventsOf = useTapped();
  return (
    <section className={page.card}>
      <h2>{t("cookingNow")}</h2>
      {cooks.length === 0 ? (
        <Empty>{t("noClockIsRunning")}</Empty>
      ) : (
        <ul className={page.rows}>
          {cooks.map((cook) => {
            const live = liveCook(cook.stageSeconds, eventsOf(cook.id, cook.events), nowMs);
            const late = live.remainingS < 0;
            return (
              <li key={cook.id}>
                <Link href={`/stove/cook/${cook.id}`} className={page.row}>
                  <span className={page.grow}>
                    <span className={page.title}>
                      {stageAct(cook.stageNames[live.stageIndex + 1] ?? null, cook.title)}
                    </span>
                    <br />
                    <span className={page.sub}>
                      {t("nowStage", { stage: (cook.stageNames[live.stageIndex] ?? t("done")).toLowerCase() })}
                      {live.status === "paused" ? t("paused") : ""}
                      {late ? t("overdue") : ""}
                    </span>
                  </span>
                  <span className={page.big} style={late ? { color: "var(--stop)" } : undefined}>
                    {clockText(live.remainingS)}
                  </span>
                </Link>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
