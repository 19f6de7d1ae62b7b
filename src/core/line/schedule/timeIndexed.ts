import { clamp } from "@/core/numeric";
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
  const { tasks, serves, resources } = problem;
  const { engine } = model;
  const serveAt = new Map(serves.map(({ id }, at) => [id, at]));
  const index = new Map(tasks.map(({ id }, at) => [id, at]));
  const nearest = Math.min(...serves.map(({ atMin }) => atMin)) - horizonMin;
  const slots = tasks.map((_, at): Slots => {
    const [least, most] = [engine.least(model.starts[at]!), engine.most(model.starts[at]!)];
    return { from: clamp(nearest, least, most), to: most, far: least < Math.min(nearest, most) };
  });
  const stands = serves.map((_, at) => ({ from: engine.least(model.serves[at]!), to: engine.most(model.serves[at]!) }));
  const size = [...slots, ...stands].reduce((sum, { from, to }) => sum + to - from + 2, 0);
  if (size > MOST_VARIABLES) return null;

  const rows: string[] = [];
  const binaries: string[] = [];
  const name = (letter: string, at: number, minute: number) => `${letter}${at}_${minute < 0 ? `m${-minute}` : minute}`;
  const starts = (at: number, from: number, to: number): string[] => {
    const { from: first, to: last } = slots[at]!;
    const found: string[] = [];
    for (let minute = Math.max(from, first); minute <= Math.min(to, last); minute++) found.push(name("x", at, minute));
    return found;
  };
  /** Names of all slots of a task, with its minute. */
  const timed = (letter: string, at: number, { from, to }: { readonly from: number; readonly to: number }) =>
    Array.from({ length: to - from + 1 }, (_, by) => [name(letter, at, from + by), from + by] as const);
  const row = (plus: readonly string[], minus: readonly string[], end: string) => {
    if (plus.length + minus.length > 0)
      rows.push(`${plus.map((one) => ` + ${one}`).join("")}${minus.map((one) => ` - ${one}`).join("")} ${end}`);
  };

  for (const [at, { far }] of slots.entries()) {
    const all = [...timed("x", at, slots[at]!).map(([one]) => one), ...(far ? [`far${at}`] : [])];
    binaries.push(...all);
    row(all, [], "= 1");
  }
  for (const at of serves.keys()) {
    const all = timed("y", at, stands[at]!).map(([one]) => one);
    binaries.push(...all);
    row(all, [], "= 1");
  }
  // what belongs to a serve ends by it, and not too long before
  for (const [at, { minutes, serveId, mustEndAtServe, maxWaitMin }] of tasks.entries()) {
    const serve = serveAt.get(serveId)!;
    const { from, to } = stands[serve]!;
    if (from === to) continue;
    const wait = mustEndAtServe ? 0 : maxWaitMin;
    for (let minute = from; minute < to; minute++) {
      const byThen = timed("y", serve, { from, to: minute }).map(([one]) => one);
      // the serve stands by then: so the task has ended by then
      row(byThen, [...starts(at, -Infinity, minute - minutes), ...(slots[at]!.far ? [`far${at}`] : [])], "<= 0");
    }
    if (wait === null) continue;
    for (let minute = from + 1; minute <= to; minute++) {
      const later = timed("y", serve, { from: minute, to }).map(([one]) => one);
      row(later, starts(at, minute - minutes - wait, Infinity), "<= 0");
    }
  }
  for (const [at, { after }] of tasks.entries())
    for (const { taskId, gapMin, gapMax } of after) {
      const before = index.get(taskId)!;
      const { minutes } = tasks[before]!;
      const farBefore = slots[before]!.far ? [`far${before}`] : [];
      const farAt = slots[at]!.far ? [`far${at}`] : [];
      if (farAt.length > 0) row(farAt, farBefore, "<= 0");
      for (let minute = slots[at]!.from; minute <= slots[at]!.to; minute++) {
        row(
          [...farAt, ...starts(at, -Infinity, minute)],
          [...farBefore, ...starts(before, -Infinity, minute - minutes - gapMin)],
          "<= 0",
        );
        if (gapMax === null) continue;
        const early = starts(before, -Infinity, minute - minutes - gapMax - 1);
        if (early.length > 0) row(early, [...farAt, ...starts(at, -Infinity, minute - 1)], "<= 0");
      }
    }
  for (const [first, other] of model.alike)
    for (let minute = slots[other]!.from; minute <= slots[other]!.to; minute++)
      row(
        [...(slots[other]!.far ? [`far${other}`] : []), ...starts(other, -Infinity, minute)],
        [...(slots[first]!.far ? [`far${first}`] : []), ...starts(first, -Infinity, minute)],
        "<= 0",
      );
  const begin = Math.min(...slots.map(({ from }) => from));
  const finish = Math.max(...slots.map(({ to }, at) => to + tasks[at]!.minutes));
  for (const [at, { id, capacity, changeMin }] of resources.entries()) {
    const users = tasks.flatMap(({ needs, minutes }, task) =>
      needs
        .filter(({ resourceId, units }) => resourceId === id && units > 0)
        .map((need) => ({ ...need, task, minutes })),
    );
    const running = (minute: number, state: string | null) =>
      users
        .filter((user) => state === null || user.state === state)
        .flatMap(({ task, minutes, units }) =>
          starts(task, minute - minutes + 1, minute).map((one) => `${units} ${one}`),
        );
    for (let minute = begin; minute < finish; minute++) row(running(minute, null), [], `<= ${capacity}`);
    if (changeMin === null) continue;
    const states = [...new Set(users.flatMap(({ state }) => (state === null ? [] : [state])))];
    if (states.length < 2) continue;
    for (let minute = begin; minute < finish; minute++) {
      const on = states.map((_, state) => name(`s${at}_${state}_`, 0, minute));
      binaries.push(...on);
      row(on, [], "<= 1");
      for (const [state, one] of states.entries())
        for (let near = minute; near <= Math.min(finish - 1, minute + changeMin); near++) {
          const here = running(near, one);
          if (here.length > 0) row(here, [`${capacity} ${on[state]}`], "<= 0");
        }
    }
  }

  const lateness: string[] = [];
  for (const [at, { atMin }] of serves.entries())
    for (const [one, minute] of timed("y", at, stands[at]!))
      if (minute > atMin) lateness.push(`${minute - atMin} ${one}`);
  const waiting: string[] = [];
  let waitBase = 0;
  for (const [at, { serveId, minutes, maxWaitMin, waitCost, mustEndAtServe }] of tasks.entries()) {
    const factor = Math.round(waitCost * model.costParts);
    if (maxWaitMin === null || mustEndAtServe || factor === 0) continue;
    const serve = serveAt.get(serveId)!;
    // from the earliest the serve can stand and the latest the task can end
    const [first, last] = [stands[serve]!.from, slots[at]!.to];
    waitBase += factor * (first - last - minutes);
    for (const [one, minute] of timed("y", serve, stands[serve]!))
      if (minute > first) waiting.push(`${factor * (minute - first)} ${one}`);
    for (const [one, minute] of timed("x", at, slots[at]!))
      if (minute < last) waiting.push(`${factor * (last - minute)} ${one}`);
    // far: at least as long as from just before what was looked at
    if (slots[at]!.far) waiting.push(`${factor * (last - slots[at]!.from + 1)} far${at}`);
  }
  if (wanted !== "late") row(lateness, [], `<= ${engine.most(model.lateness)}`);
  if (wanted === "first") row(waiting, [], `<= ${engine.most(model.waiting) - waitBase}`);
  // work has begun by that minute
  const latestFirst = engine.most(model.first);
  const begun: string[] = [];
  if (wanted === "first") {
    for (let minute = begin; minute < latestFirst; minute++) {
      const one = name("b", 0, minute);
      begun.push(one);
      binaries.push(one);
      for (const at of tasks.keys()) row(starts(at, -Infinity, minute), [one], "<= 0");
    }
  }
  const goal = { late: lateness, waiting, first: begun }[wanted];
  const base = { late: 0, waiting: waitBase, first: -latestFirst }[wanted];
  if (goal.length === 0) return null;
  const program = [
    "Minimize",
    ` goal: ${goal.join(" + ")}`,
    "Subject To",
    ...rows.map((one, at) => ` r${at}:${one}`),
    "Binary",
    ` ${binaries.join("\n ")}`,
    "End",
  ].join("\n");
  const answer = solver(program, seconds);
  if (!answer) return null;
  const chosen = (letter: string, at: number, span: { readonly from: number; readonly to: number }) =>
    timed(letter, at, span).find(([one]) => answer.isOne(one))?.[1] ?? NaN;
  return {
    least: answer.proven ? Math.ceil(answer.objective + base - 1e-6) : null,
    starts: slots.map((span, at) => chosen("x", at, span)),
    serves: stands.map((span, at) => chosen("y", at, span)),
  };
}
