import type { Clash, Mend } from "@/core/line";
import type { Db } from "@/db/connection";
import { onceASecond } from "@/db/remember";
import type { House } from "@/db/house/house";
import { lineProblem, type LineProblem } from "@/house/line/lineTasks";
import { nextStep, STEP_S } from "@/house/line/step";
import { rowsOf, servesOf, stepOf, stillToCome, type LineRow, type LineServe } from "@/house/line/livePlan";
import { panNow } from "@/house/line/livePan";
import { workOut } from "@/server/pool";
import { lineNow, type LineNow } from "./lineState";

export type LivePlan = {
  readonly rows: readonly LineRow[];
  readonly serves: readonly LineServe[];
  readonly capacityOf: ReadonlyMap<string, number>;
  readonly provenBest: boolean;
  /** No plan has the tables sooner by more, all of them together, s; null: nobody knows. */
  readonly lateGapS: number | null;
  /** Tasks that stand elsewhere than in the plan before. */
  readonly moved: number;
  readonly tookMs: number;
  /** It is looked for a better one still. */
  readonly looking: boolean;
  /** It does not fit as it should: why, and the smallest mends. */
  readonly clash: Clash | null;
  readonly mends: readonly Mend[];
};
export type Unplanned = { readonly kind: "busy" } | { readonly kind: "clash"; readonly clash: Clash };
export type LiveLine = LineNow & {
  readonly line: LineProblem;
  readonly plan: LivePlan | null;
  /** Nothing fits, or no thread was free. */
  readonly problem: Unplanned | null;
  /** Another number: another plan. */
  readonly revision: number;
};

/** A plan of the line is there at once, and made better after. */
const AT_ONCE_S = 0.12;
const AFTER_S = 3;
/** So far behind its moment a plan still stands: hands are not clocks. */
const BEHIND_STEPS = 2;

type Kept = {
  readonly about: string;
  readonly startStep: ReadonlyMap<string, number>;
  readonly serveStep: ReadonlyMap<string, number>;
  readonly provenBest: boolean;
  /** No plan has the tables sooner by more, all of them together, s; null: nobody knows. */
  readonly lateGapS: number | null;
  readonly moved: number;
  readonly tookMs: number;
  readonly clash: Clash | null;
  readonly mends: readonly Mend[];
  readonly revision: number;
};
type Memory = {
  kept: Kept | null;
  improving: boolean;
  asking: { readonly about: string; readonly answer: Promise<Kept | Unplanned> } | null;
};
const shared = globalThis as typeof globalThis & { gaffelLine?: Memory };
const memory = (): Memory => (shared.gaffelLine ??= { kept: null, improving: false, asking: null });

/** Another number: another plan. */
export const planRevision = (): number => memory().kept?.revision ?? 0;

/** What a plan is about: as long as this is the same, it stands. */
const aboutOf = ({ tickets, pans, state, dishes, nowMs }: LineNow): string =>
  JSON.stringify([
    tickets.map(({ id, courses }) => [
      id,
      courses.map(({ calledAtMs, wantedAtMs, goneAtMs, course }) => [course, calledAtMs, wantedAtMs, goneAtMs]),
    ]),
    pans.map((pan) => [pan.id, pan.events, overdueSteps(pan, nowMs)]),
    [...state.out],
    [...state.done],
    [...state.put.keys()],
    state.station,
    state.hands,
    [...state.mounted],
    dishes.map(({ lineId, count, plan }) => [lineId, count, plan?.serveS ?? 0]),
  ]);

/** A stage that runs over pushes everything behind it: looked at anew every so often. */
const OVER_EVERY_S = 30;
function overdueSteps(pan: LineNow["pans"][number], nowMs: number): number {
  const { state, stageIndex, ranS } = panNow(pan, nowMs);
  const overS = state === "runs" ? ranS - (pan.stages[stageIndex]?.keptS ?? 0) : 0;
  return Math.max(0, Math.floor(overS / OVER_EVERY_S));
}

/** What is to be planned, and what it is about. */
const toPlan = (db: Db, house: House, nowMs: number) =>
  onceASecond(db, nowMs, "line to plan", async () => {
    const now = await lineNow(db, house, nowMs);
    return { now, line: lineProblem(now.courses, now.dishes, now.state), about: aboutOf(now) };
  });

/** The line as it is planned now. What happened since the last look is planned anew; the plan before is the first candidate. */
export async function liveLine(db: Db, house: House, nowMs: number): Promise<LiveLine> {
  const { now, line, about } = await toPlan(db, house, nowMs);
  const { kept } = memory();
  if (kept?.about === about && stands(kept, line, stepOf(nowMs)))
    return { ...now, line, plan: planOf(now, line, kept), problem: null, revision: kept.revision };
  const next = await planOnce(about, line, nowMs);
  if ("kind" in next) return { ...now, line, plan: null, problem: next, revision: kept?.revision ?? 0 };
  return { ...now, line, plan: planOf(now, line, next), problem: null, revision: next.revision };
}

/** Two screens that ask at the same moment are answered by one plan. */
function planOnce(about: string, line: LineProblem, nowMs: number): Promise<Kept | Unplanned> {
  const store = memory();
  if (store.asking?.about === about) return store.asking.answer;
  const answer = workPlan(line, nowMs, "house").then((planned) => {
    if (store.asking?.about === about) store.asking = null;
    if ("kind" in planned) return planned;
    const next = keep(about, planned, (store.kept?.revision ?? 0) + 1);
    if (!planned.provenBest) void improve(about, line, nowMs);
    return next;
  });
  store.asking = { about, answer };
  return answer;
}

type Answered = Omit<Kept, "about" | "revision">;

async function workPlan(line: LineProblem, nowMs: number, lane: "house" | "after"): Promise<Answered | Unplanned> {
  const baseStep = nextStep(nowMs);
  const { kept } = memory();
  const before = stillToCome(kept?.startStep ?? new Map<string, number>(), line, baseStep);
  const begunMs = performance.now();
  const answered = await workOut(lane, "replan", {
    problem: line.problem,
    before,
    seconds: lane === "house" ? AT_ONCE_S : AFTER_S,
    thorough: lane === "after",
  });
  if (!answered.ok) return { kind: "busy" };
  const { answer, lateGapMin, moved, clash, mends } = answered.value;
  if (answer.kind === "infeasible") return { kind: "clash", clash: answer.clash };
  if (answer.kind === "unknown") return { kind: "busy" };
  const { tasks, serves } = answer.schedule;
  return {
    startStep: new Map(tasks.map(({ id, startMin }) => [id, startMin + baseStep])),
    serveStep: new Map(serves.map(({ id, atMin }) => [id, atMin + baseStep])),
    provenBest: answer.provenBest,
    lateGapS: lateGapMin === null ? null : lateGapMin * STEP_S,
    moved,
    tookMs: performance.now() - begunMs,
    clash,
    mends,
  };
}

function keep(about: string, answered: Answered, revision: number): Kept {
  const kept = { ...answered, about, revision };
  memory().kept = kept;
  return kept;
}

/** Looks on after the cook has an answer; what is found is taken when nothing happened meanwhile. */
async function improve(about: string, line: LineProblem, nowMs: number): Promise<void> {
  if (memory().improving) return;
  memory().improving = true;
  try {
    const planned = await workPlan(line, nowMs, "after");
    const { kept } = memory();
    if ("kind" in planned || kept?.about !== about) return;
    keep(about, planned, kept.revision + 1);
  } finally {
    memory().improving = false;
  }
}

/** A plan stands while everything of it has its place and nothing that hands begin is far behind. */
const stands = ({ startStep }: Kept, { work }: LineProblem, baseStep: number): boolean =>
  work.every(({ id, begun }) => begun || (startStep.get(id) ?? -Infinity) >= baseStep - BEHIND_STEPS);

function planOf(now: LineNow, line: LineProblem, kept: Kept): LivePlan {
  const stepMs = STEP_S * 1000;
  const minutesOf = new Map(line.problem.tasks.map(({ id, minutes }) => [id, minutes]));
  // what runs already is where it is, whatever the plan said
  const startMs = new Map(
    line.work.map(({ id, begun }) => [id, begun ? now.nowMs : (kept.startStep.get(id) ?? stepOf(now.nowMs)) * stepMs]),
  );
  const rows = rowsOf(line, startMs, minutesOf);
  const baseStep = stepOf(now.nowMs);
  const serves = line.problem.serves.map(({ id }) => ({
    id,
    atMin: (kept.serveStep.get(id) ?? baseStep) - baseStep,
    lateMin: 0,
  }));
  const courseOfLine = new Map(now.dishes.map(({ lineId, courseId }) => [lineId, courseId]));
  return {
    rows,
    serves: servesOf(line, { serves }, rows, courseOfLine, now.nowMs, baseStep),
    capacityOf: new Map(line.problem.resources.map(({ id, capacity }) => [id, capacity])),
    provenBest: kept.provenBest,
    lateGapS: kept.lateGapS,
    moved: kept.moved,
    tookMs: kept.tookMs,
    looking: memory().improving && !kept.provenBest,
    clash: kept.clash,
    mends: kept.mends,
  };
}
