import fc from "fast-check";
import {
  chanceInTime,
  chanceOfRun,
  guessOf,
  keptSeconds,
  movedTasks,
  ovensMeet,
  priceOf,
  replan,
  sharePans,
  type ScheduleProblem,
  type WantedPieces,
} from "@/core/line";

const piece = (lineId: string, count: number, part: Partial<WantedPieces> = {}): WantedPieces => ({
  lineId,
  planKey: "char",
  count,
  dueS: 600,
  panHolds: 7,
  mayWaitS: 120,
  ...part,
});

describe("pans", () => {
  test("five of two tables share one; eight are two, with the reason", () => {
    expect(sharePans([piece("a", 2), piece("b", 3)])).toEqual([
      {
        id: "a",
        planKey: "char",
        parts: [
          { lineId: "a", count: 2 },
          { lineId: "b", count: 3 },
        ],
        pieces: 5,
        why: { kind: "shared", pieces: 5, panHolds: 7 },
      },
    ]);
    expect(sharePans([piece("a", 4), piece("b", 4)]).map(({ pieces, why }) => [pieces, why])).toEqual([
      [4, null],
      [4, { kind: "tooMany", pieces: 8, panHolds: 7 }],
    ]);
  });

  test("tables further apart than the pieces may wait do not share", () => {
    const [, second] = sharePans([piece("a", 1), piece("b", 1, { dueS: 721 })]);
    expect(second!.why).toEqual({ kind: "tooFarApart", apartS: 121, mayWaitS: 120 });
  });

  test("every piece lies in one pan, no pan holds more than it can, one plan to a pan", () => {
    const line = fc.record({
      planKey: fc.constantFrom("char", "cod"),
      count: fc.integer({ min: 1, max: 12 }),
      dueS: fc.integer({ min: 0, max: 1200 }),
    });
    fc.assert(
      fc.property(fc.array(line, { maxLength: 12 }), fc.integer({ min: 1, max: 8 }), (rows, panHolds) => {
        const wanted = rows.map((row, at) => piece(`l${at}`, row.count, { ...row, panHolds }));
        const pans = sharePans(wanted);
        for (const { lineId, count, planKey } of wanted) {
          const inPans = pans.filter(({ parts }) => parts.some((part) => part.lineId === lineId));
          expect(inPans.every((pan) => pan.planKey === planKey)).toBe(true);
          const pieces = inPans.flatMap(({ parts }) => parts).filter((part) => part.lineId === lineId);
          expect(pieces.reduce((sum, part) => sum + part.count, 0)).toBe(count);
        }
        expect(pans.every(({ pieces }) => pieces <= panHolds)).toBe(true);
        expect(new Set(pans.map(({ id }) => id)).size).toBe(pans.length);
      }),
    );
  });
});

describe("odds", () => {
  test("the minutes that are kept are kept on four evenings of five", () => {
    // the standard normal: four of five lie under 0.8416 (handbook table)
    const mayTakeS = keptSeconds(600);
    expect(chanceOfRun({ medianS: 600, ranS: 0, mayTakeS })).toBeCloseTo(0.8, 3);
    expect(chanceOfRun({ medianS: 600, ranS: 0, mayTakeS: 600 })).toBeCloseTo(0.5, 9);
    expect(chanceInTime([1, 2].map(() => ({ medianS: 600, ranS: 0, mayTakeS })))).toBeCloseTo(0.64, 3);
    expect(chanceInTime([])).toBe(1);
  });

  test("more time is never less likely, and what has run well so far is likelier", () => {
    const seconds = fc.integer({ min: 60, max: 3000 });
    fc.assert(
      fc.property(seconds, seconds, seconds, fc.integer({ min: 0, max: 600 }), (medianS, a, b, ranS) => {
        const [less, more] = a < b ? [a, b] : [b, a];
        const of = (mayTakeS: number) => chanceOfRun({ medianS, ranS, mayTakeS });
        expect(of(more)).toBeGreaterThanOrEqual(of(less) - 1e-12);
        expect(of(less)).toBeGreaterThanOrEqual(0);
        expect(of(more)).toBeLessThanOrEqual(1);
      }),
    );
    const early = { medianS: 600, ranS: 0, mayTakeS: 700 };
    expect(chanceOfRun({ ...early, mayTakeS: 550, ranS: 540 })).toBeLessThan(chanceOfRun({ ...early, mayTakeS: 550 }));
  });
});

test("a course on hold is a guess from the one before, and none without it", () => {
  const none = { calledAtMs: null, promisedAtMs: null, goneAtMs: null };
  expect(guessOf(none)).toBeNull();
  expect(guessOf({ ...none, promisedAtMs: 0 })).toEqual({ fromMs: 1_200_000, toMs: 1_500_000 });
  expect(guessOf({ ...none, promisedAtMs: 0, goneAtMs: 60_000 })).toEqual({ fromMs: 1_260_000, toMs: 1_560_000 });
});

test("170 and 180 meet at 175; one heat, or two too far apart, do not", () => {
  expect(ovensMeet([170, 180, 170])).toBe(175);
  expect(ovensMeet([180, 180])).toBeNull();
  expect(ovensMeet([140, 200])).toBeNull();
  expect(ovensMeet([])).toBeNull();
});

describe("planning again", () => {
  const task = (id: string, minutes: number, serveId: string): ScheduleProblem["tasks"][number] => ({
    id,
    minutes,
    serveId,
    needs: [{ resourceId: "hands", units: 1, state: null }],
    after: [],
    mustEndAtServe: false,
    maxWaitMin: 40,
    waitCost: 1,
  });
  const problem = (tasks: ScheduleProblem["tasks"], serves: ScheduleProblem["serves"]): ScheduleProblem => ({
    allowLate: true,
    notBeforeMin: 0,
    serves,
    resources: [{ id: "hands", capacity: 1, changeMin: null }],
    tasks,
  });
  const [a, b, c] = [task("a", 4, "t1"), task("b", 4, "t2"), task("c", 2, "t3")];
  const serves = [
    { id: "t1", atMin: 10 },
    { id: "t2", atMin: 14 },
  ];

  test("what stood stays when something new fits beside it", () => {
    const before = replan(problem([a, b], serves), new Map(), () => 5);
    if (before.answer.kind !== "plan") throw new Error("no plan");
    const starts = new Map(before.answer.schedule.tasks.map(({ id, startMin }) => [id, startMin]));
    const after = replan(problem([a, b, c], [...serves, { id: "t3", atMin: 20 }]), starts, () => 5);
    expect(after.moved).toBe(0);
  });

  test("an answer is never worse than the plan before, at the price of its changes", () => {
    const row = fc.record({ minutes: fc.integer({ min: 1, max: 5 }), at: fc.integer({ min: 2, max: 25 }) });
    fc.assert(
      fc.property(fc.array(row, { minLength: 1, maxLength: 4 }), row, (rows, next) => {
        const of = (all: typeof rows) =>
          problem(
            all.map(({ minutes }, at) => task(`x${at}`, minutes, `t${at}`)),
            all.map(({ at }, index) => ({ id: `t${index}`, atMin: at })),
          );
        const first = replan(of(rows), new Map(), () => 5);
        if (first.answer.kind !== "plan") return;
        const before = new Map(first.answer.schedule.tasks.map(({ id, startMin }) => [id, startMin]));
        const again = replan(of([...rows, next]), before, () => 5);
        const fresh = replan(of([...rows, next]), new Map(), () => 5);
        if (again.answer.kind !== "plan" || fresh.answer.kind !== "plan") return;
        expect(priceOf(again.answer.schedule, before)).toBeLessThanOrEqual(priceOf(fresh.answer.schedule, before));
        expect(movedTasks(again.answer.schedule, before)).toBe(again.moved);
      }),
      { numRuns: 40 },
    );
  });

  test("begun work stands where it is", () => {
    const begun = { ...a, startFrom: 0, startTo: 0 };
    const { answer } = replan(problem([begun, b], serves), new Map(), () => 5);
    expect(answer.kind === "plan" && answer.schedule.tasks.find(({ id }) => id === "a")!.startMin).toBe(0);
  });

  test("what does not fit says what clashes and the smallest mend, one more of it or so much longer a wait", () => {
    const held = (id: string, minutes: number, gapMax: number): ScheduleProblem["tasks"][number] => ({
      ...task(id, minutes, "t1"),
      maxWaitMin: gapMax,
    });
    const { answer, clash, mends } = replan(
      problem([held("a", 4, 0), held("b", 4, 1)], [{ id: "t1", atMin: 10 }]),
      new Map(),
      () => 5,
    );
    expect(clash).toMatchObject({ kind: "together", resourceIds: ["hands"] });
    expect(mends).toEqual([
      { kind: "oneMore", resourceId: "hands" },
      { kind: "waitLonger", byMin: 3, taskIds: ["b"] },
    ]);
    expect(answer.kind).toBe("plan");
  });
});
