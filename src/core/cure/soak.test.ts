import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { saltDiffusivity } from "./diffusivity";
import { saltTakenUp } from "./soak";

const octopus = findSpecies("octopus")!;
const water = octopus.compositionPct.water / 100;

// exact: a plane sheet early on takes up 2/√π of √(Dt/l²) of what it would hold in the end (Crank, The Mathematics of Diffusion, 1975)
test("a short soak follows the exact early law of a plane sheet", () => {
  const [diameterMm, saltGPerL, pointC, seconds] = [40, 28, 90, 3600];
  const halfM = diameterMm / 4 / 1000;
  const share = (2 / Math.sqrt(Math.PI)) * Math.sqrt((saltDiffusivity(octopus, pointC) * seconds) / halfM ** 2);
  const wanted = share * saltGPerL * water;
  expect(saltTakenUp(octopus, diameterMm, saltGPerL, [{ pointC, seconds }])).toBeCloseTo(wanted, 1);
});

test("it never takes more than the water around it holds, and more time or salt never takes less", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 10, max: 70 }),
      fc.integer({ min: 1, max: 35 }),
      fc.integer({ min: 60, max: 20_000 }),
      (diameterMm, saltGPerL, seconds) => {
        const taken = saltTakenUp(octopus, diameterMm, saltGPerL, [{ pointC: 90, seconds }]);
        const longer = saltTakenUp(octopus, diameterMm, saltGPerL, [
          { pointC: 90, seconds },
          { pointC: 50, seconds: 3600 },
        ]);
        expect(taken).toBeGreaterThan(0);
        expect(longer).toBeGreaterThanOrEqual(taken - 1e-9);
        expect(longer).toBeLessThanOrEqual(saltGPerL * water + 1e-6);
        expect(saltTakenUp(octopus, diameterMm, saltGPerL + 1, [{ pointC: 90, seconds }])).toBeGreaterThan(taken);
      },
    ),
    { seed: 3, numRuns: 60 },
  );
});
