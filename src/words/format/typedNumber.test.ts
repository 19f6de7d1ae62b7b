import fc from "fast-check";
import { numberText, readTyped, type DecimalMark } from "./typedNumber";

const value = (typed: string, mark: DecimalMark = null) => {
  const read = readTyped(typed, mark);
  return read.kind === "number" ? read.value : read.kind === "unclear" ? read.options : read.kind;
};

test.each([
  ["1,5", 1.5],
  ["1.5", 1.5],
  ["-2,5", -2.5],
  ["−18", -18],
  ["0,125", 0.125],
  ["12,75", 12.75],
  ["1 200", 1200],
  ["1.200,5", 1200.5],
  ["1,200.5", 1200.5],
  ["1,200,000", 1_200_000],
  ["4.", 4],
  [",5", 0.5],
  ["", "empty"],
  ["-", "empty"],
  ["4a", "none"],
  ["1,2,3", "none"],
  ["1.2,3.4", "none"],
])("%s is %s", (typed, read) => {
  expect(value(typed)).toEqual(read);
});

test("three figures behind one mark are asked back, unless the house's own mark settles it", () => {
  expect(value("1,200")).toEqual([1.2, 1200]);
  expect(value("1.200")).toEqual([1.2, 1200]);
  expect(value("1,200", "comma")).toBe(1.2);
  expect(value("1.200", "comma")).toBe(1200);
  expect(value("1,200", "point")).toBe(1200);
  expect(value("1.200", "point")).toBe(1.2);
  expect(value("1234,500")).toBe(1234.5);
});

test("law: what the house writes it reads as the same", () => {
  fc.assert(
    fc.property(fc.integer({ min: -999_999, max: 999_999 }), fc.constantFrom(1, 10, 100), (whole, by) => {
      const wanted = whole / by;
      for (const mark of ["point", "comma"] as const)
        expect(readTyped(numberText(wanted, mark), mark)).toEqual({ kind: "number", value: wanted === 0 ? 0 : wanted });
    }),
  );
});
