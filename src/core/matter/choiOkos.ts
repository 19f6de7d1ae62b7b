/**
 * Properties of the pure food components, -40 to 150 °C.
 * Source: Choi and Okos 1986, in Food Engineering and Process Applications, vol. 1; repeated in the ASHRAE
 * Handbook, Refrigeration, thermal properties of foods. Mark: memory, confidence high.
 * Of the two water heat capacities in circulation (4.1762 and 4.1289) this table uses 4.1762.
 */
export type Polynomial = readonly [constant: number, linear: number, quadratic: number];

type ComponentProperties = {
  readonly conductivityWPerMK: Polynomial;
  readonly densityKgPerM3: Polynomial;
  readonly heatCapacityKJPerKgK: Polynomial;
};

export const COMPONENTS = {
  water: {
    conductivityWPerMK: [5.7109e-1, 1.7625e-3, -6.7036e-6],
    densityKgPerM3: [997.18, 3.1439e-3, -3.7574e-3],
    heatCapacityKJPerKgK: [4.1762, -9.0864e-5, 5.4731e-6],
  },
  protein: {
    conductivityWPerMK: [1.7881e-1, 1.1958e-3, -2.7178e-6],
    densityKgPerM3: [1329.9, -0.5184, 0],
    heatCapacityKJPerKgK: [2.0082, 1.2089e-3, -1.3129e-6],
  },
  fat: {
    conductivityWPerMK: [1.8071e-1, -2.7604e-4, -1.7749e-7],
    densityKgPerM3: [925.59, -0.41757, 0],
    heatCapacityKJPerKgK: [1.9842, 1.4733e-3, -4.8008e-6],
  },
  carbohydrate: {
    conductivityWPerMK: [2.0141e-1, 1.3874e-3, -4.3312e-6],
    densityKgPerM3: [1599.1, -0.31046, 0],
    heatCapacityKJPerKgK: [1.5488, 1.9625e-3, -5.9399e-6],
  },
  ash: {
    conductivityWPerMK: [3.2962e-1, 1.4011e-3, -2.9069e-6],
    densityKgPerM3: [2423.8, -0.28063, 0],
    heatCapacityKJPerKgK: [1.0926, 1.8896e-3, -3.6817e-6],
  },
} as const satisfies Record<string, ComponentProperties>;

/** Ice, -40 to 0 °C, same source. */
export const ICE = {
  conductivityWPerMK: [2.2196, -6.2489e-3, 1.0154e-4],
  densityKgPerM3: [916.89, -0.13071, 0],
  heatCapacityKJPerKgK: [2.0623, 6.0769e-3, 0],
} as const satisfies ComponentProperties;

/** Water that stays liquid below 0 °C, same source. */
export const WATER_BELOW_ZERO_KJ_PER_KG_K: Polynomial = [4.0817, -5.3062e-3, 9.9516e-4];

export type ComponentId = keyof typeof COMPONENTS;
export const COMPONENT_IDS = ["water", "protein", "fat", "carbohydrate", "ash"] as const;

export const evaluate = (polynomial: Polynomial, pointC: number): number =>
  polynomial[0] + pointC * (polynomial[1] + pointC * polynomial[2]);
