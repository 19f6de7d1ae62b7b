import { evaporationKgPerM2S, saturationPa, wetBulbC } from "./vapour";

test.each([
  // steam tables (memory, high)
  [0, 611],
  [20, 2339],
  [40, 7384],
  [60, 19946],
  [100, 101325],
])("water boils at %s °C under %s Pa", (pointC, pressurePa) => {
  expect(Math.abs(saturationPa(pointC) / pressurePa - 1)).toBeLessThan(pointC > 50 ? 0.04 : 0.005);
});

test.each([
  // psychrometric chart at sea level (memory, high)
  [20, 0.5, 13.8],
  [25, 0.6, 19.5],
  [30, 0.4, 20.1],
  [3, 0.8, 1.6],
])("air of %s °C at humidity %s has its wet bulb near %s °C", (airC, humidity, expected) => {
  expect(Math.abs(wetBulbC(airC, humidity) - expected)).toBeLessThan(0.6);
});

/** Vapour pressure of air by its wet bulb, Pa: the psychrometer equation of Ferrel (Smithsonian Meteorological Tables; memory, high). */
const ferrelPa = (airC: number, wetC: number) =>
  saturationPa(wetC) - 6.6e-4 * (1 + 1.15e-3 * wetC) * 101_325 * (airC - wetC);

test.each([
  [10, 0.3],
  [25, 0.5],
  [40, 0.2],
  [60, 0.1],
  [80, 0.04],
])("the wet bulb of %s °C at %s agrees with the psychrometer equation to 1.5 K", (airC, humidity) => {
  let [low, high] = [-20, airC];
  for (let halving = 0; halving < 50; halving++) {
    const middle = (low + high) / 2;
    if (ferrelPa(airC, middle) < humidity * saturationPa(airC)) low = middle;
    else high = middle;
  }
  expect(Math.abs(wetBulbC(airC, humidity) - low)).toBeLessThan(1.5);
});

test("saturated air takes nothing; drier air takes more", () => {
  const face = { faceC: 3, airC: 3, hWPerM2K: 8 };
  expect(evaporationKgPerM2S({ ...face, humidity: 1 })).toBe(0);
  expect(evaporationKgPerM2S({ ...face, humidity: 0.5 })).toBeGreaterThan(
    evaporationKgPerM2S({ ...face, humidity: 0.8 }),
  );
});
