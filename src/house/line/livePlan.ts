import { sumOf } from "@/core/numeric";
import { chanceInTime, type Run, type Schedule } from "@/core/line";
import { groupBy } from "@/core/shared";
import { onLinesApart, BOARD_MIN_PX, boardSpanMs, TARGET_PX } from "./boardTime";
import { panNow } from "./livePan";
import type { LinePan, LineProblem, LineTask } from "./lineTasks";
import { STEP_MS } from "./step";

/** A task of the line where it stands on the clock of the house. */
export type LineRow = LineTask & { readonly startMs: number; readonly endMs: number };
export type LineServe = {
  readonly courseId: string;
  readonly upMs: number;
  /** Of being up then. */
  readonly chance: number;
};

/** The step of the house's clock a moment lies in. */
export const stepOf = (ms: number): number => Math.floor(ms / STEP_MS);

/** Tasks in the order they are begun. */
export function rowsOf(
  { work }: LineProblem,
  startMs: ReadonlyMap<string, number>,
  minutesOf: ReadonlyMap<string, number>,
): readonly LineRow[] {
  return work
    .map((task): LineRow => {
      const start = startMs.get(task.id)!;
      return { ...task, startMs: start, endMs: start + minutesOf.get(task.id)! * STEP_MS };
    })
    .sort((a, b) => a.startMs - b.startMs || a.endMs - b.endMs);
}

/**
 * Where the tasks of a plan stood, in the steps of a problem that begins at `baseStep`. A pan whose moment is just now moves along whole
 * with the step; of one that is later than that nothing counts any more.
 */
export function stillToCome(
  absolute: ReadonlyMap<string, number>,
  { work }: { readonly work: readonly Pick<LineTask, "id" | "panId">[] },
  baseStep: number,
): ReadonlyMap<string, number> {
  const before = new Map<string, number>();
  for (const tasks of groupBy(work, ({ panId }) => panId).values()) {
    const known = tasks.flatMap(({ id }) => {
      const start = absolute.get(id);
      return start === undefined ? [] : [[id, start - baseStep] as const];
    });
    const lateSteps = Math.max(0, ...known.map(([, start]) => -start));
    if (lateSteps > 1) continue;
    for (const [id, start] of known) before.set(id, start + lateSteps);
  }
  return before;
}

/** When each course is up by the plan, and how likely. */
export function servesOf(
  line: LineProblem,
  { serves }: Pick<Schedule, "serves">,
  rows: readonly LineRow[],
  courseOfLine: ReadonlyMap<string, string>,
  nowMs: number,
  baseStep: number,
): readonly LineServe[] {
  return serves.map(({ id, atMin }) => {
    const upMs = (baseStep + atMin) * STEP_MS;
    const platingMs = rows
      .filter(({ courseId, work }) => courseId === id && work.kind === "plate")
      .reduce((sum, { startMs, endMs }) => sum + endMs - startMs, 0);
    const pans = line.pans.filter(({ parts }) => parts.some(({ lineId }) => courseOfLine.get(lineId) === id));
    const runs = pans.flatMap((pan) => runOf(pan, rows, nowMs, upMs - platingMs));
    return { courseId: id, upMs, chance: chanceInTime(runs) };
  });
}

/** A pan as what must be over by a moment. */
function runOf({ id, stages, begun }: LinePan, rows: readonly LineRow[], nowMs: number, byMs: number): readonly Run[] {
  const sum = (from: number) => sumOf(stages.slice(from), ({ medianS }) => medianS);
  if (stages.length === 0) return [];
  if (!begun) {
    const startMs = rows.find(({ panId, work }) => panId === id && work.kind === "stage")?.startMs ?? nowMs;
    return [{ medianS: sum(0), ranS: 0, mayTakeS: (byMs - startMs) / 1000 }];
  }
  const { state, stageIndex, ranS } = panNow(begun, nowMs);
  if (state !== "runs") return [];
  return [{ medianS: sum(stageIndex), ranS, mayTakeS: (byMs - nowMs) / 1000 + ranS }];
}

/** What hands do: the first is now, or the next. What runs by itself is not among them. */
export const handsWork = (rows: readonly LineRow[]): readonly LineRow[] =>
  rows.filter(({ work, begun }) => !begun && (work.kind !== "stage" || work.byHand || work.stage.spot === null));

export type Lane = {
  readonly resource: string;
  readonly rows: readonly (readonly LineRow[])[];
  readonly busyShare: number;
};

const LANES = ["hands", "burner", "oven", "salamander", "fryer", "bath"] as const;

/** The resources a task holds, by lane. */
export function spotsHeld({ work }: LineTask): readonly string[] {
  if (work.kind === "mount") return ["hands", "burner"];
  if (work.kind === "plate" || work.kind === "clean") return ["hands"];
  const { stage, byHand } = work;
  return [...(byHand ? ["hands"] : []), ...(stage.spot === null ? [] : [stage.spot])];
}

/** The plan by lanes: each as many lines deep as it is used at once, and how busy it is until the last table is up. */
export function lanesOf(
  rows: readonly LineRow[],
  capacityOf: ReadonlyMap<string, number>,
  nowMs: number,
): readonly Lane[] {
  const untilMs = Math.max(nowMs + 1, ...rows.map(({ endMs }) => endMs));
  return LANES.flatMap((resource): readonly Lane[] => {
    const held = together(
      rows.filter((row) => spotsHeld(row).includes(resource)),
      resource,
    );
    if (held.length === 0) return [];
    const drawn = ({ startMs, endMs }: LineRow) => ({ startMs: Math.max(startMs, nowMs), endMs });
    const lines = onLinesApart(held, drawn, (boardSpanMs(untilMs, nowMs) * TARGET_PX) / BOARD_MIN_PX);
    const busyMs = held.reduce((sum, { startMs, endMs }) => sum + endMs - startMs, 0);
    const busyShare = busyMs / ((untilMs - nowMs) * Math.max(1, capacityOf.get(resource) ?? 1));
    return [{ resource, rows: lines, busyShare }];
  });
}

/** Putting in and what follows without hands are one bar of its spot. */
function together(held: readonly LineRow[], resource: string): readonly LineRow[] {
  if (resource === "hands") return held;
  const merged: LineRow[] = [];
  for (const row of held) {
    const at = merged.findIndex(
      (one) =>
        one.panId === row.panId &&
        one.endMs === row.startMs &&
        one.work.kind === "stage" &&
        row.work.kind === "stage" &&
        one.work.index === row.work.index,
    );
    if (at < 0) merged.push(row);
    else merged[at] = { ...merged[at]!, endMs: row.endMs };
  }
  return merged;
}

/** The lane everything waits for: the busiest, where it is busy enough to matter. */
export function bottleneck(lanes: readonly Lane[]): string | null {
  const [first] = [...lanes].sort((a, b) => b.busyShare - a.busyShare);
  return first && first.busyShare >= BUSY ? first.resource : null;
}
const BUSY = 0.6;

/** Why a bar begins when it does: what it ends into, and how long until the table is up from there. */
export type WhyNow = {
  readonly courseId: string;
  readonly upMs: number;
  /** From its start to the plate, s. */
  readonly chainS: number;
  /** It could begin so much later and nothing would be later, s. */
  readonly slackS: number;
};

/** Why a bar begins when it does; null: its course is not planned. A later start would push the pan's own work and its plating. */
export function whyNow(row: LineRow, rows: readonly LineRow[], serves: readonly LineServe[]): WhyNow | null {
  const serve = serves.find(({ courseId }) => courseId === row.courseId);
  if (!serve) return null;
  const ofPan = rows.filter(({ panId, startMs }) => panId === row.panId && startMs >= row.startMs);
  const plate = ofPan.filter(({ work }) => work.kind === "plate");
  const platedMs = Math.max(row.endMs, ...plate.map(({ endMs }) => endMs));
  const stages = ofPan.filter(({ work }) => work.kind === "stage");
  const readyMs = Math.max(row.endMs, ...stages.map(({ endMs }) => endMs));
  const platesAtMs = Math.min(...plate.map(({ startMs }) => startMs), serve.upMs);
  const slackMs = row.work.kind === "plate" ? serve.upMs - row.endMs : Math.max(0, platesAtMs - readyMs);
  return {
    courseId: serve.courseId,
    upMs: serve.upMs,
    chainS: Math.round((platedMs - row.startMs) / 1000),
    slackS: Math.round(slackMs / 1000),
  };
}
