import { solveSchedule, type MixedIntegerSolver, type ScheduleProblem } from "@/core/line";
import { mixedInteger } from "./mixedInteger";
import { prepareVerb, runVerb } from ".";

type Answer = {
  readonly feasible: boolean;
  readonly because?: readonly string[];
  readonly tasks: readonly { readonly id: string; readonly start_min: number; readonly end_min: number }[];
  readonly serves: readonly { readonly id: string; readonly at_min: number; readonly late_min: number }[];
  readonly late_min: number;
  readonly wait_cost: number;
  readonly first_start_min: number;
  readonly proven_best: boolean;
};
const run = (input: unknown) => runVerb("schedule", input)!;
const plan = (input: unknown): Answer => {
  const answer = run(input);
  if (!answer.ok) throw new Error(answer.error.message);
  return answer.value as Answer;
};

const SERVE = { id: "t4", at_min: 0 };
const KITCHEN = [
  { id: "hands", capacity: 1 },
  { id: "burner", capacity: 4 },
  { id: "oven", capacity: 2, change_min: 8 },
];
const ASK = {
  serves: [SERVE],
  allow_late: false,
  resources: KITCHEN,
  tasks: [
    { id: "temper", minutes: 10 },
    {
      id: "sear",
      minutes: 4,
      for: "t4",
      needs: { burner: 1, hands: 1 },
      after: [{ id: "temper", gap_min: 0, gap_max: 10 }],
      must_end_at_serve: false,
      max_wait_before_serve_min: 3,
      wait_cost: 1,
    },
    { id: "roast", minutes: 6, needs: { oven: { units: 1, state: "180" } } },
  ],
};

test("the plan of one dish, in whole minutes before its serve", () => {
  expect(plan(ASK)).toMatchObject({
    feasible: true,
    tasks: [
      { id: "temper", start_min: -14, end_min: -4 },
      { id: "sear", start_min: -4, end_min: 0 },
      { id: "roast", start_min: -6, end_min: 0 },
    ],
    serves: [{ id: "t4", at_min: 0, late_min: 0 }],
    late_min: 0,
    wait_cost: 0,
    first_start_min: -14,
    proven_best: true,
  });
});

test("what clashes is said in the cook's words", () => {
  const both = ["sear", "baste"].map((id) => ({ id, minutes: 3, needs: { hands: 1 }, must_end_at_serve: true }));
  expect(plan({ ...ASK, tasks: both })).toMatchObject({
    feasible: false,
    because: ["sear, baste do not fit together: they want hands at the same minutes"],
  });
});

test.each([
  [{ ...ASK, serves: [] }, "serves"],
  [{ ...ASK, serves: [SERVE, SERVE] }, "serves.1.id"],
  [{ ...ASK, tasks: [{ id: "a", minutes: 0 }] }, "tasks.0.minutes"],
  [{ ...ASK, tasks: [{ id: "a", minutes: 2.5 }] }, "tasks.0.minutes"],
  [{ ...ASK, tasks: [{ id: "a", minutes: 3, for: "t9" }] }, "tasks.0.for"],
  [{ ...ASK, tasks: [{ id: "a", minutes: 3, needs: { wok: 1 } }] }, "tasks.0.needs.wok"],
  [{ ...ASK, tasks: [{ id: "a", minutes: 3, after: [{ id: "b" }] }] }, "tasks.0.after.0.id"],
  [{ ...ASK, tasks: [{ id: "a", minutes: 3, colour: "red" }] }, "tasks.0.colour"],
  [{ ...ASK, resources: [{ id: "oven", capacity: 1, change_min: -1 }] }, "resources.0.change_min"],
])("bad input %# names its place", (input, path) => {
  expect(run(input)).toMatchObject({ ok: false, error: { path } });
});

/** Dishes of three kinds over two tables, so crowded that waiting decides. */
const crowded = (count: number): ScheduleProblem => ({
  allowLate: false,
  serves: [
    { id: "a", atMin: 0 },
    { id: "b", atMin: 6 },
  ],
  resources: [
    { id: "hands", capacity: 2, changeMin: null },
    { id: "burner", capacity: 4, changeMin: null },
  ],
  tasks: Array.from({ length: count }, (_, at) => ({
    id: `d${at}`,
    serveId: at % 2 === 0 ? "a" : "b",
    minutes: 2 + ((at * 7) % 5),
    needs: [
      { resourceId: "hands", units: 1, state: null },
      ...(at % 3 === 0 ? [{ resourceId: "burner", units: 1, state: null }] : []),
    ],
    after: [],
    mustEndAtServe: false,
    maxWaitMin: 40 + (at % 4),
    waitCost: 1 + (at % 3),
  })),
});

test("linear programs (HiGHS 1.15, https://highs.dev) come to the best that search comes to, and prove what it cannot in time", async () => {
  expect(mixedInteger()).toBeNull();
  await prepareVerb("schedule");
  const program = mixedInteger()!;
  let asked = 0;
  const solver: MixedIntegerSolver = (text) => {
    asked++;
    return program(text, 60);
  };
  const alone = solveSchedule(crowded(9), () => Infinity);
  // the clock goes by looks at it, so that a slow machine comes to the same
  const hurried = (count: number) => {
    let looks = 0;
    return solveSchedule(crowded(count), () => 6 - 0.05 * looks++, { solver });
  };
  expect(hurried(9)).toMatchObject({
    provenBest: true,
    schedule:
      alone.kind === "plan" ? { waitCost: alone.schedule.waitCost, firstStartMin: alone.schedule.firstStartMin } : {},
  });
  const many = hurried(14);
  expect(asked).toBeGreaterThan(0);
  expect(many).toMatchObject({ kind: "plan", provenBest: true });
}, 60_000);
