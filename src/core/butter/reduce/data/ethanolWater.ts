/** Ethanol, g/cm³ at 20 °C: what per cent by volume are counted with (OIML alcoholometric tables; memory, high). */
export const ETHANOL_G_PER_ML = 0.78924;

/** Density of ethanol and water at 20 °C by mass share of ethanol, g/cm³ (OIML alcoholometric tables, every five per cent; memory, high). */
export const MIXED_DENSITY: readonly (readonly [massShare: number, gPerMl: number])[] = [
  [0, 0.9982],
  [0.05, 0.98938],
  [0.1, 0.98187],
  [0.15, 0.97514],
  [0.2, 0.96864],
  [0.25, 0.96168],
  [0.3, 0.95382],
  [0.35, 0.94494],
  [0.4, 0.93518],
  [0.45, 0.92472],
  [0.5, 0.91384],
  [0.6, 0.89113],
  [0.7, 0.86766],
  [0.8, 0.84344],
  [0.9, 0.81797],
  [1, ETHANOL_G_PER_ML],
];

/**
 * Boiling ethanol and water at 1 atm: mole fraction in the liquid and in the vapour, and the boiling point, °C (Carey and Lewis 1932, as
 * printed in Perry's Chemical Engineers' Handbook; memory, high). The most dilute volatility is 12.
 */
export const EQUILIBRIUM: readonly (readonly [liquid: number, vapour: number, boilsC: number])[] = [
  [0.019, 0.17, 95.5],
  [0.0721, 0.3891, 89],
  [0.0966, 0.4375, 86.7],
  [0.1238, 0.4704, 85.3],
  [0.1661, 0.5089, 84.1],
  [0.2337, 0.5445, 82.7],
  [0.2608, 0.558, 82.3],
  [0.3273, 0.5826, 81.5],
  [0.3965, 0.6122, 80.7],
  [0.5079, 0.6564, 79.8],
  [0.5732, 0.6841, 79.3],
  [0.6763, 0.7385, 78.74],
  [0.7472, 0.7815, 78.41],
  [0.8943, 0.8943, 78.15],
];

export const DILUTE_VOLATILITY = 12;
