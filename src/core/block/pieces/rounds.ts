import { FLESH_G_PER_MM3 } from "@/core/matter";
import { err, ok, type Result, inGrams, inMm, said, type Said } from "@/core/shared";

export type RoundRequest = {
  readonly lengthMm: number;
  /** Cross-section of the loin, taken as an ellipse within width and thickness. */
  readonly widthMm: number;
  readonly thicknessMm: number;
  readonly portionG: number;
  /** How tall the round stands: cut across the grain. */
  readonly heightMm: number;
};

export type RoundPlan = {
  readonly diameterMm: number;
  readonly perSlice: number;
  readonly slices: number;
  readonly rounds: number;
  readonly offcutG: number;
};

/**
 * Tall rounds out of a loin, standing like a beef fillet: diameter from weight and height, as many circles as lie side by side in the
 * ellipse of the cross-section, as many slices as the length holds. The rest is for tartare.
 */
export function planRounds({
  lengthMm,
  widthMm,
  thicknessMm,
  portionG,
  heightMm,
}: RoundRequest): Result<RoundPlan, Said> {
  const diameterMm = Math.sqrt((4 * portionG) / (Math.PI * FLESH_G_PER_MM3 * heightMm));
  const perSlice = circlesInEllipse(diameterMm, widthMm, thicknessMm);
  if (perSlice === 0)
    return err(
      said("block.aRoundOfPortionAndHeight", {
        portion: inGrams(portionG, 0),
        height: inMm(heightMm, 0),
        diameter: inMm(diameterMm, 0),
      }),
    );
  const slices = Math.floor(lengthMm / heightMm + 1e-9);
  const loinG = (Math.PI / 4) * widthMm * thicknessMm * lengthMm * FLESH_G_PER_MM3;
  const rounds = perSlice * slices;
  return ok({ diameterMm, perSlice, slices, rounds, offcutG: Math.max(0, loinG - rounds * portionG) });
}

/** Equal circles in one row along the width of an ellipse: each must fit the thickness left at its own place. */
function circlesInEllipse(diameterMm: number, widthMm: number, thicknessMm: number): number {
  const [a, b, r] = [widthMm / 2, thicknessMm / 2, diameterMm / 2];
  const inside = (centre: number) => {
    for (let angle = 0; angle < Math.PI; angle += Math.PI / 60) {
      const [x, y] = [centre + r * Math.cos(angle), r * Math.sin(angle)];
      if ((x / a) ** 2 + (y / b) ** 2 > 1 + 1e-9) return false;
    }
    return true;
  };
  let count = 0;
  for (let wanted = 1; wanted * diameterMm <= widthMm + 1e-9; wanted++) {
    const first = -((wanted - 1) * diameterMm) / 2;
    if (Array.from({ length: wanted }, (_, index) => first + index * diameterMm).every(inside)) count = wanted;
  }
  return count;
}

export type Roll = { readonly diameterMm: number; readonly turns: number; readonly massG: number };

/**
 * A fillet (with its stuffing) rolled up: the cross-section is kept, so the outer circle has the area of the strip; turns of an even
 * spiral. Thickness of fillet and stuffing together.
 */
export function rollUp(lengthMm: number, widthMm: number, thicknessMm: number): Roll {
  const diameterMm = Math.sqrt((4 * lengthMm * thicknessMm) / Math.PI);
  return {
    diameterMm,
    turns: diameterMm / (2 * thicknessMm),
    massG: lengthMm * widthMm * thicknessMm * FLESH_G_PER_MM3,
  };
}

export type CrustPlan = {
  readonly slicesPerPortion: number;
  readonly slices: number;
  readonly breadG: number;
  readonly turned: boolean;
};

/** Bread crumb of a fine-pored loaf, g/mm³ (common practice, medium). */
const BREAD_G_PER_MM3 = 0.26e-3;

/** Very thin slices of frozen bread cut to the top of a portion: how many slices a portion takes, the better way round. */
export function planCrust(
  portion: { readonly lengthMm: number; readonly widthMm: number },
  loaf: { readonly widthMm: number; readonly heightMm: number; readonly sliceMm: number },
  portions: number,
): CrustPlan {
  const tiles = (wide: number, high: number) =>
    Math.ceil(portion.lengthMm / wide - 1e-9) * Math.ceil(portion.widthMm / high - 1e-9);
  const [upright, turned] = [tiles(loaf.widthMm, loaf.heightMm), tiles(loaf.heightMm, loaf.widthMm)];
  const slicesPerPortion = Math.min(upright, turned);
  // several small portions may share one slice
  const fitting = (a: number, b: number) => Math.floor(loaf.widthMm / a + 1e-9) * Math.floor(loaf.heightMm / b + 1e-9);
  const shared = Math.max(fitting(portion.lengthMm, portion.widthMm), fitting(portion.widthMm, portion.lengthMm));
  const slices = shared > 1 ? Math.ceil(portions / shared) : portions * slicesPerPortion;
  return {
    slicesPerPortion: shared > 1 ? 1 / shared : slicesPerPortion,
    slices,
    breadG: slices * loaf.widthMm * loaf.heightMm * loaf.sliceMm * BREAD_G_PER_MM3,
    turned: turned < upright,
  };
}
