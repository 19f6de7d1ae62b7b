import { cylinderSeries, slabSeries } from "./exact.testkit";
import type { Face } from "./face";
import { freezingMaterial } from "./frozenMaterial";
import { constantMaterial, materialOf } from "./material";
import { simulateHeat } from "./simulate";
import { simulatePuck, type PuckRun } from "./simulatePuck";

const FLESH = { conductivityWPerMK: 0.5, densityKgPerM3: 1050, heatCapacityJPerKgK: 3600 };
const ALPHA = 0.5 / (1050 * 3600);
const SCALLOP = { water: 77, protein: 17, fat: 1, carbohydrate: 3, ash: 2 };
const convection = (hWPerM2K: number, ambientC: number): Face => ({ kind: "convection", hWPerM2K, ambientC });
const run = (part: Partial<PuckRun> & Pick<PuckRun, "stages">) =>
  simulatePuck({
    diameterMm: 40,
    heightMm: 28,
    material: constantMaterial(FLESH),
    startC: 6,
    sampleEveryS: 60,
    ...part,
  });
const all = (face: Face, seconds: number) => [{ seconds, bottom: face, top: face, side: face }];

test.each([
  { h: 200, seconds: [60, 180, 420, 900] },
  { h: 1500, seconds: [60, 180, 420] },
])(
  "product of slab and cylinder series at the centre, h $h (Carslaw and Jaeger 1959, §1.15): within 0.1 K",
  ({ h, seconds }) => {
    const trace = run({ stages: all(convection(h, 60), 900) });
    for (const atS of seconds) {
      const slab = slabSeries((h * 0.014) / 0.5, (ALPHA * atS) / 0.014 ** 2, 0);
      const cylinder = cylinderSeries((h * 0.02) / 0.5, (ALPHA * atS) / 0.02 ** 2, 0);
      const expected = 60 - 54 * slab * cylinder;
      const at = trace.timesS.indexOf(atS);
      expect(Math.abs(trace.centreC[at]! - expected)).toBeLessThan(0.1);
    }
  },
);

test("surfaces by the product solution after five minutes: within 0.2 K", () => {
  const trace = run({ stages: all(convection(200, 60), 300) });
  const fourier = (size: number) => (ALPHA * 300) / size ** 2;
  const slab = (position: number) => slabSeries((200 * 0.014) / 0.5, fourier(0.014), position);
  const cylinder = (position: number) => cylinderSeries((200 * 0.02) / 0.5, fourier(0.02), position);
  expect(Math.abs(trace.bottomC.at(-1)! - (60 - 54 * slab(1) * cylinder(0)))).toBeLessThan(0.2);
  expect(Math.abs(trace.sideC.at(-1)! - (60 - 54 * slab(0) * cylinder(1)))).toBeLessThan(0.2);
  expect(trace.coldestC.at(-1)!).toBeCloseTo(trace.centreC.at(-1)!, 1);
});

test("side insulated it is a slab, ends insulated a long cylinder", () => {
  const face = convection(300, 80);
  const none: Face = { kind: "insulated" };
  const slab = simulateHeat({
    shape: { kind: "slab", thicknessMm: 28 },
    material: constantMaterial(FLESH),
    startC: 6,
    stages: [{ seconds: 300, bottom: face, outer: convection(15, 22) }],
    sampleEveryS: 300,
  });
  const asSlab = run({ stages: [{ seconds: 300, bottom: face, top: convection(15, 22), side: none }] });
  expect(Math.abs(asSlab.centreC.at(-1)! - slab.centreC.at(-1)!)).toBeLessThan(0.1);
  const cylinder = simulateHeat({
    shape: { kind: "cylinder", diameterMm: 40 },
    material: constantMaterial(FLESH),
    startC: 6,
    stages: [{ seconds: 300, bottom: none, outer: face }],
    sampleEveryS: 300,
  });
  const asCylinder = run({ stages: [{ seconds: 300, bottom: none, top: none, side: face }] });
  expect(Math.abs(asCylinder.centreC.at(-1)! - cylinder.centreC.at(-1)!)).toBeLessThan(0.1);
});

test("energy: what the faces gave is in the puck, with changing properties, unlike faces and a change of stage", () => {
  const trace = run({
    material: materialOf(SCALLOP),
    stages: [
      { seconds: 90, bottom: convection(300, 200), top: convection(15, 22), side: convection(20, 60) },
      { seconds: 120, bottom: convection(15, 22), top: convection(15, 22), side: convection(15, 22) },
    ],
  });
  expect(Math.abs(trace.heatTakenUpJ / trace.enthalpyGainJ - 1)).toBeLessThan(1e-4);
});

test("second order: halving the steps quarters the error or better; unlike faces leave no bias of the splitting", () => {
  const stages = [{ seconds: 120, bottom: convection(300, 200), top: convection(15, 22), side: convection(40, 90) }];
  const centre = (stepGrowth: number) => run({ stages, stepGrowth }).centreC.at(-1)!;
  const finest = centre(0.008);
  expect(Math.abs(centre(0.03) - finest)).toBeLessThan(0.02);
});

test("frozen and thawed again: energy kept through the ice, thawing slower than the same heat without", () => {
  const frozen = freezingMaterial(SCALLOP, -1.2);
  const thaw = run({ material: frozen, startC: -18, stages: all(convection(15, 20), 1500), sampleEveryS: 600 });
  expect(Math.abs(thaw.heatTakenUpJ / thaw.enthalpyGainJ - 1)).toBeLessThan(1e-3);
  const plain = run({
    material: materialOf(SCALLOP),
    startC: -1,
    stages: all(convection(15, 20), 1500),
    sampleEveryS: 600,
  });
  expect(thaw.centreC.at(-1)!).toBeLessThan(plain.centreC.at(-1)!);
});
