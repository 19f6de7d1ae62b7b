import fc from "fast-check";
import { sumOf } from "@/core/numeric";
import {
  assertInOrder,
  firstAtOrBelow,
  spellsAbove,
  splitAt,
  timeAbove,
  timeAtOrBelow,
  widestStep,
  withoutWideSteps,
  type LogPoint,
} from "./trace";

/** A log of readings some hours apart, warm and cold. */
const log = fc
  .array(fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: -300, max: 300 })), {
    minLength: 2,
    maxLength: 14,
  })
  .map((steps) => {
    let time = 0;
    return steps.map(([step, tenths]): LogPoint => [(time += step / 4), tenths / 10]);
  });
// between two readings of tenths, never on one: where a line touches the limit both answers are right
const limit = fc.integer({ min: -29, max: 29 }).map((celsius) => celsius + 0.05);
const lengthOf = (points: readonly LogPoint[]) => points.at(-1)![0] - points[0]![0];
const valueAt = (points: readonly LogPoint[], time: number) => {
  const at = points.findIndex(([later]) => later >= time);
  const [from, to] = [points[Math.max(0, at - 1)]!, points[at]!];
  return from === to ? to[1] : from[1] + ((to[1] - from[1]) * (time - from[0])) / (to[0] - from[0]);
};

test("above and at-or-below are the whole of it", () => {
  fc.assert(
    fc.property(log, limit, (points, limitC) => {
      expect(timeAbove(points, limitC) + timeAtOrBelow(points, limitC)).toBeCloseTo(lengthOf(points), 9);
    }),
  );
});

test("the time is what a thousand looks at the straight lines between readings count", () => {
  const LOOKS = 4000;
  fc.assert(
    fc.property(log, limit, (points, limitC) => {
      const [startH, length] = [points[0]![0], lengthOf(points)];
      const cold = Array.from({ length: LOOKS }, (_, look) => startH + ((look + 0.5) / LOOKS) * length).filter(
        (time) => valueAt(points, time) <= limitC,
      ).length;
      // every crossing can be off by one look
      expect(timeAtOrBelow(points, limitC)).toBeCloseTo((cold / LOOKS) * length, length > 20 ? 0 : 1);
    }),
    { numRuns: 60 },
  );
});

test("a warmer limit is never kept for less time, and a colder log never for less", () => {
  fc.assert(
    fc.property(log, limit, fc.double({ min: 0, max: 10, noNaN: true }), (points, limitC, more) => {
      expect(timeAtOrBelow(points, limitC + more)).toBeGreaterThanOrEqual(timeAtOrBelow(points, limitC) - 1e-9);
      const colder = points.map(([time, celsius]): LogPoint => [time, celsius - more]);
      expect(timeAtOrBelow(colder, limitC)).toBeGreaterThanOrEqual(timeAtOrBelow(points, limitC) - 1e-9);
    }),
  );
});

test("the spells above are apart, in order, inside the log, and add up to the time above", () => {
  fc.assert(
    fc.property(log, limit, (points, limitC) => {
      const spells = spellsAbove(points, limitC);
      expect(sumOf(spells, ({ hours }) => hours)).toBeCloseTo(timeAbove(points, limitC), 9);
      for (const [index, { fromTime, hours }] of spells.entries()) {
        expect(hours).toBeGreaterThan(0);
        expect(valueAt(points, fromTime + hours / 2)).toBeGreaterThan(limitC - 1e-9);
        const next = spells[index + 1];
        if (next) expect(next.fromTime).toBeGreaterThanOrEqual(fromTime + hours);
      }
    }),
  );
});

test("cut anywhere, the two parts count what the whole counts", () => {
  fc.assert(
    fc.property(log, limit, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (points, limitC, share) => {
      const atTime = points[0]![0] + share * lengthOf(points);
      const [before, after] = splitAt(points, atTime);
      expect(before.at(-1)![0]).toBeCloseTo(atTime, 9);
      expect(after[0]![1]).toBeCloseTo(before.at(-1)![1], 9);
      expect(timeAbove(before, limitC) + timeAbove(after, limitC)).toBeCloseTo(timeAbove(points, limitC), 6);
    }),
  );
});

test("counted from a moment on, it is the part from that moment on", () => {
  fc.assert(
    fc.property(log, limit, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (points, limitC, share) => {
      const fromTime = points[0]![0] + share * lengthOf(points);
      const [, after] = splitAt(points, fromTime);
      expect(timeAtOrBelow(points, limitC, fromTime)).toBeCloseTo(timeAtOrBelow(after, limitC), 6);
    }),
  );
});

test("the first moment at or below is one, and before it there is none", () => {
  fc.assert(
    fc.property(log, limit, (points, limitC) => {
      const first = firstAtOrBelow(points, limitC);
      if (first === null) {
        expect(timeAtOrBelow(points, limitC)).toBe(0);
        return;
      }
      expect(valueAt(points, first)).toBeLessThanOrEqual(limitC + 1e-6);
      expect(timeAtOrBelow(splitAt(points, first)[0], limitC)).toBeCloseTo(0, 6);
    }),
  );
});

test("stretches without a wide step keep every reading in its order, and none of them has one", () => {
  fc.assert(
    fc.property(log, fc.integer({ min: 1, max: 40 }), (points, quarters) => {
      const widest = quarters / 4;
      const stretches = withoutWideSteps(points, widest);
      expect(stretches.flat()).toEqual(points);
      for (const stretch of stretches) expect(widestStep(stretch)).toBeLessThanOrEqual(widest + 1e-9);
      for (const [index, stretch] of stretches.entries()) {
        const next = stretches[index + 1];
        if (next) expect(next[0]![0] - stretch.at(-1)![0]).toBeGreaterThan(widest);
      }
    }),
  );
});

test("a log that runs backwards is no log", () => {
  expect(() =>
    assertInOrder([
      [0, 1],
      [2, 1],
      [1, 1],
    ]),
  ).toThrow(/time order/);
  expect(() =>
    assertInOrder([
      [0, 1],
      [0, 2],
      [1, 1],
    ]),
  ).not.toThrow();
  expect([timeAbove([], 0), timeAtOrBelow([[3, 1]], 0), widestStep([])]).toEqual([0, 0, 0]);
});
