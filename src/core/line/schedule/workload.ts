import type { Engine, Literals, Propagator } from "./engine";
import { sortNearlySorted, type Held } from "./held";

/** Never more work between two moments than fits between them, the changes of state counted (Baptiste, Le Pape and Nuijten 2001). */
export class Workload implements Propagator {
  private readonly bound: Engine["bound"];
  /** Number of the state each task wants; -1: any. */
  private readonly stateOf: readonly number[];
  /** Earliest start and latest end of each task when it was last looked at. */
  private readonly early: Float64Array;
  private readonly late: Float64Array;
  private readonly byEarly: number[];
  private readonly byLate: number[];
  private readonly stateWork: Float64Array;
  private readonly stateLongest: Float64Array;

  constructor(
    private readonly engine: Engine,
    private readonly tasks: readonly Held[],
    private readonly capacity: number,
    private readonly changeMin: number | null,
  ) {
    this.bound = engine.bound;
    const names = [...new Set(tasks.map(({ state }) => state).filter((state) => state !== null))];
    this.stateOf = tasks.map(({ state }) => (state === null || changeMin === null ? -1 : names.indexOf(state)));
    this.early = new Float64Array(tasks.length).fill(-Infinity);
    this.late = new Float64Array(tasks.length).fill(Infinity);
    this.byEarly = Array.from(tasks.keys());
    this.byLate = Array.from(tasks.keys());
    this.stateWork = new Float64Array(names.length);
    this.stateLongest = new Float64Array(names.length);
  }

  propagate(): boolean {
    const { tasks, bound, early, late, byLate } = this;
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
    sortNearlySorted(this.byEarly, early);
    sortNearlySorted(byLate, late);
    for (let at = 0; at < byLate.length; at++) {
      const end = late[byLate[at]!]!;
      if (end < firstEnd || (at + 1 < byLate.length && late[byLate[at + 1]!] === end)) continue;
      if (this.fitsBefore(end, latestFrom)) continue;
      // nothing is known to be fine now
      early.fill(-Infinity);
      late.fill(Infinity);
      return false;
    }
    return true;
  }

  private why(from: number, end: number, stated: boolean): Literals {
    const reasons: Literals = [];
    for (const [at, { start, minutes }] of this.tasks.entries())
      if (this.early[at]! >= from && this.late[at]! <= end && (!stated || this.stateOf[at]! >= 0))
        reasons.push(start, from, start ^ 1, minutes - end);
    return reasons;
  }

  /** Minutes the states want one after the other, with the changes between them. */
  private inStates(): number {
    const { stateWork, stateLongest } = this;
    let minutes = 0;
    let states = 0;
    for (let at = 0; at < stateWork.length; at++) {
      if (stateLongest[at] === 0) continue;
      states++;
      minutes += Math.max(stateLongest[at]!, Math.ceil(stateWork[at]! / this.capacity));
    }
    return states < 2 ? 0 : minutes + (states - 1) * this.changeMin!;
  }

  /** False: what lies before `end` and begins with `latestFrom` or before is too much. */
  private fitsBefore(end: number, latestFrom: number): boolean {
    const { tasks, early, late, byEarly, stateOf, stateWork, stateLongest, engine } = this;
    stateWork.fill(0);
    stateLongest.fill(0);
    let work = 0;
    for (let at = byEarly.length - 1; at >= 0; at--) {
      const index = byEarly[at]!;
      if (late[index]! > end) continue;
      const { minutes, units } = tasks[index]!;
      work += units * minutes;
      const from = early[index]!;
      if (from <= latestFrom && work > this.capacity * (end - from))
        return engine.contradiction(this.why(from, end, false));
      const state = stateOf[index]!;
      if (state < 0) continue;
      stateWork[state]! += units * minutes;
      stateLongest[state] = Math.max(stateLongest[state]!, minutes);
      if (this.inStates() > end - from) return engine.contradiction(this.why(from, end, true));
    }
    return true;
  }
}
