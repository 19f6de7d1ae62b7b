import { kelvinFromC } from "@/core/units";
import { bisect, mean } from "@/core/numeric";
/** Saturation pressure over water, Pa: Magnus form of Alduchov and Eskridge 1996, -40 to 50 °C to 0.4 %, to 100 °C within 4 %. */
export const saturationPa = (pointC: number): number => 610.94 * Math.exp((17.625 * pointC) / (pointC + 243.04));

/** Gas constant of water vapour, J/kgK. */
export const VAPOUR_GAS_CONSTANT_J_PER_KGK = 461.5;
/** Volumetric heat capacity of air, J/m³K: turns a convection coefficient into a mass-transfer velocity (Lewis relation). */
export const AIR_CAPACITY_J_PER_M3K = 1180;

const vapourKgPerM3 = (pressurePa: number, pointC: number) =>
  pressurePa / (VAPOUR_GAS_CONSTANT_J_PER_KGK * kelvinFromC(pointC));

/** Air and the wet face in it. */
export type WetFace = {
  readonly faceC: number;
  readonly airC: number;
  /** Relative humidity of the air, 0 to 1. */
  readonly humidity: number;
  /** Convective coefficient without radiation, W/m²K. */
  readonly hWPerM2K: number;
};

/** Water a wet face gives to the air, kg/m²s: Lewis relation between heat and mass transfer. Never below 0: dew is left out. */
export function evaporationKgPerM2S({ faceC, airC, humidity, hWPerM2K }: WetFace): number {
  const air = vapourKgPerM3(humidity * saturationPa(airC), airC);
  const face = vapourKgPerM3(saturationPa(faceC), faceC);
  return Math.max(0, (hWPerM2K / AIR_CAPACITY_J_PER_M3K) * (face - air));
}

/** Latent heat of vaporisation of water at 100 °C, J/kg (steam tables). */
export const LATENT_BOILING_J_PER_KG = 2.257e6;
/** Latent heat of vaporisation near room temperature, J/kg (steam tables; memory, high). */
const LATENT_J_PER_KG = 2.45e6;

/** Where a wet face settles when the air's heat just evaporates its water, °C (wet-bulb of the Lewis relation). */
export function wetBulbC(airC: number, humidity: number): number {
  const spendsMore = (faceC: number) =>
    evaporationKgPerM2S({ faceC, airC, humidity, hWPerM2K: 1 }) * LATENT_J_PER_KG > airC - faceC;
  // hot dry air has its wet bulb far under its own temperature
  return mean(bisect(spendsMore, [Math.min(0, airC - 40), airC], 50));
}
