import { sumOf } from "@/core/numeric";
import { WARM_FAT_G_PER_ML } from "../mount/mounted";
import type { Portion } from "../shelf/pour";
import { COMMON_SHELF, ingredientOf, type Shelf } from "../shelf/shelf";

/** Milk protein, yolk and the like cover so much fat surface, g/m² (casein at an oil surface 1 to 3 mg/m²; memory, medium). */
const COVERS_G_PER_M2 = 0.002;
/** Drops a whisk leaves behind, µm (common practice: 5 to 20; memory, low). */
export const WHISKED_DROP_MICRON = 10;
/** Milk fat that was clarified and oil have lost what binds; lecithin is nearly all of it. */
const PHOSPHOLIPID_PCT: Readonly<Record<string, number>> = { lecithin: 60, "egg-yolk": 9, mustard: 1 };
/** Hard spheres of one size: thrown in, and stacked. Sauce drops are of many sizes and deform: landmarks, no verdict (physics texts; memory, high). */
export const SPHERES = { thrown: 0.64, stacked: 0.74 } as const;

export type Binding = {
  readonly emulsifierG: number;
  /** Surface of the fat in drops as a whisk leaves them, m². */
  readonly surfaceM2: number;
  /** Finest drops the emulsifier can cover, µm; null: no fat, or nothing that binds. */
  readonly finestDropMicron: number | null;
  readonly bound: "well" | "barely" | "not" | "no-fat";
};

/** What binds the fat of a sauce against the surface the whisk makes. */
export function bindingOf(portions: readonly Portion[], shelf: Shelf = COMMON_SHELF): Binding {
  const rows = portions.map(({ ingredientId, massG }) => ({ row: ingredientOf(ingredientId, shelf), massG }));
  const fatMl = sumOf(rows, ({ row, massG }) => (massG * row.fatPct) / 100) / WARM_FAT_G_PER_ML;
  const emulsifierG = sumOf(
    rows,
    ({ row, massG }) => (massG * (row.proteinPct + (PHOSPHOLIPID_PCT[row.id] ?? 0))) / 100,
  );
  // a sphere's surface over its volume is 6 / d; ml over µm is m²
  const surfaceM2 = (6 * fatMl) / WHISKED_DROP_MICRON;
  if (fatMl === 0) return { emulsifierG, surfaceM2: 0, finestDropMicron: null, bound: "no-fat" };
  if (emulsifierG === 0) return { emulsifierG, surfaceM2, finestDropMicron: null, bound: "not" };
  const finest = (6 * fatMl * COVERS_G_PER_M2) / emulsifierG;
  const bound = finest <= WHISKED_DROP_MICRON / 2 ? "well" : finest <= WHISKED_DROP_MICRON ? "barely" : "not";
  return { emulsifierG, surfaceM2, finestDropMicron: finest, bound };
}
