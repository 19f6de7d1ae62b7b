import fc from "fast-check";
import { DEMO_CARDS } from "@/demo/data/cards";
import { PLATE_MM } from "@/core/cooking";
import { movedPart, pieceMm, plateParts, poolMm } from "./plateDrawing";

const CHAR = DEMO_CARDS["char"]!;

test("forty millilitres two millimetres deep are a pool of sixteen centimetres", () => {
  expect(poolMm(40)).toBeCloseTo(159.6, 1);
});

test("a piece is as long and wide as it was cut: its grams, its length along the fish and its thickness", () => {
  const [length, width] = pieceMm(150, 24, { alongMm: 52, thicknessMm: 21, leanDeg: 30 });
  expect(width).toBeCloseTo(52, 6);
  expect(length * width * 21 * 0.00105).toBeCloseTo(150, 6);
});

test("what nobody moved lies where it usually does, what was moved where it was put; a sauce apart is not on the plate", () => {
  const labels = { piece: "Char", "blanched-fennel": "Fennel" };
  const moved = plateParts({ ...CHAR, layout: [{ part: "piece", xMm: 30, yMm: -20 }] }, 40, labels, null);
  expect(moved.map(({ kind }) => kind)).toEqual(["sauce", "garnish", "piece"]);
  expect(moved.at(-1)).toMatchObject({ xMm: 30, yMm: -20, label: "Char" });
  const apart = { ...CHAR, sauce: { ...CHAR.sauce!, apart: true } };
  expect(plateParts(apart, 40, labels, null).map(({ kind }) => kind)).toEqual(["garnish", "piece"]);
});

test("nothing is pushed off the plate, and a move touches one part only", () => {
  const parts = plateParts(CHAR, 40, {}, null);
  const mm = fc.integer({ min: -900, max: 900 });
  fc.assert(
    fc.property(fc.constantFrom(...parts.map(({ part }) => part)), mm, mm, (part, dx, dy) => {
      const after = movedPart(parts, part, dx, dy);
      const far = after.every(({ xMm, yMm }) => Math.hypot(xMm, yMm) <= PLATE_MM / 2 + 1);
      const others = after.filter((one) => one.part !== part);
      const still = others.every((one) => {
        const before = parts.find((was) => was.part === one.part)!;
        return Math.round(before.xMm) === one.xMm && Math.round(before.yMm) === one.yMm;
      });
      return far && still;
    }),
  );
});
