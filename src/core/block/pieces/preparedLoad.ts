import type { PreparedPiece } from "./prepared";

type LoadSizes = {
  readonly pieceG: number;
  readonly thicknessMm: number;
  readonly thinnestMm: number;
  readonly thickestMm: number;
};

/** A piece before and after its preparations. */
export type Preparation = { readonly before: PreparedPiece; readonly piece: PreparedPiece };

/** A pan load as its pieces are after preparation: every piece changes in the proportion of the one that was reckoned. */
export function preparedLoad<T extends LoadSizes>(load: T, { before, piece }: Preparation): T {
  const thicker = piece.thicknessMm / before.thicknessMm;
  return {
    ...load,
    pieceG: load.pieceG * (piece.massG / before.massG),
    thicknessMm: load.thicknessMm * thicker,
    thinnestMm: load.thinnestMm * thicker,
    thickestMm: load.thickestMm * thicker,
  };
}
