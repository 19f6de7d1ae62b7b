/**
 * @jest-environment jsdom
 * @jest-environment-options {"customExportConditions": ["node", "node-addons"]}
 */
import { Children, cloneElement, type ReactElement } from "react";
import { drawSheet } from "@/core/cooking";
import { valueOf } from "@/core/shared";
import { codQuestion } from "@/core/cooking/plan/question.testkit";
import { startOfDayMs } from "@/calendar/days";
import { HOUR_MS } from "@/core/units";
import { formatFor } from "@/words/format/format";
import { t } from "@/words/ui";
import { clear, drawIn, houseOf, one, said } from "../drawn.testkit";
import ArrivalDots from "./ArrivalDots";
import CookCurves from "./CookCurves";
import HoursCurve from "./HoursCurve";
import { IceBar } from "./IceBar";
import { minuteTicks } from "./minuteTicks";
import PlaceCurve from "./PlaceCurve";
import ProbeCurve from "./ProbeCurve";

// a page of jsdom is no pixel wide: the chart is told how much room it has
jest.mock("recharts", () => ({
  ...jest.requireActual<object>("recharts"),
  ResponsiveContainer: ({ height, children }: { readonly height: number; readonly children: ReactElement<object> }) =>
    cloneElement(Children.only(children), { width: 640, height } as object),
}));

afterEach(clear);
const UNITS = ["metric", "imperial"] as const;
const HOUSE_ZONE = "Europe/Copenhagen";

const texts = (selector: string) => [...document.querySelectorAll(selector)].map(({ textContent }) => textContent);
const figures = (axis: "x" | "y") => texts(`.recharts-${axis}Axis-tick-labels text`);
const curves = () => [...document.querySelectorAll<SVGPathElement>(".recharts-line-curve")];
const marks = () => texts(".recharts-label");

/** Points of a drawn curve, in the units of its picture. */
const pointsOf = (path: SVGPathElement) =>
  [...path.getAttribute("d")!.matchAll(/[ML,](-?[\d.]+),(-?[\d.]+)/g)].map(
    ([, x, y]) => [Number(x), Number(y)] as const,
  );

/** What holds for every chart: nothing it writes is no number, and one sentence says what it shows to who cannot see it. */
function isWhole(): void {
  expect(one("[role=img]").innerHTML).not.toMatch(/NaN|undefined|Infinity/);
  expect(one("[role=img]").getAttribute("aria-label")).toMatch(/\w+ \w+/);
}

describe.each(UNITS)("the curves of a cook in a house that is %s", (units) => {
  const format = formatFor(units, null, "point");
  const {
    trace,
    plan: { pullS, serveS },
  } = valueOf(drawSheet(codQuestion()));

  test("draw all of it: centre, both faces and what heats them, and where it is pulled and served", async () => {
    await drawIn(
      houseOf(units),
      <CookCurves trace={trace} bandFromC={49} bandToC={55} pullS={pullS} serveS={serveS} />,
    );
    isWhole();
    expect(curves()).toHaveLength(4);
    for (const name of ["centre", "firstFace", "secondFace", "panOrLiquid"] as const) expect(said()).toContain(t(name));
    expect(marks()).toEqual(expect.arrayContaining([t("pullMark"), t("serveMark")]));
    expect(Number(figures("y").at(-1))).toBeCloseTo(format.toTemperature(220), 0);
    // time runs to the right, and a curve has no step back
    for (const curve of curves()) {
      const xs = pointsOf(curve).map(([x]) => x);
      expect(xs.length).toBeGreaterThan(10);
      expect(xs).toEqual([...xs].sort((a, b) => a - b));
    }
  });

  test("without a temperature to end in, no band is drawn", async () => {
    await drawIn(
      houseOf(units),
      <CookCurves trace={trace} bandFromC={null} bandToC={null} pullS={pullS} serveS={serveS} />,
    );
    expect(document.querySelectorAll(".recharts-reference-area")).toHaveLength(0);
    await drawIn(
      houseOf(units),
      <CookCurves trace={trace} bandFromC={49} bandToC={55} pullS={pullS} serveS={serveS} />,
    );
    expect(document.querySelectorAll(".recharts-reference-area")).toHaveLength(1);
  });

  test("a probe's readings stand as dots beside what was planned and what will be", async () => {
    const at = (timeS: number, centreC: number) => ({ timeS, centreC });
    await drawIn(
      houseOf(units),
      <ProbeCurve
        planned={[at(0, 8), at(300, 40), at(600, 52)]}
        predicted={[at(240, 36), at(640, 52)]}
        readings={[at(60, 12), at(120, 20), at(240, 36)]}
      />,
    );
    isWhole();
    expect(curves()).toHaveLength(2);
    expect(document.querySelectorAll(".recharts-scatter-symbol")).toHaveLength(3);
    expect(Math.max(...figures("y").map(Number))).toBeGreaterThanOrEqual(format.toTemperature(52));
  });
});

describe.each(UNITS)("the readings of a place in a house that is %s", (units) => {
  const format = formatFor(units, null, "point");
  const fromMs = startOfDayMs("2026-05-12", HOUSE_ZONE);
  const every20 = Array.from({ length: 73 }, (_, index) => ({
    atMs: fromMs + (index * HOUR_MS) / 3,
    celsius: index > 40 && index < 50 ? 7.5 : 2.5,
  }));
  const excursion = { side: "warm", fromMs: fromMs + 13.5 * HOUR_MS, toMs: fromMs + 16.5 * HOUR_MS } as const;

  test("limits, stretches outside and gaps are drawn, and every reading lies in the picture", async () => {
    await drawIn(
      houseOf(units),
      <PlaceCurve
        readings={every20}
        limits={{ minC: 0, maxC: 5 }}
        fromMs={fromMs}
        toMs={fromMs + 24 * HOUR_MS}
        excursions={[{ ...excursion, extremeC: 7.5, limitC: 5, open: false }]}
        gaps={[{ fromMs: fromMs + 20 * HOUR_MS, toMs: fromMs + 22 * HOUR_MS }]}
      />,
    );
    isWhole();
    expect(one("[role=img]").getAttribute("aria-label")).toBe(
      t("temperatureOfThePlaceLengthStretches", { length: 1, length2: 1 }),
    );
    expect(marks().filter((text) => text === t("limitMark"))).toHaveLength(2);
    expect(marks()).toContain(t("noReading"));
    expect(document.querySelectorAll(".recharts-reference-area")).toHaveLength(2);
    const shown = figures("y").map((text) => Number(text.replace(format.degree, "").replace("−", "-")));
    expect(Math.max(...shown)).toBeGreaterThan(format.toTemperature(7.5));
    expect(Math.min(...shown)).toBeLessThan(format.toTemperature(0));
  });

  test("hours of one day, midnights of many: also of the day the clocks change", async () => {
    const draw = (from: string, days: number) => {
      const start = startOfDayMs(from, HOUSE_ZONE);
      return drawIn(
        houseOf(units),
        <PlaceCurve
          readings={[{ atMs: start + HOUR_MS, celsius: 2 }]}
          limits={{ minC: null, maxC: 5 }}
          fromMs={start}
          toMs={start + days * 24 * HOUR_MS}
          excursions={[]}
          gaps={[]}
        />,
      );
    };
    await draw("2026-05-12", 1);
    expect(figures("x")).toEqual(["04:00", "08:00", "12:00", "16:00", "20:00"]);
    // Central European summer time began on 29 March 2026 (Directive 2000/84/EC: the last Sunday of March)
    await draw("2026-03-27", 5);
    expect(figures("x")).toEqual(["Sat 28 Mar", "Sun 29 Mar", "Mon 30 Mar", "Tue 31 Mar"]);
    await draw("2026-03-01", 30);
    expect(figures("x").length).toBeLessThan(8);
  });

  test("a place that was never read is drawn without a line that was never there", async () => {
    await drawIn(
      houseOf(units),
      <PlaceCurve
        readings={[]}
        limits={{ minC: 0, maxC: 5 }}
        fromMs={fromMs}
        toMs={fromMs + 24 * HOUR_MS}
        excursions={[]}
        gaps={[{ fromMs, toMs: fromMs + 24 * HOUR_MS }]}
      />,
    );
    isWhole();
    expect(curves().filter((curve) => curve.getAttribute("d"))).toHaveLength(0);
  });
});

test.each(UNITS)("curves over hours, their limit and the hour to take it out: %s", async (units) => {
  const rows = Array.from({ length: 25 }, (_, atH) => ({ atH, core: 3 - atH, air: -36 }));
  await drawIn(
    houseOf(units),
    <HoursCurve
      label="The pack in the freezer"
      rows={rows}
      series={[
        { key: "core", name: "Core", tone: "main" },
        { key: "air", name: "Air", tone: "third" },
      ]}
      unit=" °C"
      limit={-20}
      markH={23}
    />,
  );
  isWhole();
  expect(curves()).toHaveLength(2);
  expect(texts("figcaption span")).toEqual(["Core", "Air"]);
  expect(marks()).toContain(t("takeItOut"));
  expect(document.querySelectorAll(".recharts-reference-line")).toHaveLength(2);
});

test("arrivals: the shape says what became of each, lower is fresher", async () => {
  const arrival = (verdict: "accept" | "cook-only" | "refuse", iceDays: number, day: number) => ({
    code: `0512-0${day}`,
    name: "Arctic char",
    atMs: Date.UTC(2026, 4, day, 7),
    iceDays,
    verdict,
  });
  await drawIn(
    houseOf("metric"),
    <ArrivalDots
      arrivals={[
        arrival("accept", 2, 1),
        arrival("accept", 3.5, 4),
        arrival("cook-only", 8, 8),
        arrival("refuse", 13, 12),
      ]}
    />,
  );
  isWhole();
  const dots = [...document.querySelectorAll(".recharts-scatter-symbol path")];
  expect(dots).toHaveLength(4);
  expect(new Set(dots.map((dot) => dot.getAttribute("fill"))).size).toBe(3);
  // by shape as well as by colour: two of one verdict have one outline
  expect(new Set(dots.map((dot) => dot.getAttribute("d")?.replace(/-?[\d.]+/g, ""))).size).toBeGreaterThanOrEqual(2);
  expect(figures("y").at(-1)).toMatch(/^1\d/);
});

test("a lot's life in words as it is drawn, the shares adding up", async () => {
  await drawIn(
    houseOf("metric"),
    <IceBar
      text="Arctic char"
      segments={[
        { use: "gone", share: 0.4 },
        { use: "raw", share: 0.1 },
        { use: "cook", share: 0.35 },
        { use: "cook-today", share: 0.15 },
      ]}
    />,
  );
  const bar = one<HTMLElement>("[role=img]");
  expect(bar.getAttribute("aria-label")).toBe(
    `Arctic char: 40 % ${t("gone")}, 10 % ${t("raw")}, 35 % ${t("anyCookedUse")}, 15 % ${t("cookAtOnce")}`,
  );
  const grown = [...bar.children].map((part) => Number((part as HTMLElement).style.flexGrow));
  expect(grown.reduce((sum, share) => sum + share)).toBeCloseTo(1, 9);
  // a word stands where it has room
  expect([...bar.children].map(({ textContent }) => textContent)).toEqual(["", "", t("cook"), ""]);
});

test.each([3, 8, 12, 25, 60, 200, 1400])("minutes under a cook of %i: whole, even and few", (longest) => {
  const ticks = minuteTicks(longest);
  expect(ticks[0]).toBe(0);
  expect(ticks.at(-1)!).toBeLessThanOrEqual(longest);
  expect(ticks.length).toBeLessThanOrEqual(13);
  const steps = ticks.slice(1).map((tick, index) => tick - ticks[index]!);
  expect(new Set(steps).size).toBeLessThanOrEqual(1);
  expect(steps.every(Number.isInteger)).toBe(true);
});
