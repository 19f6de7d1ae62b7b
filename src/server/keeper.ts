import path from "node:path";
import type { Result } from "@/core/shared";
import type { KeepJob, KeepName, KeepTasks } from "./keep";
import { Threads, type PoolRefusal } from "./threads";

/** Made by `scripts/workers.mjs` with every build. */
const FILE = path.join(/* turbopackIgnore: true */ process.cwd(), ".workers/keep.mjs");

/** One at a time: a check of ten years reads a few hundred megabytes. */
const LIMITS = { most: 1, queue: 2, deadlineMs: 15 * 60_000 } as const;

const shared = globalThis as typeof globalThis & { gaffelKeeper?: Threads<KeepJob, KeepTasks[KeepName]["answer"]> };

/** Checks or copies the file of the house in its thread. */
export async function keep<Name extends KeepName>(
  task: Name,
  ask: KeepTasks[Name]["ask"],
): Promise<Result<KeepTasks[Name]["answer"], PoolRefusal>> {
  const threads = (shared.gaffelKeeper ??= new Threads(FILE, LIMITS));
  return (await threads.run({ task, ask } as KeepJob)) as Result<KeepTasks[Name]["answer"], PoolRefusal>;
}
