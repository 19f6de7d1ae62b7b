import { Solver } from "odex";
import fc from "fast-check";
import { Conduction } from "./conduction";
import { slabSeries, suddenContact } from "./exact.testkit";
import { STEFAN_BOLTZMANN, type Face } from "./face";
import { gridFor } from "./grid";
import { constantMaterial, materialOf, enthalpyAt } from "./material";
import { simulateHeat, type HeatRun } from "./simulate";

const FLESH = { conductivityWPerMK: 0.5, densityKgPerM3: 1050, heatCapacityJPerKgK: 3600 };
const ALPHA = FLESH.conductivityWPerMK / (FLESH.densityKgPerM3 * FLESH.heatCapacityJPerKgK);
const CHAR = { water: 69.8, protein: 20, fat: 9, carbohydrate: 0, ash: 1.3 };

const run = (part: Partial<HeatRun> & Pick<HeatRun, "stages">) =>
  simulateHeat({
    shape: { kind: "slab", thicknessMm: 30 },
    material: constantMaterial(FLESH),
    startC: 5,
    sampleEveryS: 60,
    ...part,
  });
const both = (face: Face, seconds: number) => [{ seconds, bottom: face, outer: face }];

describe("slab with convection against the series solution (Carslaw and Jaeger 1959)", () => {
  test.each([
    { hWPerM2K: 25, ambientC: 180 },
    { hWPerM2K: 200, ambientC: 60 },
    { hWPerM2K: 1500, ambientC: 100 },
  ])("h $hWPerM2K, medium $ambientC °C", ({ hWPerM2K, ambientC }) => {
    const trace = run({ stages: both({ kind: "convection", hWPerM2K, ambientC }, 900) });
    const biot = (hWPerM2K * 0.015) / FLESH.conductivityWPerMK;
    for (const [index, timeS] of trace.timesS.entries()) {
      if (timeS === 0) continue;
      const fourier = (ALPHA * timeS) / 0.015 ** 2;
      const exact = (position: number) => ambientC + (5 - ambientC) * slabSeries(biot, fourier, position);
      expect(Math.abs(trace.centreC[index]! - exact(0))).toBeLessThan(0.05);
      expect(Math.abs(trace.outerSurfaceC[index]! - exact(1))).toBeLessThan(0.05);
      expect(Math.abs(trace.innerSurfaceC[index]! - exact(1))).toBeLessThan(0.05);
    }
  });
});

test("sudden contact against the error function (Carslaw and Jaeger 1959, §2.4)", () => {
  const body = new Conduction(gridFor({ kind: "slab", thicknessMm: 40 }, 81), constantMaterial(FLESH), 5);
  const hot: Face = { kind: "fixed", surfaceC: 80 };
  for (let step = 0; step < 400; step++) body.step(0.05, hot, { kind: "insulated" });
  for (const [cell, depthM] of body.grid.centreM.entries()) {
    if (depthM > 0.012) break;
    const exact = 80 - 75 * suddenContact(depthM, ALPHA, 20);
    expect(Math.abs(body.temperatureC[cell]! - exact)).toBeLessThan(0.1);
  }
});

test("second-order convergence: halving cells and steps quarters the error", () => {
  const errorWith = (cells: number, stepS: number) => {
    const body = new Conduction(gridFor({ kind: "slab", thicknessMm: 30 }, cells), constantMaterial(FLESH), 5, 1e-11);
    const face: Face = { kind: "convection", hWPerM2K: 200, ambientC: 60 };
    for (let timeS = 0; timeS < 300 - 1e-9; timeS += stepS) body.step(stepS, face, face);
    const exact = 60 - 55 * slabSeries((200 * 0.015) / 0.5, (ALPHA * 300) / 0.015 ** 2, 0);
    return Math.abs(body.centreC() - exact);
  };
  const coarse = errorWith(21, 6);
  const fine = errorWith(43, 3);
  const finest = errorWith(87, 1.5);
  expect(Math.log2(coarse / fine)).toBeGreaterThan(1.8);
  expect(Math.log2(fine / finest)).toBeGreaterThan(1.8);
});

test("energy balance to 1e-6 with temperature-dependent properties and every kind of face", () => {
  const trace = run({
    material: materialOf(CHAR),
    stages: [
      {
        seconds: 120,
        bottom: { kind: "fixed", surfaceC: 95 },
        outer: { kind: "convection", hWPerM2K: 15, ambientC: 20 },
      },
      {
        seconds: 60,
        bottom: { kind: "insulated" },
        outer: { kind: "radiation", emissivity: 0.9, sourceC: 600, hWPerM2K: 15, ambientC: 200 },
      },
      {
        seconds: 60,
        bottom: { kind: "drying", hWPerM2K: 250, ambientC: 200, crustM2KPerW: 0.002, boilingC: 100 },
        outer: { kind: "insulated" },
      },
    ],
  });
  expect(Math.abs(trace.heatTakenUpJ - trace.enthalpyGainJ) / trace.enthalpyGainJ).toBeLessThan(1e-6);
});

test("the same equations solved by odex (extrapolation method of Hairer, Nørsett and Wanner) give the same temperatures", () => {
  const grid = gridFor({ kind: "slab", thicknessMm: 20 }, 15, 0);
  const { conductivityWPerMK: k } = FLESH;
  const widthM = 0.02 / grid.cells;
  const capacity = FLESH.densityKgPerM3 * FLESH.heatCapacityJPerKgK * widthM;
  const sourceK4 = 873.15 ** 4;
  const radiative = (cellC: number) => {
    let [low, high] = [cellC, 600];
    const conductance = (2 * k) / widthM;
    for (let iteration = 0; iteration < 60; iteration++) {
      const middle = (low + high) / 2;
      const incoming = 0.9 * STEFAN_BOLTZMANN * (sourceK4 - (middle + 273.15) ** 4) + 15 * (200 - middle);
      if (incoming > conductance * (middle - cellC)) low = middle;
      else high = middle;
    }
    return conductance * (low - cellC);
  };
  const derivative = (_: number, y: number[]) => {
    const n = y.length;
    return y.map((here, cell) => {
      const below = cell > 0 ? (k / widthM) * (y[cell - 1]! - here) : (60 - here) / (1 / 300 + widthM / (2 * k));
      const above = cell < n - 1 ? (k / widthM) * (y[cell + 1]! - here) : radiative(here);
      return (below + above) / capacity;
    });
  };
  const reference = new Solver(grid.cells).solve(derivative, 0, new Array<number>(grid.cells).fill(8), 90).y;
  const body = new Conduction(grid, constantMaterial(FLESH), 8);
  const bottom: Face = { kind: "convection", hWPerM2K: 300, ambientC: 60 };
  const top: Face = { kind: "radiation", emissivity: 0.9, sourceC: 600, hWPerM2K: 15, ambientC: 200 };
  for (let step = 0; step < 900; step++) body.step(0.1, bottom, top);
  reference.forEach((expected, cell) => expect(Math.abs(body.temperatureC[cell]! - expected)).toBeLessThan(0.02));
});

test("sphere and long cylinder with a fixed surface against their series (Crank 1975, ch. 5 and 6)", () => {
  const stages = both({ kind: "fixed", surfaceC: 60 }, 240);
  const fourier = (ALPHA * 240) / 0.0125 ** 2;
  const sphere = run({ shape: { kind: "sphere", diameterMm: 25 }, stages }).centreC.at(-1)!;
  let series = 0;
  for (let n = 1; n < 60; n++) series += 2 * (-1) ** (n + 1) * Math.exp(-((n * Math.PI) ** 2) * fourier);
  expect(Math.abs(sphere - (60 - 55 * series))).toBeLessThan(0.05);
  // roots of J0 and J1 there, Abramowitz and Stegun 1964, table 9.5 (memory)
  const roots = [2.404825558, 5.52007811, 8.653727913];
  const slopes = [0.5191474973, -0.3402648065, 0.2714522999];
  const cylinderSeries = roots.reduce(
    (sum, root, i) => sum + (2 * Math.exp(-root * root * fourier)) / (root * slopes[i]!),
    0,
  );
  const cylinder = run({ shape: { kind: "cylinder", diameterMm: 25 }, stages }).centreC.at(-1)!;
  expect(Math.abs(cylinder - (60 - 55 * cylinderSeries))).toBeLessThan(0.05);
});

describe("worked handbook cases (computed from the slab series, 25 mm, k 0.5, α 1.38e-7)", () => {
  const material = constantMaterial({
    conductivityWPerMK: 0.5,
    densityKgPerM3: 1000,
    heatCapacityJPerKgK: 0.5 / 1.38e-4,
  });
  const minutesTo = (
    hWPerM2K: number,
    ambientC: number,
    startC: number,
    targetC: number,
    thicknessMm: number,
    minutesOrLess: number,
  ) => {
    const stages = both({ kind: "convection", hWPerM2K, ambientC }, Math.ceil(minutesOrLess * 72));
    const { centreC, timesS } = run({
      shape: { kind: "slab", thicknessMm },
      material,
      startC,
      stages,
      sampleEveryS: minutesOrLess / 5,
    });
    const passed = centreC.findIndex((value) => (targetC > startC ? value >= targetC : value <= targetC));
    const [before, after] = [centreC[passed - 1]!, centreC[passed]!];
    const part = (targetC - before) / (after - before);
    return (timesS[passed - 1]! + part * (timesS[passed]! - timesS[passed - 1]!)) / 60;
  };
  test.each([
    { h: 300, medium: 55, start: 5, target: 50, thick: 25, minutes: 24.8 },
    { h: 300, medium: 60, start: 5, target: 50, thick: 25, minutes: 18.9 },
    { h: 800, medium: 80, start: 5, target: 50, thick: 25, minutes: 9.7 },
    { h: 1500, medium: 100, start: 5, target: 45, thick: 25, minutes: 6.3 },
    { h: 400, medium: 0.5, start: 60, target: 21, thick: 40, minutes: 28.8 },
    { h: 10, medium: 2, start: 60, target: 21, thick: 40, minutes: 161 },
  ])(
    "$thick mm in $medium °C at h $h reaches $target °C in $minutes min",
    ({ h, medium, start, target, thick, minutes }) => {
      expect(Math.abs(minutesTo(h, medium, start, target, thick, minutes) / minutes - 1)).toBeLessThan(0.03);
    },
  );
});

describe("laws", () => {
  const centreAfter = (thicknessMm: number, hWPerM2K: number, ambientC: number, seconds: number) =>
    run({
      shape: { kind: "slab", thicknessMm },
      material: materialOf(CHAR),
      stages: both({ kind: "convection", hWPerM2K, ambientC }, seconds),
      sampleEveryS: seconds,
    }).centreC.at(-1)!;
  const inputs = [
    fc.double({ min: 8, max: 60, noNaN: true }),
    fc.double({ min: 10, max: 1000, noNaN: true }),
    fc.double({ min: 40, max: 110, noNaN: true }),
    fc.integer({ min: 30, max: 1200 }),
    fc.double({ min: 0.5, max: 20, noNaN: true }),
  ] as const;
  test("thicker never cooks faster, a hotter medium never gives a colder centre", () => {
    fc.assert(
      fc.property(...inputs, (thicknessMm, h, ambientC, seconds, more) => {
        const plain = centreAfter(thicknessMm, h, ambientC, seconds);
        expect(centreAfter(thicknessMm + more, h, ambientC, seconds)).toBeLessThanOrEqual(plain + 0.01);
        expect(centreAfter(thicknessMm, h, ambientC + more, seconds)).toBeGreaterThanOrEqual(plain - 0.01);
      }),
      { numRuns: 40, seed: 11 },
    );
  });
});

test("enthalpy is the integral of the heat capacity, also past the end of the table", () => {
  const material = constantMaterial(FLESH);
  const perK = FLESH.densityKgPerM3 * FLESH.heatCapacityJPerKgK;
  expect(enthalpyAt(material, 400) - enthalpyAt(material, -60)).toBeCloseTo(460 * perK, 0);
});
