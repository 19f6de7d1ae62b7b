import { z } from "zod";
import { clashSaid, solveSchedule, type MixedIntegerSolver, type ScheduleProblem } from "@/core/line";
import { inMetric } from "@/words/say";
import { InputProblem } from "./problem";

const id = z.string().min(1).max(80);
const whole = z.number().int("whole minutes");
const minutes = whole.min(0).max(10_000);
const units = z.number().int("whole units").min(0).max(10_000);

const NeedInput = z.union([units, z.strictObject({ units, state: z.string().min(1).max(80).optional() })]);

const TaskInput = z.strictObject({
  id,
  minutes: whole.min(1, "one minute at least").max(10_000),
  for: id.optional(),
  needs: z.record(z.string().min(1).max(80), NeedInput).optional(),
  after: z
    .array(z.strictObject({ id, gap_min: minutes.optional(), gap_max: minutes.optional() }))
    .max(200)
    .optional(),
  must_end_at_serve: z.boolean().optional(),
  max_wait_before_serve_min: minutes.optional(),
  wait_cost: z.number().min(0).max(1_000_000).optional(),
});

export const ScheduleInput = z.strictObject({
  serves: z
    .array(z.strictObject({ id, at_min: whole.min(-100_000).max(100_000) }))
    .min(1)
    .max(200),
  allow_late: z.boolean().optional(),
  resources: z.array(z.strictObject({ id, capacity: units, change_min: minutes.optional() })).max(100),
  tasks: z.array(TaskInput).max(400),
});
type Input = z.infer<typeof ScheduleInput>;

/** Ids are said once in their list. */
function known(list: readonly { readonly id: string }[], name: string): ReadonlySet<string> {
  const ids = new Set<string>();
  for (const [at, one] of list.entries()) {
    if (ids.has(one.id)) throw new InputProblem(`${name}.${at}.id`, `"${one.id}" is there twice`);
    ids.add(one.id);
  }
  return ids;
}

function problemOf({ serves, resources, tasks, allow_late = false }: Input): ScheduleProblem {
  const [serveIds, resourceIds, taskIds] = [
    known(serves, "serves"),
    known(resources, "resources"),
    known(tasks, "tasks"),
  ];
  return {
    allowLate: allow_late,
    serves: serves.map(({ id: serveId, at_min }) => ({ id: serveId, atMin: at_min })),
    resources: resources.map(({ id: resourceId, capacity, change_min }) => ({
      id: resourceId,
      capacity,
      changeMin: change_min ?? null,
    })),
    tasks: tasks.map((task, at) => {
      const serveId = task.for ?? serves[0]!.id;
      if (!serveIds.has(serveId)) throw new InputProblem(`tasks.${at}.for`, `there is no serve "${serveId}"`);
      return {
        id: task.id,
        minutes: task.minutes,
        serveId,
        needs: Object.entries(task.needs ?? {}).map(([resourceId, need]) => {
          if (!resourceIds.has(resourceId))
            throw new InputProblem(`tasks.${at}.needs.${resourceId}`, `there is no resource "${resourceId}"`);
          return typeof need === "number"
            ? { resourceId, units: need, state: null }
            : { resourceId, units: need.units, state: need.state ?? null };
        }),
        after: (task.after ?? []).map(({ id: taskId, gap_min, gap_max }, index) => {
          if (!taskIds.has(taskId))
            throw new InputProblem(`tasks.${at}.after.${index}.id`, `there is no task "${taskId}"`);
          return { taskId, gapMin: gap_min ?? 0, gapMax: gap_max ?? null };
        }),
        mustEndAtServe: task.must_end_at_serve ?? false,
        maxWaitMin: task.max_wait_before_serve_min ?? null,
        waitCost: task.wait_cost ?? 1,
      };
    }),
  };
}

/** When to start what, so that all is ready together; `solver`: the linear programs of long sums, where one is loaded. */
export function schedule(input: Input, solver: MixedIntegerSolver | null, secondsToThink: number) {
  const problem = problemOf(input);
  const began = performance.now();
  const seconds = () => (performance.now() - began) / 1000;
  const answer = solveSchedule(problem, () => secondsToThink - seconds(), { solver });
  if (answer.kind !== "plan") {
    const because =
      answer.kind === "infeasible"
        ? clashSaid(answer.clash).map(inMetric)
        : ["no plan was found in the time there is: nothing is promised"];
    return { feasible: false, because, seconds: seconds() };
  }
  const { tasks, serves, lateMin, waitCost, firstStartMin } = answer.schedule;
  return {
    feasible: true,
    tasks: tasks.map(({ id: taskId, startMin, endMin }) => ({ id: taskId, start_min: startMin, end_min: endMin })),
    serves: serves.map((one) => ({ id: one.id, at_min: one.atMin, late_min: one.lateMin })),
    late_min: lateMin,
    wait_cost: waitCost,
    first_start_min: firstStartMin,
    proven_best: answer.provenBest,
    seconds: seconds(),
  };
}
