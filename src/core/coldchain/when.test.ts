import fc from "fast-check";
import { readWhen, type DateOrder } from "./when";

const local = (day: string, hours: number, minutes: number, seconds = 0) => ({
  kind: "local",
  day,
  minutes: hours * 60 + minutes,
  seconds,
});

test.each([
  ["2026-05-09 14:03:20", null, "ymd", local("2026-05-09", 14, 3, 20)],
  ["09.05.2026 14:03", null, "dmy", local("2026-05-09", 14, 3)],
  ["9/5/26", "2:03 pm", "dmy", local("2026-05-09", 14, 3)],
  ["5/9/2026, 12:00 AM", null, "mdy", local("2026-05-09", 0, 0)],
  ["5/9/2026", "12:00 p.m.", "mdy", local("2026-05-09", 12, 0)],
  ["2026/05/09T06.30", null, "ymd", local("2026-05-09", 6, 30)],
  ["09-05-2026", "6h30", "dmy", local("2026-05-09", 6, 30)],
  ["2026-05-09", "06:30:15.250", "ymd", local("2026-05-09", 6, 30, 15)],
] as const)("%s with %s, %s", (date, time, order, when) => {
  expect(readWhen(date, time, order)).toEqual(when);
});

test("a moment with its own zone is a moment, however it is written", () => {
  const atMs = Date.UTC(2026, 4, 9, 12, 3, 20);
  for (const text of [
    "2026-05-09T12:03:20Z",
    "2026-05-09T14:03:20+02:00",
    "2026-05-09T14:03:20+0200",
    String(atMs / 1000),
    String(atMs),
  ])
    expect(readWhen(text, null, "ymd")).toEqual({ kind: "moment", atMs });
});

test.each([
  ["the thirty-first of June", "31.06.2026 12:00", null],
  ["the twenty-ninth of February of a common year", "29.02.2026 12:00", null],
  ["a month thirteen", "01.13.2026 12:00", null],
  ["no time", "09.05.2026", null],
  ["an hour twenty-four", "09.05.2026 24:00", null],
  ["a minute sixty", "09.05.2026 12:60", null],
  ["thirteen in the afternoon", "09.05.2026", "13:00 pm"],
  ["nought in the morning", "09.05.2026", "0:30 am"],
  ["words", "yesterday noon", null],
  ["nothing", "", ""],
  ["a broken zone", "2026-05-09T99:00:00Z", null],
])("%s is no moment", (_, date, time) => {
  expect(readWhen(date, time, "dmy")).toBeNull();
});

test("every day and every second of it, written in any order, reads as it was meant", () => {
  const ORDERS: readonly DateOrder[] = ["ymd", "dmy", "mdy"];
  fc.assert(
    fc.property(
      fc.integer({ min: Date.UTC(2000, 0, 1) / 1000, max: Date.UTC(2060, 0, 1) / 1000 }),
      fc.constantFrom(...ORDERS),
      fc.constantFrom("-", "/", "."),
      (unix, order, mark) => {
        const iso = new Date(unix * 1000).toISOString();
        const [year, month, day] = [iso.slice(0, 4), iso.slice(5, 7), iso.slice(8, 10)];
        const parts = { ymd: [year, month, day], dmy: [day, month, year], mdy: [month, day, year] }[order];
        const [hours, minutes, seconds] = [11, 14, 17].map((at) => Number(iso.slice(at, at + 2)));
        const read = readWhen(`${parts.join(mark)} ${iso.slice(11, 19)}`, null, order);
        expect(read).toEqual(local(iso.slice(0, 10), hours!, minutes!, seconds));
      },
    ),
  );
});
