import type { LotLife } from "@/core/freshness";
import { cutLife, stockLot } from "@/house/lots/stockLot";
import type { Db } from "../connection";
import { findLots } from "../lots/lots";
import { stockRoom } from "../lots/stock";
import type { BatchWithPortions } from "./batches";

export type CutBatch = { readonly batch: BatchWithPortions; readonly life: LotLife };

/** Cut portions with the life left of each batch, shortest first. */
export function cutLives(db: Db, batches: readonly BatchWithPortions[], nowMs: number): readonly CutBatch[] {
  const ids = [...new Set(batches.map(({ lotId }) => lotId))];
  const room = stockRoom(db, ids, nowMs);
  const lots = new Map(findLots(db, ids).map((row) => [row.id, stockLot(room, row, nowMs)]));
  return batches
    .flatMap((batch) => {
      const lot = lots.get(batch.lotId);
      return lot ? [{ batch, life: cutLife(room, lot, batch.cutAtMs, nowMs) }] : [];
    })
    .sort((a, b) => (a.life.daysLeft ?? Infinity) - (b.life.daysLeft ?? Infinity));
}
