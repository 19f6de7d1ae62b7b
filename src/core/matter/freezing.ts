import { assert } from "@/core/shared";
import { COMPONENTS, COMPONENT_IDS, evaluate, ICE, WATER_BELOW_ZERO_KJ_PER_KG_K } from "./choiOkos";
import { massFractions, type Composition, type ThermalProperties } from "./properties";

/** Heat of fusion of ice at 0 °C, J/kg (steam and ice tables; memory, high). */
export const LATENT_ICE_J_PER_KG = 333_600;

/** Where lean fish begins to freeze, °C: measured at -0.9 to -1.2 (Riedel 1956; memory, medium). */
export const FLESH_FREEZES_C = -1.1;

/** Share of the protein's mass that water clings to and that never freezes: x_b = 0.4 x_p (Miles, in the ASHRAE Handbook; memory, high). */
const BOUND_PER_PROTEIN = 0.4;

/**
 * Ice as a share of the whole mass: (x_w - x_b)(1 - t_f/t), temperatures in °C below zero (Miles, in the ASHRAE Handbook; memory, high).
 * 0 at and above the initial freezing point.
 */
export function iceFraction(composition: Composition, initialFreezingC: number, pointC: number): number {
  assert(initialFreezingC < 0, `the initial freezing point lies below 0 °C, got ${initialFreezingC}`);
  if (pointC >= initialFreezingC) return 0;
  const { water, protein } = massFractions(composition);
  return Math.max(0, water - BOUND_PER_PROTEIN * protein) * (1 - initialFreezingC / pointC);
}

/** Flesh of which `ice` (share of the mass) is frozen: conductivity by volume share (parallel), heat capacity by mass, without latent heat. */
export function partlyFrozen(composition: Composition, ice: number, pointC: number): ThermalProperties {
  const fractions = massFractions(composition);
  let specificVolume = ice / evaluate(ICE.densityKgPerM3, pointC);
  let heatCapacity = ice * evaluate(ICE.heatCapacityKJPerKgK, pointC);
  let conductivityVolume = specificVolume * evaluate(ICE.conductivityWPerMK, pointC);
  for (const id of COMPONENT_IDS) {
    const component = COMPONENTS[id];
    const mass = id === "water" ? fractions.water - ice : fractions[id];
    const volume = mass / evaluate(component.densityKgPerM3, pointC);
    const capacity =
      id === "water" && pointC < 0
        ? evaluate(WATER_BELOW_ZERO_KJ_PER_KG_K, pointC)
        : evaluate(component.heatCapacityKJPerKgK, pointC);
    specificVolume += volume;
    heatCapacity += mass * capacity;
    conductivityVolume += volume * evaluate(component.conductivityWPerMK, pointC);
  }
  return {
    conductivityWPerMK: conductivityVolume / specificVolume,
    densityKgPerM3: 1 / specificVolume,
    heatCapacityJPerKgK: heatCapacity * 1000,
  };
}
