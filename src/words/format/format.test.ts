import { unbroken } from "./unbroken";
import { celsiusFromF, fahrenheitFromC, gramFromOunce, inchFromMm, mmFromInch, ounceFromG } from "@/core/units";
import {
  clockText,
  dayStamp,
  durationText,
  hoursText,
  formatFor,
  lifeText,
  timeText,
  calendarDayText,
  momentText,
  weekdayText,
} from "./format";
import { marked } from "../marked";

test.each([
  // NIST Handbook 44, App. C: exact factors
  { what: "145 °F", found: celsiusFromF(145), exact: 62.7777777778 },
  { what: "63 °C", found: fahrenheitFromC(63), exact: 145.4 },
  { what: "1 oz", found: gramFromOunce(1), exact: 28.349523125 },
  { what: "160 g", found: ounceFromG(160), exact: 5.64383391193 },
  { what: "1 in", found: mmFromInch(1), exact: 25.4 },
  { what: "26 mm", found: inchFromMm(26), exact: 1.02362204724 },
])("$what", ({ found, exact }) => expect(found).toBeCloseTo(exact, 9));

test("figures in the house's units, rounded once", () => {
  const [metric, imperial] = [formatFor("metric"), formatFor("imperial")];
  expect([metric.temperature(47.6), metric.mass(1180), metric.mass(160.4), metric.length(25.5, 1)]).toEqual([
    "48 °C",
    "1.18 kg",
    "160 g",
    "25.5 mm",
  ]);
  expect([imperial.temperature(48), imperial.mass(160), imperial.mass(1360.8), imperial.length(26)]).toEqual([
    "118 °F",
    "5.6 oz",
    "3.00 lb",
    "1 in",
  ]);
  // a US fluid ounce is 29.5735 ml (NIST Handbook 44, App. C)
  expect([metric.volume(295.7), metric.volume(1250), imperial.volume(295.735)]).toEqual([
    "296 ml",
    "1.25 l",
    "10.0 fl oz",
  ]);
  expect(metric.temperature(-0.4)).toBe("0 °C");
  expect(imperial.fromTemperature(imperial.toTemperature(48))).toBeCloseTo(48, 9);
});

test("time owed is rounded up, time over is counted with a plus", () => {
  expect([clockText(59.2), clockText(60), clockText(0), clockText(-61.9)]).toEqual(["1:00", "1:00", "0:00", "+1:01"]);
  expect([durationText(45), durationText(120), durationText(200)]).toEqual(["45 s", "2 min", "3 min 20 s"]);
  expect([durationText(3600), durationText(7447), durationText(86_400)]).toEqual(["1 h", "2 h 4 min", "24 h"]);
  expect([durationText(7 * 86_400), durationText(51.6 * 3600)]).toEqual(["7 d", "2 d 4 h"]);
  expect([hoursText(0), hoursText(0.3), hoursText(3.5), hoursText(49)]).toEqual([
    "0 min",
    "18 min",
    "3 h 30 min",
    "2 d 1 h",
  ]);
});

test("life is credited down", () => {
  expect([lifeText(4.9), lifeText(1.99), lifeText(0.01), lifeText(0), lifeText(null)]).toEqual([
    "4½ d",
    "47 h",
    "1 h",
    "over",
    "stands still",
  ]);
});

test("days and codes follow the house's zone, not the server's", () => {
  const late = Date.UTC(2026, 2, 31, 22, 30);
  expect(dayStamp(late, "Europe/Oslo")).toBe("0401");
  expect(dayStamp(late, "UTC")).toBe("0331");
  expect(timeText(late, "Europe/Oslo")).toBe("00:30");
});

test.each([
  ["{45-50 °C}, opaque", "45-50 °C, opaque", "113-122 °F, opaque"],
  ["a scallop of {20 to 30 mm}", "a scallop of 20 to 30 mm", "a scallop of 13/16 to 1 3/16 in"],
  ["{-20 °C} for 24 h", "-20 °C for 24 h", "-4 °F for 24 h"],
  ["within {1 K}; from {1.5 kg}", "within 1 °C; from 1.5 kg", "within 2 °F; from 3.3 lb"],
  // what is not marked stays: sections, samples of a laboratory, times
  ["3-501.16(A)(1), none in 25 g, 15 s", "3-501.16(A)(1), none in 25 g, 15 s", "3-501.16(A)(1), none in 25 g, 15 s"],
])("%s", (text, metric, imperial) => {
  expect(marked(text, formatFor("metric"))).toBe(metric);
  expect(marked(text, formatFor("imperial"))).toBe(imperial);
});

test("a price has its currency, and without one there is no price", () => {
  expect(formatFor("metric", "EUR").money(1250)).toBe("€12.50");
  expect(formatFor("metric", "USD").money(-99)).toBe("-$0.99");
  expect(formatFor("metric", "NOK").money(1250).replace(/\s/, " ")).toBe("kr 12.50");
  expect(formatFor("metric").money(1250)).toBe("–");
});

test("a house of inches reads lengths as on a ruler, in sentences too", () => {
  const imperial = formatFor("imperial");
  expect([imperial.length(22), imperial.length(32), imperial.length(4)]).toEqual(["7/8 in", "1 1/4 in", "5/32 in"]);
});

test("a bare figure is written with the house's mark, and a nought has no sign", () => {
  const comma = formatFor("metric", "EUR", "comma");
  expect([comma.number(12.34, 1), comma.number(-0.04, 1), comma.number(3, 2)]).toEqual(["12,3", "0,0", "3,00"]);
  expect(formatFor("imperial").number(12.34, 1)).toBe("12.3");
});

test("a moment of today is its time, of another day its day too; a day of the calendar is written as every day is", () => {
  const now = Date.UTC(2026, 4, 12, 16);
  expect(momentText(now, now, "Europe/Oslo")).toBe("18:00");
  expect(momentText(now - 86_400_000, now, "Europe/Oslo")).toBe("Mon 11 May 18:00");
  // shortly before midnight in Oslo it is the same day there, whatever the machine's is
  expect(momentText(Date.UTC(2026, 4, 12, 21, 59), now, "Europe/Oslo")).toBe("23:59");
  expect(momentText(Date.UTC(2026, 4, 12, 22), now, "Europe/Oslo")).toBe("Wed 13 May 00:00");
  expect(calendarDayText("2026-11-30")).toBe("Mon 30 Nov");
  expect(calendarDayText("")).toBe("");
  expect(weekdayText(now, "Europe/Oslo")).toBe("Tuesday");
});

test.each([
  ["a quarter of the way up the side (8 mm of 29 mm)", 2],
  ["usual here: 50-54 °C, opaque", 1],
  ["1 1/4 in thick, 4 min 20 s in all", 3],
  ["2 large pieces in 3 steps", 0],
])("%s: a figure keeps its unit beside it where a line breaks", (words, kept) => {
  const shown = unbroken(words);
  expect(shown.split("\u00a0")).toHaveLength(kept + 1);
  expect(shown.replaceAll("\u00a0", " ")).toBe(words);
});
