import { TemperatureHistory, type Hold } from "@/core/coldchain";
import { liveStorageOf } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { holdOf, liveHold, tagFacts } from "../lots/holdFacts";
import { frozenIn, lineOf, staysSinceDoor } from "../lots/lineage";
import {
  boxFacts,
  freezingFacts,
  historyFacts,
  inspectionFacts,
  parasiteFacts,
  probedC,
  rawUntilMs,
  shellfishFacts,
} from "./rawFacts";
import type { LotRow } from "../lots/rows";

const row = (part: Partial<LotRow> = {}): LotRow => ({
  id: "part",
  code: "0510-1",
  speciesId: "pacific-oyster",
  form: "live",
  state: "live",
  verdict: "accept",
  production: "farmed",
  area: "27",
  source: "Ostra beds",
  grades: {},
  provenance: {},
  parentId: null,
  placeId: "cold",
  partLabel: null,
  partUse: null,
  caughtAtMs: null,
  receivedAtMs: 0,
  openedOn: null,
  thawedOn: null,
  onceFrozen: false,
  impliedIceDays: 0,
  inheritedIceDays: null,
  remainingG: 1000,
  priceCentsPerKg: 900,
  ...part,
});
const NOW = 10 * DAY_MS;
const places = [
  { id: "cold", kind: "walk-in", setC: 1 },
  { id: "freezer", kind: "freezer", setC: -22 },
];
const readings = (everyH: number, hours: number, celsius: number) =>
  Array.from({ length: Math.floor(hours / everyH) + 1 }, (_, index) => ({ atMs: index * everyH * HOUR_MS, celsius }));

describe("a lot and the wholes it was cut from", () => {
  const whole = row({ id: "whole", receivedAtMs: 0 });
  const part = row({ parentId: "whole", receivedAtMs: 5 * HOUR_MS });
  const family = new Map([whole, part].map((one) => [one.id, one]));

  test("the line begins with the lot itself, and splitting never sets the clock back", () => {
    expect(lineOf(part, family).map(({ id }) => id)).toEqual(["part", "whole"]);
    const stays = staysSinceDoor(part, family, (id) =>
      id === "whole"
        ? [{ placeId: "cold", fromMs: 0, toMs: null }]
        : [{ placeId: "freezer", fromMs: 5 * HOUR_MS, toMs: null }],
    );
    expect(stays).toEqual([
      { placeId: "cold", fromMs: 0, toMs: 5 * HOUR_MS },
      { placeId: "freezer", fromMs: 5 * HOUR_MS, toMs: null },
    ]);
    expect(frozenIn(places, stays, true)).toEqual({ kind: "own", fromH: 5 });
  });
});

describe("what is known of how warm it was", () => {
  const stays = [{ placeId: "cold", fromMs: 0, toMs: null }];

  test("a place nobody read says nothing at all; a gap is measured", () => {
    const silent = new TemperatureHistory([], 1);
    expect(historyFacts(stays, places, () => silent, false, NOW)).toBeNull();
    const watched = new TemperatureHistory(readings(3, 24, 1), 1);
    expect(historyFacts(stays, places, () => watched, false, 24 * HOUR_MS)).toMatchObject({ longestGapH: 3 });
  });

  test("a probe speaks for a round of the thermometer and no longer", () => {
    const notes = { probed: { atMs: 0, amount: 2, outOf: null } };
    expect([probedC(notes, HOUR_MS), probedC(notes, DAY_MS), probedC({}, 0)]).toEqual([2, null, null]);
  });
});

describe("facts of the papers", () => {
  test("what nobody wrote is unknown, not no", () => {
    expect(parasiteFacts(row(), {})).toMatchObject({ rearing: "unknown", feedStatement: "unknown", roeOn: "unknown" });
    expect(boxFacts(row({ source: " " }))).toEqual({
      source: "unknown",
      area: "yes",
      date: "unknown",
      lotNumber: "unknown",
    });
    expect(parasiteFacts(row({ form: "shucked", partLabel: "Muscles" }), {}).roeOn).toBe("no");
    expect(parasiteFacts(row(), { roe: { atMs: 0, amount: 1, outOf: null } }).roeOn).toBe("yes");
  });

  test("opened at the block is the moment it left its shell; a tap at the station says it itself", () => {
    const shucked = row({ id: "meat", form: "shucked", state: "chilled", parentId: "part", receivedAtMs: 9 * DAY_MS });
    expect(shellfishFacts([shucked, row()], {}, NOW).openedHAgo).toBe(24);
    expect(shellfishFacts([row()], {}, NOW).openedHAgo).toBeNull();
    const opened = { opened: { atMs: NOW - HOUR_MS, amount: 1, outOf: null } };
    expect(shellfishFacts([shucked, row()], opened, NOW).openedHAgo).toBe(1);
    const tag = { certificate: "SE-100", harvestedOn: "2026-01-08", dealer: "Brinna" };
    expect(shellfishFacts([row({ provenance: { tag } })], {}, NOW)).toMatchObject({ tag: "yes", harvestMonth: 1 });
  });

  test("an inspection is one when every deciding sign was looked at; a bad look later bars raw use", () => {
    const oyster = findSpecies("pacific-oyster")!;
    expect(inspectionFacts([row()], {}, oyster)).toMatchObject({ inspected: "no", verdict: "accept" });
    const looked = (amount: number) => inspectionFacts([row()], { looked: { atMs: 0, amount, outOf: null } }, oyster);
    expect([looked(1).verdict, looked(2).verdict]).toEqual(["accept", "cook-only"]);
  });
});

describe("holds as the core judges them", () => {
  const frozen = (toH: number): Hold => ({
    kind: "parasite",
    ruleId: "eu-853",
    startedAtMs: 0,
    readings: readings(10, toH, -22),
    stated: null,
  });

  // Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.2(a): -20 °C for 24 h (memory, high)
  test("a whole's hold speaks for a part only as long as the part was in it", () => {
    const part = { id: "part", receivedAtMs: 10 * HOUR_MS };
    const whole = { id: "whole", receivedAtMs: 0 };
    const holdsOf = (id: string) => (id === "whole" ? [{ hold: frozen(40), closedAtMs: null }] : []);
    expect(freezingFacts([whole], holdsOf, "eu-853", 40 * HOUR_MS)).toMatchObject({ state: "met", section: "D.2(a)" });
    expect(freezingFacts([part, whole], holdsOf, "eu-853", 40 * HOUR_MS)).toBeNull();
    expect(freezingFacts([whole], holdsOf, "fda-2022", 40 * HOUR_MS)?.state).toBe("running");
  });

  test("what earlier releases did not write down reads as the usual", () => {
    expect(
      holdOf({ kind: "thaw", plannedH: 12, vacuumPack: true, packOpened: false, way: "refrigerator" }, 0, []),
    ).toMatchObject({
      way: "refrigerator",
    });
    const house = { timeZone: "Europe/Stockholm", ruleSetId: "fda-2022", susceptibleGuests: false } as const;
    expect(holdOf(tagFacts(house, "2026-05-11"), 0, [])).toMatchObject({ kind: "tag" });
  });

  test("an animal's days count from the harvest where it is known, and to their cautious end", () => {
    const mussel = findSpecies("mussel")!;
    const { lifeDays, countsFrom } = liveStorageOf(mussel);
    const from = countsFrom === "harvest" ? 0 : DAY_MS;
    expect(liveHold({ caughtAtMs: 0, receivedAtMs: DAY_MS }, mussel)).toMatchObject({
      untilMs: from + lifeDays[0] * DAY_MS,
    });
  });

  test("frozen has no raw end yet; alive goes by its days", () => {
    const life = { state: "chilled", daysLeft: 3, rawDaysLeft: 1, uncookedDaysLeft: 2 };
    const days = (live: boolean, dish: "raw" | "cured") => rawUntilMs(life, live, dish, 0)! / DAY_MS;
    expect([days(false, "raw"), days(false, "cured"), days(true, "raw")]).toEqual([1, 2, 3]);
    expect(rawUntilMs({ ...life, state: "frozen" }, false, "raw", 0)).toBeNull();
  });
});
