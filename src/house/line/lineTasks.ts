import { sumOf } from "@/core/numeric";
import type { CardSpec } from "@/core/cards";
import type { CookPlan, SpotKind } from "@/core/cooking";
import { sharePans, type Pan, type PanPart, type ScheduleProblem } from "@/core/line";
import { piecesIn, USUAL_STATION, type Station } from "../cards/forMany";
import type { PanStage } from "../stored/panStage";
import { panNow, panStages, type BegunPan } from "./livePan";
import { STEP_S } from "./step";

/** So many of a dish a course wants: its card as it is served, the stove's plan of a full load of it. */
export type LineDish = {
  readonly lineId: string;
  readonly courseId: string;
  readonly cardId: string;
  readonly card: CardSpec;
  /** Null: it is not cooked. */
  readonly plan: CookPlan | null;
  readonly count: number;
  /** An allergy: it shares with nothing, and pan and board are clean before. */
  readonly alone?: boolean;
  /** What the station makes of the stove's minutes. */
  readonly ratio?: number;
  /** The oven's heat where it is not the usual one of the way of cooking. */
  readonly ovenC?: number | undefined;
};
export type LineCourse = { readonly id: string; readonly dueS: number };

/** What is known of the line besides what is wanted. */
export type LineState = {
  readonly station: Station;
  readonly hands: number;
  /** Spots that do not work. */
  readonly out: ReadonlyMap<SpotKind, number>;
  readonly begun: readonly BegunPan[];
  /** Work that is done, by task. */
  readonly done: ReadonlySet<string>;
  /** Bars that were put where they stand: by pan, s from now. */
  readonly put: ReadonlyMap<string, number>;
  /** Sauces that stand in the bain. */
  readonly mounted: ReadonlySet<string>;
  readonly nowMs: number;
  /** The first step of the plan is so long from now, s. */
  readonly beginsInS: number;
};
export const NOTHING_BEGUN: Omit<LineState, "nowMs"> = {
  station: USUAL_STATION,
  hands: 1,
  out: new Map(),
  begun: [],
  done: new Set(),
  put: new Map(),
  mounted: new Set(),
  beginsInS: 0,
};

export type LineWork =
  | { readonly kind: "stage"; readonly index: number; readonly stage: PanStage; readonly byHand: boolean }
  | { readonly kind: "mount" }
  | { readonly kind: "clean" }
  | { readonly kind: "plate" };
/** What a task of the line is, for who reads it. */
export type LineTask = {
  readonly id: string;
  readonly panId: string;
  readonly cardId: string;
  readonly courseId: string;
  readonly pieces: number;
  readonly work: LineWork;
  /** It runs already. */
  readonly begun: boolean;
};
export type LinePan = {
  readonly id: string;
  readonly cardId: string;
  readonly parts: readonly PanPart[];
  readonly pieces: number;
  readonly stages: readonly PanStage[];
  readonly why: Pan["why"];
  /** Null: it is still to be begun. */
  readonly begun: BegunPan | null;
};
export type LineProblem = {
  readonly problem: ScheduleProblem;
  readonly work: readonly LineTask[];
  readonly pans: readonly LinePan[];
};

/** Seconds hands are busy as something goes in or is turned (common practice). */
const PUT_IN_S = 30;
/** Mounting a sauce, and how long it then holds in the bain (common practice). */
const MOUNT_S = 180;
const BAIN_WAIT_S = 20 * 60;
/** Pan and board washed before an allergy's dish (common practice). */
const CLEAN_S = 60;
/** All plates of a table land within this (common practice: 60 to 90 s). */
const TABLE_WITHIN_S = 90;
/** What is ready waits so long before it is plated, s (common practice). */
const WAITS = { scallop: 60, crisp: 120, shells: 180, bone: 240, braise: 3600, other: 180 } as const;
/** An oven takes so long to another heat (common practice). */
const OVEN_CHANGE_S = 8 * 60;

const BRAISES: readonly (string | null)[] = ["braise"];

/** How long a piece may wait once it is ready, s. */
export function mayWaitS({ piece: { speciesIds, methodId, crispSkin, boneIn } }: CardSpec): number {
  if (BRAISES.includes(methodId)) return WAITS.braise;
  if (speciesIds.some((id) => id.endsWith("scallop"))) return WAITS.scallop;
  if (methodId === "open-shells") return WAITS.shells;
  return crispSkin ? WAITS.crisp : boneIn ? WAITS.bone : WAITS.other;
}

const steps = (seconds: number) => Math.max(1, Math.round(seconds / STEP_S));

type Task = ScheduleProblem["tasks"][number];
const need = (resourceId: string, state: string | null = null) => ({ resourceId, units: 1, state });
const PLAIN = { mustEndAtServe: false, maxWaitMin: null, waitCost: 1 } as const;

/** What may share a pan: the same card, changed in nothing, by the same minutes. */
const planKeyOf = ({ cardId, card, lineId, alone, plan }: LineDish): string =>
  alone ? `${cardId}!${lineId}` : `${cardId}:${plan?.serveS ?? 0}:${card.sauce?.specId ?? ""}`;

/** Lines put together into pans: those that were begun as they were begun, the others as they share best. */
export function pansOf(
  dishes: readonly LineDish[],
  courses: readonly LineCourse[],
  begun: readonly BegunPan[],
): readonly LinePan[] {
  const dueS = new Map(courses.map((one) => [one.id, one.dueS]));
  const lineOf = new Map(dishes.map((dish) => [dish.lineId, dish]));
  const inPan = (lineId: string) =>
    sumOf(
      begun.flatMap(({ parts }) => parts),
      (part) => (part.lineId === lineId ? part.count : 0),
    );
  const running = begun
    .filter(({ parts }) => parts.some(({ lineId }) => lineOf.has(lineId)))
    .map((pan): LinePan => {
      const pieces = sumOf(pan.parts, ({ count }) => count);
      return { id: pan.id, cardId: pan.cardId, parts: pan.parts, pieces, stages: pan.stages, why: null, begun: pan };
    });
  const open = dishes.flatMap((dish) => {
    const count = dish.count - inPan(dish.lineId);
    if (count <= 0) return [];
    const panHolds = dish.plan ? piecesIn(dish.card) : count;
    return {
      lineId: dish.lineId,
      // what is not cooked is laid for each table by itself
      planKey: dish.plan ? planKeyOf(dish) : dish.lineId,
      count,
      dueS: dueS.get(dish.courseId) ?? 0,
      panHolds,
      mayWaitS: mayWaitS(dish.card),
    };
  });
  const taken = new Set(begun.map(({ id }) => id));
  const fresh = sharePans(open).map(({ id: wanted, parts, pieces, why }): LinePan => {
    // what is left of a line whose pan was begun has a pan of its own
    const id = taken.has(wanted) ? `${wanted}+r` : wanted;
    const { cardId, card, plan, ratio, ovenC } = lineOf.get(parts[0]!.lineId)!;
    return { id, cardId, parts, pieces, stages: plan ? panStages(card, plan, ratio, ovenC) : [], why, begun: null };
  });
  return [...running, ...fresh];
}

/** The courses' dishes as tasks over the spots of the station: every minute is the stove's own, kept on four evenings of five. */
export function lineProblem(
  courses: readonly LineCourse[],
  dishes: readonly LineDish[],
  state: LineState,
): LineProblem {
  const pans = pansOf(dishes, courses, state.begun);
  const builder = new Builder(courses, dishes, state);
  for (const pan of pans) builder.pan(pan);
  const serving = new Set(builder.tasks.map(({ serveId }) => serveId));
  const { station, out, hands, beginsInS } = state;
  const has = (kind: SpotKind, count: number) => Math.max(builder.runningOn(kind), count - (out.get(kind) ?? 0));
  const problem: ScheduleProblem = {
    allowLate: true,
    notBeforeMin: 0,
    serves: courses
      .filter(({ id }) => serving.has(id))
      .map(({ id, dueS }) => ({ id, atMin: Math.round((dueS - beginsInS) / STEP_S) })),
    resources: [
      { id: "hands", capacity: hands, changeMin: null },
      { id: "burner", capacity: has("burner", station.burners), changeMin: null },
      { id: "oven", capacity: has("oven", station.racks || station.ovens * 2), changeMin: steps(OVEN_CHANGE_S) },
      { id: "salamander", capacity: has("salamander", station.salamanders), changeMin: null },
      { id: "fryer", capacity: has("fryer", station.fryers), changeMin: null },
      { id: "bath", capacity: has("bath", 2), changeMin: null },
    ],
    tasks: builder.tasks,
  };
  return { problem, work: builder.work, pans };
}

class Builder {
  readonly tasks: Task[] = [];
  readonly work: LineTask[] = [];
  readonly #running: SpotKind[] = [];
  readonly #dueS: ReadonlyMap<string, number>;
  readonly #lineOf: ReadonlyMap<string, LineDish>;
  readonly #platingS = new Map<string, number>();

  constructor(
    courses: readonly LineCourse[],
    dishes: readonly LineDish[],
    readonly state: LineState,
  ) {
    this.#dueS = new Map(courses.map(({ id, dueS }) => [id, dueS]));
    this.#lineOf = new Map(dishes.map((dish) => [dish.lineId, dish]));
    for (const { courseId, card, count } of dishes)
      this.#platingS.set(courseId, (this.#platingS.get(courseId) ?? 0) + card.plateSeconds * count);
  }

  runningOn(kind: SpotKind): number {
    return this.#running.filter((one) => one === kind).length;
  }

  #add(task: Omit<Task, keyof typeof PLAIN> & Partial<Task>, of: Omit<LineTask, "id" | "courseId">): string {
    this.tasks.push({ ...PLAIN, ...task });
    this.work.push({ id: task.id, courseId: task.serveId, ...of });
    return task.id;
  }

  /** A pan with its stages, its sauce and the plates of every table that shares it. */
  pan(pan: LinePan): void {
    const parts = pan.parts.flatMap(({ lineId, count }) => {
      const dish = this.#lineOf.get(lineId);
      return dish ? [{ dish, count }] : [];
    });
    // it is cooked for whoever waits first
    const first = parts.reduce((one, other) => (this.#due(other.dish) < this.#due(one.dish) ? other : one)).dish;
    const last = this.#stages(pan, first);
    this.#sauce(pan, first);
    for (const { dish, count } of parts) this.#plate(pan, dish, count, last);
  }

  readonly #due = ({ courseId }: LineDish): number => this.#dueS.get(courseId) ?? 0;

  /** One after the other: hands as it goes in and is turned, the spot for as long as it is on it. Answers with the last that is still to end. */
  #stages(pan: LinePan, { courseId: serveId, alone }: LineDish): string | null {
    const { begun, stages, cardId, pieces } = pan;
    const now = begun ? panNow(begun, this.state.nowMs) : null;
    const of = { panId: pan.id, cardId, pieces };
    let last: string | null = null;
    if (alone && !begun && stages.length > 0)
      last = this.#add(
        { id: `${pan.id}.clean`, minutes: steps(CLEAN_S), serveId, needs: [need("hands")], after: [] },
        { ...of, work: { kind: "clean" }, begun: false },
      );
    for (const [index, stage] of stages.entries()) {
      if (now && (now.state === "ready" || index < now.stageIndex)) continue;
      const { spot, ovenC, keptS } = stage;
      const held = spot === null ? [] : [need(spot, ovenC === null ? null : String(ovenC))];
      const runs = now !== null && index === now.stageIndex;
      const minutes = steps(runs ? Math.max(0, keptS + now.extraS - now.ranS - this.state.beginsInS) : keptS);
      // basted or kissed all the while; else hands are free once it lies there
      const handSteps =
        runs || spot === null ? 0 : steps(keptS <= 2 * PUT_IN_S || stage.id === "baste" ? keptS : PUT_IN_S);
      const handed = Math.min(handSteps, minutes);
      const basted = runs && stage.id === "baste";
      const lengths = handed > 0 && handed < minutes ? [handed, minutes - handed] : [minutes];
      for (const [part, length] of lengths.entries()) {
        const byHand = basted || (handed > 0 && part === 0);
        const gapMax = last?.endsWith(".clean") ? null : 0;
        const putS = this.state.put.get(pan.id);
        const at = runs
          ? 0
          : index === 0 && part === 0 && putS !== undefined
            ? Math.max(0, Math.round((putS - this.state.beginsInS) / STEP_S))
            : null;
        last = this.#add(
          {
            id: `${pan.id}.${index}.${runs ? "r" : part}`,
            minutes: length,
            serveId,
            needs: byHand ? [...held, need("hands")] : held,
            after: last === null ? [] : [{ taskId: last, gapMin: 0, gapMax }],
            ...(at === null ? {} : { startFrom: at, startTo: at }),
          },
          { ...of, work: { kind: "stage", index, stage, byHand }, begun: runs },
        );
        if (runs && spot !== null) this.#running.push(spot);
      }
    }
    return last;
  }

  #sauce(pan: LinePan, { card: { sauce }, courseId: serveId, alone }: LineDish): void {
    const id = `${pan.id}.sauce`;
    // what stands in the bain is not the one that was changed for an allergy
    if (!sauce || this.state.done.has(id) || (!alone && this.state.mounted.has(sauce.specId))) return;
    this.#add(
      {
        id,
        minutes: steps(MOUNT_S),
        serveId,
        needs: [need("hands"), need("burner")],
        after: [],
        maxWaitMin: steps(BAIN_WAIT_S),
        // a sauce in the bain is worth less than a plate at the pass
        waitCost: 0.1,
      },
      { panId: pan.id, cardId: pan.cardId, pieces: pan.pieces, work: { kind: "mount" }, begun: false },
    );
  }

  #plate(pan: LinePan, { lineId, courseId: serveId, card }: LineDish, count: number, last: string | null): void {
    // what stands ready too long already is plated as soon as hands are free
    const gapMax = steps(mayWaitS(card));
    this.#add(
      {
        id: `${pan.id}.${lineId}.plate`,
        minutes: steps(card.plateSeconds * count),
        serveId,
        needs: [need("hands")],
        after: last === null ? [] : [{ taskId: last, gapMin: 0, gapMax }],
        // one pair of hands plates one after the other
        maxWaitMin: steps(Math.max(TABLE_WITHIN_S, this.#platingS.get(serveId) ?? 0)),
      },
      { panId: pan.id, cardId: pan.cardId, pieces: count, work: { kind: "plate" }, begun: false },
    );
  }
}
