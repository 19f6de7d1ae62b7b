import { randomUUID } from "node:crypto";
import { eq } from "drizzle-orm";
import { isRest, restOf, type PartUse, type Side, type SidesPlan, type TrimUseId } from "@/core/block";
import { isCut } from "@/core/freshness";
import { sumOf } from "@/core/numeric";
import { err, ok, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { findPlace } from "../house/places";
import { keepMake } from "../larder/makes";
import { appendEntry } from "../ledger";
import { makeChild, takeFrom, type Whole } from "../lots/childLot";
import { onIce, type Lot } from "../lots/lotRows";
import { lotInHand, type StockLot } from "../lots/stock";
import { batches, portions } from "../schema/cooks";
import type { Batch } from "./batches";

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

type Stamp = { readonly who: string; readonly atMs: number; readonly day: string };

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

/** What one cut comes to, g. */
function cutMasses({ sides, plan, portionG }: NewBatch) {
  const kept = plan.pieces.filter(({ role }) => role !== "trim");
  const restG = restOf(plan.pieces, portionG);
  return {
    kept,
    restG,
    trimG: plan.trimG - restG,
    sidesG: sumOf(sides, ({ massG }) => massG),
    portionsG: sumOf(kept, ({ massG }) => massG),
  };
}

/**
 * Cuts sides of a lot into a batch: portions kept, what is left of a side a lot of its own that stays a side, trim a lot for its use, the
 * lot lighter by the sides.
 */
export function cutBatch(db: Db, wanted: NewBatch, stamp: Stamp): Result<Batch, CutError> {
  const whole = lotInHand(db, wanted.lotId, stamp.atMs);
  return db.transaction((tx) => {
    const lot = onIce(tx, wanted.lotId);
    if (!lot || !whole) return err({ kind: "lotNotOnIce" });
    const masses = cutMasses(wanted);
    if (masses.sidesG > lot.remainingG + 0.5) return err({ kind: "moreThanLeft", leftG: lot.remainingG });
    if (wanted.plan.portions === 0) return err({ kind: "noPortions" });
    const batch = keepBatch(tx, wanted, lot, masses.trimG, stamp);
    const parted = partOff(tx, wanted, lot, whole, masses, stamp);
    const { leftG, cents } = takeFrom(tx, lot, masses.sidesG, stamp.atMs);
    keepCut(tx, batch, masses, parted, cents, stamp);
    const { code, id: batchId, lotId, portionG, trimUse } = batch;
    const { sidesG: sideG, trimG, restG } = masses;
    const { who, atMs } = stamp;
    appendEntry(tx, {
      atMs,
      who,
      kind: "batch-cut",
      lotId,
      batchId,
      payload: {
        code,
        sides: wanted.sides.length,
        sideG,
        portions: masses.kept.length,
        portionG,
        trimG,
        trimUse,
        trimLot: parted.trim?.code ?? null,
        restG,
        restLots: parted.rests.map((rest) => rest.code),
        leftG,
      },
    });
    return ok(batch);
  });
}

/** The batch and its portions. */
function keepBatch(
  tx: Db,
  { lotId, sides, portionG, toleranceG, leanDeg, plan, trimUse }: NewBatch,
  lot: Lot,
  trimG: number,
  { who, atMs }: Stamp,
): Batch {
  const count = tx.select({ id: batches.id }).from(batches).where(eq(batches.lotId, lotId)).all().length;
  const code = `${lot.code}/${String.fromCharCode(65 + (count % 26))}${count >= 26 ? Math.floor(count / 26) : ""}`;
  const facts = { code, lotId, leanDeg, portionG, toleranceG, trimG, trimUse };
  const batch = tx
    .insert(batches)
    .values({
      ...facts,
      id: randomUUID(),
      cutAtMs: atMs,
      cutBy: who,
      side: sides[0]!,
      sides: sides.length > 1 ? sides : null,
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
  return batch;
}

type Parted = { readonly trim: Lot | null; readonly rests: readonly Lot[] };

/** Trim and what is left of a side become lots of their own, where the lot lies. */
function partOff(
  tx: Db,
  { plan, portionG, trimUse }: NewBatch,
  lot: Lot,
  { species, life }: StockLot,
  { trimG }: { readonly trimG: number },
  { who, atMs, day }: Stamp,
): Parted {
  const place = lot.placeId === null ? null : findPlace(tx, lot.placeId);
  if (!place) return { trim: null, rests: [] };
  const from: Whole = { lot, species, life, atMs, who, day };
  const use = TRIM_PART_USE[trimUse];
  const trim =
    use !== "waste" && trimG >= KEPT_TRIM_G
      ? makeChild(tx, from, { massG: trimG, form: "by-product", label: "Trim", use }, place)
      : null;
  const form = isCut(lot.form) ? lot.form : "side";
  const rests = plan.pieces
    .filter((piece) => isRest(piece, portionG))
    .map(({ massG }) => makeChild(tx, from, { massG, form, label: "Rest of the side" }, place));
  return { trim, rests };
}

/** The cut as a make: what went in, what came out with its share of the money, what was lost. */
function keepCut(
  tx: Db,
  { id, code, lotId }: Batch,
  { sidesG, portionsG }: { readonly sidesG: number; readonly portionsG: number },
  { trim, rests }: Parted,
  cents: number,
  { who, atMs }: Stamp,
): void {
  const trimCents = trim?.totalCents ?? 0;
  const restCents = sumOf(rests, ({ totalCents }) => totalCents);
  const lostG = sidesG - portionsG - (trim?.massG ?? 0) - sumOf(rests, ({ massG }) => massG);
  keepMake(tx, {
    id,
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
    losses: [{ kind: "trimmed", label: "Trim", massG: lostG }],
  });
}
