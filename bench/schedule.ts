import { replan, solveSchedule, type MixedIntegerSolver, type ScheduleProblem } from "@/core/line";
import { loadMixedInteger, mixedInteger } from "@/verbs/mixedInteger";
import { add } from "./measure";

type Task = ScheduleProblem["tasks"][number];
const PLAIN = { after: [], mustEndAtServe: false, maxWaitMin: null, waitCost: 1 } as const;
const one = (resourceId: string, state: string | null = null) => ({ resourceId, units: 1, state });

/** Five dishes as their stove and sauce plans run, in whole minutes. */
function dish(kind: number, id: string, serveId: string): readonly Task[] {
  const hot = [one("hands"), one("burner")];
  const task = (name: string, minutes: number, part: Partial<Task>): Task => ({
    ...PLAIN,
    id: `${id}.${name}`,
    minutes,
    serveId,
    needs: [],
    ...part,
  });
  const after = (name: string, gapMax: number | null = null) => [{ taskId: `${id}.${name}`, gapMin: 0, gapMax }];
  switch (kind) {
    case 0:
      return [
        task("skin", 6, { needs: [one("burner")] }),
        task("baste", 2, { needs: hot, after: after("skin", 0), maxWaitMin: 2 }),
      ];
    case 1:
      return [task("poach", 14, { needs: [one("burner")], maxWaitMin: 4 })];
    case 2:
      return [task("steam", 4, { needs: [one("burner")], maxWaitMin: 3 })];
    case 3:
      return [
        task("sear", 3, { needs: hot }),
        task("roast", 7, { needs: [one("oven", "180")], after: after("sear", 1), maxWaitMin: 4 }),
      ];
    default:
      return [task("mount", 3, { needs: hot, maxWaitMin: 10 })];
  }
}

/** Twenty covers over five tables, pans of four. */
const service = (): ScheduleProblem => ({
  allowLate: true,
  serves: Array.from({ length: 5 }, (_, at) => ({ id: `t${at}`, atMin: 7 * at })),
  resources: [
    { id: "hands", capacity: 1, changeMin: null },
    { id: "burner", capacity: 4, changeMin: null },
    { id: "oven", capacity: 2, changeMin: 8 },
  ],
  tasks: Array.from({ length: 20 }, (_, at) => dish(at % 5, `d${at}`, `t${Math.floor(at / 4)}`)).flat(),
});

/** The best moments to start everything of a service: the first answer, and the proof. */
export async function schedule(): Promise<void> {
  await loadMixedInteger();
  const solve = (solver: MixedIntegerSolver | null) => {
    const begunMs = performance.now();
    let firstMs = Infinity;
    const answer = solveSchedule(service(), () => 10 - (performance.now() - begunMs) / 1000, {
      solver,
      onBetter: () => (firstMs = Math.min(firstMs, performance.now() - begunMs)),
    });
    const proven = answer.kind === "plan" && answer.provenBest;
    return { firstMs, tookMs: performance.now() - begunMs, proven };
  };
  solve(null);
  const [alone, both] = [solve(null), solve(mixedInteger())];
  add("first plan, 20 covers of five dishes", both.firstMs, "target", 100);
  add(`that plan ${both.proven ? "proven best" : "not proven"}`, both.tookMs, "target", 3000);
  add(
    `by search alone ${alone.proven ? "proven best" : "not proven"}`,
    alone.tookMs,
    "with linear programs",
    both.tookMs,
  );
  const first = solveSchedule(service(), () => 5);
  if (first.kind !== "plan") return;
  const before = new Map(first.schedule.tasks.map(({ id, startMin }) => [id, startMin]));
  // one table more is called while the others stand
  const { serves, tasks, ...station } = service();
  const more = {
    ...station,
    serves: [...serves, { id: "new", atMin: 12 }],
    tasks: [...tasks, ...dish(0, "n0", "new"), ...dish(3, "n1", "new")],
  };
  const begunMs = performance.now();
  replan(more, before, () => 0.2 - (performance.now() - begunMs) / 1000);
  add("planned anew when a table is called", performance.now() - begunMs, "target", 300);
}
