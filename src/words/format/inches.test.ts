import fc from "fast-check";
import { inchesFrom, inchText } from "./inches";

test.each([
  [0.875, "7/8"],
  [1.0236, "1"],
  [1.25, "1 1/4"],
  [0.1575, "5/32"],
  [0, "0"],
  [0.99, "1"],
  [2.5, "2 1/2"],
])("%d in is %s on the ruler", (inch, text) => expect(inchText(inch)).toBe(text));

test.each([
  ["7/8", 0.875],
  ["1 1/8", 1.125],
  ["1-1/8 in", 1.125],
  ["0,875", 0.875],
  ["2", 2],
  ['3/4"', 0.75],
])("%s typed is %d in", (typed, inch) => expect(inchesFrom(typed)).toBeCloseTo(inch, 9));

test.each(["", "a", "1/0", "7/", "1/2/3"])("%j is no length", (typed) => expect(inchesFrom(typed)).toBeNaN());

test("what the ruler shows reads back to within half its finest part", () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 20, noNaN: true }), (inch) => {
      expect(Math.abs(inchesFrom(inchText(inch)) - inch)).toBeLessThanOrEqual(1 / 32 + 1e-9);
    }),
  );
});
