import { sumOf } from "@/core/numeric";
import type { Schedule, ScheduleProblem } from "./problem";
import { fits, solveSchedule, type Clock } from "./solve";

/** The smallest change that makes a plan fit. */
export type Mend =
  /** One more of it. */
  | { readonly kind: "oneMore"; readonly resourceId: string }
  /** What is ready waits so much longer than it should. */
  | { readonly kind: "waitLonger"; readonly byMin: number; readonly taskIds: readonly string[] };

export type Mended = { readonly mends: readonly Mend[]; readonly schedule: Schedule | null };

/** Waits that may be stretched are those between things, not those of a pan that goes on. */
const stretched = (problem: ScheduleProblem, byMin: number): ScheduleProblem => ({
  ...problem,
  tasks: problem.tasks.map((task) => ({
    ...task,
    maxWaitMin: task.maxWaitMin === null ? null : task.maxWaitMin + byMin,
    after: task.after.map((one) =>
      one.gapMax === null || one.gapMax === 0 ? one : { ...one, gapMax: one.gapMax + byMin },
    ),
  })),
});

/** Tasks that wait longer in this plan than they should. */
function overWaited(
  { tasks, serves }: ScheduleProblem,
  schedule: Schedule,
): { readonly byMin: number; readonly taskIds: string[] } {
  const at = new Map(schedule.tasks.map((one) => [one.id, one]));
  const serveAt = new Map(schedule.serves.map((one) => [one.id, one.atMin]));
  const known = new Set(serves.map(({ id }) => id));
  let byMin = 0;
  const taskIds: string[] = [];
  for (const { id, maxWaitMin, after, serveId } of tasks) {
    const { startMin, endMin } = at.get(id)!;
    const waits = [
      ...(maxWaitMin === null || !known.has(serveId) ? [] : [serveAt.get(serveId)! - endMin - maxWaitMin]),
      ...after.flatMap(({ taskId, gapMax }) => (gapMax === null ? [] : [startMin - at.get(taskId)!.endMin - gapMax])),
    ];
    const over = Math.max(0, ...waits);
    if (over > 0) taskIds.push(id);
    byMin = Math.max(byMin, over);
  }
  return { byMin, taskIds };
}

/** So long after the time is up a first plan is still looked for, s: a slow computer has one too. */
const FIRST_PLAN_S = 3;

/** A plan in which what is ready waits as long as it must, found at once; null: not even that fits. */
export function waitingPlan(problem: ScheduleProblem, clock: Clock): Mended {
  const most = sumOf(problem.tasks, ({ minutes }) => minutes);
  let isThere = false;
  const answer = solveSchedule(stretched(problem, most), () => (isThere ? clock() : clock() + FIRST_PLAN_S), {
    namesClash: false,
    onBetter: () => (isThere = true),
  });
  if (answer.kind !== "plan") return { mends: [], schedule: null };
  return { mends: [{ kind: "waitLonger", ...overWaited(problem, answer.schedule) }], schedule: answer.schedule };
}

/** One more of what is wanted, where that is enough, and how much longer what is ready would wait, with the plan of that. */
export function mendOf(problem: ScheduleProblem, resourceIds: readonly string[], clock: Clock): Mended {
  const mends: Mend[] = [];
  for (const resourceId of resourceIds) {
    const resources = problem.resources.map((one) =>
      one.id === resourceId ? { ...one, capacity: one.capacity + 1 } : one,
    );
    if (fits({ ...problem, resources }, clock)) mends.push({ kind: "oneMore", resourceId });
  }
  // doubled until it fits, then halved back: what is found fits, however little time there was
  const most = sumOf(problem.tasks, ({ minutes }) => minutes);
  let high = 1;
  while (high < most && !fits(stretched(problem, high), clock)) high *= 2;
  let low = high >> 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (fits(stretched(problem, middle), clock)) high = middle;
    else low = middle;
  }
  const answer = solveSchedule(stretched(problem, high), clock);
  if (answer.kind !== "plan") return { mends, schedule: null };
  const { byMin, taskIds } = overWaited(problem, answer.schedule);
  return { mends: [...mends, { kind: "waitLonger", byMin, taskIds }], schedule: answer.schedule };
}
