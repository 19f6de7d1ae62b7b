import { randomUUID } from "node:crypto";
import { and, asc, desc, eq, gte, inArray } from "drizzle-orm";
import type { CutPlan, Side, TrimUseId } from "@/core/block";
import { err, ok, type Result } from "@/core/shared";
import type { Db } from "./connection";
import { appendEntry } from "./ledger";
import { leaveIce } from "./lots";
import { batches, lots, portions } from "./schema";

export type Batch = typeof batches.$inferSelect;
export type Portion = typeof portions.$inferSelect;
export type BatchWithPortions = Batch & {
  readonly portions: readonly Portion[];
  readonly speciesId: string;
  readonly lotCode: string;
};

export type NewBatch = {
  readonly lotId: string;
  readonly side: Side;
  readonly portionG: number;
  readonly toleranceG: number;
  readonly plan: CutPlan;
  readonly trimUse: TrimUseId;
};

export type CutError =
  | { readonly kind: "lotNotOnIce" }
  | { readonly kind: "moreThanLeft"; readonly leftG: number }
  | { readonly kind: "noPortions" };

/** Cuts a side of a lot into a batch: portions kept, trim written off to its use, the lot lighter by the side. */
export function cutBatch(db: Db, wanted: NewBatch, who: string, atMs: number): Result<Batch, CutError> {
  return db.transaction((tx) => {
    const { lotId, side, portionG, toleranceG, plan, trimUse } = wanted;
    const lot = tx
      .select()
      .from(lots)
      .where(and(eq(lots.id, lotId), eq(lots.status, "on-ice")))
      .get();
    if (!lot) return err({ kind: "lotNotOnIce" });
    if (side.massG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    if (plan.portions === 0) return err({ kind: "noPortions" });
    const count = tx.select({ id: batches.id }).from(batches).where(eq(batches.lotId, lotId)).all().length;
    const code = `${lot.code}/${String.fromCharCode(65 + (count % 26))}${count >= 26 ? Math.floor(count / 26) : ""}`;
    const batch = tx
      .insert(batches)
      .values({
        id: randomUUID(),
        code,
        lotId,
        cutAtMs: atMs,
        cutBy: who,
        side,
        portionG,
        toleranceG,
        trimG: plan.trimG,
        trimUse,
      })
      .returning()
      .get();
    const kept = plan.pieces.filter(({ role }) => role === "portion");
    for (const [position, { fromMm, toMm, massG, meanThicknessMm, maxThicknessMm }] of kept.entries()) {
      tx.insert(portions)
        .values({ batchId: batch.id, position, fromMm, toMm, massG, meanThicknessMm, maxThicknessMm })
        .run();
    }
    const remainingG = Math.max(0, lot.remainingG - side.massG);
    if (remainingG < 1) leaveIce(tx, lotId, atMs);
    else tx.update(lots).set({ remainingG }).where(eq(lots.id, lotId)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "batch-cut",
      lotId,
      batchId: batch.id,
      payload: {
        code,
        sideG: side.massG,
        portions: kept.length,
        portionG,
        trimG: plan.trimG,
        trimUse,
        leftG: remainingG,
      },
    });
    return ok(batch);
  });
}

function withPortions(db: Db, rows: { batch: Batch; speciesId: string; lotCode: string }[]): BatchWithPortions[] {
  if (rows.length === 0) return [];
  const ids = rows.map(({ batch }) => batch.id);
  const all = db.select().from(portions).where(inArray(portions.batchId, ids)).orderBy(asc(portions.position)).all();
  return rows.map(({ batch, speciesId, lotCode }) => ({
    ...batch,
    speciesId,
    lotCode,
    portions: all.filter(({ batchId }) => batchId === batch.id),
  }));
}

const select = (db: Db) =>
  db
    .select({ batch: batches, speciesId: lots.speciesId, lotCode: lots.code })
    .from(batches)
    .innerJoin(lots, eq(batches.lotId, lots.id));

/** Batches cut since `sinceMs` that still have an uncooked portion. */
export function batchesToCook(db: Db, sinceMs: number): BatchWithPortions[] {
  const rows = select(db).where(gte(batches.cutAtMs, sinceMs)).orderBy(desc(batches.cutAtMs)).all();
  return withPortions(db, rows).filter((batch) => batch.portions.some(({ cookId }) => cookId === null));
}

export const batchesOfLot = (db: Db, lotId: string): BatchWithPortions[] =>
  withPortions(db, select(db).where(eq(batches.lotId, lotId)).orderBy(asc(batches.cutAtMs)).all());

export function findBatch(db: Db, id: string): BatchWithPortions | undefined {
  return withPortions(db, select(db).where(eq(batches.id, id)).all())[0];
}
