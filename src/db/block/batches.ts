import { sumOf } from "@/core/numeric";
import { randomUUID } from "node:crypto";
import { and, asc, desc, eq, gte, inArray, isNull } from "drizzle-orm";
import { isRest, restOf, type PartUse, type Side, type SidesPlan, type TrimUseId } from "@/core/block";
import { isCut } from "@/core/freshness";
import { err, ok, type Result } from "@/core/shared";
import { makeChild, takeFrom } from "../lots/childLot";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { findPlace } from "../house/places";
import { batches, portions, type StoredPreparation } from "../schema/cooks";
import { keepMake } from "../larder/makes";
import { onIce } from "../lots/lotRows";
import { fishLots } from "../schema/lots";
import { lotInHand } from "../lots/stock";
import { inMetric } from "@/words/say";

export type Batch = typeof batches.$inferSelect;
export type Portion = typeof portions.$inferSelect;
export type BatchWithPortions = Batch & {
  readonly portions: readonly Portion[];
  readonly speciesId: string;
  readonly lotCode: string;
};

export type NewBatch = {
  readonly lotId: string;
  readonly sides: readonly Side[];
  readonly portionG: number;
  readonly toleranceG: number;
  readonly leanDeg: number;
  readonly plan: SidesPlan;
  readonly trimUse: TrimUseId;
};

export type CutError =
  | { readonly kind: "lotNotOnIce" }
  | { readonly kind: "moreThanLeft"; readonly leftG: number }
  | { readonly kind: "noPortions" };

/** What trim is kept for; waste is not. */
const TRIM_PART_USE: Readonly<Record<TrimUseId, PartUse>> = {
  cakes: "cakes",
  tartare: "raw",
  stock: "stock",
  staff: "grill",
  waste: "waste",
};
/** Less trim than this is not worth a box of its own. */
const KEPT_TRIM_G = 20;

/**
 * Cuts sides of a lot into a batch: portions kept, what is left of a side a lot of its own that stays a side, trim a lot for its use, the
 * lot lighter by the sides.
 */
export function cutBatch(
  db: Db,
  wanted: NewBatch,
  { who, atMs, day }: { readonly who: string; readonly atMs: number; readonly day: string },
): Result<Batch, CutError> {
  const whole = lotInHand(db, wanted.lotId, atMs);
  return db.transaction((tx) => {
    const { lotId, sides, portionG, toleranceG, leanDeg, plan, trimUse } = wanted;
    const lot = onIce(tx, lotId);
    if (!lot || !whole) return err({ kind: "lotNotOnIce" });
    const sidesG = sumOf(sides, ({ massG }) => massG);
    if (sidesG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    if (plan.portions === 0) return err({ kind: "noPortions" });
    const count = tx.select({ id: batches.id }).from(batches).where(eq(batches.lotId, lotId)).all().length;
    const restG = restOf(plan.pieces, portionG);
    const trimG = plan.trimG - restG;
    const code = `${lot.code}/${String.fromCharCode(65 + (count % 26))}${count >= 26 ? Math.floor(count / 26) : ""}`;
    const batch = tx
      .insert(batches)
      .values({
        id: randomUUID(),
        code,
        lotId,
        cutAtMs: atMs,
        cutBy: who,
        side: sides[0]!,
        sides: sides.length > 1 ? sides : null,
        leanDeg,
        portionG,
        toleranceG,
        trimG,
        trimUse,
      })
      .returning()
      .get();
    const kept = plan.pieces.filter(({ role }) => role !== "trim");
    for (const [position, piece] of kept.entries()) {
      const { fromMm, toMm, massG, meanThicknessMm, maxThicknessMm, cookThicknessMm, side, role } = piece;
      tx.insert(portions)
        .values({
          batchId: batch.id,
          position,
          fromMm,
          toMm,
          massG,
          meanThicknessMm,
          maxThicknessMm,
          sideIndex: side,
          role: role === "trim" ? "portion" : role,
          cookThicknessMm: role === "portion" ? null : cookThicknessMm,
        })
        .run();
    }
    const place = lot.placeId === null ? null : findPlace(tx, lot.placeId);
    const use = TRIM_PART_USE[trimUse];
    const from = { lot, species: whole.species, life: whole.life, atMs, who, day };
    const trim =
      place && use !== "waste" && trimG >= KEPT_TRIM_G
        ? makeChild(tx, from, { massG: trimG, form: "by-product", label: "Trim", use }, place)
        : null;
    const rests = place
      ? plan.pieces
          .filter((piece) => isRest(piece, portionG))
          .map(({ massG }) =>
            makeChild(tx, from, { massG, form: isCut(lot.form) ? lot.form : "side", label: "Rest of the side" }, place),
          )
      : [];
    const { leftG: remainingG, cents } = takeFrom(tx, lot, sidesG, atMs);
    const trimCents = trim?.totalCents ?? 0;
    const restCents = sumOf(rests, ({ totalCents }) => totalCents);
    const portionsG = sumOf(kept, ({ massG }) => massG);
    keepMake(tx, {
      id: batch.id,
      kind: "cut",
      atMs,
      who,
      facts: { code },
      inputs: [{ lotId, massG: sidesG, cents }],
      outputs: [
        { label: "Portions", massG: portionsG, cents: cents - trimCents - restCents },
        ...(trim ? [{ lotId: trim.id, label: "Trim", massG: trim.massG, cents: trimCents }] : []),
        ...rests.map((rest) => ({
          lotId: rest.id,
          label: "Rest of the side",
          massG: rest.massG,
          cents: rest.totalCents,
        })),
      ],
      losses: [
        {
          kind: "trimmed",
          label: "Trim",
          massG: sidesG - portionsG - (trim?.massG ?? 0) - sumOf(rests, ({ massG }) => massG),
        },
      ],
    });
    appendEntry(tx, {
      atMs,
      who,
      kind: "batch-cut",
      lotId,
      batchId: batch.id,
      payload: {
        code,
        sides: sides.length,
        sideG: sidesG,
        portions: kept.length,
        portionG,
        trimG,
        trimUse,
        trimLot: trim?.code ?? null,
        restG,
        restLots: rests.map((rest) => rest.code),
        leftG: remainingG,
      },
    });
    return ok(batch);
  });
}

/** Notes what was done to the portions of a batch before the stove; the last note stands. */
export function prepareBatch(
  db: Db,
  batchId: string,
  prepared: StoredPreparation,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): boolean {
  return db.transaction((tx) => {
    const batch = tx.update(batches).set({ prepared }).where(eq(batches.id, batchId)).returning().get();
    if (!batch) return false;
    const { steps, piece } = prepared;
    const payload = {
      code: batch.code,
      steps: steps.map(({ kind }) => kind),
      notes: piece.notes.map(inMetric),
      startC: piece.startC,
    };
    appendEntry(tx, { atMs, who, kind: "batch-prepared", lotId: batch.lotId, batchId, payload });
    return true;
  });
}

function withPortions(db: Db, rows: { batch: Batch; speciesId: string; lotCode: string }[]): BatchWithPortions[] {
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
