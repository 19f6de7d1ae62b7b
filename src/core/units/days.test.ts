import dayjs from "dayjs";
import utc from "dayjs/plugin/utc";
import fc from "fast-check";
import { DAY_MS } from "./convert";
import { addDays, daysFromTo } from "./days";

dayjs.extend(utc);

const day = fc
  .integer({ min: Date.UTC(2000, 0, 1) / DAY_MS, max: Date.UTC(2099, 11, 31) / DAY_MS })
  .map((days) => new Date(days * DAY_MS).toISOString().slice(0, 10));
const count = fc.integer({ min: -800, max: 800 });

test("days are counted as a calendar counts them (dayjs), over leap years and the turn of the year", () => {
  fc.assert(
    fc.property(day, count, (from, days) => {
      expect(addDays(from, days)).toBe(dayjs.utc(from).add(days, "day").format("YYYY-MM-DD"));
      expect(daysFromTo(from, addDays(from, days))).toBe(days);
      expect(addDays(addDays(from, days), -days)).toBe(from);
    }),
  );
});

test("years that are leap years and one that is not", () => {
  expect(addDays("2028-02-28", 1)).toBe("2028-02-29");
  expect(addDays("2026-02-28", 1)).toBe("2026-03-01");
  expect(addDays("2100-02-28", 1)).toBe("2100-03-01");
  expect(daysFromTo("2026-12-31", "2027-01-01")).toBe(1);
});

test("what is no day is not taken for one", () => {
  for (const text of ["2026-13-01", "12.05.2026", "", "today"]) expect(() => addDays(text, 1)).toThrow(/not a day/);
});
