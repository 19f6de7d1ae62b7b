"use client";
import { DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from "@dnd-kit/core";
import { Button } from "antd";
import { useRef, useState } from "react";
import { onLinesApart, BOARD_MIN_PX, boardSpanMs, draggedTo } from "@/house/line/boardTime";
import { useHouse } from "@/ui/hooks/HouseContext";
import { useAct } from "@/ui/hooks/useAct";
import { Empty } from "@/ui/layout/Empty";
import page from "@/ui/layout/page.module.css";
import type { Format } from "@/words/format/format";
import { t } from "@/words/line";
import { moveServe, putTheBar } from "../actions";
import { Bar, NowLine, ServeMark } from "./BoardBars";
import styles from "../Line.module.css";
import type { CourseView, LaneView, WorkRow } from "../plan/lineView";

type Props = {
  readonly lanes: readonly LaneView[];
  readonly courses: readonly CourseView[];
  readonly bottleneck: string | null;
  readonly serverNowMs: number;
  readonly timeZone: string;
};

function laneName({ resource, lines }: LaneView, format: Format): string {
  const name = t("spotNamed", { spot: resource });
  const heats = new Set(lines.flat().flatMap(({ ovenC }) => ovenC ?? []));
  const [heat] = heats;
  return heat === undefined || resource !== "oven"
    ? name
    : t("ovenAt", { spot: name, heat: [...heats].map((one) => format.temperature(one)).join(", ") });
}

/** A table's mark with its name in it, px. */
const MARK_PX = 56;
const MARK_LINE_PX = 34;

/** Lanes of hands and spots over the minutes until the last table is up. Bars and tables' moments are dragged, by keys too. */
export function Board({ lanes, courses, bottleneck, serverNowMs, timeZone }: Props) {
  const { format } = useHouse();
  const { act } = useAct();
  const [picked, setPicked] = useState<WorkRow | null>(null);
  const field = useRef<HTMLDivElement>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor),
  );
  const called = courses.filter(({ state, upMs }) => state === "called" && upMs !== null);
  if (lanes.length === 0) return <Empty>{t("boardIsEmpty")}</Empty>;
  const lastMs = Math.max(
    ...called.map(({ upMs }) => upMs!),
    ...lanes.flatMap(({ lines }) => lines.flat().map(({ endMs }) => endMs)),
  );
  const scale = { fromMs: serverNowMs, spanMs: boardSpanMs(lastMs, serverNowMs) };
  const marks = onLinesApart(
    [...called].sort((a, b) => a.upMs! - b.upMs!),
    ({ upMs }) => ({ startMs: upMs!, endMs: upMs! }),
    (scale.spanMs * MARK_PX) / BOARD_MIN_PX,
  );
  const marksPx = Math.max(1, marks.length) * MARK_LINE_PX;
  const nameOf = (id: string | number) => {
    const [kind, first, second] = String(id).split(" ");
    if (kind === "serve")
      return called.find(({ ticketId, course }) => ticketId === first && course === Number(second))?.table ?? "";
    return lanes.flatMap(({ lines }) => lines.flat()).find(({ panId }) => panId === first)?.dish ?? "";
  };
  const drop = ({ active, delta }: DragEndEvent) => {
    const [kind, first, second] = String(active.id).split(" ");
    const byMs = (delta.x / (field.current?.clientWidth ?? 1)) * scale.spanMs;
    if (kind === "serve") {
      const course = called.find((one) => one.ticketId === first && one.course === Number(second));
      if (course)
        void act(
          moveServe,
          { ticketId: course.ticketId, course: course.course, wantedAtMs: draggedTo(course.upMs!, byMs, serverNowMs) },
          () => t("serveIsMoved"),
        );
      return;
    }
    const row = lanes
      .flatMap(({ lines }) => lines.flat())
      .find(({ panId, tap }) => panId === first && tap?.kind === "begin");
    if (row)
      void act(putTheBar, { panId: row.panId, startMs: draggedTo(row.startMs, byMs, serverNowMs) }, () =>
        t("barIsPut"),
      );
  };
  return (
    <div data-testid="board">
      <DndContext
        id="line"
        sensors={sensors}
        onDragEnd={drop}
        accessibility={{
          screenReaderInstructions: { draggable: t("dragByKeys") },
          announcements: {
            onDragStart: ({ active }) => t("takenUp", { what: nameOf(active.id) }),
            onDragOver: () => undefined,
            onDragEnd: ({ active }) => t("putDown", { what: nameOf(active.id) }),
            onDragCancel: ({ active }) => t("putBack", { what: nameOf(active.id) }),
          },
        }}
      >
        <div className={styles.board}>
          <div className={styles.laneNames}>
            <span className={styles.serves} style={{ blockSize: `${marksPx}px` }} />
            {lanes.map((lane) => (
              <span
                key={lane.resource}
                className={styles.laneName}
                style={{ blockSize: `${lane.lines.length * 30 + 10}px` }}
              >
                <b>{laneName(lane, format)}</b>
                <span className={page.sub} data-bottleneck={lane.resource === bottleneck}>
                  {lane.resource === bottleneck ? t("isTheBottleneck") : t("busy", { percent: lane.busyPct })}
                </span>
              </span>
            ))}
          </div>
          <div ref={field} className={styles.field}>
            <NowLine scale={scale} serverNowMs={serverNowMs} />
            <div className={styles.serves} style={{ blockSize: `${marksPx}px` }}>
              {marks.flatMap((line, index) =>
                line.map((course) => (
                  <ServeMark
                    key={`${course.ticketId}${course.course}`}
                    course={course}
                    topPx={index * MARK_LINE_PX + 2}
                    scale={scale}
                    timeZone={timeZone}
                  />
                )),
              )}
            </div>
            {lanes.map(({ resource, lines }) => (
              <div key={resource} className={styles.laneField} style={{ blockSize: `${lines.length * 30 + 10}px` }}>
                {lines.map((line, index) => (
                  <div key={line[0]!.id} className={styles.laneLine} style={{ insetBlockStart: `${index * 30 + 5}px` }}>
                    {line.map((row) => (
                      <Bar
                        key={row.id}
                        row={row}
                        scale={scale}
                        timeZone={timeZone}
                        picked={picked?.id === row.id}
                        onPick={() => setPicked(row)}
                      />
                    ))}
                  </div>
                ))}
              </div>
            ))}
          </div>
        </div>
      </DndContext>
      <p className={page.sub} aria-live="polite">
        {picked ? (
          <>
            <b>
              {picked.dish}, {picked.what}.
            </b>{" "}
            {picked.why} {picked.pan}{" "}
            {picked.tap?.kind === "begin" ? (
              <Button size="small" onClick={() => void act(putTheBar, { panId: picked.panId, startMs: null })}>
                {t("letItGo")}
              </Button>
            ) : null}
          </>
        ) : (
          t("tapABar")
        )}
      </p>
    </div>
  );
}
