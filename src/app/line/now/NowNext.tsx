"use client";
import { useNow } from "@/ui/hooks/useNow";
import { clockText, timeText } from "@/words/format/format";
import { sentence } from "@/words/sentence";
import { t } from "@/words/next";
import { isDueNow, NOW_MS } from "./dueNow";
import styles from "../Line.module.css";
import type { WorkRow } from "../plan/lineView";
import { TapButton } from "./TapButton";

type Props = {
  /** What hands do now and then. */
  readonly hands: readonly WorkRow[];
  readonly called: boolean;
  /** On a page that has a heading of its own it is a lesser one. */
  readonly heading?: "h1" | "h2";
  readonly serverNowMs: number;
  readonly timeZone: string;
};

const whenText = (leftMs: number): string =>
  isDueNow(leftMs)
    ? t("now")
    : leftMs > 0
      ? t("inTime", { time: clockText(leftMs / 1000) })
      : t("overBy", { time: clockText(-leftMs / 1000) });

/** One line: what to do now, what then, and by when. It is read from across the kitchen. */
export function NowNext({ hands, called, heading: Heading = "h1", serverNowMs, timeZone }: Props) {
  const nowMs = useNow(serverNowMs);
  const [first, second] = hands;
  if (!first) {
    return (
      <section className={styles.now} data-testid="now">
        <Heading>{called ? t("nothingForHands") : t("whatDoIStartNow")}</Heading>
        <p>{called ? "" : t("nothingIsCalled")}</p>
      </section>
    );
  }
  const leftMs = first.startMs - nowMs;
  return (
    <section className={styles.now} data-testid="now" data-late={leftMs < -2 * NOW_MS}>
      <div className={styles.nowWhat}>
        <Heading>{sentence(`${first.dish}, ${first.what}`)}</Heading>
        <p>
          {first.upMs === null
            ? first.tables
            : t("byTime", { table: first.tables, time: timeText(first.upMs, timeZone) })}
          {second ? (
            <span className={styles.next}>
              {t("then")} {t("inTime", { time: clockText(Math.max(0, second.startMs - nowMs) / 1000) })}: {second.dish},{" "}
              {second.what} ({second.tables})
            </span>
          ) : null}
        </p>
      </div>
      <span className={styles.nowClock} role="timer">
        {whenText(leftMs)}
      </span>
      <TapButton row={first} primary />
    </section>
  );
}
