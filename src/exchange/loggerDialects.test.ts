import fc from "fast-check";
import { HOUR_MS, MINUTE_MS } from "@/core/units";
import { readLoggerFile } from "./loggerFile";

const ZONE = "Europe/Copenhagen";
/** After the last reading of any file here. */
const NOW = Date.UTC(2026, 6, 1);

type Reading = { readonly atMs: number; readonly celsius: number };
type Dialect = {
  readonly separator: "," | ";" | "\t";
  readonly order: "ymd" | "dmy" | "mdy";
  readonly mark: "." | "/" | "-";
  readonly clock: "24h" | "12h";
  readonly apart: boolean;
  readonly unit: "C" | "F";
  readonly decimal: "." | ",";
  readonly head: readonly [time: string, temperature: string] | null;
  readonly counted: boolean;
  readonly seconds: boolean;
};

const two = (value: number) => String(value).padStart(2, "0");

/** What the wall clock of the house shows at a moment, by the platform's own calendar. */
function wallClock(atMs: number) {
  const parts = new Intl.DateTimeFormat("en-GB", {
    timeZone: ZONE,
    dateStyle: "short",
    timeStyle: "medium",
    hourCycle: "h23",
  }).formatToParts(atMs);
  const part = (type: string) => Number(parts.find((one) => one.type === type)!.value);
  return { year: part("year"), month: part("month"), day: part("day"), hour: part("hour"), minute: part("minute") };
}

function written(readings: readonly Reading[], dialect: Dialect): string {
  const { separator, order, mark, clock, apart, unit, decimal, head, counted, seconds } = dialect;
  const lines = readings.map(({ atMs, celsius }, index) => {
    const { year, month, day, hour, minute } = wallClock(atMs);
    const date = {
      ymd: [year, two(month), two(day)],
      dmy: [two(day), two(month), year],
      mdy: [two(month), two(day), year],
    }[order].join(mark);
    const tail = seconds ? ":00" : "";
    const time =
      clock === "24h"
        ? `${two(hour)}:${two(minute)}${tail}`
        : `${hour % 12 === 0 ? 12 : hour % 12}:${two(minute)}${tail} ${hour < 12 ? "AM" : "PM"}`;
    const value = (unit === "C" ? celsius : celsius * 1.8 + 32).toFixed(2).replace(".", decimal);
    return [...(counted ? [String(index + 1)] : []), ...(apart ? [date, time] : [`${date} ${time}`]), value];
  });
  const first =
    head === null ? [] : [[...(counted ? ["No."] : []), ...(apart ? [head[0], "Time"] : [head[0]]), head[1]]];
  return [...first, ...lines].map((cells) => cells.join(separator)).join("\n");
}

const heads = {
  C: [
    ["Date", "Temperature (°C)"],
    ["Datum", "Temperatur °C"],
    ["Timestamp", "Temp (C)"],
    ["Fecha", "Temperatura Celsius"],
  ],
  F: [
    ["Date", "Temperature (°F)"],
    ["Timestamp", "Temp F"],
    ["Date", "Fahrenheit"],
  ],
} as const;

const dialects: fc.Arbitrary<Dialect> = fc
  .record({
    separator: fc.constantFrom(";" as const, "\t" as const, "," as const),
    order: fc.constantFrom("ymd" as const, "dmy" as const, "mdy" as const),
    mark: fc.constantFrom("." as const, "/" as const, "-" as const),
    clock: fc.constantFrom("24h" as const, "12h" as const),
    apart: fc.boolean(),
    unit: fc.constantFrom("C" as const, "F" as const),
    decimal: fc.constantFrom("." as const, "," as const),
    headAt: fc.integer({ min: 0, max: 5 }),
    counted: fc.boolean(),
    seconds: fc.boolean(),
  })
  .map(({ headAt, ...dialect }) => ({
    ...dialect,
    // a comma cannot part both the columns and the figures
    decimal: dialect.separator === "," ? ("." as const) : dialect.decimal,
    head: heads[dialect.unit][headAt % heads[dialect.unit].length]!,
  }));

/** A week in May without a change of the clocks; it has a day after the 12th, which says in what order dates are written. */
const readings = (count: number, everyMin: number, celsius: (index: number) => number): readonly Reading[] => {
  const fromMs = Date.UTC(2026, 4, 11, 4);
  return Array.from({ length: count }, (_, index) => ({
    atMs: fromMs + index * everyMin * MINUTE_MS,
    celsius: Math.round(celsius(index) * 100) / 100,
  }));
};

const read = (text: string, nowMs = NOW) => {
  const found = readLoggerFile(text, ZONE, nowMs);
  if (!found.ok) throw new Error(found.error.code);
  return found.value;
};

test("whatever a logger writes, it is read as it was meant: date, clock, unit, comma, columns", () => {
  fc.assert(
    fc.property(
      dialects,
      fc.integer({ min: 60, max: 200 }),
      fc.constantFrom(15, 20, 60),
      fc.double({ min: -24, max: 6, noNaN: true }),
      (dialect, count, everyMin, setC) => {
        const meant = readings(count, Math.max(everyMin, 45), (index) => setC + 1.5 * Math.sin(index / 5));
        const found = read(written(meant, dialect));
        expect(found.problems).toEqual([]);
        expect([found.unit, found.dateOrder, found.duplicates, found.outOfOrder]).toEqual([
          dialect.unit,
          dialect.order,
          0,
          0,
        ]);
        expect(found.readings.map(({ atMs }) => atMs)).toEqual(meant.map(({ atMs }) => atMs));
        for (const [index, { celsius }] of found.readings.entries())
          expect(Math.abs(celsius - meant[index]!.celsius)).toBeLessThan(0.006);
      },
    ),
    { numRuns: 120 },
  );
});

test("without a head, by what the columns hold: a plain count is no temperature", () => {
  const meant = readings(40, 60, (index) => 2 + (index % 5) / 10);
  for (const counted of [true, false])
    for (const apart of [true, false]) {
      const text = written(meant, {
        separator: ";",
        order: "dmy",
        mark: ".",
        clock: "24h",
        apart,
        unit: "C",
        decimal: ",",
        head: null,
        counted,
        seconds: false,
      });
      expect(read(text).readings).toEqual(meant);
    }
});

const plain: Dialect = {
  separator: ",",
  order: "ymd",
  mark: "-",
  clock: "24h",
  apart: false,
  unit: "C",
  decimal: ".",
  head: ["Timestamp", "Temperature (°C)"],
  counted: false,
  seconds: true,
};

test("in whatever order the rows stand, the readings are in the order of time, and rows out of it are counted", () => {
  const meant = readings(24, 60, (index) => 3 + (index % 7) / 10);
  const rows = fc.shuffledSubarray([...meant], { minLength: meant.length, maxLength: meant.length });
  fc.assert(
    fc.property(rows, (mixed) => {
      const found = read(written(mixed, plain));
      expect(found.readings).toEqual(meant);
      let [latest, late] = [-Infinity, 0];
      for (const { atMs } of mixed) {
        if (atMs < latest) late++;
        latest = Math.max(latest, atMs);
      }
      expect(found.outOfOrder).toBe(late);
    }),
    { numRuns: 40 },
  );
});

test("a row twice is one reading, and the second is counted", () => {
  const meant = readings(12, 60, () => 2);
  const found = read(written([...meant, ...meant.slice(0, 5)], plain));
  expect([found.readings.length, found.duplicates]).toEqual([12, 5]);
});

test("bad rows are named by their line in the file; the others stand", () => {
  const meant = readings(10, 60, () => 2);
  const lines = written(meant, plain).split("\n");
  lines[3] = "2026-05-11 25:99:00,2.00";
  lines[5] = "2026-05-11 10:00:00,two";
  lines[7] = "2026-05-11 12:00:00,300";
  lines.splice(9, 0, "");
  const found = read(lines.join("\n"));
  expect(found.problems.map(({ line, reason }) => [line, reason.code])).toEqual([
    [4, "coldchain.theTimeCannotBeRead"],
    [6, "coldchain.theTemperatureIsNoNumber"],
    [8, "coldchain.celsiusIsNoColdStoreCheck"],
  ]);
  expect(found.readings).toHaveLength(7);
});

test("what lies ahead of now is no reading, to the minute", () => {
  const meant = readings(6, 60, () => 2);
  const nowMs = meant[3]!.atMs;
  const found = read(written(meant, plain), nowMs);
  expect(found.readings).toHaveLength(4);
  expect(found.problems.map(({ reason }) => reason.code)).toEqual(Array(2).fill("coldchain.liesAheadOfNow"));
});

test("moments with their own zone are moments, whatever the house's clock says", () => {
  const meant = readings(6, 60, (index) => index);
  const shapes: readonly ((atMs: number) => string)[] = [
    (atMs) => new Date(atMs).toISOString(),
    (atMs) => `${new Date(atMs + 5.5 * HOUR_MS).toISOString().slice(0, 19)}+05:30`,
    (atMs) => String(atMs),
    (atMs) => String(atMs / 1000),
  ];
  for (const shape of shapes) {
    const text = ["Timestamp,Temperature (°C)", ...meant.map(({ atMs, celsius }) => `${shape(atMs)},${celsius}`)];
    expect(read(text.join("\n")).readings).toEqual(meant);
  }
});

test("a file of nothing that can be read says why, and a file without times or temperatures says which is missing", () => {
  const refusal = (text: string) => {
    const found = readLoggerFile(text, ZONE, NOW);
    return found.ok ? null : found.error.code;
  };
  expect(refusal("")).toBe("coldchain.noColumnOfDatesWasFound");
  expect(refusal("a;b\nc;d")).toBe("coldchain.noColumnOfDatesWasFound");
  expect(refusal("Timestamp,Note\n2026-05-11 10:00,open\n2026-05-11 11:00,shut")).toBe(
    "coldchain.noColumnOfTemperaturesWasFound",
  );
  expect(refusal("Timestamp,Temperature (°C)\n2026-05-11 10:00,300\n2026-05-11 11:00,400")).toBe(
    "coldchain.noRowCouldBeReadLine",
  );
});

test("long files tell how far the reading is, from nought on and never backwards", () => {
  const meant = readings(12_001, 5, () => 2);
  const shares: number[] = [];
  const found = readLoggerFile(written(meant, plain), ZONE, NOW, (share) => void shares.push(share));
  expect(found.ok && found.value.readings.length).toBe(12_001);
  expect(shares[0]).toBe(0);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  expect(shares.at(-1)!).toBeLessThan(1);
});
