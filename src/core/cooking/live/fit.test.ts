import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { entryTimes } from "../plan";
import { estimateLive } from "./estimate";
import { findTimes, secondsOf } from "../plan";
import { centresAt, fitCooks, learnedFilms, meanOffK, NOTHING_OFF, shifted, type Estimate } from "./fit";
import { stageSecondsAt, type CookEvent } from "./live";
import { COEFFICIENTS } from "../model";
import { jobOf, type CookRequest } from "../plan";
import { readTrace } from "./traceRows";
import { english } from "@/words/english.testkit";

const poached: CookRequest = {
  species: findSpecies("cod")!,
  shape: { kind: "slab", thicknessMm: 26 },
  skin: false,
  startC: 6,
  methodId: "stock-butter",
  goal: { kind: "centre", targetC: 52 },
  ruleSetId: "eu-853",
};
const char: CookRequest = {
  ...poached,
  species: findSpecies("arctic-char")!,
  skin: true,
  methodId: "skin-then-oven",
  goal: { kind: "centre", targetC: 48 },
};

/** A cook as it would go where the kitchen is off by `truth`, read at these seconds. */
function measured(request: CookRequest, truth: Estimate, at: readonly number[]) {
  const job = jobOf(request);
  const seconds = secondsOf(job);
  const blank = at.map((timeS) => ({ timeS, centreC: 0 }));
  const centres = centresAt({ setup: shifted(job.setup, truth), stages: job.stages, seconds, readings: blank });
  const readings = at.map((timeS, index) => ({ timeS, centreC: centres[index]! }));
  return { setup: job.setup, stages: job.stages, seconds, readings };
}

test("readings at the planned centres teach nothing", () => {
  const { estimate } = fitCooks([measured(char, NOTHING_OFF, [60, 150, 240, 330])], ["vessel", "air"]);
  expect(Math.abs(estimate.vessel)).toBeLessThan(1e-6);
  expect(Math.abs(estimate.air)).toBeLessThan(1e-6);
});

test("a weak oven is found from the readings and never overshot: the prior holds it back", () => {
  const truth = { ...NOTHING_OFF, air: -0.3 };
  const readings = [240, 270, 300, 330, 360, 420];
  const one = fitCooks([measured(char, truth, readings)], ["vessel", "air"]);
  const many = fitCooks(
    Array.from({ length: 6 }, () => measured(char, truth, readings)),
    ["vessel", "air"],
  );
  expect(one.estimate.air).toBeLessThan(-0.01);
  expect(one.estimate.air).toBeGreaterThan(-0.3);
  expect(many.estimate.air).toBeLessThan(one.estimate.air);
  expect(many.sd.air!).toBeLessThan(one.sd.air!);
  const { beforeK, afterK } = meanOffK(many.residuals);
  expect(afterK).toBeLessThan(beforeK);
});

test("learned coefficients stay inside what is published, however far the readings pull", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -2, max: 2, noNaN: true }),
      fc.double({ min: -2, max: 2, noNaN: true }),
      (vessel, air) => {
        for (const [id, value] of Object.entries(learnedFilms({ vessel, air }))) {
          const { low, high } = COEFFICIENTS[id as keyof typeof COEFFICIENTS];
          expect(value).toBeGreaterThanOrEqual(low);
          expect(value).toBeLessThanOrEqual(high);
        }
      },
    ),
  );
});

describe("a running cook", () => {
  test("on plan, the pull comes when the plan said", () => {
    const job = jobOf(poached);
    const { seconds, readings } = measured(poached, NOTHING_OFF, [60, 120, 180]);
    const live = estimateLive(job, seconds, [180], readings);
    expect(Math.abs(live.leftS - (seconds[0]! - 180))).toBeLessThan(8);
    expect(live.because).toBeNull();
  });
  test("a thicker piece shows in the readings: the pull moves out and the cook is told why", () => {
    const job = jobOf(poached);
    const truth = { ...NOTHING_OFF, thickness: 0.1 };
    const { seconds, readings } = measured(poached, truth, [60, 120, 180, 240, 280]);
    const live = estimateLive(job, seconds, [280], readings);
    const planned = seconds[0]! - 280;
    expect(live.leftS).toBeGreaterThan(planned + 20);
    expect(live.because).toBe("it cooks like a thicker piece");
    expect(Math.abs(live.peakC - 52)).toBeLessThan(1);
    // the real piece, pulled when the estimate says, ends nearer the target than by the clock alone
    const peakAt = (pullS: number) => {
      const found = findTimes(jobOf(poached));
      if (!found.ok) throw new Error("can be poached");
      return found.value.programme.outcome([pullS, 0], shifted(job.setup, truth)).peakC;
    };
    expect(Math.abs(peakAt(280 + live.leftS) - 52)).toBeLessThan(Math.abs(peakAt(seconds[0]!) - 52));
  });
  test("in the rest there is nothing left to pull", () => {
    const job = jobOf(char);
    const seconds = secondsOf(job);
    expect(estimateLive(job, seconds, [seconds[0]!, seconds[1]!, 20], []).leftS).toBe(0);
  });
});

test("seconds of the stages leave pauses out and follow the taps", () => {
  const events: CookEvent[] = [
    { kind: "started", atMs: 0 },
    { kind: "paused", atMs: 50_000 },
    { kind: "resumed", atMs: 80_000 },
    { kind: "extended", atMs: 90_000, seconds: 10 },
    { kind: "advanced", atMs: 100_000 },
    { kind: "probed", atMs: 130_000, centreC: 30 },
  ];
  expect(stageSecondsAt(events, 160_000)).toEqual([70, 60]);
  expect(stageSecondsAt(events, 60_000)).toEqual([50]);
});

test("thick pieces first: the thinnest last, those between in proportion", () => {
  const spread = {
    thinnest: { thicknessMm: 20, peakC: 50, band: "medium", afterThickestS: 80 },
    thickest: { thicknessMm: 28, peakC: 46, band: "medium", afterThickestS: 0 },
  } as const;
  expect(entryTimes([24, 28, 20], spread).map(({ afterS }) => afterS)).toEqual([0, 40, 80]);
  expect(entryTimes([24, 24], null).every(({ afterS }) => afterS === 0)).toBe(true);
});

describe("a trace out of a file", () => {
  test("seconds, clock times and minutes; comma decimals; Fahrenheit by its head", () => {
    expect(
      readTrace([
        ["seconds", "°C"],
        ["5", "8,2"],
        ["65", "12,4"],
      ]),
    ).toEqual({
      ok: true,
      value: [
        { timeS: 0, celsius: 8.2 },
        { timeS: 60, celsius: 12.4 },
      ],
    });
    for (const absurd of ["1e12", "1e999", "-90000"])
      expect(
        readTrace([
          ["0", "8"],
          [absurd, "9"],
        ]),
      ).toMatchObject({ ok: false, error: { code: "plan.lineLineIsTooLate" } });
    const clock = readTrace([
      ["0:30", "41"],
      ["1:30", "44"],
    ]);
    expect(clock.ok && clock.value[1]!.timeS).toBe(60);
    const fahrenheit = readTrace([
      ["minutes", "°F"],
      ["0", "50"],
      ["2", "59"],
    ]);
    expect(fahrenheit.ok && fahrenheit.value).toEqual([
      { timeS: 0, celsius: 10 },
      { timeS: 120, celsius: 15 },
    ]);
  });
  test.each([
    [[], /empty/],
    [[["0", "5"]], /two readings/],
    [
      [
        ["0", "5"],
        ["x", "6"],
      ],
      /Line 2 is not/,
    ],
    [
      [
        ["10", "5"],
        ["0", "6"],
      ],
      /back in time/,
    ],
    [
      [
        ["0", "5"],
        ["10", "400"],
      ],
      /no temperature of fish/,
    ],
  ])("what cannot be read is said with its line", (rows, words) => {
    expect(english(readTrace(rows))).toMatchObject({ ok: false, error: expect.stringMatching(words) });
  });
});

test("how far off in the mean: the root of the mean square, nothing where nothing was read", () => {
  const residuals = [
    { timeS: 0, beforeK: 3, afterK: 0 },
    { timeS: 1, beforeK: -4, afterK: 1 },
  ];
  expect(meanOffK(residuals).beforeK).toBeCloseTo(Math.sqrt(12.5), 9);
  expect(meanOffK(residuals).afterK).toBeCloseTo(Math.SQRT1_2, 9);
  expect(meanOffK([])).toEqual({ beforeK: 0, afterK: 0 });
});

test("law: a stage that went on longer takes from the one that follows, one cut short gives to it, and the middle ends where it was to", () => {
  const job = jobOf(char);
  const planned = secondsOf(job);
  const { peakC, seconds: asPlanned } = estimateLive(job, planned, [planned[0]!, 0], []);
  const after = (offS: number) => estimateLive(job, planned, [planned[0]! + offS, 0], []);
  const [early, late] = [after(-40), after(40)];
  expect(late.seconds[1]!).toBeLessThan(asPlanned[1]! - 5);
  expect(early.seconds[1]!).toBeGreaterThan(asPlanned[1]! + 5);
  for (const one of [early, late]) expect(Math.abs(one.peakC - peakC)).toBeLessThan(0.7);
  // so late that nothing is left to take from: it says where the middle ends
  const far = after(600);
  expect(far.peakC).toBeGreaterThan(peakC + 1.5);
  expect(far.leftS).toBeLessThanOrEqual(1);
});
