"use client";
import { Button } from "antd";
import Link from "next/link";
import { liveCook } from "@/core/cooking";
import { clockText, dayText, timeText } from "@/words/format/format";
import { stageAct } from "@/words/stageAct";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useNow } from "@/ui/hooks/useNow";
import { motifsOf } from "@/ui/sound/motifs";
import { armSound, useSoundOn } from "@/ui/sound/sound";
import { useAlarm } from "@/ui/sound/useAlarm";
import styles from "./Shell.module.css";
import type { CookClock } from "../stove/clockOf";
import { sendTap } from "../stove/tapOutbox";
import { useTapped } from "../stove/tappedCooks";
import { t } from "@/words/shell";

type Props = { readonly serverNowMs: number; readonly running: readonly CookClock[] };

/** The strip above every page: the time, and of each pan what is to be done next and when. It rings on whatever page is open. */
export function StripClocks({ serverNowMs, running }: Props) {
  const { name, timeZone } = useHouse();
  const nowMs = useNow(serverNowMs);
  const eventsOf = useTapped();
  const soundOn = useSoundOn();
  const clocks = running
    .map((cook) => ({ cook, live: liveCook(cook.stageSeconds, eventsOf(cook.id, cook.events), nowMs) }))
    .filter(({ live: { status } }) => status === "running" || status === "paused");
  const motifs = motifsOf(clocks.map(({ cook }) => cook.id));
  const ringing = clocks.filter(
    ({ live }) => live.status === "running" && live.remainingS <= 0 && live.silencedBy === null,
  );
  useAlarm(ringing.map(({ cook }) => motifs.get(cook.id)!));
  const silence = () => {
    for (const { cook, live } of ringing) sendTap(cook.id, { kind: "silenced", stage: live.stageIndex });
  };
  return (
    <>
      <time className={styles.clock} dateTime={new Date(nowMs).toISOString()}>
        {timeText(nowMs, timeZone)}
      </time>
      <span className={styles.house}>
        {name}
        <span className={styles.day}>{dayText(nowMs, timeZone)}</span>
      </span>
      <div className={styles.runningRow} data-any={clocks.length > 0 || undefined}>
        <ul className={styles.running} aria-label={t("cookingNow")}>
          {clocks.map(({ cook, live }) => {
            const late = live.remainingS < 0;
            return (
              <li key={cook.id}>
                <Link href={`/stove/cook/${cook.id}`} className={late ? styles.late : styles.chip}>
                  <b className="figure">
                    {live.status === "paused" ? t("paused") : `${late ? t("late") : ""}${clockText(live.remainingS)}`}
                  </b>
                  <span>{stageAct(cook.stageNames[live.stageIndex + 1] ?? null, cook.title)}</span>
                  {live.silencedBy === null ? null : <small>{t("whoHeard", { who: live.silencedBy })}</small>}
                </Link>
              </li>
            );
          })}
        </ul>
        {clocks.length > 0 && !soundOn ? (
          <Button type="primary" size="large" onClick={armSound}>
            {t("tapForSound")}
          </Button>
        ) : ringing.length > 0 ? (
          <Button size="large" onClick={silence} data-testid="silence">
            {t("iHearIt")}
          </Button>
        ) : null}
      </div>
    </>
  );
}
