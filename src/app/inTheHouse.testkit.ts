import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { db } from "@/db/connection";
import { makeDemoHouse } from "@/demo/house";
import type { Job } from "@/server/tasks";

/** What the framework gives an action of the request it answers; a test says where it comes from and what the tablet keeps. */
export const request = { origin: "http://house.test", host: "house.test" };
export const jar = new Map<string, string>();

/** For `jest.mock`, which hoists above imports: `() => jest.requireActual("…/inTheHouse.testkit").nextHeaders`. */
export const nextHeaders = {
  headers: async () => new Headers(request),
  cookies: async () => ({
    get: (name: string) => (jar.has(name) ? { value: jar.get(name) } : undefined),
    set: (name: string, value: string) => void jar.set(name, value),
  }),
};
export const nextCache = { revalidatePath: () => undefined };
export const nextServer = { connection: async () => undefined };

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
