import { clamp } from "@/core/numeric";
import { kelvinFromC } from "@/core/units";
import {
  AIR_CAPACITY_J_PER_M3K,
  evaporationKgPerM2S,
  saturationPa,
  VAPOUR_GAS_CONSTANT_J_PER_KGK,
} from "@/core/matter";
import { STATION } from "./station";

/** Convective part of a coefficient that includes radiation, W/m²K (memory). */
const CONVECTION_WPERM2K = { still: 8, oven: 15 } as const;
/** 1 over the volumetric heat capacity of air and the gas constant of vapour (Lewis relation, as `evaporationKgPerM2S`). */
const DRY_RATIO = 1 / (AIR_CAPACITY_J_PER_M3K * VAPOUR_GAS_CONSTANT_J_PER_KGK);
/** Dew point of the air: a kitchen at 25 °C and 60 %, an oven that the food has moistened (estimate). */
const DEW_C = { still: 16.7, oven: 60 } as const;
export type AirKind = keyof typeof CONVECTION_WPERM2K;

/** What saturated air gives at a face against perfectly dry air, kg/m²s per W/m²K; tabled, as every step asks for it. */
const STEP_K = 0.25;
const SATURATED = Float64Array.from({ length: STATION.boilingC / STEP_K + 3 }, (_, index) =>
  evaporationKgPerM2S({ faceC: index * STEP_K, airC: index * STEP_K, humidity: 0, hWPerM2K: 1 }),
);
const CONTENT = { still: saturationPa(DEW_C.still), oven: saturationPa(DEW_C.oven) } as const;

/**
 * Water a wet face gives to the air, kg/m²s (`evaporationKgPerM2S` from a table). A hot fillet loses more heat this way than by
 * convection; without it a model overstates carry-over, and a raw face in the oven would not stay near its wet bulb. `wetShare` 1 is
 * open wet flesh, less under crust and oil.
 */
export function evaporationKgPerM2(surfaceC: number, wetShare: number, kind: AirKind, airC: number): number {
  const place = clamp(surfaceC, 0, STATION.boilingC) / STEP_K;
  const index = place | 0;
  const low = SATURATED[index]!;
  const face = low + (SATURATED[index + 1]! - low) * (place - index);
  // the same relation turned round: what is already in the air comes back
  const air = DRY_RATIO * (CONTENT[kind] / kelvinFromC(airC));
  return wetShare * CONVECTION_WPERM2K[kind] * Math.max(0, face - air);
}
