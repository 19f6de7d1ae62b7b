import { desc, eq, inArray } from "drizzle-orm";
import { err, ok, type Result } from "@/core/shared";
import { batchesToCook, findBatch } from "../block/batches";
import { keepPlate } from "../cards/plates";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { findLot } from "../lots/lots";
import { keepTagWhenGone } from "../lots/tagRetention";
import { waste } from "../schema/lots";
import { portions } from "../schema/cooks";
import { closeCounts } from "../schema/line";
import type { Stamp } from "../stamp";

/** Portions cut longer ago are no evening's: they are counted under Ice. */
export const CUT_DAYS = 4;

export type Became = "staff" | "waste" | "plate";

export type CloseLine = {
  readonly batchId: string;
  readonly code: string;
  readonly speciesId: string;
  /** Portions the book still has. */
  readonly booked: number;
  /** What was counted today already, with what became of the difference. */
  readonly kept: { readonly counted: number; readonly booked: number; readonly became: string | null } | null;
};

const waiting = (batch: { readonly portions: readonly { readonly cookId: string | null }[] }): number =>
  batch.portions.filter(({ cookId }) => cookId === null).length;

/** Portions the book has at close, batch by batch, with what was counted of them today. */
export function closeLines(db: Db, day: string, sinceMs: number): readonly CloseLine[] {
  const kept = new Map(
    db
      .select()
      .from(closeCounts)
      .where(eq(closeCounts.day, day))
      .orderBy(desc(closeCounts.atMs))
      .all()
      .map((row) => [row.batchId, row]),
  );
  return batchesToCook(db, sinceMs).map((batch) => {
    const row = kept.get(batch.id);
    return {
      batchId: batch.id,
      code: batch.code,
      speciesId: batch.speciesId,
      booked: waiting(batch),
      kept: row ? { counted: row.counted, booked: row.booked, became: row.became } : null,
    };
  });
}

export type CloseError = { readonly kind: "noBatch" | "moreThanBooked" | "sayWhatBecame" };

/** Counted at close against the book. What is missing is said once: eaten by the staff, thrown away, or a plate nobody tapped. */
export function countAtClose(
  db: Db,
  batchId: string,
  counted: number,
  became: Became | null,
  day: string,
  { who, atMs }: Stamp,
): Result<number, CloseError> {
  return db.transaction((tx) => {
    const batch = findBatch(tx, batchId);
    const lot = batch && findLot(tx, batch.lotId);
    if (!batch || !lot) return err({ kind: "noBatch" });
    const free = batch.portions.filter(({ cookId }) => cookId === null);
    const missing = free.length - counted;
    // pieces are not made by counting: somebody cut them, or they are another batch's
    if (missing < 0) return err({ kind: "moreThanBooked" });
    if (missing > 0 && became === null) return err({ kind: "sayWhatBecame" });
    const gone = free.slice(counted);
    if (became !== null && gone.length > 0) {
      const ids = gone.map(({ id }) => id);
      tx.update(portions).set({ leftAs: became }).where(inArray(portions.id, ids)).run();
      for (const { id: portionId, massG } of gone) {
        if (became === "plate")
          keepPlate(tx, {
            atMs,
            who,
            state: "gone",
            parts: [{ lotId: lot.id, portionId, massG, certainty: "certain" }],
          });
        else
          tx.insert(waste)
            .values({
              lotId: lot.id,
              atMs,
              who,
              massG,
              reason: became,
              costCents: Math.round((lot.priceCentsPerKg * massG) / 1000),
            })
            .run();
      }
      keepTagWhenGone(tx, lot.id, who, atMs);
    }
    const row = { day, batchId, counted, booked: free.length, became: missing > 0 ? became : null, who, atMs };
    tx.insert(closeCounts)
      .values(row)
      .onConflictDoUpdate({ target: [closeCounts.day, closeCounts.batchId], set: row })
      .run();
    const payload = { name: batch.code, counted, booked: free.length, became: row.became };
    appendEntry(tx, { atMs, who, kind: "close-counted", lotId: lot.id, batchId, payload });
    return ok(missing);
  });
}
