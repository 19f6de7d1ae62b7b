import { sumOf } from "@/core/numeric";
import { assert } from "@/core/shared";
import { COMPONENTS, COMPONENT_IDS, evaluate, type ComponentId } from "./choiOkos";

/** Mass of each component; any scale, normalised to 1 by `massFractions`. */
export type Composition = Readonly<Record<ComponentId, number>>;

export type ThermalProperties = {
  readonly conductivityWPerMK: number;
  readonly densityKgPerM3: number;
  readonly heatCapacityJPerKgK: number;
};

/** Raw fish, g/mm³, where its composition does not matter (1050 kg/m³; Choi and Okos for usual compositions). */
export const FLESH_G_PER_MM3 = 1.05e-3;

/** Shares that sum to exactly 1. */
export function massFractions(composition: Composition): Composition {
  const total = sumOf(COMPONENT_IDS, (id) => composition[id]);
  assert(total > 0, `composition must have mass, got ${total}`);
  const share = (id: ComponentId) => composition[id] / total;
  return {
    water: share("water"),
    protein: share("protein"),
    fat: share("fat"),
    carbohydrate: share("carbohydrate"),
    ash: share("ash"),
  };
}

/**
 * Unfrozen flesh at `pointC`: density 1/Σ(x/ρ), heat capacity by mass, conductivity by volume share (parallel,
 * the upper estimate across fibres). Source: Choi and Okos 1986; valid -40 to 150 °C, above freezing only.
 */
export function propertiesOf(composition: Composition, pointC: number): ThermalProperties {
  const fractions = massFractions(composition);
  let specificVolume = 0;
  let heatCapacity = 0;
  let conductivityVolume = 0;
  for (const id of COMPONENT_IDS) {
    const component = COMPONENTS[id];
    const volume = fractions[id] / evaluate(component.densityKgPerM3, pointC);
    specificVolume += volume;
    heatCapacity += fractions[id] * evaluate(component.heatCapacityKJPerKgK, pointC);
    conductivityVolume += volume * evaluate(component.conductivityWPerMK, pointC);
  }
  return {
    conductivityWPerMK: conductivityVolume / specificVolume,
    densityKgPerM3: 1 / specificVolume,
    heatCapacityJPerKgK: heatCapacity * 1000,
  };
}
