import { sumOf } from "@/core/numeric";
import { piecesAlong, SideCuts, type Piece, type PortionWish } from "./cutSide";
import { cutShape } from "./shape";
import type { Side } from "./side";

export type CutRequest = PortionWish & { readonly side: Side };

export type CutPlan = {
  readonly cutsMm: readonly number[];
  readonly pieces: readonly Piece[];
  readonly portions: number;
  readonly trimG: number;
  /** Heaviest less lightest portion. */
  readonly spreadG: number;
};

/** Where to cut one side, the knife upright: what `SideCuts` finds for the most portions. */
export function planCuts({ side, ...wish }: CutRequest): CutPlan {
  const cuts = new SideCuts(cutShape(side), wish);
  const pieces = piecesAlong(cuts.shape, cuts.spans(cuts.most));
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
