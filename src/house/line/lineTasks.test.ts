import { planSheet } from "@/core/cooking";
import { replan, solveSchedule } from "@/core/line";
import { findSpecies } from "@/core/species";
import { DEMO_CARDS } from "@/demo/data/cards";
import { cardQuestion } from "../cards/cardPlan";
import type { BegunPan } from "./livePan";
import { lineProblem, NOTHING_BEGUN, type LineDish, type LineState } from "./lineTasks";
import { STEP_S } from "./step";

const NOW = 1_800_000_000_000;
const STATE: LineState = { ...NOTHING_BEGUN, nowMs: NOW };

function dish(cardId: string, count: number, part: Partial<LineDish> & { thicknessMm?: number } = {}): LineDish {
  const { thicknessMm, ...rest } = part;
  const found = DEMO_CARDS[cardId]!;
  const card = thicknessMm === undefined ? found : { ...found, piece: { ...found.piece, thicknessMm } };
  const question = cardQuestion(card.piece, findSpecies(card.piece.speciesIds[0]!)!, { ruleSetId: "eu-853" });
  const plan = question && planSheet(question);
  return { lineId: cardId, courseId: "t7", cardId, card, plan: plan?.ok ? plan.value : null, count, ...rest };
}
const solved = (dishes: readonly LineDish[], inMin = 0, state: Partial<LineState> = {}) => {
  const courses = [...new Set(dishes.map(({ courseId }) => courseId))].map((id) => ({ id, dueS: inMin * 60 }));
  const line = lineProblem(courses, dishes, { ...STATE, ...state });
  const answer = solveSchedule(line.problem, () => Infinity);
  if (answer.kind !== "plan") throw new Error(JSON.stringify(answer));
  expect(answer.provenBest).toBe(true);
  return { ...answer.schedule, ...line };
};

test("two char and one turbot: the slower goes in first, nothing before now, all plates land together", () => {
  const { tasks, serves, lateMin, work } = solved([dish("char", 2), dish("turbot", 1)]);
  const starts = new Map(tasks.map(({ id, startMin }) => [id, startMin]));
  expect(Math.min(...tasks.map(({ startMin }) => startMin))).toBe(0);
  expect(starts.get("turbot.0.0")).toBeLessThan(starts.get("char.0.0")!);
  expect(lateMin).toBeGreaterThan(0);
  const plates = new Set(work.filter(({ work: { kind } }) => kind === "plate").map(({ id }) => id));
  const ends = tasks.filter(({ id }) => plates.has(id)).map(({ endMin }) => serves[0]!.atMin - endMin);
  expect(plates.size).toBe(2);
  expect(Math.max(...ends) * STEP_S).toBeLessThanOrEqual(90);
});

test("a plan that begins a little later is the same plan by the clock: due, put and what runs are counted from there", () => {
  const beginsInS = 2 * STEP_S;
  const stages = [{ id: "a", name: "a", medianS: 300, keptS: 300, spot: "burner" as const, ovenC: null }];
  const events = [{ kind: "started" as const, atMs: NOW - 60_000 }];
  const begun: readonly BegunPan[] = [
    { id: "p", cardId: "char", parts: [{ lineId: "char", count: 2 }], stages, events },
  ];
  const turbot = dish("turbot", 1);
  const put = (id: string) => new Map([[id, 120]]);
  const [now, later] = [0, beginsInS].map((inS) => {
    const fresh = lineProblem([{ id: "t7", dueS: 1200 }], [turbot], { ...STATE, beginsInS: inS });
    const state = { ...STATE, begun, put: put(fresh.pans[0]!.id), beginsInS: inS };
    const { problem } = lineProblem([{ id: "t7", dueS: 1200 }], [dish("char", 2), turbot], state);
    const of = (id: string) => problem.tasks.find((task) => task.id.startsWith(id))!;
    return [problem.serves[0]!.atMin, of("p.0").minutes, of(fresh.pans[0]!.id).startFrom!];
  });
  expect(now).toEqual([1200 / STEP_S, 240 / STEP_S, 120 / STEP_S]);
  expect(later).toEqual(now!.map((steps) => steps - 2));
});

test("every minute is the stove's: a thicker piece moves the board", () => {
  const [thin, thick] = [20, 32].map((thicknessMm) => solved([dish("char", 2, { thicknessMm })]).serves[0]!.atMin);
  expect(thick!).toBeGreaterThan(thin!);
});

test("two tables of one dish share a pan up to two thirds of its base; past that there is another", () => {
  const pans = (other: number) =>
    solved([dish("char", 3), dish("char", other, { lineId: "char-4", courseId: "t4" })], 60).pans.map(
      ({ pieces, why }) => [pieces, why?.kind ?? null],
    );
  expect(pans(2)).toEqual([[5, "shared"]]);
  expect(pans(6)).toEqual([
    [3, null],
    [6, "tooMany"],
  ]);
});

test("an allergy shares with nothing, and pan and board are clean before", () => {
  const { pans, work, tasks } = solved([dish("char", 2), dish("char", 1, { lineId: "free", alone: true })], 60);
  expect(pans.map(({ pieces }) => pieces)).toEqual([2, 1]);
  const start = (id: string) => tasks.find((one) => one.id === id)!;
  expect(work.find(({ id }) => id === "free.clean")?.work.kind).toBe("clean");
  expect(start("free.clean").endMin).toBeLessThanOrEqual(start("free.0.0").startMin);
});

test("wanted in an hour it is there in an hour, and raw wants hands alone", () => {
  expect(solved([dish("char", 2)], 60).lateMin).toBe(0);
  const { tasks, work } = solved([dish("crudo", 2)], 60);
  expect(work.every(({ work: { kind } }) => kind === "plate")).toBe(true);
  expect(tasks).toHaveLength(1);
});

test("begun stays begun: what runs stands at now with what is left of it, what is over is over", () => {
  const char = dish("char", 2);
  const { stages } = solved([char]).pans[0]!;
  const pan = (events: BegunPan["events"]): BegunPan => ({
    id: "char",
    cardId: "char",
    parts: [{ lineId: "char", count: 2 }],
    stages,
    events,
  });
  const begunMs = NOW - 60_000;
  const running = solved([char], 0, { begun: [pan([{ kind: "started", atMs: begunMs }])] });
  const first = running.tasks.find(({ id }) => id === "char.0.r")!;
  expect(first.startMin).toBe(0);
  expect(first.endMin).toBe(Math.max(1, Math.round((stages[0]!.keptS - 60) / STEP_S)));
  expect(running.work.filter(({ begun }) => begun).map(({ id }) => id)).toEqual(["char.0.r"]);
  const over = [
    { kind: "started" as const, atMs: begunMs },
    ...stages.map((_, at) => ({ kind: "advanced" as const, atMs: begunMs + at + 1 })),
  ];
  expect(solved([char], 0, { begun: [pan(over)] }).work.every(({ work: { kind } }) => kind !== "stage")).toBe(true);
  // more of the same is a pan of its own: nothing is put to what runs
  const begun = [pan([{ kind: "started" as const, atMs: begunMs }])];
  const more = lineProblem([{ id: "t7", dueS: 0 }], [{ ...char, count: 3 }], { ...STATE, begun });
  expect(more.pans.map(({ pieces }) => pieces)).toEqual([2, 1]);
  // the first would be soft by the time the other is ready: what would mend it is said, with a plan all the same
  const { answer, clash, mends } = replan(more.problem, new Map(), () => 2);
  expect(clash?.kind).toBe("together");
  expect(answer.kind).toBe("plan");
  expect(mends.find(({ kind }) => kind === "waitLonger")).toMatchObject({ taskIds: ["char.char.plate"] });
});

test("a burner less is never sooner, and a sauce in the bain is not mounted again", () => {
  const dishes = [dish("char", 2), dish("cod", 2), dish("turbot", 2), dish("char", 2, { lineId: "b", courseId: "t4" })];
  const all = solved(dishes);
  const one = solved(dishes, 0, { out: new Map([["burner", 1]]) });
  expect(one.lateMin).toBeGreaterThanOrEqual(all.lateMin);
  const mounted = new Set(dishes.flatMap(({ card: { sauce } }) => sauce?.specId ?? []));
  expect(solved(dishes, 0, { mounted }).work.some(({ work: { kind } }) => kind === "mount")).toBe(false);
});

test("a bar that was put stands there", () => {
  const { tasks } = solved([dish("char", 2)], 0, { put: new Map([["char", 300]]) });
  expect(tasks.find(({ id }) => id === "char.0.0")!.startMin).toBe(300 / STEP_S);
});
