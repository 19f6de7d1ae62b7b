import { ICE, evaluate } from "./choiOkos";
import { iceFraction, partlyFrozen } from "./freezing";

const COD = { water: 81.2, protein: 17.8, fat: 0.7, carbohydrate: 0, ash: 1.2 };

test("ice at -20 °C: 2.385 W/mK, 919.5 kg/m³, 1.941 kJ/kgK (Choi and Okos 1986; memory, high)", () => {
  expect(Math.abs(evaluate(ICE.conductivityWPerMK, -20) / 2.385 - 1)).toBeLessThan(0.002);
  expect(Math.abs(evaluate(ICE.densityKgPerM3, -20) / 919.5 - 1)).toBeLessThan(0.002);
  expect(Math.abs(evaluate(ICE.heatCapacityKJPerKgK, -20) / 1.941 - 1)).toBeLessThan(0.002);
});

test("cod at -20 °C with 0.722 of it ice conducts 1.90 W/mK (ASHRAE parallel model; computed)", () => {
  expect(Math.abs(partlyFrozen(COD, 0.722, -20).conductivityWPerMK / 1.9 - 1)).toBeLessThan(0.02);
});

test("ice: none at the freezing point, more the colder, never more than the free water", () => {
  expect(iceFraction(COD, -1.1, -1.1)).toBe(0);
  const at = [-1.2, -2, -5, -20, -40].map((pointC) => iceFraction(COD, -1.1, pointC));
  at.slice(1).forEach((share, index) => expect(share).toBeGreaterThan(at[index]!));
  // (0.804 - 0.4 × 0.176)(1 - 1.1/20), the composition normalised
  expect(iceFraction(COD, -1.1, -20)).toBeCloseTo((81.2 / 100.9 - (0.4 * 17.8) / 100.9) * (1 - 1.1 / 20), 9);
});
