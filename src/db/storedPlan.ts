import type { CookPlan, PanId } from "@/core/cooking";

/** What a cook was started with: the question and the whole answer, as they stood then. */
export type StoredPlan = {
  readonly speciesId: string;
  readonly thicknessMm: number;
  readonly skin: boolean;
  readonly startC: number;
  readonly panC: number;
  readonly ovenC: number;
  readonly panId: PanId;
  readonly targetC: number;
  readonly pieces: number;
  readonly pieceG: number;
  readonly answer: CookPlan;
};
