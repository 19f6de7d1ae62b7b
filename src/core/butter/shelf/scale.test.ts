import fc from "fast-check";
import { saltSum } from "../salt";
import { batchesOf, scaleLine } from "./scale";

test("the rules of a line from four covers to eight, sixteen and twenty (common practice)", () => {
  const of = (rule: "straight" | "salt" | "strong" | "cover", to: number) =>
    scaleLine({ name: "x", massG: 100, rule }, 4, to).massG;
  expect([of("straight", 20), of("salt", 16), of("salt", 20), of("cover", 20)]).toEqual([500, 400, 450, 100]);
  // twice takes 1.7 times, four times about three times
  expect([of("strong", 8), Math.round(of("strong", 16))]).toEqual([170, 289]);
  expect(scaleLine({ name: "eggs", massG: 60, rule: "piece", pieces: 3 }, 4, 5)).toMatchObject({
    pieces: 4,
    massG: 80,
  });
  expect(scaleLine({ name: "eggs", massG: 60, rule: "piece", pieces: 3 }, 4, 20)).toMatchObject({
    pieces: 15,
    massG: 300,
  });
});

test("batches: as few as allowed, as even as can be, the larger first, nobody lost", () => {
  expect(batchesOf(20, 12)).toEqual([10, 10]);
  expect(batchesOf(25, 12)).toEqual([9, 8, 8]);
  expect(batchesOf(7, null)).toEqual([7]);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), fc.integer({ min: 1, max: 50 }), (covers, most) => {
      const batches = batchesOf(covers, most);
      expect(batches.reduce((sum, one) => sum + one, 0)).toBe(covers);
      expect(batches).toHaveLength(Math.ceil(covers / most));
      expect(batches[0]! - batches.at(-1)!).toBeLessThanOrEqual(1);
      expect(batches).toEqual([...batches].sort((a, b) => b - a));
    }),
  );
});

test("salt added meets the target with its own mass, and dilution does too", () => {
  const part = fc.record({
    massG: fc.double({ min: 1, max: 2000, noNaN: true }),
    saltPct: fc.double({ min: 0, max: 20, noNaN: true }),
  });
  fc.assert(
    fc.property(
      fc.array(part, { minLength: 1, maxLength: 6 }),
      fc.double({ min: 0.1, max: 10, noNaN: true }),
      (parts, target) => {
        const { massG, saltG, addG, diluteG, overByG } = saltSum(parts, target);
        expect((saltG + addG) / (massG + addG + diluteG)).toBeCloseTo(target / 100, 9);
        expect(addG > 0 && overByG > 0).toBe(false);
      },
    ),
  );
});
