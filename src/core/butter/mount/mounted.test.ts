import fc from "fast-check";
import { ADDITION_KINDS, mountedSauce, USUAL_ADDITIONS, type AdditionKind, type MountedQuestion } from "./mounted";
import { rescuesFor, withMore } from "./rescue";

const add = (kind: AdditionKind, massG: number) => ({ kind, massG, ...USUAL_ADDITIONS[kind] });
const NO_FAT = { fatPct: 0, creamG: 0 };
const sauce = (servedC: number, baseG: number, ...additions: [AdditionKind, number][]): MountedQuestion => ({
  base: { massG: baseG, waterPct: 90, acidPct: 3, alcoholPct: 0, saltPct: 0, ...NO_FAT },
  add: additions.map(([kind, massG]) => add(kind, massG)),
  servedC,
});

test("butter keeps the law: at least 80 % fat and at most 16 % water (Reg. (EU) 1308/2013, Annex VII; memory, high)", () => {
  const { fatPct, waterPct } = USUAL_ADDITIONS.butter;
  expect(fatPct).toBeGreaterThanOrEqual(80);
  expect(fatPct).toBeLessThan(90);
  expect(waterPct).toBeLessThanOrEqual(16);
  // cream for whipping: 30 % and more in the United States, 35 in most of Europe (21 CFR 131; memory, medium)
  expect(USUAL_ADDITIONS.cream.fatPct).toBeGreaterThanOrEqual(35);
});

test("150 g of butter on 47 g of reduced base for four: 49 g a cover, about 1.9 to 1, holds and is sharp (common practice)", () => {
  const base = { massG: 47.3, waterPct: 83.3, acidPct: 7.2, alcoholPct: 0, saltPct: 0, ...NO_FAT };
  const found = mountedSauce({ base, add: [add("butter", 150)], servedC: 52 });
  expect(Math.round(found.massG / 4)).toBe(49);
  expect(Math.abs(found.fatToWater! - 1.9)).toBeLessThan(0.06);
  expect(found.state).toBe("holds");
  expect(found.because.map(({ code }) => code)).toEqual(["butter.holdsBecause", "butter.sharp"]);
});

test("five to one by mass is about 0.85 by volume and still holds (common practice)", () => {
  const found = mountedSauce(sauce(50, 20, ["oil", 90]));
  expect(found.fatToWater).toBe(5);
  expect(found.fatVolumeFraction).toBeCloseTo(0.84, 1);
  expect(found.state).toBe("holds");
});

// where each family holds (McGee 2004 and common practice; memory, medium)
test.each([
  ["butter alone", sauce(55, 50, ["butter", 150]), "holds"],
  ["butter alone", sauce(56, 50, ["butter", 150]), "too-hot"],
  ["with a tenth of cream", sauce(60, 50, ["butter", 150], ["cream", 15]), "holds"],
  ["with less cream", sauce(57, 50, ["butter", 150], ["cream", 14]), "too-hot"],
  ["with egg yolk", sauce(68, 20, ["butter", 120], ["egg-yolk", 40]), "holds"],
  ["with egg yolk", sauce(69, 20, ["butter", 120], ["egg-yolk", 40]), "too-hot"],
  ["with egg yolk", sauce(71, 20, ["butter", 120], ["egg-yolk", 40]), "curdles"],
  ["left to cool", sauce(29, 50, ["butter", 150]), "sets"],
  ["too little base", sauce(50, 0, ["clarified-butter", 100]), "greasy"],
  ["too little butter", sauce(50, 100, ["butter", 100]), "thin"],
] as const)("%s: %#", (_, question, state) => {
  expect(mountedSauce(question).state).toBe(state);
});

test("an egg that has curdled has no way back, a pan too hot has", () => {
  expect(rescuesFor(sauce(75, 20, ["butter", 120], ["egg-yolk", 40]))).toEqual([]);
  expect(rescuesFor(sauce(57, 50, ["butter", 150]))).toMatchObject([{ bringToC: 52 }, { add: "cream", massG: 15 }]);
});

const grams = fc.double({ min: 0, max: 400, noNaN: true });
const anySauce = fc.record({
  base: fc.record({
    massG: fc.double({ min: 1, max: 300, noNaN: true }),
    waterPct: fc.double({ min: 20, max: 95, noNaN: true }),
    acidPct: fc.double({ min: 0, max: 4, noNaN: true }),
    alcoholPct: fc.constant(0),
    saltPct: fc.double({ min: 0, max: 1, noNaN: true }),
    fatPct: fc.constant(0),
    creamG: fc.constant(0),
  }),
  add: fc.array(
    fc.record({ kind: fc.constantFrom(...ADDITION_KINDS), massG: grams }).map(({ kind, massG }) => add(kind, massG)),
    { maxLength: 5 },
  ),
  servedC: fc.double({ min: 5, max: 90, noNaN: true }),
});

test("every gram is accounted for, and every rescue, done and asked again, holds", () => {
  fc.assert(
    fc.property(anySauce, (question) => {
      const found = mountedSauce(question);
      expect(found.massG).toBeCloseTo(question.base.massG + question.add.reduce((sum, { massG }) => sum + massG, 0), 6);
      expect(found.fatG + found.waterG).toBeLessThanOrEqual(found.massG + 1e-9);
      for (const rescue of rescuesFor(question, found)) {
        const done =
          "add" in rescue ? withMore(question, rescue.add, rescue.massG) : { ...question, servedC: rescue.bringToC };
        expect(mountedSauce(done).state).toBe("holds");
      }
    }),
    { numRuns: 300 },
  );
});

test("what is only too fat, too lean or at the wrong heat always has a way out", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 55, noNaN: true }),
      grams,
      fc.double({ min: 1, max: 200, noNaN: true }),
      (servedC, butterG, baseG) => {
        const question = sauce(Math.max(30, servedC), baseG, ["butter", butterG], ["clarified-butter", butterG]);
        if (mountedSauce(question).state !== "holds") expect(rescuesFor(question).length).toBeGreaterThan(0);
      },
    ),
  );
});
