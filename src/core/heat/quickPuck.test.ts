import { findSpecies } from "@/core/species";
import { bath, gainOfHalving, risingBath } from "./exact.testkit";
import type { Face } from "./face";
import { constantMaterial, materialOf } from "./material";
import { PuckConduction, type PuckFaces } from "./puck";
import { QuickPuck } from "./quickPuck";

const flesh = materialOf(findSpecies("king-scallop")!.compositionPct);
const plain = constantMaterial({ conductivityWPerMK: 0.5, densityKgPerM3: 1050, heatCapacityJPerKgK: 3600 });
const air: Face = { kind: "convection", hWPerM2K: 15, ambientC: 25 };
const metal: Face = { kind: "drying", hWPerM2K: 250, ambientC: 199, crustM2KPerW: 0, boilingC: 100 };

test.each<[string, PuckFaces]>([
  ["in a bath, its top bare", { bottom: bath, top: { kind: "insulated" }, side: bath }],
  ["drying on hot metal", { bottom: metal, top: air, side: air }],
])("%s: the quick short cylinder keeps to the careful one, and its faces report their mean heat", (_, faces) => {
  const quick = new QuickPuck(40, 25, flesh, 8, 7, 17);
  const careful = new PuckConduction(40, 25, flesh, 8, 7, 17);
  for (let step = 0; step < 150; step++) {
    quick.step(2, faces);
    careful.step(2, faces);
    // from one layer to the next it falls by up to 15 K on the metal: half a degree is a thirtieth of that
    if (step % 25 === 24)
      quick.temperatureC.forEach((here, cell) =>
        expect(Math.abs(here - careful.temperatureC[cell]!)).toBeLessThan(0.6),
      );
  }
  expect(Math.abs(quick.centreC() - careful.centreC())).toBeLessThan(0.3);
  expect(Math.abs(quick.heatTakenUpJ / careful.heatTakenUpJ - 1)).toBeLessThan(0.02);
  expect(quick.top.fluxWPerM2).toBeCloseTo(careful.top.fluxWPerM2, -1);
  expect(Math.abs(quick.bottom.excessWPerM2 - careful.bottom.excessWPerM2)).toBeLessThan(
    0.05 * Math.abs(careful.bottom.fluxWPerM2) + 1,
  );
  expect(quick.bottom.surfaceC).toBeGreaterThan(quick.centreC());
});

test("half the step, a quarter of the error: second order", () => {
  const gain = gainOfHalving((stepS) => {
    const puck = new QuickPuck(40, 25, plain, 5, 9, 17);
    for (let timeS = 0; timeS < 480; timeS += stepS) {
      // one of two halves looks at what holds throughout it
      const face = risingBath(timeS + stepS / 2);
      puck.step(stepS, { bottom: face, top: face, side: face });
    }
    return puck.centreC();
  });
  expect(gain).toBeGreaterThan(2.8);
});
