import fc from "fast-check";
import { clockText, durationText, formatFor, hoursText, lifeText, momentText, percentText, dayStamp } from "./format";
import { readTyped } from "./typedNumber";

const HOUSES = (["metric", "imperial"] as const).flatMap((units) =>
  (["point", "comma"] as const).map((mark) => [units, mark, formatFor(units, "EUR", mark)] as const),
);
const numberIn = (text: string, mark: "point" | "comma") => {
  const found = readTyped(/-?[\d.,]+/.exec(text)![0], mark);
  return found.kind === "number" ? found.value : NaN;
};

/** Seconds of a length of time as a reader adds them up. */
function secondsIn(text: string): number {
  const unit = { d: 86_400, h: 3600, min: 60, s: 1 } as const;
  return [...text.matchAll(/(\d+) (d|h|min|s)/g)].reduce(
    (sum, [, count, of]) => sum + Number(count) * unit[of as keyof typeof unit],
    0,
  );
}

describe("a length of time in words", () => {
  test("law: off by no more than it says it is rounded to", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20 * 86_400 }), (seconds) => {
        const step = seconds < 600 ? 5 : seconds < 3600 ? 30 : seconds < 2 * 86_400 ? 60 : 3600;
        expect(Math.abs(secondsIn(durationText(seconds)) - seconds)).toBeLessThanOrEqual(step);
      }),
      { numRuns: 500 },
    );
  });

  test("law: longer is never said to be shorter", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5 * 86_400 }), fc.integer({ min: 0, max: 7200 }), (seconds, more) => {
        expect(secondsIn(durationText(seconds + more))).toBeGreaterThanOrEqual(secondsIn(durationText(seconds)));
      }),
      { numRuns: 500 },
    );
  });

  test("law: two units at most, the small one less than one of the large", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 * 86_400 }), (seconds) => {
        const text = durationText(seconds);
        expect(text).toMatch(/^\d+ (d|h|min|s)( \d+ (h|min|s))?$/);
        const [, , small] = /^(\d+) \w+ (\d+) (h|min|s)$/.exec(text) ?? [];
        if (small !== undefined) expect(Number(small)).toBeLessThan(60);
      }),
      { numRuns: 500 },
    );
  });

  test("hours are the same words as their seconds", () => {
    for (const hours of [0.25, 0.5, 1, 1.75, 12, 23.99, 30, 47, 49, 200])
      expect(hoursText(hours)).toBe(durationText(Math.round(hours * 60) * 60));
    expect(hoursText(0)).toBe("0 min");
  });
});

describe("a running clock", () => {
  test("law: it owes whole seconds, rounded up against the cook, and what is over counts up from nought", () => {
    fc.assert(
      fc.property(fc.double({ min: -5000, max: 5000, noNaN: true }), (seconds) => {
        const [, over, minutes, rest] = /^(\+?)(\d+):(\d\d)$/.exec(clockText(seconds))!;
        const shown = Number(minutes) * 60 + Number(rest);
        expect(Number(rest)).toBeLessThan(60);
        expect(over === "+" ? -seconds - shown : shown - seconds).toBeGreaterThanOrEqual(0);
        expect(over === "+" ? -seconds - shown : shown - seconds).toBeLessThanOrEqual(1);
      }),
      { numRuns: 500 },
    );
  });

  test("law: it never jumps back up while it runs down", () => {
    const seconds = (text: string) => {
      const [, over, minutes, rest] = /^(\+?)(\d+):(\d\d)$/.exec(text)!;
      return (over === "+" ? -1 : 1) * (Number(minutes) * 60 + Number(rest));
    };
    let before = Infinity;
    for (let tenths = 900; tenths >= -900; tenths--) {
      const now = seconds(clockText(tenths / 10));
      expect(now).toBeLessThanOrEqual(before);
      before = now;
    }
  });
});

describe("figures of a house", () => {
  test.each(HOUSES)("%s, %s: what is shown reads back to within what it is rounded to", (units, mark, format) => {
    fc.assert(
      fc.property(fc.double({ min: -40, max: 300, noNaN: true }), (pointC) => {
        const shown = format.fromTemperature(numberIn(format.temperature(pointC, 1), mark));
        expect(Math.abs(shown - pointC)).toBeLessThanOrEqual(0.0501);
      }),
    );
    fc.assert(
      fc.property(fc.double({ min: 1, max: 20_000, noNaN: true }), (massG) => {
        const text = format.mass(massG);
        const value = numberIn(text, mark);
        const grams = text.endsWith("kg")
          ? value * 1000
          : text.endsWith("lb")
            ? format.fromMass(value * 16)
            : format.fromMass(value);
        // grams whole, kilos and pounds to a hundredth, ounces to a tenth
        const half = { kg: 5, lb: 2.3, oz: 1.5 }[text.split(" ")[1]!] ?? 0.5;
        expect(Math.abs(grams - massG)).toBeLessThanOrEqual(half + 1e-6);
      }),
    );
    fc.assert(
      fc.property(fc.double({ min: 1, max: 900, noNaN: true }), (ml) => {
        const shown = format.fromVolume(numberIn(format.volume(ml), mark));
        expect(Math.abs(shown - ml)).toBeLessThanOrEqual(units === "metric" ? 0.501 : 1.48);
      }),
    );
  });

  test("law: out of the core and back is where it was, in every unit", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 9999, noNaN: true }), (value) => {
        for (const [, , format] of HOUSES) {
          expect(format.fromMass(format.toMass(value)) / value).toBeCloseTo(1, 9);
          expect(format.fromLength(format.toLength(value)) / value).toBeCloseTo(1, 9);
          expect(format.fromVolume(format.toVolume(value)) / value).toBeCloseTo(1, 9);
          expect(format.fromBigMass(format.toBigMass(value)) / value).toBeCloseTo(1, 9);
          expect(format.fromTemperature(format.toTemperature(value))).toBeCloseTo(value, 9);
        }
      }),
    );
  });

  test("a comma house has no point between whole and parts, a point house no comma", () => {
    for (const [units, mark, format] of HOUSES) {
      const wrong = mark === "comma" ? /\d\.\d/ : /\d,\d(?!\d\d)/;
      for (const text of [
        format.temperature(3.27, 1),
        format.mass(1234.5),
        format.pinch(3.25),
        format.number(0.125, 3),
        format.money(1234),
        format.volume(12_345),
        format.difference(1.5, 1),
      ])
        expect([units, mark, text, wrong.test(text)]).toEqual([units, mark, text, false]);
    }
  });

  test("a nought has no sign, however it came about", () => {
    for (const [, , format] of HOUSES)
      for (const text of [format.number(-0.001, 1), format.difference(-0.0004, 1), format.mass(-0.2)])
        expect(text.startsWith("-")).toBe(false);
  });
});

test("life is credited down: nobody is told more than there is", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.001, max: 30, noNaN: true }), (days) => {
      const text = lifeText(days);
      const hours = /^(\d+) h$/.exec(text);
      const halves = /^(\d+)(½?) d$/.exec(text);
      const told = hours ? Number(hours[1]) / 24 : Number(halves![1]) + (halves![2] === "½" ? 0.5 : 0);
      // the last hour is said as an hour
      expect(told).toBeLessThanOrEqual(Math.max(days, 1 / 24) + 1e-9);
      expect(days - told).toBeLessThan(hours ? 1 / 24 : 0.5);
    }),
  );
});

test("a share of nought to one is nought to a hundred per cent", () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
      const value = Number(/^(\d+) %$/.exec(percentText(share))![1]);
      expect(Math.abs(value - 100 * share)).toBeLessThanOrEqual(0.5 + 1e-9);
    }),
  );
});

test("a moment of today is its time; codes begin with the day of the house's zone, also across midnight", () => {
  const zones = ["Europe/Copenhagen", "America/New_York", "Asia/Tokyo", "Pacific/Auckland"];
  fc.assert(
    fc.property(fc.constantFrom(...zones), fc.integer({ min: 0, max: 365 * 24 * 4 }), (zone, quarter) => {
      const atMs = Date.UTC(2026, 0, 1) + quarter * 900_000;
      expect(momentText(atMs, atMs, zone)).toMatch(/^\d\d:\d\d$/);
      expect(momentText(atMs, atMs + 36 * 3_600_000, zone)).toMatch(/^\w{3} \d{1,2} \w{3,4} \d\d:\d\d$/);
      const [month, day] = new Date(atMs).toLocaleDateString("sv-SE", { timeZone: zone }).slice(5).split("-");
      expect(dayStamp(atMs, zone)).toBe(`${month}${day}`);
    }),
    { numRuns: 200 },
  );
});
