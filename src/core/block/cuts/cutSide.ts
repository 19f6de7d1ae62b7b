import { equalPortions, greedyPortions, variedPortions, type Preference, type Span, type Wanted } from "./portioning";
import type { CutShape } from "./shape";

export type PortionWish = { readonly portionG: number; readonly toleranceG: number; readonly minPieceMm: number };

export type Piece = {
  readonly fromMm: number;
  readonly toMm: number;
  readonly massG: number;
  readonly meanThicknessMm: number;
  readonly maxThicknessMm: number;
  readonly role: "portion" | "trim";
};

/** Less than this is knife smear, not a piece. */
export const SMEAR_G = 1e-6;

const LEAST_G = 1e-9;

const wantedOf = ({ portionG, toleranceG, minPieceMm }: PortionWish): Wanted => ({
  portionG,
  lowG: Math.max(portionG - toleranceG, LEAST_G),
  highG: portionG + toleranceG,
  minPieceMm,
});

/**
 * The cuts of one side, with most portions in tolerance first, then least spread of weights about the portion wanted, then least sum of
 * the thickness differences within the pieces.
 *
 * The count is exact (earliest-end greedy). Where equal pieces of one weight fit, they have no spread at all, and a dynamic programme
 * places the trim for the third aim; scraps inside the side must be as long as a piece, at its ends they may be any size. Where the
 * shortest piece allowed forbids equal weights (short thick sides), a dynamic programme over the weight axis varies them.
 */
export class SideCuts {
  readonly #wanted: Wanted;
  readonly #most: readonly Span[];

  constructor(
    readonly shape: CutShape,
    wish: PortionWish,
    readonly preference: Preference = "even",
  ) {
    this.#wanted = wantedOf(wish);
    this.#most = greedyPortions(shape, this.#wanted);
  }

  /** As many portions as the side can give. */
  get most(): number {
    return this.#most.length;
  }

  /** Where so many portions lie, from the thick end on. */
  spans(count: number): readonly Span[] {
    if (count === 0) return [];
    return (
      equalPortions(this.shape, this.#wanted, count, this.preference) ??
      variedPortions(this.shape, this.#wanted, count) ??
      this.#most.slice(0, count)
    );
  }
}

export const massOfSpan = (shape: CutShape, { fromMm, toMm }: Span): number =>
  shape.massUpToG(toMm) - shape.massUpToG(fromMm);

/** The whole side in pieces, the portions and the trim between them. */
export function piecesAlong(shape: CutShape, portions: readonly Span[]): readonly Piece[] {
  const pieces: Piece[] = [];
  const add = (fromMm: number, toMm: number, role: Piece["role"]) => {
    const massG = massOfSpan(shape, { fromMm, toMm });
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
  if (reached < shape.side.lengthMm) add(reached, shape.side.lengthMm, "trim");
  return pieces;
}
