import type { Preparation } from "@/core/block";
import type { PanPiece } from "@/core/cooking";

/** Where the pieces come from: a batch, pieces counted out of a lot, or none yet. */
export type PieceSource =
  | {
      readonly kind: "batch";
      readonly batchId: string;
      readonly code: string;
      readonly pieces: readonly PanPiece[];
      readonly prepared: Preparation | null;
    }
  | { readonly kind: "lot"; readonly lotId: string; readonly code: string; readonly leftG: number }
  | { readonly kind: "none" };
