"use client";
import Link from "next/link";
import { useAct } from "@/ui/hooks/useAct";
import { useNow } from "@/ui/hooks/useNow";
import page from "@/ui/layout/page.module.css";
import { clockText, timeText } from "@/words/format/format";
import { t } from "@/words/line";
import { losePan, undoPan } from "../actions";
import { isDueNow } from "./dueNow";
import styles from "../Line.module.css";
import type { WorkRow } from "../plan/lineView";
import { PlainButton } from "@/ui/form/PlainButton";
import { TapButton } from "./TapButton";

type Props = {
  readonly running: readonly WorkRow[];
  readonly next: readonly WorkRow[];
  /** How many follow that are not listed. */
  readonly more: number;
  readonly serverNowMs: number;
  readonly timeZone: string;
};

/** How long until it begins, or until what runs is over; this alone ticks. */
function WorkClock({
  row,
  serverNowMs,
  timeZone,
}: Pick<Props, "serverNowMs" | "timeZone"> & { readonly row: WorkRow }) {
  const nowMs = useNow(serverNowMs);
  const atMs = row.begun ? row.endMs : row.startMs;
  const leftMs = atMs - nowMs;
  const due = !row.begun && isDueNow(leftMs);
  return (
    <span className={styles.workClock} data-late={!due && leftMs < 0}>
      {due ? t("now") : clockText(leftMs / 1000)}
      <span className={page.sub}>{timeText(atMs, timeZone)}</span>
    </span>
  );
}

/** Everything that hands do, in its order, with the pans that run; each opens to why it is so. */
export function WorkList({ running, next, more, serverNowMs, timeZone }: Props) {
  const { act, busy } = useAct();
  const shown = [...running, ...next];
  // the board above says that nothing is called
  if (shown.length === 0) return null;
  return (
    <ul className={styles.work} data-testid="work">
      {shown.map((row) => {
        return (
          <li key={row.id} data-kind={row.kind} data-begun={row.begun}>
            <WorkClock row={row} serverNowMs={serverNowMs} timeZone={timeZone} />
            <details className={styles.workWhat}>
              <summary>
                <b>{row.dish}</b> {row.what} <span className={styles.tables}>{row.tables}</span>
              </summary>
              <p className={page.sub}>
                {row.why} {row.pan}
              </p>
            </details>
            {row.begun && row.cookId !== null ? (
              <Link href={`/stove/cook/${row.cookId}`}>{t("toItsClock")}</Link>
            ) : null}
            {row.begun ? (
              <PlainButton
                busy={busy}
                onClick={() =>
                  void act(losePan, { panId: row.panId }, () => t("panLost", { dish: row.dish }), {
                    action: undoPan,
                    input: { panId: row.panId },
                  })
                }
              >
                {t("itIsLost")}
              </PlainButton>
            ) : (
              <TapButton row={row} />
            )}
          </li>
        );
      })}
      {more > 0 ? <li className={page.sub}>{t("andMore", { count: more })}</li> : null}
    </ul>
  );
}
