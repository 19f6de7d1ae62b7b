import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { planCuts, summariseCuts } from "./cutPlan";
import { planSides, sidesPlanner, type SidesRequest } from "./sidesPlan";
import { startingSide } from "./startingSide";

const char = findSpecies("arctic-char")!;
const base: SidesRequest = {
  sides: [startingSide(char, 900)],
  portionG: 160,
  toleranceG: 12,
  minPieceMm: 25,
  covers: null,
  preference: "even",
  leanDeg: 0,
  tails: "as-cut",
  trimUse: "cakes",
};

test("a planner that remembers says what one that does not would, however the sides and the wish change", () => {
  const step = fc.record({
    massesG: fc.array(fc.integer({ min: 500, max: 1400 }), { minLength: 1, maxLength: 3 }),
    portionG: fc.constantFrom(120, 160, 180),
    covers: fc.constantFrom(null, 3, 7),
    preference: fc.constantFrom("even" as const, "centre" as const),
    tails: fc.constantFrom("as-cut" as const, "fold" as const, "pair" as const),
  });
  fc.assert(
    fc.property(fc.array(step, { minLength: 2, maxLength: 5 }), (steps) => {
      const remembering = sidesPlanner();
      const sides = new Map<number, SidesRequest["sides"][number]>();
      for (const { massesG, ...wish } of steps) {
        // an unchanged side is the same object, as the bench keeps it
        const same = massesG.map((massG) => {
          if (!sides.has(massG)) sides.set(massG, startingSide(char, massG));
          return sides.get(massG)!;
        });
        const request = { ...base, ...wish, sides: same };
        expect(remembering(request)).toEqual(planSides(request));
      }
    }),
    { seed: 12, numRuns: 25 },
  );
});

test("no gram is lost between the side and its pieces, and no portion is outside what was allowed", () => {
  fc.assert(
    fc.property(fc.integer({ min: 400, max: 1500 }), fc.integer({ min: 90, max: 220 }), (massG, portionG) => {
      const plan = planSides({ ...base, sides: [startingSide(char, massG)], portionG });
      const cutG = plan.pieces.reduce((sum, piece) => sum + piece.massG, 0);
      expect(cutG).toBeCloseTo(massG, 3);
      for (const piece of plan.pieces)
        if (piece.role === "portion") expect(Math.abs(piece.massG - portionG)).toBeLessThanOrEqual(12 + 0.5);
    }),
    { seed: 9, numRuns: 60 },
  );
});

test("portions in one line: their mean, thinnest and thickest; nothing of trim, null of nothing", () => {
  const plan = planCuts({ side: startingSide(char, 900), portionG: 160, toleranceG: 12, minPieceMm: 25 });
  const portions = plan.pieces.filter(({ role }) => role === "portion");
  const said = summariseCuts(plan)!;
  expect(said.meanG).toBeCloseTo(portions.reduce((sum, { massG }) => sum + massG, 0) / portions.length, 9);
  expect(said.thinnestMm).toBe(Math.min(...portions.map(({ maxThicknessMm }) => maxThicknessMm)));
  expect(said.thickestMm).toBe(Math.max(...portions.map(({ maxThicknessMm }) => maxThicknessMm)));
  expect(summariseCuts({ pieces: plan.pieces.filter(({ role }) => role === "trim") })).toBeNull();
});
