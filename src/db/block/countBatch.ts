import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import type { PieceShape } from "@/core/cooking";
import { err, ok, type Result } from "@/core/shared";
import { keepMake } from "../larder/makes";
import { takeFrom } from "../lots/childLot";
import { onIce } from "../lots/lotRows";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { batches, portions } from "../schema/cooks";
import type { Batch } from "./batches";

export type CountedPieces = {
  readonly lotId: string;
  readonly count: number;
  readonly pieceG: number;
  /** Thickness, diameter or height: what decides how long heat takes. */
  readonly sizeMm: number;
  readonly shape: PieceShape["kind"];
};
export type CountError = { readonly kind: "lotNotOnIce" } | { readonly kind: "moreThanLeft"; readonly leftG: number };

/** Counts whole pieces (scallops, tails, arms, shells) out of a lot into a batch for the stove; the lot is lighter by them. */
export function countBatch(
  db: Db,
  { lotId, count, pieceG, sizeMm, shape }: CountedPieces,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<Batch, CountError> {
  return db.transaction((tx) => {
    const lot = onIce(tx, lotId);
    if (!lot) return err({ kind: "lotNotOnIce" });
    const massG = count * pieceG;
    if (massG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    const before = tx.select({ id: batches.id }).from(batches).where(eq(batches.lotId, lotId)).all().length;
    const letter = String.fromCharCode(65 + (before % 26));
    const batch = tx
      .insert(batches)
      .values({
        id: randomUUID(),
        code: `${lot.code}/${letter}${before >= 26 ? Math.floor(before / 26) : ""}`,
        lotId,
        cutAtMs: atMs,
        cutBy: who,
        side: { lengthMm: 0, massG, profile: [] },
        portionG: pieceG,
        toleranceG: 0,
        trimG: 0,
        trimUse: "waste",
        pieceShape: shape,
      })
      .returning()
      .get();
    for (let position = 0; position < count; position++) {
      const size = { meanThicknessMm: sizeMm, maxThicknessMm: sizeMm };
      tx.insert(portions)
        .values({ batchId: batch.id, position, fromMm: 0, toMm: 0, massG: pieceG, ...size })
        .run();
    }
    const { leftG, cents } = takeFrom(tx, lot, massG, atMs);
    keepMake(tx, {
      id: batch.id,
      kind: "cut",
      atMs,
      who,
      facts: { code: batch.code },
      inputs: [{ lotId, massG, cents }],
      outputs: [{ label: "Portions", massG, cents }],
      losses: [],
    });
    const payload = { code: batch.code, count, pieceG, sizeMm, leftG };
    appendEntry(tx, { atMs, who, kind: "pieces-counted", lotId, batchId: batch.id, payload });
    return ok(batch);
  });
}
