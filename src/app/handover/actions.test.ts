import { db } from "@/db/connection";
import { houseNowMs } from "@/db/houseClock";
import { noteProbeCheck } from "@/db/house/probeChecks";
import { handovers } from "@/db/house/handovers";
import { findHouse } from "@/db/house/house";
import { entriesBetween } from "@/db/ledger";
import { addReadings, listPlaces } from "@/db/house/places";
import { actionLaws } from "../testkit/actionLaws.testkit";
import { inADemoHouse, jar, request } from "../testkit/inTheHouse.testkit";
import { leaveWord, takeOver } from "./actions";
import { handoverNow } from "./handoverNow";
import { markOf } from "./markOf";

inADemoHouse();

const now = () => handoverNow(db(), findHouse(db())!, houseNowMs());
const stamp = () => ({ who: "Ylva", atMs: houseNowMs() });
const id = (of: string) => `handover-${of}-0123456789abcdef`;

actionLaws(
  {
    leaveWord: { action: leaveWord, good: () => ({ note: "Char of t7 goes without butter" }) },
    takeOver: {
      action: takeOver,
      good: () => ({ name: "Maike", mark: markOf(now()) }),
      refused: [() => ({ name: "Nobody", mark: markOf(now()) }), /Nobody of that name/],
    },
  },
  request,
);

test("words wait until somebody takes over by name, and the tablet then writes under that name", async () => {
  await leaveWord({ note: "Salamander pulls left" }, id("left"));
  expect(handovers(db(), houseNowMs()).waiting.map(({ note }) => note)).toEqual(["Salamander pulls left"]);
  expect(await takeOver({ name: "Torben", mark: markOf(now()) }, id("taken"))).toMatchObject({
    ok: true,
    value: "Torben",
  });
  expect(handovers(db(), houseNowMs())).toMatchObject({ waiting: [], lastTaken: { who: "Torben" } });
  expect([...jar.values()]).toEqual(["Torben"]);
  expect(entriesBetween(db(), 0, houseNowMs() + 1)[0]).toMatchObject({ kind: "handover-taken", who: "Torben" });
});

test("what came after it was read is read first: nobody takes over what they have not seen", async () => {
  const mark = markOf(now());
  const fridge = listPlaces(db()).find(({ kind }) => kind === "cold-room")!;
  const { atMs } = stamp();
  for (const agoMin of [50, 40, 30, 20, 10, 0])
    addReadings(db(), fridge.id, [{ atMs: atMs - agoMin * 60_000, celsius: 9 }], "typed", { who: "Ylva", atMs });
  expect(now().owed.map(({ title }) => title)).toContain(fridge.name);
  expect(await takeOver({ name: "Torben", mark }, id("stale"))).toMatchObject({
    ok: false,
    error: { message: expect.stringMatching(/since you read it/) },
  });
  expect(await takeOver({ name: "Torben", mark: markOf(now()) }, id("fresh"))).toMatchObject({ ok: true });
});

test("a probe that read wrong in ice is the first to be checked, until it reads true", () => {
  noteProbeCheck(db(), 2.4, "Stove probe", stamp());
  expect(now().probe).toMatchObject({ name: "Stove probe", state: "off" });
  noteProbeCheck(db(), 0.1, "Stove probe", stamp());
  expect(now().probe?.name).not.toBe("Stove probe");
});

test("on the evening of the demo house the list tells what the other pages tell", () => {
  const { runs, owed, low } = now();
  expect([...runs, ...owed].every(({ href }) => href.startsWith("/"))).toBe(true);
  expect(new Set([...runs, ...owed].map(({ key }) => key)).size).toBe(runs.length + owed.length);
  expect(low.every(({ title }) => title.length > 0)).toBe(true);
  expect(runs.some(({ kind }) => kind === "hold")).toBe(true);
});
