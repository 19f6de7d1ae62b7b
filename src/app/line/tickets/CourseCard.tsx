"use client";
import { Button, Dropdown } from "antd";
import { memo } from "react";
import { useAct } from "@/ui/hooks/useAct";
import { useNow } from "@/ui/hooks/useNow";
import page from "@/ui/layout/page.module.css";
import { timeText } from "@/words/format/format";
import { t } from "@/words/line";
import { callAway, cookOnceMore, holdBack, sendCourse, strikeOne, takeBackCourse, unstrikeOne } from "../actions";
import { AllergyLine } from "./AllergyLine";
import styles from "../Line.module.css";
import type { CourseView, LineLineView } from "../plan/lineView";
import { PlainButton } from "@/ui/form/PlainButton";

type Props = {
  readonly course: CourseView;
  readonly staff: readonly string[];
  readonly serverNowMs: number;
  readonly timeZone: string;
};

/** Minutes are told: they need not be looked at each second. */
const TICK_MS = 5000;

const WAYS = [
  ["dropped", t("droppedOne")],
  ["overcooked", t("overcookedOne")],
  ["back", t("cameBack")],
] as const;

/** How long, table seven? With its odds, or the guess it is. */
function HowLong({ course, serverNowMs, timeZone }: Pick<Props, "course" | "serverNowMs" | "timeZone">) {
  const nowMs = useNow(serverNowMs, TICK_MS);
  const { state, upMs, chancePct, lateMin, guess, goneAtMs, goneBy } = course;
  if (state === "gone")
    return (
      <span className={page.sub}>{t("goneBy", { time: timeText(goneAtMs ?? 0, timeZone), who: goneBy ?? "" })}</span>
    );
  if (state === "hold")
    return (
      <span className={page.sub}>
        {t("onHold")}
        {", "}
        {guess
          ? t("guess", { from: timeText(guess.fromMs, timeZone), to: timeText(guess.toMs, timeZone) })
          : t("whenItIsCalled")}
      </span>
    );
  if (upMs === null) return <span className={page.sub}>{t("whenItIsCalled")}</span>;
  return (
    <span>
      <b className={styles.upAt}>{timeText(upMs, timeZone)}</b>{" "}
      {t("howLong", { minutes: Math.max(0, Math.ceil((upMs - nowMs) / 60_000)) })}
      {chancePct === null ? null : (
        <span className={page.sub}> {t("odds", { tenths: Math.round(chancePct / 10) })}</span>
      )}
      {lateMin > 0 ? <b className={styles.late}> {t("late", { minutes: lateMin })}</b> : null}
    </span>
  );
}

function Line({
  line,
  course,
  staff,
}: {
  readonly line: LineLineView;
  readonly course: CourseView;
  readonly staff: readonly string[];
}) {
  const { act } = useAct();
  const { id, count, name, wishes, again } = line;
  return (
    <li>
      <span className={styles.lineRow}>
        <span>
          <b>{count}</b> {name} {wishes.join(", ")}{" "}
          {again ? <span className={page.sub}>{t("cookedAgain")}</span> : null}
        </span>
        {course.state === "called" && course.begun ? (
          <Dropdown
            trigger={["click"]}
            menu={{
              items: WAYS.map(([key, label]) => ({ key, label })),
              onClick: ({ key }) =>
                void act(cookOnceMore, { lineId: id, count: 1, reason: key }, () => t("oneIsCookedAgain")),
            }}
          >
            <Button size="small" aria-label={`${t("onceMore")}: ${name}`}>
              {t("onceMore")}
            </Button>
          </Dropdown>
        ) : null}
      </span>
      <AllergyLine line={line} staff={staff} />
    </li>
  );
}

/** Every answer of the house is new data; a table of which nothing changed is not drawn again. */
const isTheSame = (before: Props, after: Props): boolean =>
  before.timeZone === after.timeZone &&
  JSON.stringify([before.course, before.staff]) === JSON.stringify([after.course, after.staff]);

/** A course of a table: what it is, when it is up, and what may be said of it. */
export const CourseCard = memo(function CourseCard({ course, staff, serverNowMs, timeZone }: Props) {
  const { act, busy } = useAct();
  const { ticketId, course: number, table, state, lines, begun } = course;
  const name = number > 1 ? `${table}, ${t("course", { course: number })}` : table;
  const which = { ticketId, course: number };
  const hold = { action: holdBack, input: which };
  const blocked = lines.some(({ state: one }) => one === "blocked" || one === "unseen");
  const others = lines.some(({ again }) => again) && lines.length > 1;
  return (
    <article className={styles.course} data-state={state} data-testid={`course-${table}`}>
      <header>
        <b className={styles.tableName}>{table}</b>
        {number > 1 ? <span className={page.sub}>{t("course", { course: number })}</span> : null}
        <HowLong course={course} serverNowMs={serverNowMs} timeZone={timeZone} />
      </header>
      <ul>
        {lines.map((line) => (
          <Line key={line.id} line={line} course={course} staff={staff} />
        ))}
      </ul>
      {others && state === "called" ? <p className={page.sub}>{t("othersWait", { table })}</p> : null}
      <div className={styles.acts}>
        {state === "hold" ? (
          <>
            <Button
              type="primary"
              disabled={blocked}
              loading={busy}
              aria-label={`${t("away")}: ${name}`}
              onClick={() => void act(callAway, { ...which, inMin: null }, () => t("isAway", { table }), hold)}
            >
              {t("away")}
            </Button>
            {[10, 20].map((minutes) => (
              <PlainButton
                key={minutes}
                disabled={blocked}
                busy={busy}
                onClick={() => void act(callAway, { ...which, inMin: minutes }, () => t("isAway", { table }), hold)}
              >
                {t("awayIn", { minutes })}
              </PlainButton>
            ))}
            {number === 1 ? (
              <PlainButton
                busy={busy}
                aria-label={`${t("strikeTheTicket")}: ${table}`}
                onClick={() =>
                  void act(strikeOne, { ticketId }, () => t("isStruck", { table }), {
                    action: unstrikeOne,
                    input: { ticketId },
                  })
                }
              >
                {t("strikeTheTicket")}
              </PlainButton>
            ) : null}
          </>
        ) : null}
        {state === "called" ? (
          <>
            <PlainButton
              busy={busy}
              aria-label={`${t("gone")}: ${name}`}
              onClick={() =>
                void act(sendCourse, which, (count) => t("isGone", { table, count }), {
                  action: takeBackCourse,
                  input: which,
                })
              }
            >
              {t("gone")}
            </PlainButton>
            {begun ? null : (
              <PlainButton
                busy={busy}
                aria-label={`${t("holdIt")}: ${name}`}
                onClick={() => void act(holdBack, which, () => t("isOnHold", { table }))}
              >
                {t("holdIt")}
              </PlainButton>
            )}
          </>
        ) : null}
        {state === "gone" ? (
          <PlainButton
            busy={busy}
            aria-label={`${t("takeItBack")}: ${name}`}
            onClick={() => void act(takeBackCourse, which, () => t("isBack", { table }))}
          >
            {t("takeItBack")}
          </PlainButton>
        ) : null}
      </div>
    </article>
  );
}, isTheSame);
