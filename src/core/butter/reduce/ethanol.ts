import { DILUTE_VOLATILITY, EQUILIBRIUM, MIXED_DENSITY } from "./data/ethanolWater";
import { interpolate, type Point } from "@/core/numeric";

const WATER_G_PER_MOL = 18.015;
const ETHANOL_G_PER_MOL = 46.07;

export const moleFraction = (ethanolG: number, waterG: number): number => {
  const ethanol = ethanolG / ETHANOL_G_PER_MOL;
  return ethanol === 0 ? 0 : ethanol / (ethanol + waterG / WATER_G_PER_MOL);
};

const VOLATILITY: readonly Point[] = [
  [0, DILUTE_VOLATILITY],
  ...EQUILIBRIUM.map(([x, y]) => [x, y / (1 - y) / (x / (1 - x))] as const),
];
const BOILS: readonly Point[] = [[0, 100], ...EQUILIBRIUM.map(([x, , boilsC]) => [x, boilsC] as const)];

/** Mole fraction of ethanol in the vapour over a boiling liquid: the volatility is read between the points, not the vapour itself. */
export function vapourFraction(liquidFraction: number): number {
  const ratio = (interpolate(VOLATILITY, liquidFraction) * liquidFraction) / (1 - liquidFraction);
  return ratio === Infinity ? 1 : ratio / (1 + ratio);
}

/** Mass share of ethanol in the vapour of so much ethanol and water. */
export function vapourMassShare(ethanolG: number, waterG: number): number {
  if (ethanolG <= 0) return 0;
  const y = vapourFraction(moleFraction(ethanolG, waterG));
  return (y * ETHANOL_G_PER_MOL) / (y * ETHANOL_G_PER_MOL + (1 - y) * WATER_G_PER_MOL);
}

/** Boiling point of ethanol and water at 1 atm, °C. */
export const boilsAtC = (ethanolG: number, waterG: number): number =>
  interpolate(BOILS, moleFraction(ethanolG, waterG));

/** Volume of ethanol and water mixed, ml at 20 °C: less than the two apart. */
export const mixedVolumeMl = (ethanolG: number, waterG: number): number => {
  const massG = ethanolG + waterG;
  return massG === 0 ? 0 : massG / interpolate(MIXED_DENSITY, ethanolG / massG);
};
