import fc from "fast-check";
import { lethality } from "./lethality";

const LISTERIA = { dMin: 0.3, tRefC: 70, zC: 7.5 };

test.each([
  // FDA Fish and Fishery Products Hazards and Controls Guidance, App. 4, table A-3 (memory, high): L at T, minutes for a 6-log kill
  [63, 0.117, 17.0],
  [64, 0.158, 12.7],
  [65, 0.215, 9.3],
  [66, 0.293, 6.8],
  [67, 0.398, 5.0],
  [68, 0.541, 3.7],
  [69, 0.736, 2.7],
  [70, 1.0, 2.0],
  [71, 1.359, 1.5],
  [73, 2.512, 0.8],
  [75, 4.642, 0.4],
  [77, 8.577, 0.2],
  [80, 21.54, 0.09],
  [85, 100, 0.02],
])("a minute at %s °C is worth %s min at 70 °C; %s min make six logs", (pointC, rate, sixLogMin) => {
  const minute = lethality(
    [
      [0, pointC],
      [60, pointC],
    ],
    { ...LISTERIA, dMin: 1 / 3 },
  );
  expect(Math.abs(minute.equivalentMin / rate - 1)).toBeLessThan(0.01);
  // the table prints whole or tenth minutes
  const printed = 2 / minute.equivalentMin;
  expect(Math.abs(printed - sixLogMin)).toBeLessThan(Math.max(0.05 * sixLogMin, 0.06));
});

test("63 °C for 17 min is 1.98 min at 70 °C; 60 to 70 °C straight in 10 min is 3.11 (computed)", () => {
  expect(
    lethality(
      [
        [0, 63],
        [1020, 63],
      ],
      LISTERIA,
    ).equivalentMin,
  ).toBeCloseTo(1.98, 2);
  expect(
    lethality(
      [
        [0, 60],
        [600, 70],
      ],
      LISTERIA,
    ).equivalentMin,
  ).toBeCloseTo(3.11, 2);
});

test("75 °C for 26 s gives 2.01 min at 70 °C by the formula (computed)", () => {
  expect(
    lethality(
      [
        [0, 75],
        [26, 75],
      ],
      LISTERIA,
    ).equivalentMin,
  ).toBeCloseTo(2.01, 2);
});

test("ramps against fine steps; splitting a line changes nothing; hotter kills more", () => {
  const temperature = fc.double({ min: 40, max: 95, noNaN: true });
  fc.assert(
    fc.property(temperature, temperature, fc.double({ min: 1, max: 3000, noNaN: true }), (fromC, toC, seconds) => {
      const whole = lethality(
        [
          [0, fromC],
          [seconds, toC],
        ],
        LISTERIA,
      );
      const steps = 2000;
      let sum = 0;
      for (let step = 0; step < steps; step++) {
        const pointC = fromC + ((step + 0.5) / steps) * (toC - fromC);
        sum += (seconds / steps / 60) * 10 ** ((pointC - 70) / 7.5);
      }
      expect(Math.abs(whole.equivalentMin / sum - 1)).toBeLessThan(1e-4);
      const halves = lethality(
        [
          [0, fromC],
          [seconds / 2, (fromC + toC) / 2],
          [seconds, toC],
        ],
        LISTERIA,
      );
      expect(Math.abs(halves.equivalentMin / whole.equivalentMin - 1)).toBeLessThan(1e-6);
      expect(
        lethality(
          [
            [0, fromC + 1],
            [seconds, toC + 1],
          ],
          LISTERIA,
        ).equivalentMin,
      ).toBeGreaterThan(whole.equivalentMin);
      expect(whole.logReduction).toBeCloseTo(whole.equivalentMin / 0.3, 9);
    }),
    { numRuns: 50, seed: 4 },
  );
});
