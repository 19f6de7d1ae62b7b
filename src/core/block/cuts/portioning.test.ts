import fc from "fast-check";
import { cutShape } from "./shape";
import { equalPortions, greedyPortions, variedPortions, type Span, type Wanted } from "./portioning";
import type { Side } from "./side";

/** A side that is thick at one end: three stations, straight between. */
const side: fc.Arbitrary<Side> = fc
  .record({
    lengthMm: fc.integer({ min: 150, max: 600 }),
    massG: fc.integer({ min: 300, max: 3000 }),
    head: fc.integer({ min: 15, max: 60 }),
    middle: fc.integer({ min: 12, max: 55 }),
    tail: fc.integer({ min: 4, max: 20 }),
    widthMm: fc.integer({ min: 60, max: 200 }),
  })
  .map(({ lengthMm, massG, head, middle, tail, widthMm }) => ({
    lengthMm,
    massG,
    profile: [
      { atMm: 0, thicknessMm: head, widthMm },
      { atMm: lengthMm / 2, thicknessMm: middle, widthMm },
      { atMm: lengthMm, thicknessMm: tail, widthMm: widthMm / 2 },
    ],
  }));
const wanted: fc.Arbitrary<Wanted> = fc
  .record({
    portionG: fc.integer({ min: 80, max: 260 }),
    share: fc.integer({ min: 2, max: 12 }),
    minPieceMm: fc.constantFrom(0, 10, 25),
  })
  .map(({ portionG, share, minPieceMm }) => ({
    portionG,
    lowG: portionG * (1 - share / 100),
    highG: portionG * (1 + share / 100),
    minPieceMm,
  }));

/** What holds for any cutting: in order, on the side, apart, each as heavy and as long as was asked. */
function lawful(portions: readonly Span[], of: Side, { lowG, highG, minPieceMm }: Wanted, slackG = 0.5): void {
  const shape = cutShape(of, 0);
  let lastMm = 0;
  for (const { fromMm, toMm } of portions) {
    expect(fromMm).toBeGreaterThanOrEqual(lastMm - 1e-6);
    expect(toMm).toBeLessThanOrEqual(of.lengthMm + 1e-6);
    expect(toMm - fromMm).toBeGreaterThanOrEqual(minPieceMm - 1e-6);
    const massG = shape.massUpToG(toMm) - shape.massUpToG(fromMm);
    expect(massG).toBeGreaterThanOrEqual(lowG - slackG);
    expect(massG).toBeLessThanOrEqual(highG + slackG);
    lastMm = toMm;
  }
}

/** The most portions there can be, tried on every cut of a fine grid: earliest end first is optimal, this one tries all. */
function most(of: Side, { lowG, highG, minPieceMm }: Wanted): number {
  const STEPS = 400;
  const shape = cutShape(of, 0);
  const places = Array.from({ length: STEPS + 1 }, (_, at) => (at / STEPS) * of.lengthMm);
  const masses = places.map((mm) => shape.massUpToG(mm));
  const best = new Array<number>(STEPS + 1).fill(0);
  for (let to = 1; to <= STEPS; to++) {
    best[to] = best[to - 1]!;
    for (let from = to - 1; from >= 0; from--) {
      const massG = masses[to]! - masses[from]!;
      if (massG > highG) break;
      if (massG >= lowG && places[to]! - places[from]! >= minPieceMm) best[to] = Math.max(best[to]!, best[from]! + 1);
    }
  }
  return best[STEPS]!;
}

test("as many portions as there can be: never fewer than every cut of a grid finds", () => {
  fc.assert(
    fc.property(side, wanted, (of, want) => {
      const portions = greedyPortions(cutShape(of, 0), want);
      lawful(portions, of, want, 1e-3);
      expect(portions.length).toBeGreaterThanOrEqual(most(of, want));
    }),
    { numRuns: 60 },
  );
});

test("portions of one weight are of one weight, and the trim is what is left", () => {
  fc.assert(
    fc.property(side, wanted, fc.constantFrom("even" as const, "centre" as const), (of, want, preference) => {
      const count = Math.floor(of.massG / want.portionG);
      fc.pre(count > 0 && count < 20);
      const shape = cutShape(of, 0);
      const portions = equalPortions(shape, want, count, preference);
      if (portions === null) return;
      expect(portions).toHaveLength(count);
      for (const { fromMm, toMm } of portions)
        expect(shape.massUpToG(toMm) - shape.massUpToG(fromMm)).toBeCloseTo(want.portionG, 0);
      lawful(portions, of, { ...want, lowG: want.portionG - 0.5, highG: want.portionG + 0.5 });
    }),
    { numRuns: 60 },
  );
});

test("portions from the middle are on the whole thicker than even ones", () => {
  const of: Side = {
    lengthMm: 400,
    massG: 1200,
    profile: [
      { atMm: 0, thicknessMm: 24, widthMm: 120 },
      { atMm: 150, thicknessMm: 36, widthMm: 130 },
      { atMm: 400, thicknessMm: 8, widthMm: 60 },
    ],
  };
  const shape = cutShape(of, 0);
  const want = { portionG: 160, lowG: 152, highG: 168, minPieceMm: 0 };
  const meanMm = (preference: "even" | "centre") => {
    const portions = equalPortions(shape, want, 5, preference)!;
    return portions.reduce((sum, { fromMm, toMm }) => sum + shape.thicknessBetween(fromMm, toMm).meanMm, 0) / 5;
  };
  expect(meanMm("centre")).toBeGreaterThanOrEqual(meanMm("even"));
});

test("portions of unlike weights lie within the tolerance, as many as were asked for or none", () => {
  fc.assert(
    fc.property(side, wanted, (of, want) => {
      const count = Math.floor(of.massG / want.highG);
      fc.pre(count > 0 && count < 16);
      const portions = variedPortions(cutShape(of, 0), want, count);
      if (portions === null) return;
      expect(portions).toHaveLength(count);
      lawful(portions, of, want, 0.5);
    }),
    { numRuns: 30 },
  );
});
