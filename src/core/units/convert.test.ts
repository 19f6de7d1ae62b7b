import fc from "fast-check";
import {
  celsiusFromF,
  fahrenheitDegreesFromK,
  fahrenheitFromC,
  gramFromOunce,
  inchFromMm,
  kelvinFromC,
  mmFromInch,
  ounceFromG,
} from ".";

test("there and back is where it began, for every unit of a kitchen", () => {
  fc.assert(
    fc.property(fc.double({ min: -60, max: 1000, noNaN: true }), (value) => {
      expect(celsiusFromF(fahrenheitFromC(value))).toBeCloseTo(value, 9);
      expect(gramFromOunce(ounceFromG(value))).toBeCloseTo(value, 9);
      expect(mmFromInch(inchFromMm(value))).toBeCloseTo(value, 9);
    }),
    { seed: 1 },
  );
});

test("a difference is no point on the scale: two points differ by the difference in either", () => {
  fc.assert(
    fc.property(fc.integer({ min: -40, max: 300 }), fc.integer({ min: -40, max: 300 }), (a, b) => {
      expect(fahrenheitFromC(a) - fahrenheitFromC(b)).toBeCloseTo(fahrenheitDegreesFromK(a - b), 9);
      expect(kelvinFromC(a) - kelvinFromC(b)).toBeCloseTo(a - b, 9);
    }),
    { seed: 1 },
  );
});

test("fixed points: minus forty is the same in both, water freezes at 32 and boils at 212 °F", () => {
  expect(fahrenheitFromC(-40)).toBe(-40);
  expect([fahrenheitFromC(0), fahrenheitFromC(100)]).toEqual([32, 212]);
});
