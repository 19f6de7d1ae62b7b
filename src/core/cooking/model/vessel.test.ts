import fc from "fast-check";
import { PANS, STATION } from "./station";
import { bathVessel, fryerVessel, panVessel, potVessel, vesselAfter, type Vessel, type VesselHeat } from "./vessel";

const steel = panVessel(PANS[0], 200);

function after(vessel: Vessel, fromC: number, heat: VesselHeat, seconds: number, fishW = 0, stepS = 1): number {
  let nowC = fromC;
  for (let timeS = 0; timeS < seconds; timeS += stepS) nowC = vesselAfter(vessel, nowC, heat, fishW, 0, stepS);
  return nowC;
}

test("off the flame it falls to the kitchen by Newton's law of cooling (exact exponential)", () => {
  const { heatCapacityJPerK, lossWPerK } = steel;
  for (const seconds of [60, 300, 900]) {
    const exactC = STATION.kitchenC + 175 * Math.exp((-seconds * lossWPerK) / heatCapacityJPerK);
    expect(after(steel, 200, { by: "nobody" }, seconds)).toBeCloseTo(exactC, 0);
  }
});

test("on the flame it holds what the cook set, and is brought back to it from below", () => {
  expect(after(steel, 200, { by: "burner" }, 600)).toBeCloseTo(200, 3);
  const back = after(steel, 120, { by: "burner" }, 240);
  expect(back).toBeGreaterThan(199);
  expect(back).toBeLessThanOrEqual(200 + 1e-9);
});

test("full flame: no faster than its power over its heat capacity", () => {
  const heated = after(steel, 25, { by: "burner" }, 10);
  expect(heated - 25).toBeLessThanOrEqual((10 * STATION.burnerToPanW) / steel.heatCapacityJPerK + 1e-9);
});

test("fish that takes more than the flame has pulls it down until flame less loss is what the fish takes", () => {
  const fishW = 2000;
  const settledC = after(steel, 200, { by: "burner" }, 3600, fishW);
  expect(settledC).toBeCloseTo(STATION.kitchenC + (STATION.burnerToPanW - fishW) / steel.lossWPerK, 1);
});

test("in the oven a pan comes to the air", () => {
  expect(after(steel, 230, { by: "oven", airC: 180, filmWPerM2K: 25 }, 7200)).toBeCloseTo(180, 0);
});

test("a litre of water holds 4180 J/K, a litre of frying oil less than half of it", () => {
  expect(potVessel(3, 90).heatCapacityJPerK).toBeCloseTo(3 * 4180, 6);
  expect(bathVessel(10, 55).heatCapacityJPerK).toBeCloseTo(10 * 4180, 6);
  expect(fryerVessel(1, 180).heatCapacityJPerK).toBeLessThan(4180 / 2);
});

test("more fish, a longer wait or a colder start never leave a vessel warmer; no step swings it past the kitchen", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 60, max: 260, noNaN: true }),
      fc.double({ min: 0, max: 4000, noNaN: true }),
      fc.double({ min: 0.2, max: 60, noNaN: true }),
      (fromC, fishW, stepS) => {
        const next = (c: number, w: number) => vesselAfter(steel, c, { by: "nobody" }, w, 0, stepS);
        expect(next(fromC, fishW + 200)).toBeLessThan(next(fromC, fishW));
        expect(next(fromC - 10, fishW)).toBeLessThan(next(fromC, fishW));
        expect(next(fromC, 0)).toBeGreaterThan(STATION.kitchenC);
        expect(next(fromC, 0)).toBeLessThan(fromC);
      },
    ),
    { seed: 3, numRuns: 200 },
  );
});
