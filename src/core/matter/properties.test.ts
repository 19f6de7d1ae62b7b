import { COMPONENTS, evaluate } from "./choiOkos";
import { massFractions, propertiesOf, type Composition } from "./properties";

const pure = (id: keyof Composition): Composition => ({
  water: 0,
  protein: 0,
  fat: 0,
  carbohydrate: 0,
  ash: 0,
  [id]: 1,
});
const COD = { water: 81.2, protein: 17.8, fat: 0.7, carbohydrate: 0, ash: 1.2 };
const SALMON = { water: 65, protein: 20.4, fat: 13.4, carbohydrate: 0, ash: 1.2 };

// Values printed from Choi and Okos 1986 and the ASHRAE mixing rules; mark: memory, confidence high.
test.each([
  { what: "water", of: pure("water"), atC: 20, k: 0.6037, rho: 995.7, cp: 4.177, tol: 0.002 },
  { what: "protein", of: pure("protein"), atC: 60, k: 0.2408, rho: 1298.8, cp: 2.076, tol: 0.002 },
  { what: "cod", of: COD, atC: 20, k: 0.5427, rho: 1047.8, cp: 3.747, tol: 0.005 },
  { what: "salmon", of: SALMON, atC: 20, k: 0.4722, rho: 1043.4, cp: 3.412, tol: 0.005 },
])("$what at $atC °C", ({ of, atC, k, rho, cp, tol }) => {
  const found = propertiesOf(of, atC);
  expect(Math.abs(found.conductivityWPerMK / k - 1)).toBeLessThan(tol);
  expect(Math.abs(found.densityKgPerM3 / rho - 1)).toBeLessThan(tol);
  expect(Math.abs(found.heatCapacityJPerKgK / 1000 / cp - 1)).toBeLessThan(tol);
});

test("fat conductivity stays positive at 100 °C (0.1513, the E-4 slope)", () => {
  expect(evaluate(COMPONENTS.fat.conductivityWPerMK, 100)).toBeCloseTo(0.1513, 3);
});

test("diffusivity of cod at 20 °C is 1.382e-7 m²/s", () => {
  const cod = propertiesOf(COD, 20);
  const alpha = cod.conductivityWPerMK / (cod.densityKgPerM3 * cod.heatCapacityJPerKgK);
  expect(Math.abs(alpha / 1.382e-7 - 1)).toBeLessThan(0.005);
});

test("fractions sum to one whatever the scale", () => {
  const total = Object.values(massFractions(COD)).reduce((sum, share) => sum + share, 0);
  expect(total).toBeCloseTo(1, 12);
});
