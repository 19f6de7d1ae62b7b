import { sumOf } from "@/core/numeric";
import type { Held } from "./held";
import { Timetable } from "./timetable";
import { Workload } from "./workload";
import { Engine } from "./engine";
import { linear } from "./linear";
import { minutesApart, bondsOf, groupsOf, lengthOf, likeness, longestWays, type Bonds } from "./bonds";
import type { Schedule, ScheduleProblem } from "./problem";

/** A problem put to the engine: its variables, and what is asked of them. */
export type Model = {
  readonly engine: Engine;
  /** Side of the start of each task, of where each serve stands, and of the order of two tasks that exclude each other. */
  readonly starts: readonly number[];
  readonly serves: readonly number[];
  readonly orders: readonly Order[];
  /** Of two groups that are the same in all, the first of the list starts no later than the other. */
  readonly alike: readonly (readonly [first: number, other: number])[];
  readonly lateness: number;
  readonly waiting: number;
  /** Of what the sum of waiting is made. */
  readonly waits: readonly { readonly side: number; readonly factor: number }[];
  readonly first: number;
  /** Costs of waiting are counted in these parts, so that they are whole. */
  readonly costParts: number;
  /** Some pair of tasks excludes the other both ways, or the waits go round: nothing fits. */
  readonly impossible: boolean;
};

/** `side` at one: `a` is before `b`. */
export type Order = { readonly side: number; readonly a: number; readonly b: number };

/** Sums a search from below may add. */
const SUMS = 2000;
const COST_PARTS = [1, 10, 100, 1000, 10_000];

/** A problem with its variables, before anything is asked of them. */
type Frame = Pick<Model, "engine" | "starts" | "serves" | "lateness" | "first"> & {
  readonly problem: ScheduleProblem;
  readonly bonds: Bonds;
  /** Side of the serve a task is for. */
  readonly serveOf: (serveId: string) => number;
};

function frameOf(problem: ScheduleProblem): Frame {
  const { tasks, serves, allowLate, notBeforeMin } = problem;
  // starts, waits and orders of the tasks, serves, and sums the search adds
  const engine = new Engine(tasks.length * (tasks.length + 4) + serves.length + SUMS);
  const length = lengthOf(problem);
  const at = serves.map(({ atMin }) => atMin);
  const [soonest, last] = [Math.min(...at), Math.max(...at)];
  // what cannot begin before a moment may take its whole length from then
  const bound = Math.max(notBeforeMin ?? soonest, ...tasks.map(({ startFrom = soonest }) => startFrom));
  const slack = allowLate ? length + Math.max(0, bound - soonest) : 0;
  const sides = serves.map(({ atMin }) => engine.variable(atMin, atMin + slack));
  const starts = tasks.map(({ minutes }) => engine.variable(soonest - length, last + slack - minutes));
  const lateness = engine.variable(0, slack * serves.length);
  const first = engine.variable(soonest - length, last + slack);
  const serveAt = new Map(serves.map(({ id }, index) => [id, sides[index]!]));
  const bonds = bondsOf(problem);
  return { problem, bonds, engine, starts, serves: sides, lateness, first, serveOf: (id) => serveAt.get(id)! };
}

/** When each may begin, how long it may wait for its serve, and what follows what. */
function placeTasks({ problem: { tasks, notBeforeMin }, bonds, engine, starts, first, serveOf }: Frame): void {
  if (notBeforeMin !== undefined) engine.always(first, notBeforeMin);
  for (const [at, { minutes, serveId, mustEndAtServe, maxWaitMin, startFrom, startTo }] of tasks.entries()) {
    const [start, serve] = [starts[at]!, serveOf(serveId)];
    if (startFrom !== undefined) engine.always(start, startFrom);
    if (startTo !== undefined) engine.always(start ^ 1, -startTo);
    engine.difference(start, serve, minutes);
    const wait = mustEndAtServe ? 0 : maxWaitMin;
    if (wait !== null) engine.difference(serve, start, -minutes - wait);
    engine.difference(first, start, 0);
  }
  for (const [at, { after }] of tasks.entries())
    for (const { taskId, gapMin, gapMax } of after) {
      const before = bonds.index.get(taskId)!;
      engine.difference(starts[before]!, starts[at]!, tasks[before]!.minutes + gapMin);
      if (gapMax !== null) engine.difference(starts[at]!, starts[before]!, -tasks[before]!.minutes - gapMax);
    }
}

/** The sum of what the serves are late. */
function sumLateness({ problem: { serves }, engine, serves: sides, lateness }: Frame): void {
  const lateBy = sides.map((side) => ({ side, factor: 1 }));
  const atSum = sumOf(serves, ({ atMin }) => atMin);
  engine.propagator(linear(engine, [...lateBy, { side: lateness ^ 1, factor: 1 }], atSum), [...sides, lateness ^ 1]);
}

/** The sum of what the tasks wait, each at its cost, in parts that are whole. */
function sumWaiting({
  problem: { tasks },
  engine,
  starts,
  serveOf,
}: Frame): Pick<Model, "waiting" | "waits" | "costParts"> {
  const waiters = tasks.flatMap((task, at) => (task.maxWaitMin === null || task.mustEndAtServe ? [] : [{ task, at }]));
  const costs = waiters.map(({ task }) => task.waitCost);
  const costParts =
    COST_PARTS.find((parts) => costs.every((cost) => Math.abs(cost * parts - Math.round(cost * parts)) < 1e-9)) ?? 1e5;
  const waits = waiters.flatMap(({ task, at }) => {
    const factor = Math.round(task.waitCost * costParts);
    if (factor === 0) return [];
    const wait = engine.variable(0, task.maxWaitMin!);
    // wait >= serve - start - minutes
    const sides = [serveOf(task.serveId), starts[at]! ^ 1, wait ^ 1];
    engine.propagator(
      linear(
        engine,
        sides.map((side) => ({ side, factor: 1 })),
        task.minutes,
      ),
      sides,
    );
    return [{ side: wait, factor, most: task.maxWaitMin! }];
  });
  const waiting = engine.variable(
    0,
    sumOf(waits, ({ factor, most }) => factor * most),
  );
  engine.propagator(linear(engine, [...waits, { side: waiting ^ 1, factor: 1 }], 0), [
    ...waits.map(({ side }) => side),
    waiting ^ 1,
  ]);
  return { waiting, waits, costParts };
}

/** Pairs that exclude each other: which is first is for the search to say, where it is open. */
function orderPairs({ problem, bonds, engine, starts }: Frame): Pick<Model, "orders" | "impossible"> {
  const { tasks } = problem;
  const ways = longestWays(problem, bonds);
  let impossible = ways.some((row, at) => row[at]! > 0);
  const orders: Order[] = [];
  for (const [a, one] of tasks.entries())
    for (let b = a + 1; b < tasks.length; b++) {
      const other = tasks[b]!;
      const [ahead, behind] = [minutesApart(one, other, problem, bonds), minutesApart(other, one, problem, bonds)];
      if (ahead === null || behind === null || ways[a]![b]! >= ahead || ways[b]![a]! >= behind) continue;
      // the one that cannot be first: the other is kept that much behind it
      const [notFirst, notSecond] = [ways[b]![a]! > -ahead, ways[a]![b]! > -behind];
      if (notFirst && notSecond) impossible = true;
      else if (notFirst) engine.difference(starts[b]!, starts[a]!, behind);
      else if (notSecond) engine.difference(starts[a]!, starts[b]!, ahead);
      else {
        const side = engine.variable(0, 1);
        engine.difference(starts[a]!, starts[b]!, ahead, side);
        engine.difference(starts[b]!, starts[a]!, behind, side ^ 1);
        orders.push({ side, a, b });
      }
    }
  return { orders, impossible };
}

/** No resource holds more than it has room for. */
function holdResources({ problem: { tasks, resources }, bonds, engine, starts }: Frame): void {
  const later: (() => void)[] = [];
  for (const { id, capacity, changeMin } of resources) {
    const held = tasks.flatMap((task, at): readonly Held[] => {
      const wanted = bonds.need(task, id);
      if (!wanted) return [];
      const state = changeMin === null ? null : wanted.state;
      return [{ start: starts[at]!, minutes: task.minutes, units: wanted.units, state }];
    });
    if (held.length < 2) continue;
    const sides = held.flatMap(({ start }) => [start, start ^ 1]);
    engine.propagator(new Timetable(engine, held, capacity), sides);
    // the dearer look comes last
    later.push(() => engine.propagator(new Workload(engine, held, capacity, changeMin), sides));
  }
  for (const add of later) add();
}

/** Groups alike start in the order of the list. */
function orderAlike({ problem, bonds, engine, starts }: Frame): Model["alike"] {
  const alike: [number, number][] = [];
  const lastAlike = new Map<string, number>();
  for (const group of groupsOf(problem, bonds)) {
    const kind = likeness(problem, bonds, group);
    const before = lastAlike.get(kind);
    if (before !== undefined) {
      engine.difference(starts[before]!, starts[group[0]!]!, 0);
      alike.push([before, group[0]!]);
    }
    lastAlike.set(kind, group[0]!);
  }
  return alike;
}

export function modelOf(problem: ScheduleProblem): Model {
  const frame = frameOf(problem);
  placeTasks(frame);
  sumLateness(frame);
  const sums = sumWaiting(frame);
  const pairs = orderPairs(frame);
  holdResources(frame);
  const alike = orderAlike(frame);
  const { engine, starts, serves, lateness, first } = frame;
  return { engine, starts, serves, lateness, first, ...sums, ...pairs, alike };
}

/** The plan of starts and serves as they stand fixed. */
export function scheduleOf(
  problem: ScheduleProblem,
  startMin: readonly number[],
  serveMin: readonly number[],
): Schedule {
  const at = new Map(problem.serves.map(({ id }, index) => [id, serveMin[index]!]));
  const tasks = problem.tasks.map(({ id, minutes }, index) => ({
    id,
    startMin: startMin[index]!,
    endMin: startMin[index]! + minutes,
  }));
  const serves = problem.serves.map(({ id, atMin }, index) => ({
    id,
    atMin: serveMin[index]!,
    lateMin: serveMin[index]! - atMin,
  }));
  const waitCost = problem.tasks.reduce(
    (sum, { serveId, maxWaitMin, waitCost: cost }, index) =>
      maxWaitMin === null ? sum : sum + cost * (at.get(serveId)! - tasks[index]!.endMin),
    0,
  );
  return {
    tasks,
    serves,
    lateMin: sumOf(serves, ({ lateMin }) => lateMin),
    waitCost: Math.round(waitCost * 1e6) / 1e6,
    firstStartMin: tasks.length === 0 ? null : Math.min(...startMin),
  };
}
