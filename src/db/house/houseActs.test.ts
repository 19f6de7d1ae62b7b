import { refuse, valueOf } from "@/core/shared";
import { MOST_CHECKS } from "@/house/checks";
import { openDatabase, type Db } from "../connection";
import { checkLedger, entriesBetween, lastEntry } from "../ledger";
import { addAdvice, adviceOnSpecies, listAdvice } from "./advice";
import { addCheck, checksOf, endCheck, markCheck } from "./checks";
import { coversOn, dropCovers, setCovers } from "./covers";
import { handovers, leaveHandover, takeHandover } from "./handovers";
import {
  findHouse,
  listStaff,
  openHouse,
  setCardMoney,
  setCurrency,
  setDecimalMark,
  setHostNames,
  setLineHands,
  setServiceMin,
  setSusceptibleGuests,
} from "./house";
import { listPlaces } from "./places";
import { noteProbeCheck } from "./probeChecks";

const NOW = Date.UTC(2026, 4, 12, 15);
const DAY = "2026-05-12";
const ylva = { who: "Ylva", atMs: NOW };
const FACTS = {
  name: "Skarv",
  timeZone: "Europe/Copenhagen",
  units: "metric",
  ruleSetId: "eu-853",
  cooks: ["Ylva", "Torben", "Ylva"],
  coldRoomC: 2,
} as const;

let db: Db;
beforeEach(() => {
  db = openDatabase(":memory:");
  openHouse(db, FACTS, NOW);
});
const day = (nowMin = 600) => ({ day: DAY, fromMs: NOW - 8 * 3_600_000, toMs: NOW + 8 * 3_600_000, nowMin });
const written = () => entriesBetween(db, 0, NOW + 1e9).length;

test("a house is opened once: with its cold room, each cook once, and a first line in the book", () => {
  expect(openHouse(db, { ...FACTS, name: "Another" }, NOW)).toEqual(refuse("openAlready"));
  expect(findHouse(db)).toMatchObject({ name: "Skarv", demo: false, currency: null, susceptibleGuests: false });
  expect(listStaff(db).map(({ name }) => name)).toEqual(["Torben", "Ylva"]);
  expect(listPlaces(db)).toMatchObject([{ name: "Fish cold room", setC: 2, kind: "cold-room" }]);
  expect(entriesBetween(db, 0, NOW + 1)).toMatchObject([{ kind: "house-opened", who: "Ylva" }]);
});

test("every setting is kept and written down as what it is", () => {
  const money = { vatPct: 12, extraCents: 55, targetPct: 28 };
  setCurrency(db, "SEK", "Ylva", NOW);
  setDecimalMark(db, "comma", "Ylva", NOW);
  setSusceptibleGuests(db, true, "Ylva", NOW);
  setServiceMin(db, 1050, "Ylva", NOW);
  setHostNames(db, ["gaffel.local"], "Ylva", NOW);
  setLineHands(db, 4, "Ylva", NOW);
  setCardMoney(db, money, "Ylva", NOW);
  expect(findHouse(db)).toMatchObject({
    currency: "SEK",
    decimalMark: "comma",
    susceptibleGuests: true,
    serviceMin: 1050,
    hostNames: ["gaffel.local"],
    lineHands: 4,
    ...money,
  });
  const told = Object.assign(
    {},
    ...entriesBetween(db, 0, NOW + 1)
      .filter(({ kind }) => kind === "house-changed")
      .map(({ payload }) => payload),
  ) as object;
  expect(told).toMatchObject({ currency: "SEK", lineHands: 4, vatPct: 12 });
  expect(checkLedger(db)).toEqual({ kind: "whole", entries: 8 });
});

describe("checks of the day", () => {
  const oil = { name: "Fryer oil", list: "closing", byMin: 1380, doneBy: null } as const;

  test("stand until they are done, are late after their hour, and are done once a day", () => {
    const checkId = valueOf(addCheck(db, oil, ylva));
    const state = (nowMin: number) => checksOf(db, day(nowMin)).find(({ id }) => id === checkId)!.state;
    const [before, late] = [state(1300), state(1400)];
    expect(before).not.toBe(late);
    expect(markCheck(db, checkId, DAY, "dark: changed", ylva)).toEqual({ ok: true, value: "Fryer oil" });
    expect(checksOf(db, day(1400))[0]).toMatchObject({ done: { who: "Ylva", wrong: "dark: changed" } });
    expect(markCheck(db, checkId, DAY, null, ylva)).toEqual(refuse("doneAlready"));
    expect(markCheck(db, checkId, "2026-05-13", null, ylva).ok).toBe(true);
  });

  test("one name is one check, whatever its letters; few are kept", () => {
    addCheck(db, oil, ylva);
    const before = written();
    expect(addCheck(db, { ...oil, name: "FRYER OIL" }, ylva)).toEqual(refuse("sameName"));
    expect(written()).toBe(before);
    for (let at = 1; at < MOST_CHECKS; at++) expect(addCheck(db, { ...oil, name: `Check ${at}` }, ylva).ok).toBe(true);
    expect(addCheck(db, { ...oil, name: "One more" }, ylva)).toEqual(refuse("tooMany"));
  });

  test("one that work itself does is done by the work, never by a tick", () => {
    const probe = { name: "Probe in ice", list: "opening", byMin: 600, doneBy: "probe-checked" } as const;
    const checkId = valueOf(addCheck(db, probe, ylva));
    expect(markCheck(db, checkId, DAY, null, ylva)).toEqual(refuse("doneByWork"));
    noteProbeCheck(db, 0.2, "the thin one", { who: "Torben", atMs: NOW });
    expect(checksOf(db, day())[0]).toMatchObject({ done: { who: "Torben", atMs: NOW, wrong: null } });
  });

  test("one that is ended is asked for no more, and what was ticked stays in the book", () => {
    const checkId = valueOf(addCheck(db, oil, ylva));
    markCheck(db, checkId, DAY, null, ylva);
    expect(endCheck(db, checkId, ylva).ok).toBe(true);
    expect(checksOf(db, day())).toEqual([]);
    expect(lastEntry(db, "check-done")!.payload).toMatchObject({ name: "Fryer oil" });
    for (const act of [() => endCheck(db, checkId, ylva), () => markCheck(db, "none", DAY, null, ylva)])
      expect(act()).toEqual(refuse("notThere"));
  });
});

test("covers of a day are what was said last; nought takes the line out", () => {
  const cod = { day: DAY, speciesId: "cod", use: "cook", covers: 12, portionG: 160 } as const;
  setCovers(db, cod, "Ylva", NOW);
  setCovers(db, { ...cod, covers: 18 }, "Ylva", NOW);
  setCovers(db, { ...cod, use: "raw", covers: 4 }, "Ylva", NOW);
  expect(
    coversOn(db, DAY)
      .map(({ use, covers }) => [use, covers])
      .sort(),
  ).toEqual([
    ["cook", 18],
    ["raw", 4],
  ]);
  setCovers(db, { ...cod, covers: 0 }, "Ylva", NOW);
  expect(coversOn(db, DAY).map(({ use }) => use)).toEqual(["raw"]);
  const before = written();
  dropCovers(db, DAY, "cod", "raw");
  expect([coversOn(db, DAY), written()]).toEqual([[], before]);
  expect(coversOn(db, "2026-05-13")).toEqual([]);
});

test("words wait for whoever comes on, and are over once somebody has", () => {
  leaveHandover(db, "Char without butter for t7", { who: "Torben", atMs: NOW });
  leaveHandover(db, "Salamander pulls left", { who: "Torben", atMs: NOW + 1000 });
  expect(handovers(db, NOW + 2000)).toMatchObject({
    waiting: [{ note: "Salamander pulls left" }, { note: "Char without butter for t7", who: "Torben" }],
    lastTaken: null,
  });
  takeHandover(db, { from: "Torben" } as Parameters<typeof takeHandover>[1], { who: "Ylva", atMs: NOW + 3000 });
  expect(handovers(db, NOW + 4000)).toEqual({
    waiting: [],
    lastTaken: { who: "Ylva", from: "Torben", atMs: NOW + 3000 },
  });
  leaveHandover(db, "Ice is low", { who: "Ylva", atMs: NOW + 5000 });
  expect(handovers(db, NOW + 6000).waiting.map(({ note }) => note)).toEqual(["Ice is low"]);
  // of another week
  expect(handovers(db, NOW + 10 * 86_400_000)).toEqual({ waiting: [], lastTaken: null });
});

test("advice comes in one go and is one line in the book; what is older stays and can be read", () => {
  const entry = {
    speciesId: "cod",
    production: null,
    area: "27.4",
    gear: "",
    body: "Council",
    rating: "acceptable",
    issuedOn: "2025-11-01",
  } as const;
  addAdvice(db, [entry, { ...entry, speciesId: "ling", rating: "avoid" }], "Ylva", NOW);
  addAdvice(db, [{ ...entry, rating: "best", issuedOn: "2026-03-01" }], "Ylva", NOW);
  expect(
    adviceOnSpecies(db, "cod")
      .map(({ rating }) => rating)
      .sort(),
  ).toEqual(["acceptable", "best"]);
  expect(listAdvice(db).map(({ speciesId, issuedOn }) => `${speciesId} ${issuedOn}`)).toEqual([
    "cod 2026-03-01",
    "cod 2025-11-01",
    "ling 2025-11-01",
  ]);
  expect(
    entriesBetween(db, NOW, NOW + 1)
      .filter(({ kind }) => kind === "advice-added")
      .map(({ payload }) => (payload as { readonly entries: number }).entries),
  ).toEqual([1, 2]);
});
