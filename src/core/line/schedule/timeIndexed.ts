import { clamp, sumOf } from "@/core/numeric";
import type { Model } from "./model";
import type { ScheduleProblem } from "./problem";

/** A solver of linear programs with whole numbers, in the CPLEX LP format. `proven`: nothing is less; null: it found nothing in the time. */
export type MixedIntegerSolver = (
  program: string,
  seconds: number,
) => { readonly proven: boolean; readonly objective: number; readonly isOne: (name: string) => boolean } | null;

export type Wanted = "late" | "waiting" | "first";

export type Relaxed = {
  /** No plan has less; null: the time was up before that was known. */
  readonly least: number | null;
  /** Where each task starts and each serve stands in it; NaN: before what was looked at. */
  readonly starts: readonly number[];
  readonly serves: readonly number[];
};

/** A program this large is not tried. */
const MOST_VARIABLES = 9000;

type Slots = { readonly from: number; readonly to: number; readonly far: boolean };
type Span = Pick<Slots, "from" | "to">;

const nameOf = (letter: string, at: number, minute: number) => `${letter}${at}_${minute < 0 ? `m${-minute}` : minute}`;
/** Names of all slots of a task or serve, with its minute. */
const timed = (letter: string, at: number, { from, to }: Span) =>
  Array.from({ length: to - from + 1 }, (_, by) => [nameOf(letter, at, from + by), from + by] as const);
const namesOf = (letter: string, at: number, span: Span) => timed(letter, at, span).map(([one]) => one);

/** What is to be as little as can be: its terms, and what they leave out. */
type Goal = { readonly terms: readonly string[]; readonly base: number };

/** The rows of the program: what holds of the minutes at which tasks start (x) and serves stand (y). */
class MinuteProgram {
  readonly slots: readonly Slots[];
  readonly stands: readonly Span[];
  readonly #rows: string[] = [];
  readonly #binaries: string[] = [];
  readonly #serveAt: ReadonlyMap<string, number>;
  readonly #begin: number;
  readonly #finish: number;

  constructor(
    readonly problem: ScheduleProblem,
    readonly model: Model,
    horizonMin: number,
  ) {
    const { tasks, serves } = problem;
    const { engine } = model;
    this.#serveAt = new Map(serves.map(({ id }, at) => [id, at]));
    const nearest = Math.min(...serves.map(({ atMin }) => atMin)) - horizonMin;
    this.slots = tasks.map((_, at): Slots => {
      const [least, most] = [engine.least(model.starts[at]!), engine.most(model.starts[at]!)];
      return { from: clamp(nearest, least, most), to: most, far: least < Math.min(nearest, most) };
    });
    this.stands = serves.map((_, at) => ({
      from: engine.least(model.serves[at]!),
      to: engine.most(model.serves[at]!),
    }));
    this.#begin = Math.min(...this.slots.map(({ from }) => from));
    this.#finish = Math.max(...this.slots.map(({ to }, at) => to + tasks[at]!.minutes));
  }

  get size(): number {
    return sumOf([...this.slots, ...this.stands], ({ from, to }) => to - from + 2);
  }

  #row(plus: readonly string[], minus: readonly string[], end: string): void {
    if (plus.length + minus.length > 0)
      this.#rows.push(`${plus.map((one) => ` + ${one}`).join("")}${minus.map((one) => ` - ${one}`).join("")} ${end}`);
  }

  #starts(at: number, from: number, to: number): readonly string[] {
    const { from: first, to: last } = this.slots[at]!;
    return namesOf("x", at, { from: Math.max(from, first), to: Math.min(to, last) });
  }

  #far(at: number): readonly string[] {
    return this.slots[at]!.far ? [`far${at}`] : [];
  }

  /** The names under which a task has started by a minute. */
  #begunBy(at: number, minute: number): readonly string[] {
    return [...this.#far(at), ...this.#starts(at, -Infinity, minute)];
  }

  everythingOnce(): void {
    const each = [
      ...this.slots.map((span, at) => [...namesOf("x", at, span), ...this.#far(at)]),
      ...this.stands.map((span, at) => namesOf("y", at, span)),
    ];
    for (const all of each) {
      this.#binaries.push(...all);
      this.#row(all, [], "= 1");
    }
  }

  /** What belongs to a serve ends by it, and not too long before. */
  endsByItsServe(): void {
    for (const [at, { minutes, serveId, mustEndAtServe, maxWaitMin }] of this.problem.tasks.entries()) {
      const serve = this.#serveAt.get(serveId)!;
      const { from, to } = this.stands[serve]!;
      if (from === to) continue;
      // the serve stands by then: so the task has ended by then
      for (let minute = from; minute < to; minute++)
        this.#row(
          namesOf("y", serve, { from, to: minute }),
          [...this.#starts(at, -Infinity, minute - minutes), ...this.#far(at)],
          "<= 0",
        );
      const wait = mustEndAtServe ? 0 : maxWaitMin;
      if (wait === null) continue;
      for (let minute = from + 1; minute <= to; minute++)
        this.#row(
          namesOf("y", serve, { from: minute, to }),
          this.#starts(at, minute - minutes - wait, Infinity),
          "<= 0",
        );
    }
  }

  followsOthers(): void {
    const index = new Map(this.problem.tasks.map(({ id }, at) => [id, at]));
    for (const [at, { after }] of this.problem.tasks.entries())
      for (const gap of after) this.#follows(at, index.get(gap.taskId)!, gap);
  }

  #follows(
    at: number,
    before: number,
    { gapMin, gapMax }: { readonly gapMin: number; readonly gapMax: number | null },
  ): void {
    const { minutes } = this.problem.tasks[before]!;
    const { from, to } = this.slots[at]!;
    if (this.slots[at]!.far) this.#row(this.#far(at), this.#far(before), "<= 0");
    for (let minute = from; minute <= to; minute++) {
      this.#row(this.#begunBy(at, minute), this.#begunBy(before, minute - minutes - gapMin), "<= 0");
      if (gapMax === null) continue;
      const early = this.#starts(before, -Infinity, minute - minutes - gapMax - 1);
      if (early.length > 0) this.#row(early, this.#begunBy(at, minute - 1), "<= 0");
    }
  }

  /** Of two that are alike the first begins first. */
  alikeInOrder(): void {
    for (const [first, other] of this.model.alike)
      for (let minute = this.slots[other]!.from; minute <= this.slots[other]!.to; minute++)
        this.#row(this.#begunBy(other, minute), this.#begunBy(first, minute), "<= 0");
  }

  /** No more is in use than there is, and what is set to one state is not used in another. */
  withinCapacity(): void {
    for (const [at, { id, capacity, changeMin }] of this.problem.resources.entries()) {
      const users = this.problem.tasks.flatMap(({ needs, minutes }, task) =>
        needs
          .filter(({ resourceId, units }) => resourceId === id && units > 0)
          .map((need) => ({ ...need, task, minutes })),
      );
      const running = (minute: number, state: string | null) =>
        users
          .filter((user) => state === null || user.state === state)
          .flatMap(({ task, minutes, units }) =>
            this.#starts(task, minute - minutes + 1, minute).map((one) => `${units} ${one}`),
          );
      for (let minute = this.#begin; minute < this.#finish; minute++)
        this.#row(running(minute, null), [], `<= ${capacity}`);
      const states = [...new Set(users.flatMap(({ state }) => (state === null ? [] : [state])))];
      if (changeMin !== null && states.length > 1) this.#inOneState(at, capacity, changeMin, states, running);
    }
  }

  #inOneState(
    at: number,
    capacity: number,
    changeMin: number,
    states: readonly string[],
    running: (minute: number, state: string) => readonly string[],
  ): void {
    for (let minute = this.#begin; minute < this.#finish; minute++) {
      const on = states.map((_, state) => nameOf(`s${at}_${state}_`, 0, minute));
      this.#binaries.push(...on);
      this.#row(on, [], "<= 1");
      for (const [state, one] of states.entries())
        for (let near = minute; near <= Math.min(this.#finish - 1, minute + changeMin); near++) {
          const here = running(near, one);
          if (here.length > 0) this.#row(here, [`${capacity} ${on[state]}`], "<= 0");
        }
    }
  }

  lateness(): Goal {
    const terms = this.problem.serves.flatMap(({ atMin }, at) =>
      timed("y", at, this.stands[at]!)
        .filter(([, minute]) => minute > atMin)
        .map(([one, minute]) => `${minute - atMin} ${one}`),
    );
    return { terms, base: 0 };
  }

  waiting(): Goal {
    const terms: string[] = [];
    let base = 0;
    for (const [at, { serveId, minutes, maxWaitMin, waitCost, mustEndAtServe }] of this.problem.tasks.entries()) {
      const factor = Math.round(waitCost * this.model.costParts);
      if (maxWaitMin === null || mustEndAtServe || factor === 0) continue;
      const serve = this.#serveAt.get(serveId)!;
      // from the earliest the serve can stand and the latest the task can end
      const [first, last] = [this.stands[serve]!.from, this.slots[at]!.to];
      base += factor * (first - last - minutes);
      for (const [one, minute] of timed("y", serve, this.stands[serve]!))
        if (minute > first) terms.push(`${factor * (minute - first)} ${one}`);
      for (const [one, minute] of timed("x", at, this.slots[at]!))
        if (minute < last) terms.push(`${factor * (last - minute)} ${one}`);
      // far: at least as long as from just before what was looked at
      if (this.slots[at]!.far) terms.push(`${factor * (last - this.slots[at]!.from + 1)} far${at}`);
    }
    return { terms, base };
  }

  /** How late the first work begins. */
  firstStart(): Goal {
    const latest = this.model.engine.most(this.model.first);
    const terms: string[] = [];
    for (let minute = this.#begin; minute < latest; minute++) {
      const one = nameOf("b", 0, minute);
      terms.push(one);
      this.#binaries.push(one);
      for (const at of this.problem.tasks.keys()) this.#row(this.#starts(at, -Infinity, minute), [one], "<= 0");
    }
    return { terms, base: -latest };
  }

  atMost({ terms, base }: Goal, most: number): void {
    this.#row(terms, [], `<= ${most - base}`);
  }

  text(goal: Goal): string {
    return [
      "Minimize",
      ` goal: ${goal.terms.join(" + ")}`,
      "Subject To",
      ...this.#rows.map((one, at) => ` r${at}:${one}`),
      "Binary",
      ` ${this.#binaries.join("\n ")}`,
      "End",
    ].join("\n");
  }
}

/** What is wanted, with what was found least before it held. */
function goalOf(program: MinuteProgram, wanted: Wanted): Goal {
  const { engine, lateness, waiting } = program.model;
  const late = program.lateness();
  if (wanted === "late") return late;
  program.atMost(late, engine.most(lateness));
  const wait = program.waiting();
  if (wanted === "waiting") return wait;
  program.atMost(wait, engine.most(waiting));
  return program.firstStart();
}

/**
 * The problem minute by minute (Pritsker, Watters and Wolfe 1969, Management Science 16, 93-108), with the bounds the engine has drawn. What
 * may begin more than `horizonMin` before the first serve may be "far": then it holds nothing, so that the answer is never more than the true
 * least. Null: too large, or not solved in the time.
 */
export function relaxed(
  problem: ScheduleProblem,
  model: Model,
  wanted: Wanted,
  horizonMin: number,
  solver: MixedIntegerSolver,
  seconds: number,
): Relaxed | null {
  const program = new MinuteProgram(problem, model, horizonMin);
  if (program.size > MOST_VARIABLES) return null;
  program.everythingOnce();
  program.endsByItsServe();
  program.followsOthers();
  program.alikeInOrder();
  program.withinCapacity();
  const goal = goalOf(program, wanted);
  if (goal.terms.length === 0) return null;
  const answer = solver(program.text(goal), seconds);
  if (!answer) return null;
  const chosen = (letter: string, at: number, span: Span) =>
    timed(letter, at, span).find(([one]) => answer.isOne(one))?.[1] ?? NaN;
  return {
    least: answer.proven ? Math.ceil(answer.objective + goal.base - 1e-6) : null,
    starts: program.slots.map((span, at) => chosen("x", at, span)),
    serves: program.stands.map((span, at) => chosen("y", at, span)),
  };
}
