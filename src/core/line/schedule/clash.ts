import { sumOf } from "@/core/numeric";
import type { Clash, ScheduleProblem, Task } from "./problem";

/**
 * Tasks that cannot all be done, of which none can be spared as far as the time allows: halves, quarters and so on are taken away as long as
 * what is left still does not fit. `fits`: null where there was no time to find out.
 */
export function clashOf(problem: ScheduleProblem, fits: (part: ScheduleProblem) => boolean | null): Clash {
  let kept = problem.tasks;
  for (let size = Math.ceil(kept.length / 2); size >= 1; size = size === 1 ? 0 : Math.ceil(size / 2)) {
    for (let from = 0; from < kept.length;) {
      const without = [...kept.slice(0, from), ...kept.slice(from + size)];
      if (without.length > 0 && fits({ ...problem, tasks: freed(without) }) === false) kept = without;
      else from += size;
    }
  }
  return { kind: "together", taskIds: kept.map(({ id }) => id), resourceIds: wantedBy(kept, problem) };
}

/** All of it together does not fit: nobody looked for less. */
export const wholeClash = (problem: ScheduleProblem): Clash => ({
  kind: "together",
  taskIds: problem.tasks.map(({ id }) => id),
  resourceIds: wantedBy(problem.tasks, problem),
});

/** What these want more of, all together, than there is, or in another state. */
const wantedBy = (tasks: readonly Task[], { resources }: ScheduleProblem): readonly string[] =>
  resources
    .filter(({ id, capacity, changeMin }) => {
      const wanted = tasks.flatMap(({ needs }) =>
        needs.filter(({ resourceId, units }) => resourceId === id && units > 0),
      );
      const states = new Set(wanted.map(({ state }) => state).filter((state) => state !== null));
      return sumOf(wanted, ({ units }) => units) > capacity || (changeMin !== null && states.size > 1);
    })
    .map(({ id }) => id);

/** What followed a task that was taken away follows nothing now. */
function freed(tasks: readonly Task[]): readonly Task[] {
  const ids = new Set(tasks.map(({ id }) => id));
  return tasks.map((task) => ({ ...task, after: task.after.filter(({ taskId }) => ids.has(taskId)) }));
}
