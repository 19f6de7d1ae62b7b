import { availableParallelism } from "node:os";
import path from "node:path";
import Piscina from "piscina";
import { err, ok, type Result } from "@/core/shared";
import type { TaskName, Tasks } from "./tasks";

/** Made by `scripts/workers.mjs` with every build. */
const FILE = path.join(/* turbopackIgnore: true */ process.cwd(), ".workers/tasks.mjs");

/**
 * Threads that work things out, so that a tap or a reading never waits for a plan. The house's own plans and what comes to the open core
 * have threads of their own: whoever asks the core for much cannot keep a cook from starting.
 */
const LANES = {
  house: { most: Math.max(1, Math.min(2, availableParallelism() - 1)), queue: 24, deadlineMs: 30_000 },
  open: { most: 1, queue: 16, deadlineMs: 30_000 },
} as const;
export type Lane = keyof typeof LANES;

/** Why nothing was worked out: too many asked at once, or it took too long. */
export type PoolRefusal = "busy" | "too-long";

const shared = globalThis as typeof globalThis & { gaffelPools?: Partial<Record<Lane, Piscina>> };

function poolOf(lane: Lane): Piscina {
  const pools = (shared.gaffelPools ??= {});
  const { most } = LANES[lane];
  return (pools[lane] ??= new Piscina({
    filename: FILE,
    minThreads: 1,
    maxThreads: most,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: 512 },
  }));
}

/** Works a job out in a thread of its lane. A job past its deadline is ended with its thread, one beyond the queue is not begun. */
export async function workOut<Name extends TaskName>(
  lane: Lane,
  task: Name,
  ask: Tasks[Name]["ask"],
): Promise<Result<Tasks[Name]["answer"], PoolRefusal>> {
  const pool = poolOf(lane);
  const { queue, deadlineMs } = LANES[lane];
  if (pool.queueSize >= queue) return err("busy");
  const signal = AbortSignal.timeout(deadlineMs);
  try {
    return ok((await pool.run({ task, ask }, { signal })) as Tasks[Name]["answer"]);
  } catch (problem) {
    if (signal.aborted) return err("too-long");
    throw problem;
  }
}
