import type { Engine, Literals, Propagator } from "./engine";
import { runsAt, sortNearlySorted, type Held } from "./held";

/** Never more of a resource than there is: from the parts of tasks that certainly run then. */
export class Timetable implements Propagator {
  private readonly bound: Engine["bound"];
  /** The ends of the parts that certainly run: first the beginnings, then the ends of all tasks. */
  private readonly moments: Float64Array;
  private readonly order: number[];
  /** Stretches of one height. */
  private readonly from: Float64Array;
  private readonly to: Float64Array;
  private readonly height: Float64Array;
  private readonly largestFirst: readonly Held[];

  constructor(
    private readonly engine: Engine,
    private readonly tasks: readonly Held[],
    private readonly capacity: number,
  ) {
    this.bound = engine.bound;
    this.moments = new Float64Array(2 * tasks.length);
    this.order = Array.from(this.moments.keys());
    this.from = new Float64Array(2 * tasks.length);
    this.to = new Float64Array(2 * tasks.length);
    this.height = new Float64Array(2 * tasks.length);
    this.largestFirst = [...tasks].sort((a, b) => b.units - a.units);
  }

  propagate(): boolean {
    const { height, capacity } = this;
    const count = this.profile();
    let least = Infinity;
    for (let at = 0; at < count; at++) {
      if (height[at]! > capacity) return this.engine.contradiction(this.why(this.from[at]!, null, 0));
      least = Math.min(least, capacity - height[at]!);
    }
    for (const task of this.tasks) {
      if (task.units <= least || this.engine.isFixed(task.start)) continue;
      if (!this.pushLater(task, count) || !this.pushEarlier(task, count)) return false;
    }
    return true;
  }

  private latest({ start }: Held): number {
    return -this.bound[start ^ 1]!;
  }

  private earliestEnd({ start, minutes }: Held): number {
    return this.bound[start]! + minutes;
  }

  /** Works out the stretches of one height; answers with how many. */
  private profile(): number {
    const { tasks, moments, order } = this;
    for (const [at, task] of tasks.entries()) {
      const [begins, ends] = [this.latest(task), this.earliestEnd(task)];
      const runs = begins < ends;
      moments[at] = runs ? begins : Infinity;
      moments[at + tasks.length] = runs ? ends : Infinity;
    }
    sortNearlySorted(order, moments);
    let count = 0;
    let units = 0;
    for (let at = 0; at < order.length; at++) {
      const index = order[at]!;
      const moment = moments[index]!;
      if (moment === Infinity) break;
      units += index < tasks.length ? tasks[index]!.units : -tasks[index - tasks.length]!.units;
      const next = at + 1 < order.length ? moments[order[at + 1]!]! : moment;
      if (next <= moment || units <= 0 || next === Infinity) continue;
      this.from[count] = moment;
      this.to[count] = next;
      this.height[count++] = units;
    }
    return count;
  }

  /** Tasks that run at the moment and leave less than `room`, the largest first. */
  private why(moment: number, but: Held | null, room: number): Literals {
    const reasons: Literals = [];
    let units = 0;
    for (const task of this.largestFirst) {
      if (units > this.capacity - room) break;
      if (task === but || this.latest(task) > moment || moment >= this.earliestEnd(task)) continue;
      units += task.units;
      reasons.push(...runsAt(task.start, task.minutes, moment));
    }
    return reasons;
  }

  /** It certainly runs all through a stretch: its own part stands in the height already. */
  private isIn(task: Held, at: number): boolean {
    return this.latest(task) <= this.from[at]! && this.to[at]! <= this.earliestEnd(task);
  }

  /** False: a conflict. */
  private pushLater(task: Held, count: number): boolean {
    const { bound, from, to, height, engine } = this;
    const { start, minutes, units } = task;
    for (let at = 0; at < count; at++) {
      if (height[at]! + units <= this.capacity) continue;
      while (bound[start]! < to[at]! && from[at]! < this.earliestEnd(task)) {
        if (this.isIn(task, at)) break;
        const moment = Math.min(to[at]!, this.earliestEnd(task)) - 1;
        const reasons = [start, moment - minutes + 1, ...this.why(moment, task, units)];
        if (!engine.imply(start, moment + 1, reasons)) return false;
      }
    }
    return true;
  }

  /** False: a conflict. */
  private pushEarlier(task: Held, count: number): boolean {
    const { from, to, height, engine } = this;
    const { start, minutes, units } = task;
    for (let at = count - 1; at >= 0; at--) {
      if (height[at]! + units <= this.capacity) continue;
      while (this.latest(task) < to[at]! && from[at]! < this.latest(task) + minutes) {
        if (this.isIn(task, at)) break;
        const moment = Math.max(from[at]!, this.latest(task));
        if (!engine.imply(start ^ 1, minutes - moment, [start ^ 1, -moment, ...this.why(moment, task, units)]))
          return false;
      }
    }
    return true;
  }
}
