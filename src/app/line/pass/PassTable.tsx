"use client";
import { Button } from "antd";
import { useAct } from "@/ui/hooks/useAct";
import { useNow } from "@/ui/hooks/useNow";
import page from "@/ui/layout/page.module.css";
import { clockText, timeText } from "@/words/format/format";
import { t } from "@/words/line";
import { sendCourse, takeBackCourse } from "../actions";
import { AllergyLine } from "../tickets/AllergyLine";
import styles from "../Line.module.css";
import type { CourseView } from "../plan/lineView";

type Props = {
  readonly course: CourseView;
  readonly staff: readonly string[];
  readonly serverNowMs: number;
  readonly timeZone: string;
};

/** A table as the pass sees it: when it is up, what is on each plate and what must be said of it, and "gone" once. */
export function PassTable({ course, staff, serverNowMs, timeZone }: Props) {
  const nowMs = useNow(serverNowMs);
  const { act, busy } = useAct();
  const { ticketId, course: number, table, upMs, lateMin, lines } = course;
  const which = { ticketId, course: number };
  return (
    <article className={styles.passTable} data-late={lateMin > 0} data-testid={`pass-${table}`}>
      <header>
        <b>{table}</b>
        {upMs === null ? null : (
          <span>
            <span className={page.big}>{clockText((upMs - nowMs) / 1000)}</span>{" "}
            <span className={page.sub}>{timeText(upMs, timeZone)}</span>
          </span>
        )}
      </header>
      {lateMin > 0 ? <b className={styles.late}>{t("late", { minutes: lateMin })}</b> : null}
      <ul>
        {lines
          .filter(({ again }) => !again)
          .map((line) => (
            <li key={line.id}>
              <span className={styles.passLine}>
                <b>{line.count}</b> {line.name} {line.wishes.join(", ")}
              </span>
              {line.brings === "" ? null : <p className={page.sub}>{t("allergens", { list: line.brings })}</p>}
              {line.advisories === "" ? null : <p className={page.sub}>{line.advisories}</p>}
              <AllergyLine line={line} staff={staff} />
            </li>
          ))}
      </ul>
      <Button
        type="primary"
        size="large"
        block
        loading={busy}
        aria-label={`${t("gone")}: ${table}`}
        onClick={() =>
          void act(sendCourse, which, (count) => t("isGone", { table, count }), {
            action: takeBackCourse,
            input: which,
          })
        }
      >
        {t("gone")}
      </Button>
    </article>
  );
}
