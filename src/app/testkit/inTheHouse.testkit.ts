import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { db } from "@/db/connection";
import { makeDemoHouse } from "@/demo/house";
import type { Job } from "@/server/tasks";

export { jar, request } from "./framework.testkit";

/** In this thread: what is tried is the way in and out, not the threads. */
export const pool = {
  workOut: async (_lane: string, task: string, ask: unknown) => {
    const { default: runTask } = jest.requireActual<{ readonly default: (job: Job) => Promise<unknown> }>(
      "@/server/tasks",
    );
    return { ok: true, value: await runTask({ task, ask } as Job) };
  },
};

/** A demo house of its own for the tests of this file. */
export function inADemoHouse(): void {
  const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-house-"));
  beforeAll(() => {
    process.env["GAFFEL_DATA"] = folder;
    makeDemoHouse(db(), Date.now());
  }, 120_000);
  afterAll(() => rmSync(folder, { recursive: true, force: true }));
}
