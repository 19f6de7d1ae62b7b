import type { Need, ScheduleProblem, Task } from "./problem";

/** Everything has room for itself one after the other, with every change and every wait between. */
export function lengthOf({ tasks, resources, serves }: ScheduleProblem): number {
  const change = Math.max(0, ...resources.map(({ changeMin }) => changeMin ?? 0));
  const work = tasks.reduce((sum, { minutes, after }) => {
    const gaps = after.reduce((most, { gapMin }) => Math.max(most, gapMin), 0);
    return sum + minutes + gaps + change;
  }, 0);
  const at = serves.map(({ atMin }) => atMin);
  return work + Math.max(...at) - Math.min(...at) + 1;
}

export type Bonds = {
  readonly index: ReadonlyMap<string, number>;
  readonly need: (task: Task, id: string) => Need | undefined;
};

/** How long after the start of `a` the start of `b` comes at the earliest when `a` is first; null: they do not exclude each other. */
export function minutesApart(a: Task, b: Task, { resources }: ScheduleProblem, { need }: Bonds): number | null {
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
export function longestWays(problem: ScheduleProblem, { index }: Bonds): readonly (readonly number[])[] {
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
export function groupsOf({ tasks }: ScheduleProblem, { index }: Bonds): readonly (readonly number[])[] {
  const root = tasks.map((_, at) => at);
  const find = (at: number): number => (root[at] === at ? at : find(root[at]!));
  for (const [at, { after }] of tasks.entries())
    for (const { taskId } of after) root[find(at)] = find(index.get(taskId)!);
  const groups = new Map<number, number[]>();
  for (const at of tasks.keys()) groups.set(find(at), [...(groups.get(find(at)) ?? []), at]);
  return [...groups.values()];
}

/** What makes two groups the same: then which of them is first does not matter, and the first of the list is. */
export function likeness({ tasks }: ScheduleProblem, { index }: Bonds, group: readonly number[]): string {
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

/** Who needs what, and which task is which. */
export const bondsOf = ({ tasks }: ScheduleProblem): Bonds => ({
  index: new Map(tasks.map(({ id }, at) => [id, at])),
  need: (task, id) => task.needs.find(({ resourceId, units }) => resourceId === id && units > 0),
});
