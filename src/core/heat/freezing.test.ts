import erfc from "@stdlib/math-base-special-erfc";
import fc from "fast-check";
import { Conduction } from "./conduction";
import { freezingMaterial, tabulateEnthalpy } from "./frozenMaterial";
import { gridFor } from "./grid";
import { enthalpyAt } from "./material";
import { simulateHeat, type HeatRun } from "./simulate";

const erf = (value: number) => 1 - erfc(value);
const COD = { water: 81.2, protein: 17.8, fat: 0.7, carbohydrate: 0, ash: 1.2 };
const cod = freezingMaterial(COD, -1.1);

/** Time for the centre to be at or below `toC`, s. */
function centreTime(run: Omit<HeatRun, "sampleEveryS" | "each">, toC: number): number {
  let reachedS = Infinity;
  simulateHeat({
    ...run,
    sampleEveryS: 1e6,
    each: (timeS, body) => {
      if (reachedS === Infinity && body.centreC() <= toC) reachedS = timeS;
    },
  });
  return reachedS;
}

const blast = (hWPerM2K: number, ambientC: number, seconds: number) => {
  const face = { kind: "convection", hWPerM2K, ambientC } as const;
  return [{ seconds, bottom: face, outer: face }];
};

test("enthalpy of cod from -40 °C against Riedel 1956 (in the ASHRAE Handbook; memory, medium): within 30 kJ/kg, 3 % in all", () => {
  const density = 1054;
  const riedel = freezingMaterial(COD, -1);
  const from = (pointC: number) => (enthalpyAt(riedel, pointC) - enthalpyAt(riedel, -40)) / density / 1000;
  for (const [pointC, kiloJoule] of [
    [-20, 42],
    [-10, 74],
    [-5, 105],
    [-3, 137],
    [-2, 177],
    [0, 323],
  ] as const) {
    expect(Math.abs(from(pointC) - kiloJoule)).toBeLessThan(30);
  }
  expect(Math.abs(from(0) / 323 - 1)).toBeLessThan(0.035);
});

test("moving boundary against Neumann's exact solution of 1860 (Carslaw and Jaeger 1959, §11.2): temperature in the ice and the front", () => {
  // ice-like solid that grows into liquid at its freezing point: λ exp(λ²) erf(λ) = c (T_f - T_s) / (L √π)
  const [k, capacity, latent, rangeK] = [2, 2e6, 2.5e8, 0.1];
  const freezingC = -1;
  const material = tabulateEnthalpy(
    {
      conductivityWPerMK: () => k,
      heatCapacityJPerM3K: () => capacity,
      latentJPerM3: (pointC) => latent * Math.min(1, Math.max(0, (freezingC - pointC) / rangeK)),
    },
    freezingC,
  );
  const surfaceC = -21;
  const stefan = (capacity * (freezingC - surfaceC)) / latent;
  let [low, high] = [0, 2];
  for (let iteration = 0; iteration < 80; iteration++) {
    const middle = (low + high) / 2;
    if (Math.sqrt(Math.PI) * middle * Math.exp(middle ** 2) * erf(middle) < stefan) low = middle;
    else high = middle;
  }
  const seconds = 1800;
  const alpha = k / capacity;
  const frontM = 2 * low * Math.sqrt(alpha * seconds);
  const body = new Conduction(gridFor({ kind: "slab", thicknessMm: 120 }, 241, 0), material, freezingC + 1e-3);
  const cold = { kind: "fixed", surfaceC } as const;
  for (let step = 0; step < 1800; step++) body.step(seconds / 1800, cold, { kind: "insulated" });
  const exact = (depthM: number) =>
    surfaceC + ((freezingC - surfaceC) * erf(depthM / (2 * Math.sqrt(alpha * seconds)))) / erf(low);
  for (const [cell, depthM] of body.grid.centreM.entries()) {
    if (depthM < frontM * 0.95) expect(Math.abs(body.temperatureC[cell]! - exact(depthM))).toBeLessThan(0.2);
    if (depthM > frontM * 1.05) expect(body.temperatureC[cell]!).toBeGreaterThan(freezingC - rangeK);
  }
});

test("energy balance to 1e-6 through freezing and thawing again", () => {
  const cold = { kind: "convection", hWPerM2K: 30, ambientC: -35 } as const;
  const warm = { kind: "convection", hWPerM2K: 200, ambientC: 20 } as const;
  const trace = simulateHeat({
    shape: { kind: "slab", thicknessMm: 20 },
    material: cod,
    startC: 5,
    stages: [
      { seconds: 6000, bottom: cold, outer: cold },
      { seconds: 4000, bottom: warm, outer: warm },
    ],
    sampleEveryS: 500,
  });
  expect(Math.min(...trace.centreC)).toBeLessThan(-20);
  expect(trace.centreC.at(-1)!).toBeGreaterThan(5);
  const turnoverJ = 2.5e8 * 0.02;
  expect(Math.abs(trace.heatTakenUpJ - trace.enthalpyGainJ) / turnoverJ).toBeLessThan(1e-6);
});

test.each([
  // Plank 1913, t = ρL/(t_f - t_a) (a/2h + a²/8k): 72 and 427 min (computed); Plank leaves out cooling before and after, so 1.0-1.6 times
  { hWPerM2K: 25, ambientC: -35, plankMin: 72 },
  { hWPerM2K: 8, ambientC: -18, plankMin: 427 },
])(
  "25 mm at $ambientC °C, h $hWPerM2K: centre to -10 °C in 1.0 to 1.6 times Plank's $plankMin min",
  ({ hWPerM2K, ambientC, plankMin }) => {
    const seconds = centreTime(
      {
        shape: { kind: "slab", thicknessMm: 25 },
        material: cod,
        startC: 5,
        stages: blast(hWPerM2K, ambientC, plankMin * 120),
      },
      -10,
    );
    expect(seconds / 60 / plankMin).toBeGreaterThan(1);
    expect(seconds / 60 / plankMin).toBeLessThan(1.6);
  },
);

test("a cylinder freezes in about half, a sphere in about a third of a slab's time (Plank 1913, shape factors 1/2, 1/4, 1/6)", () => {
  const stages = blast(25, -35, 20_000);
  const base = { material: cod, startC: 2, stages };
  const slab = centreTime({ ...base, shape: { kind: "slab", thicknessMm: 30 } }, -18);
  const cylinder = centreTime({ ...base, shape: { kind: "cylinder", diameterMm: 30 } }, -18);
  const sphere = centreTime({ ...base, shape: { kind: "sphere", diameterMm: 30 } }, -18);
  expect(Math.abs(cylinder / slab - 0.5)).toBeLessThan(0.06);
  expect(Math.abs(sphere / slab - 0.333)).toBeLessThan(0.05);
});

test("finer cells and steps change the freezing time by less than a per cent", () => {
  const run = {
    shape: { kind: "slab", thicknessMm: 25 },
    material: cod,
    startC: 5,
    stages: blast(25, -35, 9000),
  } as const;
  const coarse = centreTime(run, -20);
  const fine = centreTime({ ...run, cells: 161 }, -20);
  expect(Math.abs(coarse / fine - 1)).toBeLessThan(0.01);
});

test("colder air never freezes slower, a thicker piece never faster", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 8, max: 40 }),
      fc.integer({ min: 8, max: 40 }),
      fc.integer({ min: -40, max: -22 }),
      (thicknessMm, hWPerM2K, ambientC) => {
        const time = (mm: number, airC: number) =>
          centreTime(
            {
              shape: { kind: "slab", thicknessMm: mm },
              material: cod,
              startC: 4,
              cells: 31,
              stages: blast(hWPerM2K, airC, 90_000),
            },
            -18,
          );
        const plain = time(thicknessMm, ambientC);
        expect(time(thicknessMm, ambientC - 3)).toBeLessThanOrEqual(plain * 1.001);
        expect(time(thicknessMm + 4, ambientC)).toBeGreaterThanOrEqual(plain * 0.999);
      },
    ),
    { seed: 12, numRuns: 6 },
  );
});
