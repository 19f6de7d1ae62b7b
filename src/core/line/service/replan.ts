import {
  mendOf,
  solveSchedule,
  waitingPlan,
  type Clash,
  type Clock,
  type Mend,
  type Schedule,
  type ScheduleAnswer,
  type ScheduleProblem,
} from "../schedule";

/** What a step of lateness and a task that moves are worth against a step of waiting: hands that have learned a plan pay for every change of it. */
const LATE_STEP = 6;
const CHANGE = 2;

/** Of the time there is, what the plan as it was may take to be made good. */
const KEEP_SHARE = 0.4;

export type Replanned = {
  readonly answer: Exclude<ScheduleAnswer, { readonly kind: "plan" }> | Planned;
  /** No plan has the tables sooner by more than this, all of them together; null: nobody knows. */
  readonly lateGapMin: number | null;
  readonly moved: number;
  /** It does not fit as it should: why, where that is shown. */
  readonly clash: Clash | null;
  /** What would mend it. The plan is the one in which what is ready waits longer. */
  readonly mends: readonly Mend[];
};

type Planned = { readonly kind: "plan"; readonly schedule: Schedule; readonly provenBest: boolean };

/** Tasks of the plan before that start elsewhere now. */
export const movedTasks = ({ tasks }: Schedule, before: ReadonlyMap<string, number>): number =>
  tasks.filter(({ id, startMin }) => (before.get(id) ?? startMin) !== startMin).length;

/** What a plan costs on the evening: lateness, waiting, and what hands must unlearn. */
export const priceOf = (schedule: Schedule, before: ReadonlyMap<string, number>): number =>
  LATE_STEP * schedule.lateMin + schedule.waitCost + CHANGE * movedTasks(schedule, before);

/**
 * The plan after something happened. First candidate is the plan as it was, with what is new fitted in; it is left only for one that is
 * worth its changes, so that an answer never gets worse by planning again. `before`: where the tasks that are still to come stood, in the
 * steps of this problem. Not thorough: what clashes and what would mend it is not looked for.
 */
export function replan(
  problem: ScheduleProblem,
  before: ReadonlyMap<string, number>,
  clock: Clock,
  { thorough = true }: { readonly thorough?: boolean } = {},
): Replanned {
  const whole = clock();
  const kept = {
    ...problem,
    tasks: problem.tasks.map((task) => {
      const start = before.get(task.id);
      return start === undefined || task.startFrom !== undefined ? task : { ...task, startFrom: start, startTo: start };
    }),
  };
  const candidates: Schedule[] = [];
  if (before.size > 0) {
    const answer = solveSchedule(kept, () => clock() - whole * (1 - KEEP_SHARE), { namesClash: false });
    if (answer.kind === "plan") candidates.push(answer.schedule);
  }
  const free = solveSchedule(problem, clock, { namesClash: thorough });
  if (free.kind === "plan") candidates.push(free.schedule);
  const [first, ...others] = candidates;
  if (!first) return free.kind === "plan" ? NOTHING : mended(problem, before, free, clock, thorough);
  const best = others.reduce((one, other) => (priceOf(other, before) < priceOf(one, before) ? other : one), first);
  const provenBest = free.kind === "plan" && free.provenBest && best === free.schedule;
  return {
    answer: { kind: "plan", schedule: best, provenBest },
    lateGapMin: free.kind === "plan" ? best.lateMin - free.bound.lateMin : null,
    moved: movedTasks(best, before),
    clash: null,
    mends: [],
  };
}

const NOTHING: Replanned = { answer: { kind: "unknown" }, lateGapMin: null, moved: 0, clash: null, mends: [] };

/** Seconds more that a plan may take where nothing fits as it should: a line without a plan stands still, and a better one is looked for after. */
const MEND_S = { atOnce: 0.03, thorough: 1 } as const;

/**
 * It does not fit, or nobody found in the time there was how: the plan in which what is ready waits, at once; where it is shown not to fit
 * and looked at thoroughly, the smallest mends and the plan of those.
 */
function mended(
  problem: ScheduleProblem,
  before: ReadonlyMap<string, number>,
  free: Exclude<ScheduleAnswer, { readonly kind: "plan" }>,
  clock: Clock,
  thorough: boolean,
): Replanned {
  const clash = free.kind === "infeasible" ? free.clash : null;
  const longer = () => clock() + (thorough ? MEND_S.thorough : MEND_S.atOnce);
  const { mends, schedule } =
    thorough && clash
      ? mendOf(problem, clash.kind === "together" ? clash.resourceIds : [], longer)
      : waitingPlan(problem, longer);
  const answer = schedule ? ({ kind: "plan", schedule, provenBest: false } as const) : free;
  return { answer, lateGapMin: null, moved: schedule ? movedTasks(schedule, before) : 0, clash, mends };
}
