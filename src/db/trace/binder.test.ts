import { DAY_MS } from "@/core/units";
import { makeDemoHouse } from "@/demo/house";
import { isAnswered, QUESTIONS, type QuestionId } from "@/house/book/binder";
import { openDatabase } from "../connection";
import { openHouse } from "../house/house";
import { noteProbeCheck } from "../house/probeChecks";
import { binderOf } from "./binder";

const NOW = Date.UTC(2026, 4, 12, 15);
const db = openDatabase(":memory:");
beforeAll(() => makeDemoHouse(db, NOW), 60_000);
const period = { fromMs: NOW - 14 * DAY_MS, toMs: NOW, ruleSetId: "eu-853", timeZone: "Europe/Oslo" } as const;
const section = (id: QuestionId) => binderOf(db, period).find((one) => one.id === id)!;

test("every question stands there, answered by its own records and by no others", () => {
  expect(binderOf(db, period).map(({ id }) => id)).toEqual([...QUESTIONS]);
  expect(new Set(section("receiving").entries.map(({ kind }) => kind))).toEqual(
    new Set(["lot-received", "lot-refused", "pack-received"]),
  );
  // a freezing hold with its readings is no answer about thawing, nor the other way round
  const holdsOf = (id: QuestionId) =>
    new Set(section(id).entries.map(({ payload }) => ("hold" in payload ? payload.hold : undefined)));
  expect(holdsOf("parasites")).toContain("Freezing against parasites");
  expect(holdsOf("thawing")).not.toContain("Freezing against parasites");
  expect(section("parasites").entries.filter(({ kind }) => kind === "hold-read").length).toBeGreaterThan(1);
});

test("what nobody wrote is said so: no check of a probe in fourteen days, each of them named", () => {
  const probes = section("probes");
  expect(isAnswered(probes)).toBe(false);
  expect(probes.daysWithout.length).toBeGreaterThan(10);
  noteProbeCheck(db, 0.2, "pass probe", { who: "Ylva", atMs: NOW - DAY_MS });
  const after = section("probes");
  expect(isAnswered(after)).toBe(true);
  expect(after.daysWithout).toEqual(probes.daysWithout.filter((day) => day !== "2026-05-11"));
});

test("cold: every place with its readings; what lay outside its limits without an answer, and when nobody read, is named", () => {
  const cold = section("cold");
  const room = cold.places.find(({ name }) => name === "Fish cold room")!;
  expect(room.readings).toBeGreaterThan(100);
  expect(room.highestC).toBeGreaterThan(3);
  expect(room.answered).toBeGreaterThan(0);
  const unanswered = cold.places.reduce((sum, { excursions, answered }) => sum + excursions - answered, 0);
  expect(cold.open.filter(({ kind }) => kind === "excursion")).toHaveLength(unanswered);
});

test("an empty house answers nothing", () => {
  const empty = openDatabase(":memory:");
  openHouse(
    empty,
    { name: "New", timeZone: "UTC", units: "metric", ruleSetId: "eu-853", cooks: ["Anu"], coldRoomC: 1 },
    NOW,
  );
  const binder = binderOf(empty, { ...period, fromMs: NOW - DAY_MS, toMs: NOW + 1 });
  expect(binder.filter(isAnswered)).toEqual([]);
  expect(binder.find(({ id }) => id === "cold")!.open).toEqual([{ kind: "never-read", place: "Fish cold room" }]);
});
