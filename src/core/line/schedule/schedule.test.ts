import fc from "fast-check";
import { broken, bruteForce, worth } from "./check.testkit";
import { clashSaid, solveSchedule, type Schedule, type ScheduleProblem, type Task } from ".";

const PLAIN = { needs: [], after: [], mustEndAtServe: false, maxWaitMin: null, waitCost: 1 } as const;
const task = (id: string, minutes: number, part: Partial<Task> = {}): Task => ({
  ...PLAIN,
  id,
  minutes,
  serveId: "t",
  ...part,
});
const wants = (resourceId: string, state: string | null = null, units = 1) => ({ resourceId, units, state });
const follows = (taskId: string, gapMin = 0, gapMax: number | null = null) => ({ taskId, gapMin, gapMax });
const STATION = [
  { id: "hands", capacity: 1, changeMin: null },
  { id: "burner", capacity: 2, changeMin: null },
  { id: "oven", capacity: 2, changeMin: 2 },
];
const dinner = (tasks: readonly Task[], part: Partial<ScheduleProblem> = {}): ScheduleProblem => ({
  serves: [{ id: "t", atMin: 0 }],
  resources: STATION,
  allowLate: false,
  tasks,
  ...part,
});
const FOREVER = () => Infinity;
const solved = (problem: ScheduleProblem): Schedule => {
  const answer = solveSchedule(problem, FOREVER);
  if (answer.kind !== "plan") throw new Error(JSON.stringify(answer));
  expect(answer.provenBest).toBe(true);
  const at = <T>(list: readonly T[], read: (one: T) => number) => list.map(read);
  const { tasks, serves } = answer.schedule;
  expect(
    broken(
      problem,
      at(tasks, ({ startMin }) => startMin),
      at(serves, ({ atMin }) => atMin),
    ),
  ).toEqual([]);
  return answer.schedule;
};

/** Fisher and Thompson 1963, "Industrial Scheduling", the job shop of six by six: machine and minutes of each step; its best is 55. */
const FT06 = [
  "2 1 0 3 1 6 3 7 5 3 4 6",
  "1 8 2 5 4 10 5 10 0 10 3 4",
  "2 5 3 4 5 8 0 9 1 1 4 7",
  "1 5 0 5 2 5 3 3 4 8 5 9",
  "2 9 1 3 4 5 5 4 0 3 3 1",
  "1 3 3 3 5 9 0 10 4 4 2 1",
].map((line) => line.split(" ").map(Number));

test("the six by six job shop of Fisher and Thompson: work begins 55 minutes before the serve", () => {
  const tasks = FT06.flatMap((row, job) =>
    Array.from({ length: 6 }, (_, step) =>
      task(`${job}.${step}`, row[2 * step + 1]!, {
        needs: [wants(`machine ${row[2 * step]}`)],
        after: step === 0 ? [] : [follows(`${job}.${step - 1}`)],
      }),
    ),
  );
  const resources = Array.from({ length: 6 }, (_, at) => ({ id: `machine ${at}`, capacity: 1, changeMin: null }));
  expect(solved(dinner(tasks, { resources })).firstStartMin).toBe(-55);
});

test("a hot dish: tempered, seared, roasted, and the sauce waits no longer than it can", () => {
  const { tasks, waitCost, firstStartMin } = solved(
    dinner([
      task("temper", 10),
      task("sear", 4, { needs: [wants("hands"), wants("burner")], after: [follows("temper", 0, 10)], maxWaitMin: 3 }),
      task("mount", 3, { needs: [wants("hands"), wants("burner")], maxWaitMin: 8 }),
    ]),
  );
  // one pair of hands: the shorter wait is taken
  expect([waitCost, firstStartMin]).toEqual([3, -17]);
  expect(tasks.find(({ id }) => id === "mount")!.endMin).toBe(0);
});

test("two ovens in one: what wants another heat stands the change apart, what wants any goes with either", () => {
  const roast = (id: string, state: string | null) => task(id, 6, { needs: [wants("oven", state)] });
  expect(solved(dinner([roast("a", "170"), roast("b", "180")])).firstStartMin).toBe(-14);
  expect(solved(dinner([roast("a", "170"), roast("b", null)])).firstStartMin).toBe(-6);
});

test("a serve moves only where it may, and then by as little as it must", () => {
  const last = (id: string, serveId: string) => task(id, 4, { serveId, needs: [wants("hands")], mustEndAtServe: true });
  const serves = [
    { id: "t", atMin: 0 },
    { id: "u", atMin: 1 },
  ];
  const both = [last("a", "t"), last("b", "u")];
  expect(solved(dinner(both, { serves, allowLate: true })).lateMin).toBe(3);
  const never = solveSchedule(dinner(both, { serves }), FOREVER);
  expect(never).toEqual({
    kind: "infeasible",
    clash: { kind: "together", taskIds: ["a", "b"], resourceIds: ["hands"] },
  });
});

test("what cannot be is named: too much of one thing, a ring, and only those that clash among many", () => {
  const clash = (problem: ScheduleProblem) => {
    const answer = solveSchedule(problem, FOREVER);
    return answer.kind === "infeasible" ? clashSaid(answer.clash)[0] : null;
  };
  expect(clash(dinner([task("grill", 3, { needs: [wants("burner", null, 3)] })]))).toMatchObject({
    code: "line.overCapacity",
    values: { task: "grill", resource: "burner", capacity: 2 },
  });
  const ring = [task("a", 2, { after: [follows("b")] }), task("b", 2, { after: [follows("a")] })];
  expect(clash(dinner(ring))).toMatchObject({ code: "line.ring", values: { tasks: "a, b" } });
  const easy = Array.from({ length: 12 }, (_, at) => task(`prep ${at}`, 5, { needs: [wants("hands")] }));
  const hard = ["sear", "baste"].map((id) => task(id, 3, { needs: [wants("hands")], maxWaitMin: 1 }));
  expect(clash(dinner([...easy.slice(0, 6), ...hard, ...easy.slice(6)]))).toMatchObject({
    code: "line.clash",
    values: { tasks: "sear, baste", resources: "hands" },
  });
  const waits = [task("rest", 2), task("plate", 1, { after: [follows("rest", 6, 4)] })];
  expect(clash(dinner(waits))).toMatchObject({ code: "line.waitsClash" });
});

const smallTask = (serves: number, at: number): fc.Arbitrary<Task> =>
  fc
    .record({
      minutes: fc.integer({ min: 1, max: 4 }),
      serve: fc.nat(serves - 1),
      hands: fc.boolean(),
      burner: fc.nat(2),
      oven: fc.constantFrom("none", "any", "170", "180"),
      mustEndAtServe: fc.constantFrom(false, false, false, true),
      maxWaitMin: fc.option(fc.nat(3), { nil: null }),
      waitCost: fc.constantFrom(0, 0.5, 1, 2),
      before: fc.option(fc.nat(Math.max(0, at - 1)), { nil: null }),
      gapMin: fc.nat(2),
      gapMax: fc.option(fc.nat(3), { nil: null }),
    })
    .map(({ serve, hands, burner, oven, before, gapMin, gapMax, ...rest }) => ({
      ...rest,
      id: `a${at}`,
      serveId: `s${serve}`,
      needs: [
        ...(hands ? [wants("hands")] : []),
        ...(burner > 0 ? [wants("burner", null, burner)] : []),
        ...(oven === "none" ? [] : [wants("oven", oven === "any" ? null : oven)]),
      ],
      after: at > 0 && before !== null ? [follows(`a${before}`, gapMin, gapMax)] : [],
    }));

const problems = (count: number): fc.Arbitrary<ScheduleProblem> =>
  fc.integer({ min: 1, max: 2 }).chain((serves) =>
    fc.record({
      serves: fc.constant(Array.from({ length: serves }, (_, at) => ({ id: `s${at}`, atMin: 2 * at }))),
      resources: fc.constant(STATION),
      allowLate: fc.boolean(),
      tasks: fc.tuple(...Array.from({ length: count }, (_, at) => smallTask(serves, at))),
    }),
  );

const HORIZON_MIN = 11;
const LATEST_MIN = 5;

test("small problems: as good as trying everything, and nothing fits only where nothing does", () => {
  fc.assert(
    fc.property(problems(3), (problem) => {
      const answer = solveSchedule(problem, FOREVER);
      const best = bruteForce(problem, HORIZON_MIN, LATEST_MIN);
      if (answer.kind !== "plan") return best === null;
      const value = worth(answer.schedule);
      // trying everything ends at its horizon: where it has nothing as good, the plan reaches beyond that
      const differs = best === null ? 0 : value.findIndex((one, at) => Math.abs(one - best[at]!) > 1e-9);
      const starts = answer.schedule.tasks.map(({ startMin }) => startMin);
      const serves = answer.schedule.serves.map(({ atMin }) => atMin);
      return (
        answer.provenBest &&
        broken(problem, starts, serves).length === 0 &&
        (differs < 0 || best === null || value[differs]! < best[differs]!)
      );
    }),
    { seed: 13, numRuns: 250 },
  );
});

test("one more burner, a longer wait or a later serve allowed is never worse", () => {
  fc.assert(
    fc.property(problems(6), fc.constantFrom("burner", "wait", "late"), (problem, what) => {
      const looser: ScheduleProblem =
        what === "burner"
          ? {
              ...problem,
              resources: STATION.map((one) => ({ ...one, capacity: one.capacity + Number(one.id === "burner") })),
            }
          : what === "wait"
            ? {
                ...problem,
                tasks: problem.tasks.map((one) => ({
                  ...one,
                  maxWaitMin: one.maxWaitMin === null ? null : one.maxWaitMin + 1,
                })),
              }
            : { ...problem, allowLate: true };
      const [before, after] = [solveSchedule(problem, FOREVER), solveSchedule(looser, FOREVER)];
      if (before.kind !== "plan") return true;
      if (after.kind !== "plan") return false;
      const [value, other] = [worth(before.schedule), worth(after.schedule)];
      const at = value.findIndex((one, index) => Math.abs(one - other[index]!) > 1e-9);
      return at < 0 || other[at]! < value[at]!;
    }),
    { seed: 5, numRuns: 60 },
  );
});

test("when the time is up the best so far is said, and never as proven", () => {
  const tasks = Array.from({ length: 24 }, (_, at) =>
    task(`d${at}`, 2 + (at % 5), { needs: [wants("hands"), wants("burner")], maxWaitMin: 140, waitCost: 1 + (at % 3) }),
  );
  let looks = 0;
  const answer = solveSchedule(dinner(tasks), () => 12 - looks++);
  expect(answer).toMatchObject({ kind: "plan", provenBest: false });
});

test("what is said no plan can beat holds: the best plan of all is never below it, however early the search stopped", () => {
  fc.assert(
    fc.property(problems(5), fc.integer({ min: 1, max: 40 }), (asked, most) => {
      const problem = { ...asked, allowLate: true };
      let looks = 0;
      const stopped = solveSchedule(problem, () => most - looks++);
      const whole = solveSchedule(problem, FOREVER);
      if (stopped.kind !== "plan" || whole.kind !== "plan") return true;
      const { lateMin, waitCost } = stopped.bound;
      return (
        lateMin <= whole.schedule.lateMin + 1e-9 &&
        (waitCost === null || waitCost <= whole.schedule.waitCost + 1e-9) &&
        whole.bound.lateMin === whole.schedule.lateMin
      );
    }),
    { seed: 7, numRuns: 80 },
  );
});
