import { sumOf } from "@/core/numeric";
import { clashOf, wholeClash } from "./clash";
import { linear } from "./linear";
import { modelOf, scheduleOf, type Model } from "./model";
import type { Bound, Schedule, ScheduleAnswer, ScheduleProblem } from "./problem";
import { relaxed, type MixedIntegerSolver, type Relaxed, type Wanted } from "./timeIndexed";

/** The clock is the caller's: seconds that are left. */
export type Clock = () => number;

export type SolveOptions = {
  /** For long sums of waiting, where search alone proves little; absent: search alone. */
  readonly solver?: MixedIntegerSolver | null;
  /** Hears of every better plan on the way. */
  readonly onBetter?: (schedule: Schedule) => void;
  /** False: that nothing fits is said at once, without looking for what clashes; it names everything. */
  readonly namesClash?: boolean;
};

type Found = { readonly starts: readonly number[]; readonly serves: readonly number[]; readonly schedule: Schedule };
type Term = { readonly side: number; readonly factor: number };

/** Conflicts a step from below may cost at first, before one from above is tried. */
const FIRST_BUDGET = 500;
/** Conflicts a guess between what is had and what is hoped for may cost. */
const GUESS_BUDGET = 1500;
/** Conflicts that completing what the linear program placed may cost. */
const FOLLOW_BUDGET = 4000;
/** Conflicts a first plan may cost latest first, and then from now on, before it is looked for by what learning found. */
const GREEDY_CONFLICTS = 60;
/** Conflicts that moving everything of a first plan later may cost. */
const JUSTIFY_CONFLICTS = 300;
/** Share of what time is left that search has for a sum before the linear program is asked, and that program after it. */
const SEARCH_SHARE = 0.2;
const PROGRAM_SHARE = 0.45;
const LEAST_PROGRAM_S = 1;
/** How far before its serve the program looks, against the best plan so far. */
const HORIZON_SHARE = 1.25;
const LEAST_HORIZON_MIN = 30;

/**
 * The best plan: least lateness, then least waiting, then the latest first start. It is proven unless the time is up before. Nothing fits:
 * what clashes.
 */
export function solveSchedule(problem: ScheduleProblem, clock: Clock, options: SolveOptions = {}): ScheduleAnswer {
  const known = clashAtSight(problem);
  if (known) return { kind: "infeasible", clash: known };
  const model = modelOf(problem);
  const search = new Search(problem, model, clock, options);
  const outcome = model.impossible ? "none" : search.first();
  if (outcome === "none" && options.namesClash === false) return { kind: "infeasible", clash: wholeClash(problem) };
  if (outcome === "none") return { kind: "infeasible", clash: clashOf(problem, (part) => fits(part, clock)) };
  if (outcome === "stopped") return { kind: "unknown" };
  const provenBest = problem.tasks.length === 0 || search.improve();
  return { kind: "plan", schedule: search.best!.schedule, provenBest, bound: search.bound() };
}

/** Whether anything fits at all; null: the time was up. */
export function fits(problem: ScheduleProblem, clock: Clock): boolean | null {
  if (clock() <= 0) return null;
  const model = modelOf(problem);
  if (model.impossible) return false;
  const outcome = new Search(problem, model, clock, {}).first();
  return outcome === "stopped" ? null : outcome === "solved";
}

function clashAtSight({ tasks, resources }: ScheduleProblem) {
  for (const { id: resourceId, capacity } of resources)
    for (const { id: taskId, needs } of tasks)
      if (needs.some((need) => need.resourceId === resourceId && need.units > capacity))
        return { kind: "overCapacity", taskId, resourceId, capacity } as const;
  const after = new Map(tasks.map((task) => [task.id, task.after.map(({ taskId }) => taskId)]));
  const done = new Set<string>();
  const walk = (id: string, path: readonly string[]): readonly string[] | null => {
    if (path.includes(id)) return path.slice(path.indexOf(id));
    if (done.has(id)) return null;
    for (const before of after.get(id) ?? []) {
      const ring = walk(before, [...path, id]);
      if (ring) return ring;
    }
    done.add(id);
    return null;
  };
  for (const { id } of tasks) {
    const ring = walk(id, []);
    if (ring) return { kind: "ring", taskIds: ring } as const;
  }
  return null;
}

/** The turn of each task: that of its serve, in the order they are wanted. */
function turnsOf({ serves, tasks }: ScheduleProblem): readonly number[] {
  const order = [...serves].sort((a, b) => a.atMin - b.atMin);
  const turnOf = new Map(order.map(({ id }, turn) => [id, turn]));
  return tasks.map(({ serveId }) => turnOf.get(serveId)!);
}

class Search {
  best: Found | null = null;
  readonly #byTask: readonly number[];
  readonly #turns: readonly number[];

  constructor(
    readonly problem: ScheduleProblem,
    readonly model: Model,
    readonly clock: Clock,
    readonly options: SolveOptions,
  ) {
    this.#byTask = [...model.serves, ...model.starts];
    this.#turns = turnsOf(problem);
  }

  /** Seconds that must still be left for the search to go on. */
  #until = 0;
  readonly stop = (): boolean => this.clock() <= this.#until;

  first() {
    const backwards = this.#run([], () => this.#latestFirst(), GREEDY_CONFLICTS);
    if (backwards !== "stopped" || this.stop()) return backwards;
    const forwards = this.#run([], () => this.#earliestFirst(), GREEDY_CONFLICTS);
    if (forwards === "solved") this.#justifyRight();
    return forwards !== "stopped" || this.stop() ? forwards : this.#run([], () => this.#liveliest());
  }

  /**
   * The same serves at the same moments, and what leads to them as late as that allows, what ended last first: what is ready waits less
   * (justification to the right, after Li and Willis 1992, European Journal of Operational Research 56, 370-379).
   */
  #justifyRight(): void {
    const { engine, starts, serves } = this.model;
    const { starts: stood, serves: served } = this.best!;
    const endOf = (at: number) => stood[at]! + this.problem.tasks[at]!.minutes;
    const order = [...starts.keys()].sort((a, b) => endOf(b) - endOf(a)).map((at) => starts[at]!);
    const next = (): readonly [number, number] | null => {
      const serve = serves.find((one) => !engine.isFixed(one));
      if (serve !== undefined) return [serve ^ 1, -engine.least(serve)];
      const side = order.find((one) => !engine.isFixed(one));
      return side === undefined ? null : [side, engine.most(side)];
    };
    this.#run(
      serves.flatMap((side, at) => [side ^ 1, -served[at]!]),
      next,
      JUSTIFY_CONFLICTS,
    );
  }

  /** What holds whatever is decided, as far as it was shown. */
  bound(): Bound {
    const { engine, lateness, waiting, costParts } = this.model;
    const lateMin = engine.least(lateness);
    const isLeast = lateMin >= this.best!.schedule.lateMin;
    return { lateMin, waitCost: isLeast ? engine.least(waiting) / costParts : null };
  }

  /** True: proven best in all three. */
  improve(): boolean {
    const { engine, serves, lateness, waits, waiting, first, costParts } = this.model;
    const lates = serves.map((side) => ({ side, factor: 1 }));
    const atSum = sumOf(this.problem.serves, ({ atMin }) => atMin);
    const late = () => this.best!.schedule.lateMin;
    const cost = () => Math.round(this.best!.schedule.waitCost * costParts);
    if (!this.#proven("late", lateness, late, () => this.#leastSum(lates, atSum, lateness, late))) return false;
    engine.always(lateness ^ 1, -late());
    if (!this.#proven("waiting", waiting, cost, () => this.#leastSum(waits, 0, waiting, cost))) return false;
    engine.always(waiting ^ 1, -cost());
    const begin = () => -this.best!.schedule.firstStartMin!;
    return this.#proven("first", first ^ 1, begin, () => this.#least(first ^ 1, begin));
  }

  /** The least of a side by search; where that takes long, by a linear program and by search again with what it found. */
  #proven(wanted: Wanted, side: number, value: () => number, bySearch: () => boolean): boolean {
    const { solver } = this.options;
    if (!solver) return bySearch();
    this.#until = this.clock() * (1 - SEARCH_SHARE);
    const soon = bySearch();
    this.#until = 0;
    if (soon) return true;
    // a program does not look at the clock often enough for less
    if (this.clock() < LEAST_PROGRAM_S) return bySearch();
    const { engine } = this.model;
    const soonest = Math.min(...this.problem.serves.map(({ atMin }) => atMin));
    const horizon = Math.max(LEAST_HORIZON_MIN, HORIZON_SHARE * (soonest - this.best!.schedule.firstStartMin!));
    // only what is no worse than the plan in hand is of use
    engine.always(side ^ 1, -value());
    this.#run([], () => this.#asPhased(), 0);
    const found = relaxed(this.problem, this.model, wanted, Math.ceil(horizon), solver, this.clock() * PROGRAM_SHARE);
    if (found) {
      if (found.least !== null) engine.always(side, found.least);
      if (value() > engine.least(side)) this.#follow(found);
    }
    return bySearch();
  }

  /** Looks for a whole plan around what the linear program placed close to the serves. */
  #follow({ starts, serves }: Relaxed): void {
    const { engine, starts: startSides, serves: serveSides } = this.model;
    for (const [at, side] of startSides.entries()) engine.phase[side >> 1] = starts[at]!;
    for (const [at, side] of serveSides.entries()) engine.phase[side >> 1] = serves[at]!;
    const at = (side: number, minute: number) => (Number.isNaN(minute) ? [] : [side, minute, side ^ 1, -minute]);
    const stood = serveSides.flatMap((side, index) => at(side, serves[index]!));
    const close = this.problem.tasks.flatMap(({ maxWaitMin }, index) =>
      maxWaitMin === null ? [] : at(startSides[index]!, starts[index]!),
    );
    const all = startSides.flatMap((side, index) => at(side, starts[index]!));
    // as it is; else around what is placed close to the serves
    for (const placed of [all, close])
      if (this.#run([...stood, ...placed], () => this.#asPhased(), FOLLOW_BUDGET) === "solved") return;
  }

  /**
   * Brings a sum down to its best from below: all of its terms are wished at their least; those that cannot be so together are one term from
   * then on, that is one more at least (after Andres, Kaufmann, Matheis and Schaub 2012, LIPIcs 17, 211-221). `side` is the sum less `base`.
   */
  #leastSum(first: readonly Term[], base: number, side: number, value: () => number): boolean {
    const { engine } = this.model;
    let terms = [...first];
    let budget = FIRST_BUDGET;
    while (engine.hasRoom) {
      const low = terms.reduce((sum, one) => sum + one.factor * engine.least(one.side), -base);
      engine.always(side, low);
      const room = value() - engine.least(side);
      if (room <= 0) return true;
      // no plan as good as the one in hand has a term that takes more than all the room
      for (const one of terms) engine.always(one.side ^ 1, -engine.least(one.side) - Math.floor(room / one.factor));
      const open = terms.filter((one) => !engine.isFixed(one.side)).sort((a, b) => b.factor - a.factor);
      const wishes = open.flatMap((one) => [one.side ^ 1, -engine.least(one.side)]);
      const outcome = this.#run(wishes, () => this.#liveliest(), budget);
      if (outcome === "none") {
        if (this.stop()) return false;
        const wished = new Map(open.map((one) => [one.side, -wishes[2 * open.indexOf(one) + 1]!]));
        terms = this.#together(terms, new Map(engine.core.map((one) => [one ^ 1, wished.get(one ^ 1)!])));
        continue;
      }
      if (outcome === "solved") continue;
      if (this.stop()) return false;
      const closer = this.#run([side ^ 1, 1 - value()], () => this.#liveliest(), budget);
      if (closer === "none") engine.always(side, value());
      if (closer === "stopped") {
        if (this.stop()) return false;
        budget *= 2;
      }
    }
    // no more sums can be added: from above alone
    return this.#least(side, value);
  }

  /** The terms that cannot all be at their least, taken together as far as they weigh the same. */
  #together(terms: readonly Term[], core: ReadonlyMap<number, number>): Term[] {
    const { engine } = this.model;
    const among = terms.filter(({ side }) => core.has(side));
    // the search found one of them to be more already: that is enough of a step
    if (among.some(({ side }) => engine.least(side) > core.get(side)!)) return [...terms];
    if (among.length === 1) {
      engine.always(among[0]!.side, engine.least(among[0]!.side) + 1);
      return [...terms];
    }
    const factor = Math.min(...among.map((one) => one.factor));
    const least = sumOf(among, ({ side }) => engine.least(side));
    const most = sumOf(among, ({ side }) => engine.most(side));
    const sum = engine.variable(least + 1, Math.max(least + 1, most));
    const parts = [...among.map(({ side }) => ({ side, factor: 1 })), { side: sum ^ 1, factor: 1 }];
    engine.propagator(
      linear(engine, parts, 0),
      parts.map(({ side }) => side),
    );
    const rest = terms.map((one) => (among.includes(one) ? { ...one, factor: one.factor - factor } : one));
    return [...rest.filter((one) => one.factor > 0), { side: sum, factor }];
  }

  /** Brings the least value of a side down to its best, by halving the gap as long as a guess is cheap. */
  #least(side: number, value: () => number): boolean {
    const { engine } = this.model;
    let guess = true;
    for (;;) {
      const [low, high] = [engine.least(side), value()];
      if (low >= high) return true;
      const most = guess ? Math.floor((low + high - 1) / 2) : high - 1;
      const budget = guess && most < high - 1 ? GUESS_BUDGET : Infinity;
      const outcome = this.#run([side ^ 1, -most], () => this.#liveliest(), budget);
      if (outcome === "stopped" && this.stop()) return false;
      guess = outcome !== "stopped";
      if (outcome !== "none") continue;
      engine.always(side, most + 1);
    }
  }

  #run(wanted: number[], choose: () => readonly [number, number] | null, budget = Infinity) {
    const outcome = this.model.engine.search(wanted, choose, this.stop, budget);
    if (outcome === "solved") this.#keep();
    this.model.engine.release();
    return outcome;
  }

  #keep(): void {
    const { engine, starts, serves, orders } = this.model;
    const value = (side: number) => engine.least(side);
    const [startMin, serveMin] = [starts.map(value), serves.map(value)];
    for (const side of this.#byTask) engine.phase[side >> 1] = value(side);
    for (const { side, a, b } of orders) engine.phase[side >> 1] = startMin[a]! < startMin[b]! ? 1 : 0;
    const schedule = scheduleOf(this.problem, startMin, serveMin);
    if (this.best && !better(schedule, this.best.schedule)) return;
    this.best = { starts: startMin, serves: serveMin, schedule };
    this.options.onBetter?.(schedule);
  }

  /** As the linear program had it, the rest as late as it can. */
  #asPhased(): readonly [number, number] | null {
    const { engine } = this.model;
    for (const side of this.#byTask) {
      const phase = engine.phase[side >> 1]!;
      if (engine.isFixed(side) || !(phase >= engine.least(side) && phase <= engine.most(side))) continue;
      return phase > engine.least(side) ? [side, phase] : [side ^ 1, -phase];
    }
    return this.#latestFirst();
  }

  /** Backwards from the plate: serves as early as they may, then the task that can end last, as late as it can. */
  #latestFirst(): readonly [number, number] | null {
    const { engine, serves, starts } = this.model;
    for (const side of serves) if (!engine.isFixed(side)) return [side ^ 1, -engine.least(side)];
    let chosen = -1;
    let end = -Infinity;
    for (const [at, side] of starts.entries()) {
      if (engine.isFixed(side)) continue;
      const ends = engine.most(side) + this.problem.tasks[at]!.minutes;
      if (ends > end) [chosen, end] = [side, ends];
    }
    return chosen < 0 ? null : [chosen, engine.most(chosen)];
  }

  /** Serve after serve forwards, what is wanted first before the rest: of each what can begin first, as early as it can. */
  #earliestFirst(): readonly [number, number] | null {
    const { engine, serves, starts } = this.model;
    let chosen = -1;
    let wanted = Infinity;
    for (const [at, side] of starts.entries()) {
      if (engine.isFixed(side)) continue;
      const turn = this.#turns[at]!;
      if (turn > wanted || (turn === wanted && engine.least(side) >= engine.least(chosen))) continue;
      [chosen, wanted] = [side, turn];
    }
    if (chosen >= 0) return [chosen ^ 1, -engine.least(chosen)];
    const serve = serves.find((side) => !engine.isFixed(side));
    return serve === undefined ? null : [serve ^ 1, -engine.least(serve)];
  }

  /** What took part in the last conflicts, as it was in the best plan. */
  #liveliest(): readonly [number, number] | null {
    const { engine, orders } = this.model;
    let chosen = -1;
    let most = 0;
    for (const side of this.#byTask)
      if (engine.activity[side >> 1]! > most && !engine.isFixed(side))
        [chosen, most] = [side, engine.activity[side >> 1]!];
    for (const { side } of orders)
      if (engine.activity[side >> 1]! > most && !engine.isFixed(side))
        [chosen, most] = [side, engine.activity[side >> 1]!];
    if (chosen < 0) return this.#latestFirst();
    const [low, high, phase] = [engine.least(chosen), engine.most(chosen), engine.phase[chosen >> 1]!];
    if (phase > low && phase <= high) return [chosen, phase];
    if (phase === low) return [chosen ^ 1, -low];
    return [chosen, high];
  }
}

/** Strictly better by lateness, then waiting, then the first start. */
export function better(one: Schedule, other: Schedule): boolean {
  if (one.lateMin !== other.lateMin) return one.lateMin < other.lateMin;
  if (one.waitCost !== other.waitCost) return one.waitCost < other.waitCost;
  return (one.firstStartMin ?? 0) > (other.firstStartMin ?? 0);
}
