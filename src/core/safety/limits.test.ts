import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { combinedMadeOn, dateMarkLastDay, keepLetterUntil, keepTagUntil } from "./dates";
import { judgeCooling } from "./cooling";
import { judgeHistamineExposure } from "./exposure";
import { judgeParasiteHold, parasiteNeed, type ParasiteFacts } from "./parasites";
import { judgeReceiving } from "./receiving";
import type { LogPoint } from "./trace";

const held = (celsius: number, hours: number): LogPoint[] => [
  [0, celsius],
  [hours, celsius],
];

describe("freezing against parasites", () => {
  const solidThenStored: LogPoint[] = [
    [0, 2],
    [4, -35],
    [4.5, -20],
    [28.5, -20],
  ];
  test.each([
    // FDA Food Code 2022, 3-402.11(A) and Reg. (EC) 853/2004, Annex III, Sec. VIII, Ch. III D.1 (memory, high)
    { rule: "fda-2022", name: "-20 °C 160 h", log: held(-20, 160), met: false, credited: 160, missing: 8 },
    { rule: "eu-853", name: "-20 °C 160 h", log: held(-20, 160), met: true, credited: 160, missing: 0 },
    { rule: "fda-2022", name: "-20 °C 168 h", log: held(-20, 168), met: true, credited: 168, missing: 0 },
    { rule: "fda-2022", name: "-35 °C 15 h", log: held(-35, 15), met: true, credited: 15, missing: 0 },
    { rule: "eu-853", name: "-35 °C 15 h", log: held(-35, 15), met: true, credited: 15, missing: 0 },
    {
      rule: "fda-2022",
      name: "-18 °C for a month (household freezer)",
      log: held(-18, 720),
      met: false,
      credited: 0,
      missing: 168,
    },
    { rule: "eu-853", name: "-20 °C 23.9 h", log: held(-20, 23.9), met: false, credited: 23.9, missing: 0.1 },
  ] as const)("$rule: $name", ({ rule, log, met, credited, missing }) => {
    const verdict = judgeParasiteHold(rule, log);
    expect(verdict.met).toBe(met);
    expect(verdict.hoursCredited).toBeCloseTo(credited, 6);
    expect(verdict.hoursMissing).toBeCloseTo(missing, 6);
  });
  test("frozen solid at -35, then 24 h at -20: the third US option, and the EU's first", () => {
    expect(judgeParasiteHold("fda-2022", solidThenStored).by?.section).toBe("3-402.11(A)(3)");
    expect(judgeParasiteHold("eu-853", solidThenStored).met).toBe(true);
  });
  test("time above the limit stops the count and is not undone", () => {
    const log: LogPoint[] = [
      [0, -21],
      [100, -21],
      [100, -15],
      [110, -15],
      [110, -21],
      [178, -21],
    ];
    expect(judgeParasiteHold("fda-2022", log)).toMatchObject({ met: true, hoursCredited: 168 });
    expect(judgeParasiteHold("fda-2022", log.slice(0, -1)).met).toBe(false);
  });
  test("a ramp is credited from where it crosses the limit", () => {
    const ramp: LogPoint[] = [
      [0, 0],
      [10, -25],
    ];
    expect(judgeParasiteHold("eu-853", ramp).hoursCredited).toBeCloseTo(2, 1);
  });
  test("a longer hold never misses more; a colder one never either", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: 0.1, max: 60, noNaN: true }), fc.double({ min: -45, max: 5, noNaN: true })),
          { minLength: 2, maxLength: 8 },
        ),
        fc.double({ min: 0, max: 80, noNaN: true }),
        (pieces, more) => {
          let time = 0;
          const log = pieces.map(([hours, celsius]): LogPoint => [(time += hours), celsius]);
          const colder = log.map(([at, celsius]): LogPoint => [at, celsius - 3]);
          const longer: LogPoint[] = [...log, [time + more, log.at(-1)![1]]];
          for (const rule of ["fda-2022", "eu-853"] as const) {
            const plain = judgeParasiteHold(rule, log);
            if (!plain.met) continue;
            expect(judgeParasiteHold(rule, longer).met).toBe(true);
            expect(judgeParasiteHold(rule, colder).met).toBe(true);
          }
        },
      ),
      { seed: 23, numRuns: 60 },
    );
  });
});

describe("who need not be frozen", () => {
  const wild: ParasiteFacts = {
    form: "fillet",
    production: "wild",
    rearing: "unknown",
    feedStatement: "unknown",
    freezingStatement: "unknown",
    clearedGround: "unknown",
    roeOn: "unknown",
    skein: "unknown",
  };
  const farmed = { ...wild, production: "farmed", rearing: "net-pen" } as const;
  const fed = { ...farmed, feedStatement: "yes" } as const;
  const rinsed = { ...wild, form: "loose-eggs", skein: "removed-and-rinsed" } as const;
  test.each([
    // FDA Food Code 2022, 3-402.11(B); Reg. (EC) 853/2004 D.3 (memory, high)
    { rule: "fda-2022", id: "yellowfin-tuna", facts: wild, needed: false },
    { rule: "eu-853", id: "yellowfin-tuna", facts: wild, needed: true },
    { rule: "fda-2022", id: "bluefin-tuna", facts: wild, needed: false },
    { rule: "fda-2022", id: "mackerel", facts: wild, needed: true },
    { rule: "fda-2022", id: "atlantic-salmon", facts: farmed, needed: true },
    { rule: "fda-2022", id: "atlantic-salmon", facts: fed, needed: false },
    { rule: "fda-2022", id: "atlantic-salmon", facts: { ...fed, rearing: "unknown" }, needed: true },
    { rule: "eu-853", id: "atlantic-salmon", facts: { ...fed, rearing: "ranched" }, needed: true },
    { rule: "eu-853", id: "atlantic-salmon", facts: fed, needed: false },
    { rule: "fda-2022", id: "king-scallop", facts: wild, needed: false },
    { rule: "fda-2022", id: "king-scallop", facts: { ...wild, roeOn: "yes" }, needed: false },
    { rule: "fda-2022", id: "pacific-oyster", facts: wild, needed: false },
    { rule: "fda-2022", id: "squid", facts: wild, needed: true },
    { rule: "eu-853", id: "squid", facts: wild, needed: true },
    { rule: "fda-2022", id: "trout-roe", facts: rinsed, needed: false },
    { rule: "fda-2022", id: "trout-roe", facts: { ...rinsed, skein: "unknown" }, needed: true },
    { rule: "fda-2022", id: "trout-roe", facts: { ...wild, form: "sacs" }, needed: true },
    { rule: "eu-853", id: "trout-roe", facts: rinsed, needed: true },
    { rule: "eu-853", id: "cod", facts: { ...wild, clearedGround: "yes" }, needed: false },
    { rule: "fda-2022", id: "cod", facts: { ...wild, clearedGround: "yes" }, needed: true },
    { rule: "fda-2022", id: "cod", facts: { ...wild, freezingStatement: "yes" }, needed: false },
  ] as const)("$rule, $id: needed $needed", ({ rule, id, facts, needed }) => {
    expect(parasiteNeed(rule, findSpecies(id)!, facts).needed).toBe(needed);
  });
  test("taking a paper away never makes freezing unnecessary", () => {
    for (const rule of ["fda-2022", "eu-853"] as const) {
      for (const id of ["cod", "atlantic-salmon", "squid", "king-scallop", "trout-roe"]) {
        for (const paper of ["feedStatement", "freezingStatement", "clearedGround"] as const) {
          const without = parasiteNeed(rule, findSpecies(id)!, farmed).needed;
          const having = parasiteNeed(rule, findSpecies(id)!, { ...farmed, [paper]: "yes" }).needed;
          expect(Number(having)).toBeLessThanOrEqual(Number(without));
        }
      }
    }
  });
});

describe("cooling a pot (FDA Food Code 2022, 3-501.14(A), memory, high)", () => {
  const minutes = (...points: readonly (readonly [number, number])[]) => points;
  test.each([
    { name: "57 at 14:00, 21 at 15:50, 5 at 19:40", log: minutes([0, 57], [110, 21], [340, 5]), verdict: "pass" },
    { name: "57 at 14:00, 21 at 16:10, 5 at 18:00", log: minutes([0, 57], [130, 21], [240, 5]), verdict: "fail" },
    { name: "slow in the second step", log: minutes([0, 57], [100, 21], [361, 5]), verdict: "fail" },
    { name: "still on its way", log: minutes([0, 57], [60, 40]), verdict: "incomplete" },
    { name: "too late already, though not there", log: minutes([0, 57], [121, 30]), verdict: "fail" },
    {
      name: "starts hotter: the clock begins at 57",
      log: minutes([0, 95], [38, 57], [150, 21], [390, 5]),
      verdict: "pass",
    },
    {
      name: "reheated and cooled again",
      log: minutes([0, 57], [130, 25], [140, 74], [157, 57], [260, 21], [500, 5]),
      verdict: "pass",
    },
  ])("$name: $verdict", ({ log, verdict }) => {
    expect(judgeCooling("fda-2022", log).verdict).toBe(verdict);
  });
  test("says what each step took against its limit", () => {
    expect(judgeCooling("fda-2022", minutes([0, 57], [110, 21], [340, 5])).stages).toMatchObject([
      { fromC: 57, toC: 21, limitMin: 120, takenMin: expect.closeTo(109.85, 1), ok: true },
      { fromC: 57, toC: 5, limitMin: 360, ok: true },
    ]);
    expect(judgeCooling("uk-1989", minutes([0, 70], [89, 3])).verdict).toBe("pass");
    expect(judgeCooling("fda-2022-ambient", minutes([0, 21], [250, 5])).verdict).toBe("fail");
  });
});

describe("histamine (FDA Fish and Fishery Products Hazards and Controls Guidance, ch. 7, memory, high)", () => {
  test.each([
    { name: "fresh, 5 h above 4.4, peak 22", log: held(22, 5), frozen: false, ok: false },
    { name: "fresh, 7 h, peak 18", log: held(18, 7), frozen: false, ok: true },
    { name: "thawed, 10 h, peak 22", log: held(22, 10), frozen: true, ok: true },
    { name: "thawed, 13 h, peak 22", log: held(22, 13), frozen: true, ok: false },
    { name: "at the limit all day: 40 °F is no exposure", log: held(4.4, 24), frozen: false, ok: true },
  ])("$name: $ok", ({ log, frozen, ok }) => {
    expect(judgeHistamineExposure(log, frozen ? { kind: "bought" } : { kind: "never" }).ok).toBe(ok);
  });
  test("our own freezing forgives nothing: the hours before it count by the fresh limits", () => {
    const log: LogPoint[] = [...held(10, 9), [9.1, -20], [80, -20]];
    expect(judgeHistamineExposure(log, { kind: "own", fromH: 9 }).ok).toBe(false);
    expect(judgeHistamineExposure(log, { kind: "bought" }).ok).toBe(true);
    const after: LogPoint[] = [...held(10, 5), [5.1, -20], [80, -20], [80.1, 10], [90, 10]];
    expect(judgeHistamineExposure(after, { kind: "own", fromH: 5 })).toMatchObject({ ok: true, limitH: 24 });
  });
  test("hours count from the crossing and a warmer log never has fewer", () => {
    const log: LogPoint[] = [
      [0, 0.4],
      [8, 8.4],
    ];
    expect(judgeHistamineExposure(log, { kind: "never" }).hoursAbove).toBeCloseTo(4, 1);
    const warmer = log.map(([at, celsius]): LogPoint => [at, celsius + 1]);
    expect(judgeHistamineExposure(warmer, { kind: "never" }).hoursAbove).toBeGreaterThan(4);
  });
});

test.each([
  // FDA Food Code 2022, 3-203.12 and 3-402.12(C); Reg. (EC) 853/2004, Sec. VII, Ch. VII (memory, high)
  { what: "US tag, last sold 10 March 2024", day: keepTagUntil("fda-2022", "2024-03-10"), expected: "2024-06-08" },
  { what: "US letter on feed, last served 10 March 2024", day: keepLetterUntil("2024-03-10"), expected: "2024-06-08" },
  { what: "EU label, pack split 10 March 2024", day: keepTagUntil("eu-853", "2024-03-10"), expected: "2024-05-09" },
  // FDA Food Code 2022, 3-501.17 and .18 (memory, high)
  { what: "made 1 June", day: dateMarkLastDay("2026-06-01"), expected: "2026-06-07" },
  {
    what: "made 1 June, frozen 2 June, thawed 20 June",
    day: dateMarkLastDay("2026-06-01", [{ from: "2026-06-02", to: "2026-06-20" }]),
    expected: "2026-06-24",
  },
  { what: "two batches put together", day: combinedMadeOn(["2026-06-03", "2026-06-01"]), expected: "2026-06-01" },
])("$what: kept to $expected", ({ day, expected }) => {
  expect(day).toBe(expected);
});

test.each([
  { rule: "fda-2022", id: "mussel", arrival: "live", atC: 10, ok: true },
  { rule: "fda-2022", id: "mussel", arrival: "live", atC: 11, ok: false },
  { rule: "eu-853", id: "octopus", arrival: "frozen", atC: -15, ok: true },
  { rule: "eu-853", id: "octopus", arrival: "frozen", atC: -12, ok: false },
  { rule: "fda-2022", id: "octopus", arrival: "frozen", atC: -12, ok: true },
  // thawed whatever the rule set says of figures
  { rule: "fda-2022", id: "octopus", arrival: "frozen", atC: -1, ok: false },
  { rule: "fda-2022", id: "cod", arrival: "chilled", atC: 5, ok: true },
  { rule: "uk-2013", id: "mackerel", arrival: "chilled", atC: 6, ok: false },
] as const)("receiving, $rule: $id $arrival at $atC °C taken $ok", ({ rule, id, arrival, atC, ok }) => {
  expect(judgeReceiving(rule, findSpecies(id)!, atC, arrival).ok).toBe(ok);
});
