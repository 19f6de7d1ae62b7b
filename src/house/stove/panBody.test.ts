import { PANS } from "@/core/cooking";
import { COMMON_SHELF } from "@/core/butter";
import { panBodyJPerK } from "./panBody";
import { reduced } from "../butter/reduceBench";

test("a pan of the stove is its own body, another of that make goes by the area of its base", () => {
  for (const { diameterMm } of PANS) {
    const same = PANS.filter((pan) => pan.diameterMm === diameterMm).map(({ heatCapacityJPerK }) => heatCapacityJPerK);
    expect(same).toContain(panBodyJPerK(diameterMm));
  }
  expect(panBodyJPerK(200)).toBeCloseTo(800 * (200 / 240) ** 2, 9);
});

test("the empty pan is heated with what is in it: first law", () => {
  const ask = { parts: [{ ingredientId: "water", ml: 300 }], toMl: 100, panMm: 240, netPowerW: 900 };
  const found = reduced(ask, COMMON_SHELF);
  // 300 g of water and 800 J/K of pan from 20 to 100 °C at 900 W (steam tables: 335 kJ a kilo)
  expect(found.ok && found.value.reduction.secondsToBoil).toBeCloseTo((0.3 * 335_200 + 800 * 80) / 900, 0);
});
