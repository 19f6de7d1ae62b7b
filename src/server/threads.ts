import Piscina from "piscina";
import { err, ok, type Result } from "@/core/shared";

/** Why nothing was worked out: too many asked at once, or it took too long. */
export type PoolRefusal = "busy" | "too-long";

export type Limits = {
  /** Threads at most. */
  readonly most: number;
  /** Jobs that may wait. */
  readonly queue: number;
  /** From the asking, waiting counted in, ms. */
  readonly deadlineMs: number;
};

/** Threads with a queue and a deadline: a job past it is ended with its thread, one beyond the queue is not begun. */
export class Threads<Job, Answer> {
  readonly #pool: Piscina;

  constructor(
    file: string,
    readonly limits: Limits,
  ) {
    this.#pool = new Piscina({
      filename: file,
      minThreads: 1,
      maxThreads: limits.most,
      idleTimeout: 60_000,
      resourceLimits: { maxOldGenerationSizeMb: 512 },
    });
  }

  async run(job: Job): Promise<Result<Answer, PoolRefusal>> {
    if (this.#pool.queueSize >= this.limits.queue) return err("busy");
    const signal = AbortSignal.timeout(this.limits.deadlineMs);
    try {
      return ok((await this.#pool.run(job, { signal })) as Answer);
    } catch (problem) {
      if (signal.aborted) return err("too-long");
      throw problem;
    }
  }

  close(): Promise<void> {
    return this.#pool.destroy();
  }
}
