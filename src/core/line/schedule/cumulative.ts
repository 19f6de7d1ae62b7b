import type { Engine, Literals, Propagator } from "./engine";

/** A task on a resource: the side of its start, how long it holds how much. */
export type Held = {
  readonly start: number;
  readonly minutes: number;
  readonly units: number;
  readonly state: string | null;
};

/** It certainly runs at that moment: no later than it, and not over before. */
const runsAt = (start: number, minutes: number, moment: number): Literals => [
  start ^ 1,
  -moment,
  start,
  moment - minutes + 1,
];

/** Sorts a list of indices by a key, fast where it is nearly sorted already. */
function settle(list: number[], key: Float64Array): void {
  for (let at = 1; at < list.length; at++) {
    const one = list[at]!;
    const value = key[one]!;
    let to = at;
    for (; to > 0 && key[list[to - 1]!]! > value; to--) list[to] = list[to - 1]!;
    list[to] = one;
  }
}

/** Never more of a resource than there is: from the parts of tasks that certainly run then. */
export function timetable(engine: Engine, tasks: readonly Held[], capacity: number): Propagator {
  const { bound } = engine;
  const latest = ({ start }: Held) => -bound[start ^ 1]!;
  const earliestEnd = ({ start, minutes }: Held) => bound[start]! + minutes;
  // the ends of the parts that certainly run: first the beginnings, then the ends of all tasks
  const moments = new Float64Array(2 * tasks.length);
  const order = Array.from(moments.keys());
  const [from, to, height] = [0, 1, 2].map(() => new Float64Array(2 * tasks.length)) as [
    Float64Array,
    Float64Array,
    Float64Array,
  ];

  /** Stretches of one height, in `from`, `to` and `height`; answers with how many. */
  function profile(): number {
    for (const [at, task] of tasks.entries()) {
      const [begins, ends] = [latest(task), earliestEnd(task)];
      const runs = begins < ends;
      moments[at] = runs ? begins : Infinity;
      moments[at + tasks.length] = runs ? ends : Infinity;
    }
    settle(order, moments);
    let count = 0;
    let units = 0;
    for (let at = 0; at < order.length; at++) {
      const index = order[at]!;
      const moment = moments[index]!;
      if (moment === Infinity) break;
      units += index < tasks.length ? tasks[index]!.units : -tasks[index - tasks.length]!.units;
      const next = at + 1 < order.length ? moments[order[at + 1]!]! : moment;
      if (next <= moment || units <= 0 || next === Infinity) continue;
      from[count] = moment;
      to[count] = next;
      height[count++] = units;
    }
    return count;
  }

  /** Tasks that run at the moment and leave less than `room`, the largest first. */
  function why(moment: number, but: Held | null, room: number): Literals {
    const reasons: Literals = [];
    let units = 0;
    for (const task of largestFirst) {
      if (units > capacity - room) break;
      if (task === but || latest(task) > moment || moment >= earliestEnd(task)) continue;
      units += task.units;
      reasons.push(...runsAt(task.start, task.minutes, moment));
    }
    return reasons;
  }
  const largestFirst = [...tasks].sort((a, b) => b.units - a.units);

  /** False: a conflict. */
  function push(task: Held, count: number): boolean {
    const { start, minutes, units } = task;
    for (let at = 0; at < count; at++) {
      if (height[at]! + units <= capacity) continue;
      while (bound[start]! < to[at]! && from[at]! < earliestEnd(task)) {
        if (latest(task) <= from[at]! && to[at]! <= earliestEnd(task)) break;
        const moment = Math.min(to[at]!, earliestEnd(task)) - 1;
        if (!engine.imply(start, moment + 1, [start, moment - minutes + 1, ...why(moment, task, units)])) return false;
      }
    }
    for (let at = count - 1; at >= 0; at--) {
      if (height[at]! + units <= capacity) continue;
      while (latest(task) < to[at]! && from[at]! < latest(task) + minutes) {
        if (latest(task) <= from[at]! && to[at]! <= earliestEnd(task)) break;
        const moment = Math.max(from[at]!, latest(task));
        if (!engine.imply(start ^ 1, minutes - moment, [start ^ 1, -moment, ...why(moment, task, units)])) return false;
      }
    }
    return true;
  }

  return {
    propagate: () => {
      const count = profile();
      let least = Infinity;
      for (let at = 0; at < count; at++) {
        if (height[at]! > capacity) return engine.contradiction(why(from[at]!, null, 0));
        least = Math.min(least, capacity - height[at]!);
      }
      for (const task of tasks)
        if (task.units > least && !engine.isFixed(task.start) && !push(task, count)) return false;
      return true;
    },
  };
}

/** Never more work between two moments than fits between them, the changes of state counted (Baptiste, Le Pape and Nuijten 2001). */
export function workload(
  engine: Engine,
  tasks: readonly Held[],
  capacity: number,
  changeMin: number | null,
): Propagator {
  const { bound } = engine;
  const names = [...new Set(tasks.map(({ state }) => state).filter((state) => state !== null))];
  const stateOf = tasks.map(({ state }) => (state === null || changeMin === null ? -1 : names.indexOf(state)));
  const [early, late] = [new Float64Array(tasks.length).fill(-Infinity), new Float64Array(tasks.length).fill(Infinity)];
  const byEarly = Array.from(tasks.keys());
  const byLate = Array.from(tasks.keys());
  const stateWork = new Float64Array(names.length);
  const stateLongest = new Float64Array(names.length);

  function why(from: number, end: number, stated: boolean): Literals {
    const reasons: Literals = [];
    for (const [at, { start, minutes }] of tasks.entries())
      if (early[at]! >= from && late[at]! <= end && (!stated || stateOf[at]! >= 0))
        reasons.push(start, from, start ^ 1, minutes - end);
    return reasons;
  }

  /** Minutes the states want one after the other, with the changes between them. */
  function inStates(): number {
    let minutes = 0;
    let states = 0;
    for (let at = 0; at < names.length; at++) {
      if (stateLongest[at] === 0) continue;
      states++;
      minutes += Math.max(stateLongest[at]!, Math.ceil(stateWork[at]! / capacity));
    }
    return states < 2 ? 0 : minutes + (states - 1) * changeMin!;
  }

  /** False: what lies before `end` and begins with `from` or before is too much. */
  function before(end: number, latestFrom: number): boolean {
    stateWork.fill(0);
    stateLongest.fill(0);
    let work = 0;
    for (let at = byEarly.length - 1; at >= 0; at--) {
      const index = byEarly[at]!;
      if (late[index]! > end) continue;
      const { minutes, units } = tasks[index]!;
      work += units * minutes;
      const from = early[index]!;
      if (from <= latestFrom && work > capacity * (end - from)) return engine.contradiction(why(from, end, false));
      const state = stateOf[index]!;
      if (state < 0) continue;
      stateWork[state]! += units * minutes;
      stateLongest[state] = Math.max(stateLongest[state]!, minutes);
      if (inStates() > end - from) return engine.contradiction(why(from, end, true));
    }
    return true;
  }

  return {
    propagate: () => {
      // what was fine stays fine but for windows that hold a task whose own became narrower
      let latestFrom = -Infinity;
      let firstEnd = Infinity;
      for (let at = 0; at < tasks.length; at++) {
        const { start, minutes } = tasks[at]!;
        const [from, end] = [bound[start]!, minutes - bound[start ^ 1]!];
        if (from > early[at]! || end < late[at]!) {
          latestFrom = Math.max(latestFrom, from);
          firstEnd = Math.min(firstEnd, end);
        }
        early[at] = from;
        late[at] = end;
      }
      if (latestFrom === -Infinity) return true;
      settle(byEarly, early);
      settle(byLate, late);
      for (let at = 0; at < byLate.length; at++) {
        const end = late[byLate[at]!]!;
        if (end < firstEnd || (at + 1 < byLate.length && late[byLate[at + 1]!] === end)) continue;
        if (before(end, latestFrom)) continue;
        // nothing is known to be fine now
        early.fill(-Infinity);
        late.fill(Infinity);
        return false;
      }
      return true;
    },
  };
}
