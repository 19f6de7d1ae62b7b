import { sumOf } from "@/core/numeric";
import { timetable, workload, type Held } from "./cumulative";
import { Engine } from "./engine";
import { linear } from "./linear";
import type { Need, Schedule, ScheduleProblem, Task } from "./problem";

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

/** Everything has room for itself one after the other, with every change and every wait between. */
function lengthOf({ tasks, resources, serves }: ScheduleProblem): number {
  const change = Math.max(0, ...resources.map(({ changeMin }) => changeMin ?? 0));
  const work = tasks.reduce((sum, { minutes, after }) => {
    const gaps = after.reduce((most, { gapMin }) => Math.max(most, gapMin), 0);
    return sum + minutes + gaps + change;
  }, 0);
  const at = serves.map(({ atMin }) => atMin);
  return work + Math.max(...at) - Math.min(...at) + 1;
}

type Bonds = {
  readonly index: ReadonlyMap<string, number>;
  readonly need: (task: Task, id: string) => Need | undefined;
};

/** How long after the start of `a` the start of `b` comes at the earliest when `a` is first; null: they do not exclude each other. */
function apart(a: Task, b: Task, { resources }: ScheduleProblem, { need }: Bonds): number | null {
  let minutes: number | null = null;
  for (const { id, capacity, changeMin } of resources) {
    const [one, other] = [need(a, id), need(b, id)];
    if (!one || !other) continue;
    const otherState = changeMin !== null && one.state !== null && other.state !== null && one.state !== other.state;
    if (otherState) minutes = Math.max(minutes ?? 0, a.minutes + changeMin);
    else if (one.units + other.units > capacity) minutes = Math.max(minutes ?? 0, a.minutes);
  }
  return minutes;
}

/** The longest way from task to task over what must follow what: how much later one starts than another at least. */
function longestWays(problem: ScheduleProblem, { index }: Bonds): readonly (readonly number[])[] {
  const { tasks } = problem;
  const way = tasks.map((_, a) => tasks.map((__, b) => (a === b ? 0 : -Infinity)));
  for (const [b, { after }] of tasks.entries()) {
    for (const { taskId, gapMin, gapMax } of after) {
      const a = index.get(taskId)!;
      const { minutes } = tasks[a]!;
      way[a]![b] = Math.max(way[a]![b]!, minutes + gapMin);
      if (gapMax !== null) way[b]![a] = Math.max(way[b]![a]!, -(minutes + gapMax));
    }
  }
  for (let by = 0; by < tasks.length; by++)
    for (let a = 0; a < tasks.length; a++) {
      const to = way[a]![by]!;
      if (to === -Infinity) continue;
      for (let b = 0; b < tasks.length; b++) if (to + way[by]![b]! > way[a]![b]!) way[a]![b] = to + way[by]![b]!;
    }
  return way;
}

/** Tasks that hang together by what follows what, in their order. */
function groupsOf({ tasks }: ScheduleProblem, { index }: Bonds): readonly (readonly number[])[] {
  const root = tasks.map((_, at) => at);
  const find = (at: number): number => (root[at] === at ? at : find(root[at]!));
  for (const [at, { after }] of tasks.entries())
    for (const { taskId } of after) root[find(at)] = find(index.get(taskId)!);
  const groups = new Map<number, number[]>();
  for (const at of tasks.keys()) groups.set(find(at), [...(groups.get(find(at)) ?? []), at]);
  return [...groups.values()];
}

/** What makes two groups the same: then which of them is first does not matter, and the first of the list is. */
function likeness({ tasks }: ScheduleProblem, { index }: Bonds, group: readonly number[]): string {
  return JSON.stringify(
    group.map((at) => {
      const { id: _, after, needs, ...task } = tasks[at]!;
      const follows = after.map(({ taskId, ...gap }) => ({ ...gap, of: group.indexOf(index.get(taskId)!) }));
      const wanted = needs
        .filter(({ units }) => units > 0)
        .map(({ resourceId, units, state }) => [resourceId, units, state]);
      return { ...task, follows, wanted: wanted.sort() };
    }),
  );
}

export function modelOf(problem: ScheduleProblem): Model {
  const { tasks, resources, serves, allowLate } = problem;
  // starts, waits and orders of the tasks, serves, and sums the search adds
  const engine = new Engine(tasks.length * (tasks.length + 4) + serves.length + SUMS);
  const index = new Map(tasks.map(({ id }, at) => [id, at]));
  const serveAt = new Map(serves.map(({ id }, at) => [id, at]));
  const need = (task: Task, id: string) => task.needs.find(({ resourceId, units }) => resourceId === id && units > 0);
  const bonds = { index, need };
  const length = lengthOf(problem);
  const [soonest, last] = [
    Math.min(...serves.map(({ atMin }) => atMin)),
    Math.max(...serves.map(({ atMin }) => atMin)),
  ];
  const { notBeforeMin } = problem;
  // what cannot begin before a moment may take its whole length from then
  const bound = Math.max(notBeforeMin ?? soonest, ...tasks.map(({ startFrom = soonest }) => startFrom));
  const slack = allowLate ? length + Math.max(0, bound - soonest) : 0;

  const serveSides = serves.map(({ atMin }) => engine.variable(atMin, atMin + slack));
  const starts = tasks.map(({ minutes }) => engine.variable(soonest - length, last + slack - minutes));
  const lateness = engine.variable(0, slack * serves.length);
  const first = engine.variable(soonest - length, last + slack);

  if (notBeforeMin !== undefined) engine.always(first, notBeforeMin);
  for (const [at, { minutes, serveId, mustEndAtServe, maxWaitMin, startFrom, startTo }] of tasks.entries()) {
    const [start, serve] = [starts[at]!, serveSides[serveAt.get(serveId)!]!];
    if (startFrom !== undefined) engine.always(start, startFrom);
    if (startTo !== undefined) engine.always(start ^ 1, -startTo);
    engine.difference(start, serve, minutes);
    const wait = mustEndAtServe ? 0 : maxWaitMin;
    if (wait !== null) engine.difference(serve, start, -minutes - wait);
    engine.difference(first, start, 0);
  }
  for (const [at, { after }] of tasks.entries())
    for (const { taskId, gapMin, gapMax } of after) {
      const before = index.get(taskId)!;
      engine.difference(starts[before]!, starts[at]!, tasks[before]!.minutes + gapMin);
      if (gapMax !== null) engine.difference(starts[at]!, starts[before]!, -tasks[before]!.minutes - gapMax);
    }

  // lateness
  const lateBy = serves.map(({ atMin }, at) => ({ side: serveSides[at]!, factor: 1, atMin }));
  const atSum = sumOf(serves, ({ atMin }) => atMin);
  engine.propagator(linear(engine, [...lateBy, { side: lateness ^ 1, factor: 1 }], atSum), [
    ...serveSides,
    lateness ^ 1,
  ]);

  // waiting
  const waiters = tasks.flatMap((task, at) => (task.maxWaitMin === null || task.mustEndAtServe ? [] : [{ task, at }]));
  const costs = waiters.map(({ task }) => task.waitCost);
  const costParts =
    COST_PARTS.find((parts) => costs.every((cost) => Math.abs(cost * parts - Math.round(cost * parts)) < 1e-9)) ?? 1e5;
  const weighed = waiters.flatMap(({ task, at }) => {
    const factor = Math.round(task.waitCost * costParts);
    if (factor === 0) return [];
    const wait = engine.variable(0, task.maxWaitMin!);
    const serve = serveSides[serveAt.get(task.serveId)!]!;
    // wait >= serve - start - minutes
    const terms = [serve, starts[at]! ^ 1, wait ^ 1].map((side) => ({ side, factor: 1 }));
    engine.propagator(
      linear(engine, terms, task.minutes),
      terms.map(({ side }) => side),
    );
    return [{ side: wait, factor, most: task.maxWaitMin! }];
  });
  const waiting = engine.variable(
    0,
    sumOf(weighed, ({ factor, most }) => factor * most),
  );
  engine.propagator(linear(engine, [...weighed, { side: waiting ^ 1, factor: 1 }], 0), [
    ...weighed.map(({ side }) => side),
    waiting ^ 1,
  ]);

  // pairs that exclude each other
  const ways = longestWays(problem, bonds);
  let impossible = ways.some((row, at) => row[at]! > 0);
  const orders: Order[] = [];
  for (const [a, one] of tasks.entries())
    for (let b = a + 1; b < tasks.length; b++) {
      const other = tasks[b]!;
      const [ahead, behind] = [apart(one, other, problem, bonds), apart(other, one, problem, bonds)];
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

  const later: (() => void)[] = [];
  for (const { id, capacity, changeMin } of resources) {
    const held = tasks.flatMap((task, at): readonly Held[] => {
      const wanted = need(task, id);
      if (!wanted) return [];
      const state = changeMin === null ? null : wanted.state;
      return [{ start: starts[at]!, minutes: task.minutes, units: wanted.units, state }];
    });
    if (held.length < 2) continue;
    const sides = held.flatMap(({ start }) => [start, start ^ 1]);
    engine.propagator(timetable(engine, held, capacity), sides);
    // the dearer look comes last
    later.push(() => engine.propagator(workload(engine, held, capacity, changeMin), sides));
  }
  for (const add of later) add();

  // groups alike start in the order of the list
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
  return {
    engine,
    starts,
    serves: serveSides,
    orders,
    alike,
    lateness,
    waiting,
    waits: weighed,
    first,
    costParts,
    impossible,
  };
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
