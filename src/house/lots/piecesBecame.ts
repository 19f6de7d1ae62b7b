/** What became of pieces that nobody cooked to the end, or that were not there when they were counted. None goes back to the ice: they were warm, or are not there. */
export const PIECES_BECAME = ["waste", "staff", "plate"] as const;
export type PiecesBecame = (typeof PIECES_BECAME)[number];
