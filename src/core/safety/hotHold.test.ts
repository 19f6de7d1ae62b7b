import fc from "fast-check";
import { MINUTE_MS } from "@/core/units";
import { HOT_CHECK_MIN, hotHoldStatus, judgeHotHold } from "./hotHold";

// FDA Food Code 2022, 3-501.16(A)(1) and 3-501.19(B); Food Safety and Hygiene (England) Regulations 2013, Sch. 4 (memory)

test("57 °C and above is hot for as long as it lasts; the limit itself is hot enough", () => {
  expect(judgeHotHold("fda-2022", [[0, 57]], 600)).toMatchObject({ state: "hot", belowMin: 0, limitMin: 240 });
  expect(judgeHotHold("uk-2013", [[0, 62.9]], 10).state).toBe("counting");
});

test("a fall below counts from where the line crosses it, to the end: warming up in the hold does not bring it back", () => {
  const log = [
    [0, 67],
    [20, 47],
    [30, 67],
  ] as const;
  // crosses 57 °C at minute 10
  expect(judgeHotHold("fda-2022", log, 30).belowMin).toBeCloseTo(20, 3);
  expect(judgeHotHold("fda-2022", log, 90)).toMatchObject({ state: "counting" });
  expect(judgeHotHold("fda-2022", log, 90).belowMin).toBeCloseTo(80, 3);
});

test("England allows one spell below 63 °C: a fall after minutes already spent below is over at once", () => {
  const fallen = [
    [0, 66],
    [30, 60],
  ] as const;
  expect(judgeHotHold("uk-2013", fallen, 31, 0).state).toBe("counting");
  expect(judgeHotHold("uk-2013", fallen, 31, 10).state).toBe("over");
});

test("four hours by the US model code, one spell of two by the English regulations", () => {
  const cold = [[0, 50]] as const;
  expect(judgeHotHold("fda-2022", cold, 239).state).toBe("counting");
  expect(judgeHotHold("fda-2022", cold, 240).state).toBe("over");
  expect(judgeHotHold("uk-2013", cold, 119).state).toBe("counting");
  expect(judgeHotHold("uk-2013", cold, 120).state).toBe("over");
});

test("a dish that comes under the line is kept by the clock alone, however warm it gets", () => {
  const warmed = [
    [0, 50],
    [30, 70],
  ] as const;
  expect(judgeHotHold("fda-2022", warmed, 100)).toMatchObject({ state: "counting", belowMin: 100 });
});

test("minutes warm before the hold count in", () => {
  expect(judgeHotHold("uk-2013", [[0, 60]], 30, 90).state).toBe("over");
  expect(judgeHotHold("uk-2013", [[0, 66]], 30, 90)).toMatchObject({ state: "hot", belowMin: 90 });
});

const at = (minutes: number) => minutes * MINUTE_MS;
const hold = { ruleSetId: "fda-2022", startedAtMs: 0, fromC: 66, usedMin: 0, readings: [] } as const;

test("a hot dish asks for its next reading, a cold one says when it is out", () => {
  expect(hotHoldStatus(hold, at(10))).toMatchObject({ due: false, outAtMs: null, checkAtMs: at(HOT_CHECK_MIN) });
  expect(hotHoldStatus(hold, at(HOT_CHECK_MIN)).due).toBe(true);
  const read = { ...hold, readings: [{ atMs: at(100), celsius: 60 }] };
  expect(hotHoldStatus(read, at(HOT_CHECK_MIN))).toMatchObject({ due: false, lastC: 60, checkAtMs: at(220) });
  const fallen = { ...hold, fromC: 57, readings: [{ atMs: at(60), celsius: 50 }] };
  const status = hotHoldStatus(fallen, at(60));
  expect(status).toMatchObject({ state: "counting", lastC: 50 });
  expect(status.outAtMs! / MINUTE_MS).toBeCloseTo(240, 1);
  expect(hotHoldStatus(fallen, at(241))).toMatchObject({ state: "over", due: true });
});

test("time below only ever grows, and a colder log is never below for less", () => {
  const readings = fc.array(fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 30, max: 80 })), {
    minLength: 1,
    maxLength: 8,
  });
  fc.assert(
    fc.property(readings, fc.integer({ min: 0, max: 60 }), fc.integer({ min: 1, max: 20 }), (steps, used, colder) => {
      let minutes = 0;
      const log = [[0, 70] as const, ...steps.map(([gap, celsius]) => [(minutes += gap), celsius] as const)];
      const below = (now: number, shift = 0) =>
        judgeHotHold(
          "fda-2022",
          log.map(([time, celsius], index) => [time, index === 0 ? celsius : celsius - shift] as const),
          now,
          used,
        ).belowMin;
      const end = log.at(-1)![0];
      expect(below(end)).toBeGreaterThanOrEqual(used);
      expect(below(end + 30)).toBeGreaterThanOrEqual(below(end) - 1e-9);
      expect(below(end, colder)).toBeGreaterThanOrEqual(below(end) - 1e-6);
    }),
    { seed: 19, numRuns: 200 },
  );
});
