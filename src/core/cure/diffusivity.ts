import type { Species } from "@/core/species";

/** Salt in water, m²/s (handbooks; memory, high): 0.8e-9 at 0 °C, 1.5e-9 at 25 °C, straight between. */
const inWater = (pointC: number) => 0.8e-9 + (0.7e-9 * pointC) / 25;

/**
 * Salt in the flesh, m²/s. Work values at 2-5 °C within published ranges: lean 5e-10 (Del Valle and Nickerson 1967 give 1.0-1.5e-9 at
 * 25 °C; memory, medium), fat fish 3e-10 (Wang, Tang and Correia 2000 give 2-9e-10 at 5-10 °C; memory, low). Other temperatures follow
 * salt in water.
 */
export const SALT_DIFFUSIVITY = {
  lean: 5e-10,
  fat: 3e-10,
  atC: 4,
  source:
    "Del Valle and Nickerson 1967; Wang, Tang and Correia 2000 (memory, medium and low); work values within their ranges",
} as const;

/** Sucrose runs about a third as fast as salt in water (handbooks; memory, medium). */
const SUGAR_TO_SALT = 0.35;
const FAT_FISH_PCT = 5;

export function saltDiffusivity({ compositionPct }: Species, pointC: number): number {
  const at4 = compositionPct.fat >= FAT_FISH_PCT ? SALT_DIFFUSIVITY.fat : SALT_DIFFUSIVITY.lean;
  return (at4 * inWater(pointC)) / inWater(SALT_DIFFUSIVITY.atC);
}

export const sugarDiffusivity = (species: Species, pointC: number): number =>
  SUGAR_TO_SALT * saltDiffusivity(species, pointC);
