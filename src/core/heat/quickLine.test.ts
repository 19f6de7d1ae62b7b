import { findSpecies } from "@/core/species";
import { Conduction } from "./conduction";
import { bath, cylinderSeries, gainOfHalving, risingBath as rising, slabSeries } from "./exact.testkit";
import type { Face } from "./face";
import { gridFor, scaledGrid, type LineShape } from "./grid";
import { constantMaterial, enthalpyAt, materialOf } from "./material";
import { QuickLine, type LineBody } from "./quickLine";
import { nextStepS } from "./drive";

const flesh = materialOf(findSpecies("arctic-char")!.compositionPct);
const plain = constantMaterial({ conductivityWPerMK: 0.5, densityKgPerM3: 1050, heatCapacityJPerKgK: 3600 });
const DIFFUSIVITY = 0.5 / (1050 * 3600);

function run(line: LineBody, seconds: number, inner: Face, outer: Face, growth = 0.15): LineBody {
  for (let timeS = 0; timeS < seconds - 1e-9;) {
    const stepS = Math.min(nextStepS(timeS, seconds - timeS, growth, 0.4), 12);
    line.step(stepS, inner, outer);
    timeS += stepS;
  }
  return line;
}
const grid = (shape: LineShape, cells = 23) => gridFor(shape, cells, 0.7);

test.each([
  ["slab", { kind: "slab", thicknessMm: 25 }, 480, (bi: number, fo: number) => slabSeries(bi, fo, 0), 0.0125],
  ["cylinder", { kind: "cylinder", diameterMm: 40 }, 500, (bi: number, fo: number) => cylinderSeries(bi, fo, 0), 0.02],
] as const)("%s in a bath agrees with its series to 0.2 °C at the centre", (_, shape, seconds, series, radiusM) => {
  const line = run(new QuickLine(grid(shape), plain, 5), seconds, bath, bath);
  const exactC = 60 + (5 - 60) * series((200 * radiusM) / 0.5, (DIFFUSIVITY * seconds) / radiusM ** 2);
  expect(Math.abs(line.centreC() - exactC)).toBeLessThan(0.2);
});

test.each([
  ["poached", bath, { kind: "convection", hWPerM2K: 15, ambientC: 25 } as Face],
  [
    "drying on hot metal",
    { kind: "drying", hWPerM2K: 250, ambientC: 199, crustM2KPerW: 0, boilingC: 100 } as Face,
    { kind: "convection", hWPerM2K: 15, ambientC: 25 } as Face,
  ],
])("%s: the quick scheme keeps to the careful one through every stage of the start", (_, inner, outer) => {
  for (const thicknessMm of [8, 12, 26, 45]) {
    const [quick, careful] = [
      new QuickLine(grid({ kind: "slab", thicknessMm }), flesh, 8),
      new Conduction(grid({ kind: "slab", thicknessMm }), flesh, 8),
    ];
    for (const seconds of [20, 60, 160]) {
      run(quick, seconds, inner, outer);
      run(careful, seconds, inner, outer);
      expect(Math.abs(quick.centreC() - careful.centreC())).toBeLessThan(0.25);
      expect(Math.abs(quick.temperatureC[0]! - careful.temperatureC[0]!)).toBeLessThan(0.4);
    }
  }
});

test("what passes the faces is what the flesh takes up, to half a per cent", () => {
  const line = new QuickLine(grid({ kind: "slab", thicknessMm: 26 }), flesh, 8);
  const content = () =>
    line.temperatureC.reduce((sum, here, cell) => sum + line.grid.volumeM3[cell]! * enthalpyAt(flesh, here), 0);
  const before = content();
  run(line, 400, bath, bath, 0.05);
  expect(Math.abs(line.heatTakenUpJ / (content() - before) - 1)).toBeLessThan(0.005);
});

test("half the step, a quarter of the error: second order", () => {
  const gain = gainOfHalving((stepS) => {
    const line = new QuickLine(grid({ kind: "slab", thicknessMm: 25 }, 61), plain, 5);
    // an implicit step looks at its end
    for (let timeS = 0; timeS < 480; timeS += stepS) line.step(stepS, rising(timeS + stepS), rising(timeS + stepS));
    return line.centreC();
  });
  expect(gain).toBeGreaterThan(2.8);
});

test("a stuffed tube: a slow filling holds the middle back, one of the same flesh changes nothing", () => {
  const tube = grid({ kind: "cylinder", diameterMm: 40 }, 21);
  const centre = (core: QuickLine["core"]) => run(new QuickLine(tube, plain, 5, core), 600, bath, bath).centreC();
  const slow = constantMaterial({ conductivityWPerMK: 0.25, densityKgPerM3: 1050, heatCapacityJPerKgK: 3600 });
  expect(centre({ material: plain, cells: 12 })).toBeCloseTo(centre(null), 9);
  expect(centre({ material: slow, cells: 12 })).toBeLessThan(centre(null) - 3);
});

test("a grid scaled is the grid of the larger piece", () => {
  for (const kind of ["cylinder", "sphere"] as const) {
    const scaled = scaledGrid(gridFor({ kind, diameterMm: 1 }, 19, 0.7), 35);
    const direct = gridFor({ kind, diameterMm: 35 }, 19, 0.7);
    scaled.volumeM3.forEach((volume, cell) => expect(volume).toBeCloseTo(direct.volumeM3[cell]!, 12));
    scaled.areaM2.forEach((area, face) => expect(area).toBeCloseTo(direct.areaM2[face]!, 12));
  }
});
