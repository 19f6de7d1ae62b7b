import fc from "fast-check";
import { broken } from "./check.testkit";
import { solveSchedule, type Schedule, type ScheduleProblem, type Task } from ".";

const FOREVER = () => Infinity;
const PLAIN = { needs: [], after: [], mustEndAtServe: false, maxWaitMin: null, waitCost: 0, serveId: "t" } as const;
const on = (resourceId: string) => [{ resourceId, units: 1, state: null }];
const machine = (id: string, capacity = 1) => ({ id, capacity, changeMin: null });

const plan = (problem: ScheduleProblem): Schedule => {
  const answer = solveSchedule(problem, FOREVER);
  if (answer.kind !== "plan") throw new Error(JSON.stringify(answer));
  expect(answer.provenBest).toBe(true);
  const { tasks, serves } = answer.schedule;
  const faults = broken(
    problem,
    problem.tasks.map(({ id }) => tasks.find((one) => one.id === id)!.startMin),
    serves.map(({ atMin }) => atMin),
  );
  expect(faults).toEqual([]);
  return answer.schedule;
};
const problem = (tasks: readonly Task[], part: Partial<ScheduleProblem> = {}): ScheduleProblem => ({
  serves: [{ id: "t", atMin: 0 }],
  resources: [machine("a"), machine("b")],
  allowLate: false,
  tasks,
  ...part,
});
/** How long before the serve the first work begins. */
const makespan = (tasks: readonly Task[], part: Partial<ScheduleProblem> = {}): number =>
  -plan(problem(tasks, part)).firstStartMin!;

type Job = readonly [first: number, second: number];
const flowShop = (jobs: readonly Job[]): readonly Task[] =>
  jobs.flatMap(([first, second], job) => [
    { ...PLAIN, id: `${job}.a`, minutes: first, needs: on("a") },
    {
      ...PLAIN,
      id: `${job}.b`,
      minutes: second,
      needs: on("b"),
      after: [{ taskId: `${job}.a`, gapMin: 0, gapMax: null }],
    },
  ]);

/**
 * Johnson 1954, "Optimal two- and three-stage production schedules with setup times included", Naval Research Logistics Quarterly 1:61-68:
 * first what is short on the first machine, by that; last what is short on the second, by that, longest first.
 */
function johnson(jobs: readonly Job[]): number {
  const early = jobs.filter(([first, second]) => first <= second).sort((x, y) => x[0] - y[0]);
  const late = jobs.filter(([first, second]) => first > second).sort((x, y) => y[1] - x[1]);
  let [firstEnd, secondEnd] = [0, 0];
  for (const [first, second] of [...early, ...late]) {
    firstEnd += first;
    secondEnd = Math.max(firstEnd, secondEnd) + second;
  }
  return secondEnd;
}

const minutes = fc.integer({ min: 1, max: 9 });

// the rules are proven in the papers named; author and year from memory
describe("what is known exactly of scheduling", () => {
  test("two machines in a row: as short as Johnson's rule", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(minutes, minutes), { minLength: 1, maxLength: 6 }), (jobs) => {
        expect(makespan(flowShop(jobs))).toBe(johnson(jobs));
      }),
      { numRuns: 60 },
    );
  });

  test("two like machines: half of the work, or as near to it as the pieces allow", () => {
    fc.assert(
      fc.property(fc.array(minutes, { minLength: 1, maxLength: 8 }), (works) => {
        const tasks = works.map((one, at) => ({ ...PLAIN, id: `${at}`, minutes: one, needs: on("a") }));
        // every sum that some of them reach: the partition problem by its dynamic programme (Karp 1972)
        const whole = works.reduce((sum, one) => sum + one, 0);
        let sums = new Set([0]);
        for (const one of works) sums = new Set([...sums, ...[...sums].map((sum) => sum + one)]);
        const best = Math.min(...[...sums].map((sum) => Math.max(sum, whole - sum)));
        expect(makespan(tasks, { resources: [machine("a", 2)] })).toBe(best);
      }),
      { numRuns: 60 },
    );
  });

  test("one machine and something that follows each alone: longest tail first, by Jackson's rule", () => {
    // Jackson 1955, "Scheduling a production line to minimize maximum tardiness": largest tail first is best on one machine
    fc.assert(
      fc.property(
        fc.array(fc.tuple(minutes, fc.integer({ min: 0, max: 12 })), { minLength: 1, maxLength: 6 }),
        (jobs) => {
          const tasks = jobs.flatMap(([work, tail], job): readonly Task[] => [
            { ...PLAIN, id: `${job}`, minutes: work, needs: on("a") },
            {
              ...PLAIN,
              id: `${job}.tail`,
              minutes: Math.max(1, tail),
              after: [{ taskId: `${job}`, gapMin: 0, gapMax: null }],
            },
          ]);
          let [end, latest] = [0, 0];
          for (const [work, tail] of [...jobs].sort((x, y) => y[1] - x[1])) {
            end += work;
            latest = Math.max(latest, end + Math.max(1, tail));
          }
          expect(makespan(tasks)).toBe(latest);
        },
      ),
      { numRuns: 60 },
    );
  });

  test("without anything scarce it is the longest chain (critical path; Kelley and Walker 1959)", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(minutes, fc.integer({ min: -1, max: 5 }), fc.integer({ min: 0, max: 4 })), {
          minLength: 1,
          maxLength: 7,
        }),
        (works) => {
          const before = works.map(([, wanted], at) => (wanted >= 0 && wanted < at ? wanted : null));
          const tasks = works.map(([one, , gapMin], at): Task => ({
            ...PLAIN,
            id: `${at}`,
            minutes: one,
            after: before[at] === null ? [] : [{ taskId: `${before[at]}`, gapMin, gapMax: null }],
          }));
          const ends: number[] = [];
          for (const [at, [one, , gapMin]] of works.entries())
            ends.push(one + (before[at] === null ? 0 : ends[before[at]!]! + gapMin));
          expect(makespan(tasks)).toBe(Math.max(...ends));
        },
      ),
    );
  });
});

describe("laws of every plan", () => {
  type Work = { readonly minutes: number; readonly spot: "a" | "b"; readonly byHand: boolean };
  type Kitchen = { readonly works: readonly Work[]; readonly hands: number; readonly spots: number };
  const few = fc.integer({ min: 1, max: 2 });
  const work = fc.record({ minutes, spot: fc.constantFrom("a", "b"), byHand: fc.boolean() });
  const kitchen: fc.Arbitrary<Kitchen> = fc.record({
    works: fc.array(work, { minLength: 1, maxLength: 6 }),
    hands: few,
    spots: few,
  });
  const tasksOf = ({ works }: Kitchen): readonly Task[] =>
    works.map(({ minutes: long, spot, byHand }, at) => ({
      ...PLAIN,
      id: `${at}`,
      minutes: long,
      needs: [...on(spot), ...(byHand ? on("hands") : [])],
    }));
  const station = ({ hands, spots }: Pick<Kitchen, "hands" | "spots">) => [
    machine("a", spots),
    machine("b", spots),
    machine("hands", hands),
  ];
  const length = (of: Kitchen, part: Partial<Kitchen> = {}) =>
    makespan(tasksOf({ ...of, ...part }), { resources: station({ ...of, ...part }) });

  test("one more hand, one more spot, one dish fewer: never longer", () => {
    fc.assert(
      fc.property(kitchen, (one) => {
        const long = length(one);
        expect(length(one, { hands: one.hands + 1 })).toBeLessThanOrEqual(long);
        expect(length(one, { spots: one.spots + 1 })).toBeLessThanOrEqual(long);
        if (one.works.length > 1) expect(length(one, { works: one.works.slice(1) })).toBeLessThanOrEqual(long);
      }),
      { numRuns: 40 },
    );
  });

  test("between all the work of the scarcest and all the work there is", () => {
    fc.assert(
      fc.property(kitchen, (one) => {
        const long = length(one);
        const sum = (fits: (work: Work) => boolean) =>
          one.works.filter(fits).reduce((all, work) => all + work.minutes, 0);
        const least = Math.max(
          ...(["a", "b"] as const).map((spot) => Math.ceil(sum((work) => work.spot === spot) / one.spots)),
          Math.ceil(sum(({ byHand }) => byHand) / one.hands),
          ...one.works.map((work) => work.minutes),
        );
        expect(long).toBeGreaterThanOrEqual(least);
        expect(long).toBeLessThanOrEqual(sum(() => true));
      }),
      { numRuns: 60 },
    );
  });

  test("the same evening an hour later is the same plan an hour later", () => {
    fc.assert(
      fc.property(kitchen, fc.integer({ min: -90, max: 90 }), (one, later) => {
        const tasks = tasksOf(one);
        const resources = station(one);
        const early = plan(problem(tasks, { resources }));
        const late = plan(problem(tasks, { resources, serves: [{ id: "t", atMin: later }] }));
        expect(late.firstStartMin! - later).toBe(early.firstStartMin);
        expect(late.waitCost).toBe(early.waitCost);
      }),
      { numRuns: 30 },
    );
  });

  test("in whatever order the work is written down, the plan is worth the same", () => {
    fc.assert(
      fc.property(kitchen, (one) => {
        const tasks = tasksOf(one);
        const resources = station(one);
        expect(makespan([...tasks].reverse(), { resources })).toBe(makespan(tasks, { resources }));
      }),
      { numRuns: 30 },
    );
  });
});
