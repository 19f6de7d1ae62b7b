import { dayBounds, shiftDay, startOfDayMs, todayIn, wallClockMs } from "./days";

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
