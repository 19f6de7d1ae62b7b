import type { Schedule, ScheduleProblem } from "./problem";

/** Every rule of a problem that a plan breaks, in words; written apart from the solver, minute by minute. */
export function broken(
  problem: ScheduleProblem,
  starts: readonly number[],
  serveMin: readonly number[],
): readonly string[] {
  const { tasks, serves, resources, allowLate } = problem;
  const faults: string[] = [];
  const end = (at: number) => starts[at]! + tasks[at]!.minutes;
  for (const [at, { id, atMin }] of serves.entries())
    if (serveMin[at]! < atMin || (!allowLate && serveMin[at] !== atMin)) faults.push(`${id} moved`);
  for (const [at, task] of tasks.entries()) {
    const serve = serveMin[serves.findIndex(({ id }) => id === task.serveId)]!;
    if (end(at) > serve) faults.push(`${task.id} is late`);
    if (task.mustEndAtServe && end(at) !== serve) faults.push(`${task.id} does not end at its serve`);
    if (task.maxWaitMin !== null && end(at) < serve - task.maxWaitMin) faults.push(`${task.id} waits too long`);
    for (const { taskId, gapMin, gapMax } of task.after) {
      const gap = starts[at]! - end(tasks.findIndex(({ id }) => id === taskId));
      if (gap < gapMin || (gapMax !== null && gap > gapMax)) faults.push(`${task.id} after ${taskId}: ${gap}`);
    }
  }
  const from = Math.min(...starts);
  const to = Math.max(...tasks.map((_, at) => end(at)));
  for (const { id, capacity, changeMin } of resources) {
    const uses = tasks.flatMap(({ needs }, at) =>
      needs.filter(({ resourceId }) => resourceId === id).map((need) => ({ ...need, from: starts[at]!, to: end(at) })),
    );
    for (let minute = from; minute < to; minute++) {
      const running = uses.filter((use) => use.from <= minute && minute < use.to);
      if (running.reduce((sum, { units }) => sum + units, 0) > capacity) faults.push(`${id} at ${minute}`);
    }
    if (changeMin === null) continue;
    for (const one of uses)
      for (const other of uses)
        if (one.state !== null && other.state !== null && one.state !== other.state && one.from <= other.from)
          if (other.from - one.to < changeMin) faults.push(`${id}: ${one.state} to ${other.state}`);
  }
  return faults;
}

/** The best of a small problem by trying everything within `horizon` minutes before the last serve; null: nothing fits. */
export function bruteForce(problem: ScheduleProblem, horizon: number, latest: number): readonly number[] | null {
  const { tasks, serves, allowLate } = problem;
  let best: readonly number[] | null = null;
  const less = (one: readonly number[], other: readonly number[]) => {
    const at = one.findIndex((value, index) => value !== other[index]);
    return at >= 0 && one[at]! < other[at]!;
  };
  const starts: number[] = [];
  const place = (serveMin: readonly number[]): void => {
    if (starts.length === tasks.length) {
      if (broken(problem, starts, serveMin).length > 0) return;
      const late = serveMin.reduce((sum, minute, at) => sum + minute - serves[at]!.atMin, 0);
      const cost = tasks.reduce((sum, { maxWaitMin, waitCost, minutes, serveId }, at) => {
        const serve = serveMin[serves.findIndex(({ id }) => id === serveId)]!;
        return maxWaitMin === null ? sum : sum + waitCost * (serve - starts[at]! - minutes);
      }, 0);
      const value = [late, cost, -Math.min(...starts)];
      if (!best || less(value, best)) best = value;
      return;
    }
    const { minutes, serveId, mustEndAtServe, maxWaitMin } = tasks[starts.length]!;
    const serve = serveMin[serves.findIndex(({ id }) => id === serveId)]!;
    const first = mustEndAtServe
      ? serve - minutes
      : maxWaitMin === null
        ? serve - horizon
        : serve - minutes - maxWaitMin;
    for (let start = serve - minutes; start >= first; start--) {
      starts.push(start);
      place(serveMin);
      starts.pop();
    }
  };
  const move = (serveMin: readonly number[]): void => {
    if (serveMin.length === serves.length) return place(serveMin);
    const { atMin } = serves[serveMin.length]!;
    for (let late = 0; late <= (allowLate ? latest : 0); late++) move([...serveMin, atMin + late]);
  };
  move([]);
  return best;
}

/** What a plan is worth, as `bruteForce` says it. */
export const worth = ({ lateMin, waitCost, firstStartMin }: Schedule): readonly number[] => [
  lateMin,
  waitCost,
  -(firstStartMin ?? 0),
];
