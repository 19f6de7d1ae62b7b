import fc from "fast-check";
import { iceDaysUsed } from "@/core/freshness";
import { findSpecies } from "@/core/species";
import { DAY_MS, HOUR_MS } from "@/core/units";
import { findExcursions, missedReadings } from "./excursions";
import { TemperatureHistory, type PlaceReading } from "./history";
import { holdStatus, type Hold } from "./holds";
import { placeLimits } from "./places";
import { alarmState, answersIt, lifeCents, lossOf, worstFirst } from "./correctiveAct";
import { excursionEffect, usedOverStays } from "./stays";
import { english } from "@/words/english.testkit";

const hourly = (...celsius: number[]): PlaceReading[] =>
  celsius.map((value, hour) => ({ atMs: hour * HOUR_MS, celsius: value }));

describe("history of a place", () => {
  test("cod 2 d at 0, 1 d at 4, 12 h at 8 °C is 5.58 ice days (computed from Ratkowsky et al. 1982)", () => {
    const readings = [
      [0, 0],
      [48, 0],
      [48.000001, 4],
      [72, 4],
      [72.000001, 8],
      [84, 8],
    ].map(([hours, celsius]) => ({ atMs: hours! * HOUR_MS, celsius: celsius! }));
    expect(new TemperatureHistory(readings, 1).iceDays("temperate", 0, 84 * HOUR_MS)).toBeCloseTo(5.58, 3);
  });
  test("two look-ups say what the whole log says, for any stretch", () => {
    const temperature = fc.double({ min: -3, max: 20, noNaN: true });
    const hour = fc.double({ min: -10, max: 60, noNaN: true });
    fc.assert(
      fc.property(fc.array(temperature, { minLength: 1, maxLength: 40 }), hour, hour, (values, a, b) => {
        const history = new TemperatureHistory(hourly(...values), 2);
        const [from, to] = [Math.min(a, b) * HOUR_MS, Math.max(a, b) * HOUR_MS];
        for (const model of ["temperate", "tropical"] as const) {
          const fast = history.iceDays(model, from, to);
          expect(fast).toBeCloseTo(iceDaysUsed(model, history.log(from, to)), 8);
          const middle = (from + to) / 2;
          expect(history.iceDays(model, from, middle) + history.iceDays(model, middle, to)).toBeCloseTo(fast, 8);
        }
      }),
      { seed: 5, numRuns: 80 },
    );
  });
  test("no reading: the set point; before the first it counts back, after the last it counts on", () => {
    const empty = new TemperatureHistory([], 5);
    expect(empty.iceDays("temperate", 0, DAY_MS)).toBeCloseTo(2.25, 9);
    const two = new TemperatureHistory(hourly(0, 4), 9);
    expect([two.celsiusAt(-HOUR_MS), two.celsiusAt(HOUR_MS / 2), two.celsiusAt(9 * HOUR_MS)]).toEqual([0, 2, 4]);
  });
});

describe("excursions", () => {
  const readings = hourly(1, 1, 9, 9, 1, 1);
  test("begin and end where the line crosses the limit", () => {
    expect(findExcursions(readings, { minC: null, maxC: 5 })).toEqual([
      { side: "warm", fromMs: 1.5 * HOUR_MS, toMs: 3.5 * HOUR_MS, extremeC: 9, limitC: 5, open: false },
    ]);
  });
  test("a door of ten minutes is no excursion; one that still goes on is", () => {
    const door = [0, 5, 10, 15].map((minute, index) => ({ atMs: minute * 60_000, celsius: index === 1 ? 8 : 1 }));
    expect(findExcursions(door, { minC: null, maxC: 5 })).toEqual([]);
    expect(findExcursions(door.slice(0, 2), { minC: null, maxC: 5 })).toMatchObject([{ open: true }]);
  });
  test("too cold counts too", () => {
    expect(findExcursions(hourly(4, 1, 1, 4), { minC: 3, maxC: 10 })).toMatchObject([{ side: "cold", extremeC: 1 }]);
  });
  test("gaps of more than twice the wanted interval are seen, the last one up to now", () => {
    const some = [0, 10, 60].map((minute) => ({ atMs: minute * 60_000, celsius: 1 }));
    expect(missedReadings(some, 10, 90 * 60_000)).toEqual([
      { fromMs: 600_000, toMs: 3_600_000 },
      { fromMs: 3_600_000, toMs: 5_400_000 },
    ]);
    expect(missedReadings([], 10, 1)).toEqual([]);
  });
});

const FRESH = { kind: "never" } as const;

describe("what an excursion does to a lot", () => {
  const mackerel = findSpecies("mackerel")!;
  const cod = findSpecies("cod")!;
  const history = new TemperatureHistory(hourly(1, 22, 22, 22, 22, 22, 1, 1), 1);
  const historyOf = () => history;
  const [warm] = findExcursions(hourly(1, 22, 22, 22, 22, 22, 1, 1), { minC: null, maxC: 5 });
  const stays = [{ placeId: "a", fromMs: 0, toMs: null }];
  test("a histamine former 4 h and more at 22 °C is over; cod only loses life", () => {
    const effect = excursionEffect(warm!, stays, historyOf, mackerel, FRESH)!;
    expect(effect.histamine).toMatchObject({ ok: false, limitH: 4 });
    expect(excursionEffect(warm!, stays, historyOf, cod, FRESH)).toMatchObject({ histamine: null });
  });
  test("life lost is what was spent above the limit's own rate", () => {
    const effect = excursionEffect(warm!, stays, historyOf, cod, FRESH)!;
    const spent = history.iceDays("temperate", warm!.fromMs, warm!.toMs);
    expect(effect.lostIceDays).toBeCloseTo(spent - (effect.hours / 24) * 2.25, 9);
  });
  test("a lot that came after, or lay elsewhere, is not touched", () => {
    expect(
      excursionEffect(warm!, [{ placeId: "a", fromMs: 7 * HOUR_MS, toMs: null }], historyOf, cod, FRESH),
    ).toBeNull();
  });
  test("stays add up; a freezer adds nothing; a live animal goes by the calendar", () => {
    const freezer = new TemperatureHistory([], -20);
    const of = (id: string) => (id === "freezer" ? freezer : new TemperatureHistory([], 0));
    const moved = [
      { placeId: "room", fromMs: 0, toMs: DAY_MS },
      { placeId: "freezer", fromMs: DAY_MS, toMs: 6 * DAY_MS },
      { placeId: "room", fromMs: 6 * DAY_MS, toMs: null },
    ];
    expect(usedOverStays(moved, of, cod, "thawed", 7 * DAY_MS)).toBeCloseTo(2, 9);
    expect(usedOverStays(moved, of, cod, "live", 7 * DAY_MS)).toBeCloseTo(7, 9);
  });
});

test("limits are the rule's, unless the house is stricter", () => {
  expect(placeLimits("cold-room", "fda-2022", { minC: null, maxC: null }).maxC).toBe(5);
  expect(placeLimits("cold-room", "fda-2022", { minC: null, maxC: 3 })).toMatchObject({
    maxC: 3,
    source: "the house's own limit",
  });
  expect(placeLimits("cold-room", "fda-2022", { minC: null, maxC: 9 }).maxC).toBe(5);
  expect(placeLimits("cold-room", "uk-2013", { minC: null, maxC: null }).maxC).toBe(8);
  expect(placeLimits("freezer", "eu-853", { minC: null, maxC: null }).maxC).toBe(-18);
});

describe("holds", () => {
  const parasite = (readings: [number, number][], stated: PlaceReading | null = null): Hold => ({
    kind: "parasite",
    ruleId: "eu-853",
    startedAtMs: 0,
    readings: readings.map(([hour, celsius]) => ({ atMs: hour * HOUR_MS, celsius })),
    stated,
  });
  test("nothing counts before the centre is known", () => {
    expect(holdStatus(parasite([]), HOUR_MS)).toMatchObject({ state: "stopped", endsMs: null });
    expect(holdStatus(parasite([[2, -12]]), 30 * HOUR_MS)).toMatchObject({ state: "stopped" });
  });
  test("runs from the crossing, is due when the time is up, done only by a reading", () => {
    const frozen: [number, number][] = [
      [0, -20],
      [10, -24],
    ];
    expect(holdStatus(parasite(frozen), 12 * HOUR_MS)).toMatchObject({ state: "running", endsMs: 24 * HOUR_MS });
    expect(holdStatus(parasite(frozen), 25 * HOUR_MS)).toMatchObject({ state: "due" });
    expect(holdStatus(parasite([...frozen, [22, -24], [25, -23]]), 25 * HOUR_MS)).toMatchObject({ state: "done" });
  });
  test("readings a day apart prove nothing between; the freezer's own record from a probed centre on does", () => {
    const ends: [number, number][] = [
      [0, -20],
      [25, -24],
    ];
    expect(holdStatus(parasite(ends), 25 * HOUR_MS)).toMatchObject({ state: "running", endsMs: 49 * HOUR_MS });
    const hourly = Array.from({ length: 30 }, (_, hour) => ({ atMs: (hour + 0.5) * HOUR_MS, celsius: -24 }));
    const watched = (readings: [number, number][]): Hold => ({
      ...(parasite(readings) as Extract<Hold, { kind: "parasite" }>),
      freezer: hourly,
    });
    expect(holdStatus(watched([[0, -20]]), 26 * HOUR_MS)).toMatchObject({ state: "done" });
    // nobody knows when the centre got there: cold air around it proves nothing
    expect(holdStatus(watched([[0, -12]]), 30 * HOUR_MS)).toMatchObject({ state: "stopped" });
    expect(holdStatus(watched([]), 30 * HOUR_MS)).toMatchObject({ state: "stopped" });
  });
  describe("what the air round a centre that was probed cold at the start proves", () => {
    const hours = (from: number, to: number, celsius: number) =>
      Array.from({ length: to - from }, (_, hour) => ({ atMs: (from + hour + 0.5) * HOUR_MS, celsius }));
    const lay = (
      freezer: readonly PlaceReading[],
      away: readonly { readonly fromMs: number; readonly toMs: number | null }[] = [],
      readings: [number, number][] = [[0, -24]],
    ): Hold => ({ ...(parasite(readings) as Extract<Hold, { kind: "parasite" }>), freezer, away });
    const asHours = (from: number, to: number | null) => ({
      fromMs: from * HOUR_MS,
      toMs: to === null ? null : to * HOUR_MS,
    });

    test("out of the freezer for four hours in the middle, it is not known until it is probed again", () => {
      const record = hours(0, 40, -24);
      expect(holdStatus(lay(record), 26 * HOUR_MS).state).toBe("done");
      const moved = holdStatus(lay(record, [asHours(6, 10)]), 40 * HOUR_MS);
      expect(english(moved)).toMatchObject({ state: "stopped", needs: expect.stringContaining("probe the centre") });
      // six hours before, and from the probe on what is left of a day
      const probed = (until: number) =>
        lay(
          hours(0, until, -24),
          [asHours(6, 10)],
          [
            [0, -24],
            [12, -22],
          ],
        );
      expect(holdStatus(probed(29), 29 * HOUR_MS).state).toBe("running");
      expect(holdStatus(probed(32), 32 * HOUR_MS).state).toBe("done");
      // it lies outside now, and a centre that was still cold out there is cold no longer when it goes back
      expect(holdStatus(lay(record, [asHours(6, null)]), 30 * HOUR_MS).state).toBe("stopped");
      const stillCold = lay(
        record,
        [asHours(6, 12)],
        [
          [0, -24],
          [7, -21],
        ],
      );
      expect(holdStatus(stillCold, 40 * HOUR_MS).state).toBe("stopped");
    });

    test("a defrost stops the count and no more; a freezer that was warm for hours leaves the centre unknown", () => {
      const defrost = [...hours(0, 10, -24), ...hours(10, 11, -12), ...hours(11, 40, -24)];
      expect(holdStatus(lay(defrost), 28 * HOUR_MS).state).toBe("done");
      const broken = [...hours(0, 10, -24), ...hours(10, 14, -4), ...hours(14, 60, -24)];
      expect(holdStatus(lay(broken), 60 * HOUR_MS).state).toBe("stopped");
    });

    test("law: what is known to have been warm never proves more than without it", () => {
      const stretch = fc.record({ from: fc.integer({ min: 0, max: 40 }), long: fc.integer({ min: 1, max: 12 }) });
      const probes = fc.array(fc.tuple(fc.integer({ min: 1, max: 47 }), fc.integer({ min: -26, max: -15 })), {
        maxLength: 4,
      });
      fc.assert(
        fc.property(stretch, stretch, probes, fc.boolean(), (warm, out, read, isOut) => {
          const readings = new Map<number, number>([[0, -24], ...read]);
          const own = [...readings].sort(([a], [b]) => a - b) as [number, number][];
          const plain = hours(0, 48, -24);
          const warmed = plain.map((one) =>
            one.atMs >= warm.from * HOUR_MS && one.atMs < (warm.from + warm.long) * HOUR_MS
              ? { ...one, celsius: -8 }
              : one,
          );
          const worse = lay(warmed, isOut ? [asHours(out.from + 0.25, out.from + out.long + 0.25)] : [], own);
          if (holdStatus(worse, 48 * HOUR_MS).state === "done")
            expect(holdStatus(lay(plain, [], own), 48 * HOUR_MS).state).toBe("done");
        }),
      );
    });
  });
  test("a reckoned reach time says when to probe and when it could be over, and counts nothing", () => {
    const expected = { atMs: 2 * HOUR_MS, celsius: -20 };
    const reckoned: Hold = { ...(parasite([]) as Extract<Hold, { kind: "parasite" }>), expected };
    expect(holdStatus(reckoned, HOUR_MS)).toMatchObject({ state: "running", endsMs: 26 * HOUR_MS });
    expect(english(holdStatus(reckoned, 30 * HOUR_MS))).toMatchObject({
      state: "stopped",
      needs: expect.stringContaining("probe it"),
    });
    const colder: Hold = {
      ...(reckoned as Extract<Hold, { kind: "parasite" }>),
      expected: { atMs: HOUR_MS, celsius: -35 },
    };
    expect(holdStatus(colder, 0).endsMs).toBe(16 * HOUR_MS);
    // a reading takes over from the estimate
    const read: Hold = { ...(parasite([[3, -21]]) as Extract<Hold, { kind: "parasite" }>), expected };
    expect(holdStatus(read, 4 * HOUR_MS).endsMs).toBe(27 * HOUR_MS);
  });
  test("a stated reach time runs the clock and does not close it", () => {
    const stated = { atMs: 0, celsius: -21 };
    expect(holdStatus(parasite([], stated), 10 * HOUR_MS)).toMatchObject({ state: "running", endsMs: 24 * HOUR_MS });
    expect(holdStatus(parasite([], stated), 40 * HOUR_MS)).toMatchObject({ state: "due" });
    const read: [number, number][] = [
      [12, -21],
      [24, -21],
    ];
    expect(holdStatus(parasite(read, stated), 24 * HOUR_MS)).toMatchObject({ state: "done" });
  });
  test("a vacuum pack is opened before it thaws", () => {
    const thaw = { kind: "thaw", way: "refrigerator", startedAtMs: 0, plannedH: 20, vacuumPack: true } as const;
    expect(holdStatus({ ...thaw, packOpened: false }, 1).state).toBe("stopped");
    expect(holdStatus({ ...thaw, packOpened: true }, 21 * HOUR_MS).state).toBe("due");
  });
});

test("excursions are looked at by what can make a guest ill, then by what they cost; a fish probed too warm answers none", () => {
  const loss = (lots: readonly [cents: number, over: boolean][]) =>
    lossOf(lots.map(([lostCents, overHistamine]) => ({ lostCents, overHistamine })));
  const [dear, cheapTuna, tuna] = [loss([[90_000, false]]), loss([[100, true]]), loss([[500, true]])];
  expect([dear, cheapTuna, tuna].sort(worstFirst)).toEqual([tuna, cheapTuna, dear]);
  // half of the life it had left before
  expect(lifeCents(1000, 2, 2)).toBe(500);
  expect(lifeCents(1000, 2, -1)).toBe(1000);
  expect(lifeCents(1000, 2, null)).toBe(0);
  const warmest = (readingC: number | null) => answersIt({ kind: "probed", readingC }, { side: "warm", limitC: 4 });
  expect([3.9, 4, 4.1, null].map(warmest)).toEqual([true, true, false, false]);
  const state = (open: boolean, answered: boolean) => alarmState({ open }, answered);
  expect([state(true, false), state(true, true), state(false, false), state(false, true)]).toEqual([
    "out",
    "stillOut",
    "unanswered",
    "over",
  ]);
});
