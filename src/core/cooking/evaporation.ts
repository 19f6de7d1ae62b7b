import { evaporationKgPerM2S } from "@/core/matter";
import { STATION } from "./data/station";

/** Convective part of still air without its radiation, W/m²K (memory). */
const CONVECTION_WPERM2K = 8;
const KITCHEN_HUMIDITY = 0.6;

/**
 * Heat a wet face in still air loses by evaporation, W/m². A hot fillet loses more this way than by convection; without it a model
 * overstates carry-over. `wetShare` 1 is open wet flesh, less under crust and oil.
 */
export function evaporationWPerM2(surfaceC: number, wetShare: number): number {
  const faceC = Math.min(surfaceC, STATION.boilingC);
  const air = { airC: STATION.kitchenC, humidity: KITCHEN_HUMIDITY, hWPerM2K: CONVECTION_WPERM2K };
  return wetShare * evaporationKgPerM2S({ faceC, ...air }) * STATION.latentJPerKg;
}
