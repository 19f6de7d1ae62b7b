import fc from "fast-check";
import { dayBounds, shiftDay, startOfDayMs, todayIn, wallClockMoments, wallClockMs } from "./days";

const OSLO = "Europe/Oslo";

test("a day of the house is 23 hours long in spring and 25 in autumn", () => {
  const hours = (day: string) => {
    const { fromMs, toMs } = dayBounds(day, OSLO);
    return (toMs - fromMs) / 3_600_000;
  };
  expect([hours("2026-03-29"), hours("2026-10-25"), hours("2026-05-12")]).toEqual([23, 25, 24]);
});

test("today turns at the house's midnight, not the server's", () => {
  const late = Date.UTC(2026, 4, 12, 22, 30);
  expect([todayIn(OSLO, late), todayIn("UTC", late)]).toEqual(["2026-05-13", "2026-05-12"]);
  expect(startOfDayMs("2026-05-13", OSLO)).toBe(Date.UTC(2026, 4, 12, 22));
});

// the IANA time zone database, by way of the runtime's own
test("the day of the house at any moment is the one the runtime's own calendar shows, also around a change of clocks", () => {
  const ZONES = [
    OSLO,
    "UTC",
    "Africa/Cairo",
    "America/Havana",
    "Australia/Lord_Howe",
    "Asia/Kathmandu",
    "Pacific/Apia",
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...ZONES),
      fc.integer({ min: Date.UTC(2005, 0, 1), max: Date.UTC(2035, 0, 1) }),
      (timeZone, atMs) => {
        const shown = new Intl.DateTimeFormat("sv-SE", { timeZone, dateStyle: "short" }).format(atMs);
        expect(todayIn(timeZone, atMs)).toBe(shown);
      },
    ),
  );
  for (let minute = -180; minute <= 180; minute++) {
    const atMs = Date.UTC(2026, 9, 25, 1) + minute * 60_000;
    expect(todayIn(OSLO, atMs)).toBe(new Intl.DateTimeFormat("sv-SE", { timeZone: OSLO }).format(atMs));
  }
});

test("days shift over months and years", () => {
  expect([shiftDay("2026-02-28", 1), shiftDay("2024-02-28", 1), shiftDay("2026-01-01", -1)]).toEqual([
    "2026-03-01",
    "2024-02-29",
    "2025-12-31",
  ]);
});

test("a wall-clock time of the house is a moment", () => {
  expect(wallClockMs("2026-01-15", 12 * 60 + 5, 30, OSLO)).toBe(Date.UTC(2026, 0, 15, 11, 5, 30));
  expect(wallClockMs("2026-07-15", 12 * 60, 0, OSLO)).toBe(Date.UTC(2026, 6, 15, 10));
});

// the IANA time zone database, by way of the runtime's own: Cairo leaves out 00:00 to 01:00, Beirut and Havana as well
test.each([
  ["Africa/Cairo", "2026-04-24", "2026-04-24T01:00:00"],
  ["Asia/Beirut", "2026-03-29", "2026-03-29T01:00:00"],
  ["America/Havana", "2026-03-08", "2026-03-08T01:00:00"],
])("in %s the day of the change begins when its first hour does", (zone, day, first) => {
  const startMs = startOfDayMs(day, zone);
  const shown = new Intl.DateTimeFormat("sv-SE", { timeZone: zone, dateStyle: "short", timeStyle: "medium" });
  expect(shown.format(startMs).replace(" ", "T")).toBe(first);
  expect(shown.format(startMs - 60_000).slice(0, 10)).toBe(shiftDay(day, -1));
  const { fromMs, toMs } = dayBounds(day, zone);
  expect((toMs - fromMs) / 3_600_000).toBe(23);
});

test("the hour that comes twice has two moments, the one left out none", () => {
  const hours = (day: string, hour: number) =>
    wallClockMoments(day, hour * 60 + 30, 0, OSLO).map((atMs) => new Date(atMs).toISOString().slice(11, 16));
  expect([hours("2026-10-25", 2), hours("2026-03-29", 2), hours("2026-05-12", 2)]).toEqual([
    ["00:30", "01:30"],
    [],
    ["00:30"],
  ]);
  expect(new Date(wallClockMs("2026-03-29", 150, 0, OSLO)).toISOString()).toBe("2026-03-29T01:30:00.000Z");
});

test("every moment lies in the day the house calls it, in any zone", () => {
  const zones = [
    "Europe/Oslo",
    "America/New_York",
    "Africa/Cairo",
    "Asia/Beirut",
    "Australia/Lord_Howe",
    "Asia/Kolkata",
  ];
  fc.assert(
    fc.property(
      fc.constantFrom(...zones),
      fc.integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2027, 0, 1) }),
      (zone, atMs) => {
        const { fromMs, toMs } = dayBounds(todayIn(zone, atMs), zone);
        expect(atMs).toBeGreaterThanOrEqual(fromMs - 3_600_000);
        expect(atMs).toBeLessThan(toMs);
      },
    ),
    { numRuns: 60 },
  );
});
