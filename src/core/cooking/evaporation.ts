import { kelvinFromC } from "@/core/units";
import { STATION } from "./data/station";

/** Saturation pressure over water, Pa: Magnus form of Alduchov and Eskridge 1996, -40 to 50 °C to 0.4 %, to 100 °C within 4 %. */
export const saturationPa = (pointC: number): number => 610.94 * Math.exp((17.625 * pointC) / (pointC + 243.04));

/** Gas constant of water vapour, J/kgK. */
const VAPOUR_GAS_CONSTANT = 461.5;
/** Volumetric heat capacity of warm air, J/m³K: turns a convection coefficient into a mass-transfer velocity (Lewis relation). */
const AIR_CAPACITY = 1180;
/** Convective part of still air without its radiation, W/m²K (memory). */
const CONVECTION_WPERM2K = 8;
const KITCHEN_HUMIDITY = 0.6;

const vapourKgPerM3 = (pressurePa: number, pointC: number) => pressurePa / (VAPOUR_GAS_CONSTANT * kelvinFromC(pointC));

/**
 * Heat a wet face in still air loses by evaporation, W/m²: Lewis relation between heat and mass transfer. A hot fillet loses more
 * this way than by convection; without it a model overstates carry-over. `wetShare` 1 is open wet flesh, less under crust and oil.
 */
export function evaporationWPerM2(surfaceC: number, wetShare: number): number {
  const room = vapourKgPerM3(KITCHEN_HUMIDITY * saturationPa(STATION.kitchenC), STATION.kitchenC);
  const face = vapourKgPerM3(saturationPa(Math.min(surfaceC, STATION.boilingC)), surfaceC);
  return Math.max(0, wetShare * (CONVECTION_WPERM2K / AIR_CAPACITY) * (face - room) * STATION.latentJPerKg);
}
