import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { Threads } from "./threads";

const folder = mkdtempSync(path.join(tmpdir(), "threads-"));
const file = path.join(folder, "hold.mjs");
// holds its thread for so many ms, or for ever; a negative number is a bug of the job
writeFileSync(
  file,
  `export default (ms) => { if (ms < 0) throw new Error("bug"); const end = Date.now() + ms; while (Date.now() < end); return ms; };`,
);
let threads: Threads<number, number>;
afterEach(() => threads.close());
afterAll(() => rmSync(folder, { recursive: true }));

test("a job past its deadline is ended, and its thread serves the next one", async () => {
  // a new thread has to start within the deadline, on a machine that builds beside it too
  threads = new Threads(file, { most: 1, queue: 4, deadlineMs: 8_000 });
  expect(await threads.run(1)).toEqual({ ok: true, value: 1 });
  expect(await threads.run(Infinity)).toEqual({ ok: false, error: "too-long" });
  expect(await threads.run(2)).toEqual({ ok: true, value: 2 });
});

test("waiting counts against the deadline", async () => {
  threads = new Threads(file, { most: 1, queue: 4, deadlineMs: 1_500 });
  const answers = await Promise.all([threads.run(Infinity), threads.run(1)]);
  expect(answers).toEqual([
    { ok: false, error: "too-long" },
    { ok: false, error: "too-long" },
  ]);
});

test("what is beyond the queue is refused at once and the others are answered", async () => {
  threads = new Threads(file, { most: 1, queue: 2, deadlineMs: 20_000 });
  await threads.run(0);
  const answers = await Promise.all([200, 1, 2, 3, 4].map((ms) => threads.run(ms)));
  expect(answers.filter((answer) => !answer.ok)).toEqual([
    { ok: false, error: "busy" },
    { ok: false, error: "busy" },
  ]);
  expect(answers.slice(0, 3)).toEqual([200, 1, 2].map((value) => ({ ok: true, value })));
});

test("a bug of a job is no refusal: it is thrown", async () => {
  threads = new Threads(file, { most: 1, queue: 2, deadlineMs: 20_000 });
  await expect(threads.run(-1)).rejects.toThrow("bug");
});

test("while a thread is held the clock of the house goes on", async () => {
  threads = new Threads(file, { most: 1, queue: 2, deadlineMs: 20_000 });
  let ticks = 0;
  const clock = setInterval(() => ticks++, 10);
  await threads.run(400);
  clearInterval(clock);
  expect(ticks).toBeGreaterThan(10);
});
