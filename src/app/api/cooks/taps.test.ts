import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { liveCook, planSheet } from "@/core/cooking";
import { findSpecies } from "@/core/species";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import { findCook, openCooks, startCook } from "@/db/stove/cooks";
import { makeDemoHouse } from "@/demo/house";
import { firstAsk } from "@/house/stove/firstAsk";
import { loadOfBatch, questionOf } from "@/house/stove/question";
import { planToKeep } from "@/house/stove/storedPlan";
import { makeChef } from "@/db/doors/people";
import { house } from "@/db/schema/house";
import { tellCooks, type CookNews } from "@/server/cookNews";
import { POST } from "./[cookId]/taps/route";
import { GET } from "./stream/route";

jest.mock("next/headers", () => ({
  headers: async () => new Headers(),
  cookies: async () => ({ get: () => undefined, set: () => undefined }),
}));

const folder = mkdtempSync(path.join(os.tmpdir(), "gaffel-taps-"));
beforeAll(() => {
  process.env["GAFFEL_DATA"] = folder;
  makeDemoHouse(db(), Date.now());
  const batch = batchesToCook(db(), 0)[0]!;
  const species = findSpecies(batch.speciesId)!;
  const ask = firstAsk(species, {}, 1);
  const load = loadOfBatch(batch.portions, ask.pieces, null)!;
  const piece = { speciesId: species.id, composition: species.compositionPct, prepared: null, load };
  const question = questionOf(piece, ask, { ruleSetId: "eu-853" });
  const planned = planSheet(question);
  if (!planned.ok) throw new Error(planned.error.code);
  const stamp = { who: "Ylva", atMs: Date.now() - 60_000, requestId: "start-of-the-cook" };
  startCook(db(), batch.id, planToKeep(question, planned.value), stamp);
}, 120_000);
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const cookId = () => openCooks(db())[0]!.id;
const stageOf = (of: string) => {
  const { plan, events } = findCook(db(), of)!;
  return liveCook(
    plan.answer.stages.map(({ seconds }) => seconds),
    events,
    Date.now(),
  ).stageIndex;
};
let made = 0;
const id = () => `tap-number-${String(++made).padStart(6, "0")}`;
async function tap(body: unknown, { of = cookId(), origin = "http://192.168.7.5:4310" } = {}) {
  const request = new Request(`http://house.test/api/cooks/${of}/taps`, {
    method: "POST",
    headers: { origin, host: "192.168.7.5:4310" },
    body: JSON.stringify(body),
  });
  const answer = await POST(request, { params: Promise.resolve({ cookId: of }) });
  return { status: answer.status, said: (await answer.json()) as Record<string, unknown> };
}

test("two tablets that press Next at one alarm go on by one stage, and the slower one is told", async () => {
  const of = cookId();
  const stage = stageOf(of);
  const first = await tap({ kind: "advanced", id: id(), stage, ageMs: 0 }, { of });
  const second = await tap({ kind: "advanced", id: id(), stage, ageMs: 200 }, { of });
  expect([first.said["ok"], second.said["ok"], second.said["code"]]).toEqual([true, false, "stage-passed"]);
  expect(stageOf(of)).toBe(stage + 1);
  expect((second.said["events"] as unknown[]).length).toBe(findCook(db(), of)!.events.length);
});

test("the same tap sent twice is one tap", async () => {
  const of = cookId();
  const once = { kind: "extended", id: id(), stage: stageOf(of), ageMs: 0, seconds: 10 };
  const first = await tap(once, { of });
  const again = await tap({ ...once, ageMs: 5000 }, { of });
  expect(again.said["events"]).toEqual(first.said["events"]);
});

test("a tap that was sent late counts from the hand, and never before the one it follows", async () => {
  const of = cookId();
  const stage = stageOf(of);
  await tap({ kind: "paused", id: id(), stage, ageMs: 0 }, { of });
  const { events } = findCook(db(), of)!;
  const pausedAtMs = events.at(-1)!.atMs;
  await tap({ kind: "resumed", id: id(), stage, ageMs: 26_000 }, { of });
  expect(findCook(db(), of)!.events.at(-1)!.atMs).toBe(pausedAtMs);
  await new Promise((resume) => setTimeout(resume, 120));
  await tap({ kind: "probed", id: id(), stage, ageMs: 100, centreC: 41 }, { of });
  const late = findCook(db(), of)!.events.at(-1)!.atMs;
  expect(Date.now() - late).toBeGreaterThanOrEqual(95);
});

test("a reading of the centre belongs to the cook, whatever stage was on the tablet", async () => {
  const { said } = await tap({ kind: "probed", id: id(), stage: 29, ageMs: 0, centreC: 44 });
  expect(said["ok"]).toBe(true);
});

test.each([
  [
    "a page of another house",
    { kind: "paused", id: "tap-from-elsewhere", stage: 0, ageMs: 0 },
    "http://evil.test",
    403,
  ],
  ["no tap at all", { kind: "dance" }, undefined, 422],
  ["a tap without an id", { kind: "paused", stage: 0, ageMs: 0 }, undefined, 422],
])("%s is turned away in words, and nothing is kept", async (_, body, origin, status) => {
  const of = cookId();
  const before = findCook(db(), of)!.events.length;
  const answer = await tap(body, { of, ...(origin ? { origin } : {}) });
  expect(answer.status).toBe(status);
  expect(answer.said["error"]).toMatchObject({ message: expect.stringMatching(/./) });
  expect(findCook(db(), of)!.events.length).toBe(before);
});

test("a cook that is not there is said to be so", async () => {
  expect((await tap({ kind: "paused", id: id(), stage: 0, ageMs: 0 }, { of: "nothing" })).status).toBe(404);
});

test("a tap is on every other tablet within the second; asked as JSON the stream says what stands", async () => {
  const leaving = new AbortController();
  const line = await GET(
    new Request("http://house.test/api/cooks/stream", {
      headers: { accept: "text/event-stream" },
      signal: leaving.signal,
    }),
  );
  const reader = line.body!.getReader();
  const decoder = new TextDecoder();
  let heard = "";
  const until = async (word: string) => {
    for (let next = await reader.read(); !next.done; next = await reader.read()) {
      heard += decoder.decode(next.value, { stream: true });
      if (heard.includes(word)) return;
    }
  };
  await until("all told");
  heard = "";
  const of = cookId();
  const sentAtMs = Date.now();
  await tap({ kind: "extended", id: id(), stage: stageOf(of), ageMs: 0, seconds: 30 }, { of });
  await until("\n\n");
  expect(Date.now() - sentAtMs).toBeLessThan(1000);
  const news = JSON.parse(heard.replace(/^data: /, "")) as CookNews;
  expect(news).toEqual({ cookId: of, events: findCook(db(), of)!.events });
  leaving.abort();
  const stands = (await (await GET(new Request("http://house.test/api/cooks/stream"))).json()) as readonly CookNews[];
  expect(stands.map((one) => one.cookId)).toEqual(openCooks(db()).map((one) => one.id));
});

test("a line held open is closed when its tablet is not let in any more", async () => {
  const line = await GET(
    new Request("http://house.test/api/cooks/stream", { headers: { accept: "text/event-stream" } }),
  );
  const reader = line.body!.getReader();
  const decoder = new TextDecoder();
  let heard = "";
  while (!heard.includes("all told")) heard += decoder.decode((await reader.read()).value, { stream: true });
  // the house gets its locks: who listens without a tablet of the house is outside from now on
  db().update(house).set({ demo: false }).run();
  makeChef(db(), { name: "Ylva", pinHash: "x", phrase: "x" }, { who: "Ylva", atMs: Date.now() });
  tellCooks({ cookId: cookId(), events: [] });
  expect(await reader.read()).toEqual({ done: true, value: undefined });
});
