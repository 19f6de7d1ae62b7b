import { clamp } from "@/core/numeric";
import { availableParallelism } from "node:os";
import path from "node:path";
import type { Result } from "@/core/shared";
import type { Job, TaskName, Tasks } from "./tasks";
import { Threads, type PoolRefusal } from "./threads";

/** Made by `scripts/workers.mjs` with every build. */
const FILE = path.join(/* turbopackIgnore: true */ process.cwd(), ".workers/tasks.mjs");

/**
 * Threads that work things out, so that a tap or a reading never waits for a plan. The house's own plans and what comes to the open core
 * have threads of their own: whoever asks the core for much cannot keep a cook from starting.
 */
const LANES = {
  house: { most: clamp(availableParallelism() - 1, 1, 2), queue: 24, deadlineMs: 30_000 },
  open: { most: 1, queue: 16, deadlineMs: 30_000 },
  // what is looked on for after there is an answer: it keeps nobody waiting
  after: { most: 1, queue: 2, deadlineMs: 30_000 },
} as const;
export type Lane = keyof typeof LANES;

type Pool = Threads<Job, Tasks[TaskName]["answer"]>;

const shared = globalThis as typeof globalThis & { gaffelPools?: Partial<Record<Lane, Pool>> };

/** Works a job out in a thread of its lane. */
export async function workOut<Name extends TaskName>(
  lane: Lane,
  task: Name,
  ask: Tasks[Name]["ask"],
): Promise<Result<Tasks[Name]["answer"], PoolRefusal>> {
  const pools = (shared.gaffelPools ??= {});
  const pool = (pools[lane] ??= new Threads(FILE, LANES[lane]));
  return (await pool.run({ task, ask } as Job)) as Result<Tasks[Name]["answer"], PoolRefusal>;
}
