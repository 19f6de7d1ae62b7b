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

test("saturated air takes nothing; drier air takes more", () => {
  const face = { faceC: 3, airC: 3, hWPerM2K: 8 };
  expect(evaporationKgPerM2S({ ...face, humidity: 1 })).toBe(0);
  expect(evaporationKgPerM2S({ ...face, humidity: 0.5 })).toBeGreaterThan(
    evaporationKgPerM2S({ ...face, humidity: 0.8 }),
  );
});
