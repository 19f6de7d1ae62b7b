import { sumOf } from "@/core/numeric";
import { replan, type ScheduleProblem } from "@/core/line";

type Task = ScheduleProblem["tasks"][number];

const BURNERS = 4;
/** Tables called all at once with one pair of hands: a pan each, of which a piece goes to the next table too, and a cold plate. */
function rush(tables: number): ScheduleProblem {
  const task = (
    id: string,
    minutes: number,
    serveId: string,
    needs: readonly string[],
    rest: Partial<Task> = {},
  ): Task => ({
    id,
    minutes,
    serveId,
    needs: needs.map((resourceId) => ({ resourceId, units: 1, state: null })),
    after: [],
    mustEndAtServe: false,
    maxWaitMin: null,
    waitCost: 0.1,
    ...rest,
  });
  const at = (table: number) => `t${table % tables}`;
  const tasks = Array.from({ length: tables }, (_, table): readonly Task[] => {
    const own = at(table);
    const goesOn = (taskId: string) => ({ after: [{ taskId, gapMin: 0, gapMax: 0 }] });
    const plated = { after: [{ taskId: `${own}.rests`, gapMin: 0, gapMax: 12 }], maxWaitMin: 11 };
    return [
      task(`${own}.in`, 2, own, ["burner", "hands"]),
      task(`${own}.fries`, 12 + 7 * (table % 4), own, ["burner"], goesOn(`${own}.in`)),
      task(`${own}.rests`, 4, own, [], goesOn(`${own}.fries`)),
      task(`${own}.plate`, 3 + (table % 3), own, ["hands"], plated),
      task(`${own}.other`, 3, at(table + 1), ["hands"], plated),
      task(`${own}.cold`, 3, own, ["hands"], { maxWaitMin: 11 }),
    ];
  }).flat();
  return {
    allowLate: true,
    notBeforeMin: 0,
    serves: Array.from({ length: tables }, (_, table) => ({ id: at(table), atMin: -9 })),
    resources: [
      { id: "hands", capacity: 1, changeMin: null },
      { id: "burner", capacity: BURNERS, changeMin: null },
    ],
    tasks,
  };
}

/** Nothing is begun before what it follows, and no more of a thing is held than there is. */
function isWorkable({ tasks, resources }: ScheduleProblem, startOf: ReadonlyMap<string, number>): boolean {
  const start = (id: string) => startOf.get(id)!;
  const inOrder = tasks.every(({ id, after }) =>
    after.every(({ taskId, gapMax }) => {
      const gap = start(id) - start(taskId) - tasks.find((one) => one.id === taskId)!.minutes;
      return gap >= 0 && (gapMax !== 0 || gap === 0);
    }),
  );
  const fits = resources.every(({ id: resourceId, capacity }) =>
    tasks.every(({ id }) => {
      const held = tasks.filter(
        (one) =>
          one.needs.some((need) => need.resourceId === resourceId) &&
          start(one.id) <= start(id) &&
          start(id) < start(one.id) + one.minutes,
      );
      return held.length <= capacity;
    }),
  );
  return inOrder && fits;
}

// moments the clock is looked at until the time is up: too few for a search of all that fits; on a slow computer it is up before
test.each([
  [6, 5],
  [8, 5],
  [10, 5],
  [10, -100],
])(
  "%d tables called at once with one pair of hands are planned at once, from now on, with what waits too long said (%d)",
  (tables, looksLeft) => {
    const problem = rush(tables);
    let looks = 0;
    const { answer, clash, mends } = replan(problem, new Map(), () => (looksLeft - looks++) / 100, { thorough: false });
    if (answer.kind !== "plan") throw new Error(`no plan: ${answer.kind}`);
    const { schedule } = answer;
    expect(isWorkable(problem, new Map(schedule.tasks.map(({ id, startMin }) => [id, startMin])))).toBe(true);
    expect(schedule.firstStartMin).toBe(0);
    // one task after the other would take no longer
    expect(Math.max(...schedule.tasks.map(({ endMin }) => endMin))).toBeLessThan(
      sumOf(problem.tasks, ({ minutes }) => minutes),
    );
    expect(mends).toEqual([expect.objectContaining({ kind: "waitLonger" })]);
    // nobody showed that it cannot be done as it should
    expect(clash).toBeNull();
  },
);
