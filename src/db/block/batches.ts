import { and, asc, desc, eq, gte, inArray, isNull } from "drizzle-orm";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { rememberingSince } from "../remember";
import type { StoredPreparation } from "@/house/stored/cutForms";
import { batches, portions } from "../schema/cooks";
import { lots } from "../schema/larder";
import { fish, fishLots } from "../schema/lots";
import { inMetric } from "@/words/say";

export type Batch = typeof batches.$inferSelect;
export type Portion = typeof portions.$inferSelect;
export type BatchWithPortions = Batch & {
  readonly portions: readonly Portion[];
  readonly speciesId: string;
  readonly lotCode: string;
};

/** Notes what was done to the portions of a batch before the stove; the last note stands. */
export function prepareBatch(
  db: Db,
  batchId: string,
  prepared: StoredPreparation,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<null, Refusal<"noSuchBatch">> {
  return db.transaction((tx) => {
    const [batch] = tx.update(batches).set({ prepared }).where(eq(batches.id, batchId)).returning().all();
    if (!batch) return refuse("noSuchBatch");
    const { steps, piece } = prepared;
    const payload = {
      code: batch.code,
      steps: steps.map(({ kind }) => kind),
      notes: piece.notes.map(inMetric),
      startC: piece.startC,
    };
    appendEntry(tx, { atMs, who, kind: "batch-prepared", lotId: batch.lotId, batchId, payload });
    return ok(null);
  });
}

function withPortions(
  db: Db,
  rows: readonly { readonly batch: Batch; readonly speciesId: string; readonly lotCode: string }[],
): BatchWithPortions[] {
  if (rows.length === 0) return [];
  const ids = rows.map(({ batch }) => batch.id);
  const all = db
    .select()
    .from(portions)
    .where(and(inArray(portions.batchId, ids), isNull(portions.leftAs)))
    .orderBy(asc(portions.position))
    .all();
  return rows.map(({ batch, speciesId, lotCode }) => ({
    ...batch,
    speciesId,
    lotCode,
    portions: all.filter(({ batchId }) => batchId === batch.id),
  }));
}

const select = (db: Db) =>
  db
    .select({ batch: batches, speciesId: fishLots.speciesId, lotCode: fishLots.code })
    .from(batches)
    .innerJoin(fishLots, eq(batches.lotId, fishLots.id));

/** Batches cut since that still have an uncooked portion, the newest first. */
export const batchesToCook = rememberingSince(
  [batches, portions, lots, fish],
  (db, sinceMs) => {
    const rows = select(db).where(gte(batches.cutAtMs, sinceMs)).orderBy(desc(batches.cutAtMs)).all();
    return withPortions(db, rows).filter((batch) => batch.portions.some(({ cookId }) => cookId === null));
  },
  ({ cutAtMs }) => cutAtMs,
);

export const batchesOfLot = (db: Db, lotId: string): BatchWithPortions[] =>
  withPortions(db, select(db).where(eq(batches.lotId, lotId)).orderBy(asc(batches.cutAtMs)).all());

export function findBatch(db: Db, id: string): BatchWithPortions | undefined {
  return withPortions(db, select(db).where(eq(batches.id, id)).all())[0];
}
