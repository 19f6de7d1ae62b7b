import { propertiesOf, type Composition, type ThermalProperties } from "@/core/matter";

/** Choi and Okos give properties for -40 to 150 °C; beyond that the end values are held, never extrapolated. */
export const PROPERTY_RANGE_C = [-40, 150] as const;

const FIRST_C = PROPERTY_RANGE_C[0];
const LAST_INDEX = PROPERTY_RANGE_C[1] - FIRST_C;

/** A quick scheme reads properties anew once a cell has moved this far, K: they change by some 0.1 % per K (computed from Choi and Okos 1986). */
export const REFRESH_K = 3;

/**
 * Properties on an even table. Unfrozen (`freezingC` null): conductivity and volumetric heat capacity linear between entries, enthalpy
 * their exact integral. Freezing: enthalpy linear between entries and the capacity of an entry its slope up to the next.
 */
export type Material = {
  readonly firstC: number;
  readonly stepK: number;
  /** Where the capacity jumps; always an entry of the table. */
  readonly freezingC: number | null;
  readonly conductivityWPerMK: Float64Array;
  readonly heatCapacityJPerM3K: Float64Array;
  readonly enthalpyJPerM3: Float64Array;
};

function tabulate(propertiesAt: (pointC: number) => ThermalProperties): Material {
  const size = LAST_INDEX + 1;
  const conductivityWPerMK = new Float64Array(size);
  const heatCapacityJPerM3K = new Float64Array(size);
  const enthalpyJPerM3 = new Float64Array(size);
  for (let index = 0; index < size; index++) {
    const properties = propertiesAt(FIRST_C + index);
    conductivityWPerMK[index] = properties.conductivityWPerMK;
    heatCapacityJPerM3K[index] = properties.densityKgPerM3 * properties.heatCapacityJPerKgK;
    if (index > 0) {
      const mean = (heatCapacityJPerM3K[index - 1]! + heatCapacityJPerM3K[index]!) / 2;
      enthalpyJPerM3[index] = enthalpyJPerM3[index - 1]! + mean;
    }
  }
  return { firstC: FIRST_C, stepK: 1, freezingC: null, conductivityWPerMK, heatCapacityJPerM3K, enthalpyJPerM3 };
}

export const materialOf = (composition: Composition): Material =>
  tabulate((pointC) => propertiesOf(composition, pointC));

export const constantMaterial = (properties: ThermalProperties): Material => tabulate(() => properties);

/** J/m³ above the first entry; past either end the end's capacity carries on. */
export function enthalpyAt(material: Material, pointC: number): number {
  const { heatCapacityJPerM3K: capacity, enthalpyJPerM3: enthalpy, firstC, stepK, freezingC } = material;
  const lastIndex = capacity.length - 1;
  const place = (pointC - firstC) / stepK;
  if (place <= 0) return enthalpy[0]! + capacity[0]! * place * stepK;
  if (place >= lastIndex) return enthalpy[lastIndex]! + capacity[lastIndex]! * (place - lastIndex) * stepK;
  const index = Math.floor(place);
  const part = place - index;
  const low = capacity[index]!;
  const rise = freezingC === null ? ((capacity[index + 1]! - low) * part) / 2 : 0;
  return enthalpy[index]! + part * stepK * (low + rise);
}
