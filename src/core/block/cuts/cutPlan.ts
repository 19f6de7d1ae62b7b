import { sumOf } from "@/core/numeric";
import { equalPortions, greedyPortions, variedPortions, type Span, type Wanted } from "./portioning";
import { SideShape, type Side } from "./side";

export type CutRequest = {
  readonly side: Side;
  readonly portionG: number;
  readonly toleranceG: number;
  readonly minPieceMm: number;
};

export type Piece = {
  readonly fromMm: number;
  readonly toMm: number;
  readonly massG: number;
  readonly meanThicknessMm: number;
  readonly maxThicknessMm: number;
  readonly role: "portion" | "trim";
};

export type CutPlan = {
  readonly cutsMm: readonly number[];
  readonly pieces: readonly Piece[];
  readonly portions: number;
  readonly trimG: number;
  /** Heaviest less lightest portion. */
  readonly spreadG: number;
};

/** Less than this is knife smear, not a piece. */
const SMEAR_G = 1e-6;

/**
 * Where to cut: most portions in tolerance first, then least spread of weights about the portion wanted, then least sum of the
 * thickness differences within the pieces.
 *
 * The count is exact (earliest-end greedy). Where equal pieces of one weight fit, they have no spread at all, and a dynamic programme
 * places the trim for the third aim; scraps inside the side must be as long as a piece, at its ends they may be any size. Where the
 * shortest piece allowed forbids equal weights (short thick sides), a dynamic programme over the weight axis varies them.
 */
export function planCuts({ side, portionG, toleranceG, minPieceMm }: CutRequest): CutPlan {
  const shape = new SideShape(side);
  const wanted: Wanted = {
    portionG,
    lowG: Math.max(portionG - toleranceG, 1e-9),
    highG: portionG + toleranceG,
    minPieceMm,
  };
  const greedy = greedyPortions(shape, wanted);
  const count = greedy.length;
  const portions =
    count === 0 ? [] : (equalPortions(shape, wanted, count) ?? variedPortions(shape, wanted, count) ?? greedy);
  return asPlan(shape, portions);
}

function asPlan(shape: SideShape, portions: readonly Span[]): CutPlan {
  const { lengthMm } = shape.side;
  const pieces: Piece[] = [];
  const add = (fromMm: number, toMm: number, role: Piece["role"]) => {
    const massG = shape.massUpToG(toMm) - shape.massUpToG(fromMm);
    if (role === "trim" && massG < SMEAR_G) return;
    const { meanMm, maxMm } = shape.thicknessBetween(fromMm, toMm);
    pieces.push({ fromMm, toMm, massG, meanThicknessMm: meanMm, maxThicknessMm: maxMm, role });
  };
  let reached = 0;
  for (const { fromMm, toMm } of portions) {
    if (fromMm > reached) add(reached, fromMm, "trim");
    add(fromMm, toMm, "portion");
    reached = toMm;
  }
  if (reached < lengthMm) add(reached, lengthMm, "trim");
  const masses = pieces.filter(({ role }) => role === "portion").map(({ massG }) => massG);
  return {
    cutsMm: pieces.slice(1).map(({ fromMm }) => fromMm),
    pieces,
    portions: masses.length,
    trimG: sumOf(
      pieces.filter(({ role }) => role === "trim"),
      ({ massG }) => massG,
    ),
    spreadG: masses.length === 0 ? 0 : Math.max(...masses) - Math.min(...masses),
  };
}

export type CutSummary = { readonly meanG: number; readonly thinnestMm: number; readonly thickestMm: number };

/** The portions of a plan in one line; null when there are none. Thickness is each piece's thickest point, as a cook measures it. */
export function summariseCuts(plan: Pick<CutPlan, "pieces">): CutSummary | null {
  const portions = plan.pieces.filter(({ role }) => role === "portion");
  if (portions.length === 0) return null;
  const thicknesses = portions.map(({ maxThicknessMm }) => maxThicknessMm);
  return {
    meanG: sumOf(portions, ({ massG }) => massG) / portions.length,
    thinnestMm: Math.min(...thicknesses),
    thickestMm: Math.max(...thicknesses),
  };
}
