import fc from "fast-check";
import type { Part } from "./anatomy";
import { compareYields, spreadOf, type WeighedPart } from "./yieldRecord";

const fillet: Part = {
  id: "fillets",
  label: "Fillets",
  pct: [42, 46, 50],
  use: "portions",
  form: "fillet",
  source: "common practice",
};
const fish = (...pcts: readonly number[]): WeighedPart[] =>
  pcts.map((pct) => ({ partId: "fillets", massG: pct * 40, wholeG: 4000 }));
const of = (...pcts: readonly number[]) => compareYields([fillet], fish(...pcts))[0]!;

test("one fish moves the house's figure a little, ten of them make it nearly the house's own", () => {
  const [one, ten] = [of(40), of(...Array.from({ length: 10 }, (_, at) => 40 + (at % 3) / 2))];
  expect(one.housePct).toBeLessThan(46);
  expect(one.housePct).toBeGreaterThan(42.9);
  expect(Math.abs(ten.housePct - ten.meanPct)).toBeLessThan(0.3);
});

test("the house's figure lies between the general one and its own, and is surer than either knew alone", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 30, max: 60 }), { minLength: 1, maxLength: 12 }), (pcts) => {
      const { housePct, meanPct, houseSpreadPct } = of(...pcts);
      expect(housePct).toBeGreaterThanOrEqual(Math.min(46, meanPct) - 1e-9);
      expect(housePct).toBeLessThanOrEqual(Math.max(46, meanPct) + 1e-9);
      expect(houseSpreadPct).toBeGreaterThan(0);
    }),
  );
});

test("the joined figure is the normal prior met by normal data, worked by hand", () => {
  // spread of the general figure (50 - 42) / 4 = 2; of three fish the same is taken: weights 1/4 and 3/4
  const { housePct, houseSpreadPct } = of(40, 41, 42);
  expect(spreadOf(fillet)).toBe(2);
  expect(housePct).toBeCloseTo((46 + 3 * 41) / 4, 9);
  expect(houseSpreadPct).toBeCloseTo(Math.sqrt(1 + 4), 9);
});

test("the mean is by weight: a big fish counts as what it is", () => {
  const rows = [
    { partId: "fillets", massG: 400, wholeG: 1000 },
    { partId: "fillets", massG: 4500, wholeG: 9000 },
  ];
  expect(compareYields([fillet], rows)[0]!.meanPct).toBeCloseTo(49, 9);
});

test.each([
  [[39], "low"],
  [[46], "as expected"],
  [[55], "high"],
] as const)("%j per cent is %s", (pcts, verdict) => {
  expect(of(...pcts).verdict).toBe(verdict);
});

test("a part without a general figure has none, one that was never weighed has no row, and a whole of nothing counts for nothing", () => {
  expect(compareYields([], fish(40))[0]).toMatchObject({ verdict: "no figure", expectedPct: null, housePct: 40 });
  expect(compareYields([fillet], [])).toEqual([]);
  expect(compareYields([fillet], [{ partId: "fillets", massG: 10, wholeG: 0 }])).toEqual([]);
});
