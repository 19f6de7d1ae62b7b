import { sumOf } from "@/core/numeric";
export type PanPiece = {
  readonly massG: number;
  readonly maxThicknessMm: number;
  /** Where it is folded or paired: what the pan sees. */
  readonly cookThicknessMm?: number | null;
};
export type PanLoad = {
  readonly pieceG: number;
  readonly thicknessMm: number;
  readonly thinnestMm: number;
  readonly thickestMm: number;
};

/** What `count` pieces are together, thickest first as they go into the pan; the plan is made for their mean. */
export function loadOf(pieces: readonly PanPiece[], count: number): PanLoad | null {
  const thicknessOf = (piece: PanPiece) => piece.cookThicknessMm ?? piece.maxThicknessMm;
  const chosen = [...pieces].sort((a, b) => thicknessOf(b) - thicknessOf(a)).slice(0, count);
  if (chosen.length === 0) return null;
  const mean = (read: (piece: PanPiece) => number) => sumOf(chosen, (piece) => read(piece)) / chosen.length;
  return {
    pieceG: mean(({ massG }) => massG),
    thicknessMm: mean(thicknessOf),
    thinnestMm: thicknessOf(chosen.at(-1)!),
    thickestMm: thicknessOf(chosen[0]!),
  };
}
