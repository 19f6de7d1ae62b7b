"use client";
import { useDraggable } from "@dnd-kit/core";
import type { CSSProperties } from "react";
import { useNow } from "@/ui/hooks/useNow";
import { timeText } from "@/words/format/format";
import { t } from "@/words/line";
import styles from "../Line.module.css";
import type { CourseView, WorkRow } from "../plan/lineView";

/** What part of the evening the board shows. */
export type Scale = { readonly fromMs: number; readonly spanMs: number };
const at = (ms: number, { fromMs, spanMs }: Scale) => `${(100 * (ms - fromMs)) / spanMs}%`;

/** This alone moves by itself. */
export function NowLine({ scale, serverNowMs }: { readonly scale: Scale; readonly serverNowMs: number }) {
  const nowMs = useNow(serverNowMs, NOW_LINE_MS);
  return <span className={styles.nowLine} style={{ left: at(Math.max(scale.fromMs, nowMs), scale) }} />;
}
const NOW_LINE_MS = 5000;

type BarProps = {
  readonly row: WorkRow;
  readonly scale: Scale;
  readonly timeZone: string;
  readonly onPick: () => void;
  readonly picked: boolean;
};

const said = ({ dish, what, tables, startMs }: WorkRow, timeZone: string) =>
  t("startsAt", { dish, what, tables, time: timeText(startMs, timeZone) });

/** The dish where there is room for its name, else whose it is first: half a word says neither. */
function BarWords({ dish, tables }: WorkRow) {
  const [first, ...others] = tables.split(", ");
  return (
    <>
      <span className={styles.barDish}>{dish}</span>
      <span className={styles.barTables}>
        {first}
        {others.length > 0 ? "+" : ""}
      </span>
    </>
  );
}

/** What runs or follows stands where it stands: a finger asks it why, the keys find the same in the list. */
function StillBar({ row, scale, timeZone, onPick, picked }: BarProps) {
  const fromMs = Math.max(row.startMs, scale.fromMs);
  return (
    <button
      type="button"
      tabIndex={-1}
      className={styles.bar}
      style={{ left: at(fromMs, scale), width: `${(100 * (row.endMs - fromMs)) / scale.spanMs}%` }}
      data-kind={row.kind}
      data-begun={row.begun}
      data-picked={picked}
      aria-label={said(row, timeZone)}
      aria-pressed={picked}
      onClick={onPick}
    >
      <BarWords {...row} />
    </button>
  );
}

function MovableBar({ row, scale, timeZone, onPick, picked }: BarProps) {
  const { id, panId, startMs, endMs, kind } = row;
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: `bar ${panId} ${id}` });
  const fromMs = Math.max(startMs, scale.fromMs);
  const style: CSSProperties = {
    left: at(fromMs, scale),
    width: `${(100 * (endMs - fromMs)) / scale.spanMs}%`,
    ...(transform ? { translate: `${transform.x}px 0` } : {}),
  };
  return (
    <button
      type="button"
      ref={setNodeRef}
      className={styles.bar}
      style={style}
      data-kind={kind}
      data-movable
      data-moving={isDragging}
      data-picked={picked}
      {...listeners}
      {...attributes}
      aria-label={said(row, timeZone)}
      aria-pressed={picked}
      onClick={onPick}
    >
      <BarWords {...row} />
    </button>
  );
}

/** The moment a table is up; it is dragged to when the table wants it. */
export function ServeMark({
  course,
  topPx,
  scale,
  timeZone,
}: {
  readonly course: CourseView;
  readonly topPx: number;
  readonly scale: Scale;
  readonly timeZone: string;
}) {
  const { ticketId, course: number, table, upMs } = course;
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({
    id: `serve ${ticketId} ${number}`,
  });
  return (
    <button
      type="button"
      ref={setNodeRef}
      className={styles.serve}
      data-late={course.lateMin > 0}
      data-moving={isDragging}
      style={{
        top: `${topPx}px`,
        left: `clamp(16px, ${at(upMs!, scale)}, calc(100% - 16px))`,
        ...(transform ? { translate: `calc(-50% + ${transform.x}px) 0` } : {}),
      }}
      {...listeners}
      {...attributes}
      aria-label={t("serveAt", { table, time: timeText(upMs!, timeZone) })}
    >
      {table}
    </button>
  );
}

/** A stretch of work: what is not begun yet may be put elsewhere. */
export const Bar = (props: BarProps) =>
  props.row.tap?.kind === "begin" ? <MovableBar {...props} /> : <StillBar {...props} />;
