import type { CutPiece } from "@/house/cards/plateDrawing";
import { findBatch } from "../block/batches";
import type { Db } from "../connection";

const BATCH = "batch:";

/** A piece of a batch as the knife left it, the middle one of those that wait; null: it was counted out or nothing is cut. */
export function cutOf(db: Db, lotId: string): CutPiece | null {
  const batch = lotId.startsWith(BATCH) ? findBatch(db, lotId.slice(BATCH.length)) : undefined;
  if (!batch || batch.pieceShape !== null) return null;
  const waiting = batch.portions.filter(({ cookId }) => cookId === null).sort((a, b) => a.massG - b.massG);
  const middle = waiting[Math.floor(waiting.length / 2)];
  if (!middle) return null;
  const { fromMm, toMm, meanThicknessMm } = middle;
  return { alongMm: toMm - fromMm, thicknessMm: meanThicknessMm, leanDeg: batch.leanDeg };
}
