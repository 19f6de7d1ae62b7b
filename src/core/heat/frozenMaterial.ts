import { iceFraction, LATENT_ICE_J_PER_KG, partlyFrozen, propertiesOf, type Composition } from "@/core/matter";
import { PROPERTY_RANGE_C, type Material } from "./material";

/** Table step below and above the initial freezing point, K; a node sits on that point exactly, where the capacity jumps. */
const STEP_K = 0.05;

/** What a freezing material is made of, at any temperature. */
export type FreezingProperties = {
  readonly conductivityWPerMK: (pointC: number) => number;
  /** Without latent heat; below the freezing point of what is there, ice and all. */
  readonly heatCapacityJPerM3K: (pointC: number) => number;
  /** Heat of fusion given off so far, 0 above the freezing point. */
  readonly latentJPerM3: (pointC: number) => number;
};

/**
 * Tables a material by its enthalpy: linear between nodes, so that the capacity is the slope and no latent heat is lost between them.
 * Sensible heat is summed outwards from the freezing point, each side with its own capacity.
 */
export function tabulateEnthalpy(properties: FreezingProperties, freezingC: number): Material {
  const below = Math.ceil((freezingC - PROPERTY_RANGE_C[0]) / STEP_K);
  const size = below + Math.ceil((PROPERTY_RANGE_C[1] - freezingC) / STEP_K) + 1;
  const conductivityWPerMK = new Float64Array(size);
  const heatCapacityJPerM3K = new Float64Array(size);
  const sensible = new Float64Array(size);
  const at = (index: number) => freezingC + (index - below) * STEP_K;
  for (let index = below + 1; index < size; index++)
    sensible[index] = sensible[index - 1]! + STEP_K * properties.heatCapacityJPerM3K(at(index - 0.5));
  for (let index = below - 1; index >= 0; index--)
    sensible[index] = sensible[index + 1]! - STEP_K * properties.heatCapacityJPerM3K(at(index + 0.5));
  const enthalpyJPerM3 = sensible.map((heat, index) => heat - properties.latentJPerM3(at(index)));
  for (let index = 0; index < size; index++) {
    conductivityWPerMK[index] = properties.conductivityWPerMK(at(index));
    const from = Math.min(index, size - 2);
    heatCapacityJPerM3K[index] = (enthalpyJPerM3[from + 1]! - enthalpyJPerM3[from]!) / STEP_K;
  }
  const tables = { conductivityWPerMK, heatCapacityJPerM3K, enthalpyJPerM3 };
  return { firstC: at(0), stepK: STEP_K, ...tables, freezingC };
}

/**
 * Flesh that freezes below `initialFreezingC`: ice by the ASHRAE relation of `iceFraction`, enthalpy = sensible heat of what is there minus
 * the latent heat of its ice. The mass in a volume stays what it was unfrozen; that ice takes more room is left out.
 */
export function freezingMaterial(composition: Composition, initialFreezingC: number): Material {
  const density = propertiesOf(composition, initialFreezingC).densityKgPerM3;
  const inRange = (pointC: number) => Math.min(Math.max(pointC, PROPERTY_RANGE_C[0]), PROPERTY_RANGE_C[1]);
  const ice = (pointC: number) => iceFraction(composition, initialFreezingC, pointC);
  const mixture = (pointC: number) =>
    pointC < initialFreezingC
      ? partlyFrozen(composition, ice(pointC), inRange(pointC))
      : propertiesOf(composition, inRange(pointC));
  return tabulateEnthalpy(
    {
      conductivityWPerMK: (pointC) => mixture(pointC).conductivityWPerMK,
      heatCapacityJPerM3K: (pointC) => density * mixture(pointC).heatCapacityJPerKgK,
      latentJPerM3: (pointC) => density * LATENT_ICE_J_PER_KG * ice(pointC),
    },
    initialFreezingC,
  );
}
