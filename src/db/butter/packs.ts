import { asc, eq, ne } from "drizzle-orm";
import { goodsStates, ingredientOf } from "@/core/butter";
import type { Db } from "../connection";
import { addMadeLot, keepItem, type MadeLot } from "../larder/madeLots";
import { appendEntry } from "../ledger";
import { items, lots, packs } from "../schema/larder";
import { shelfOf } from "./goods";

export type NewPack = {
  readonly ingredientId: string;
  readonly massG: number;
  readonly cents: number;
  readonly supplier: string;
  /** As printed; empty: it bears none. */
  readonly supplierLot: string;
  readonly useByMs: number | null;
  readonly placeId: string | null;
};

/** A pack of a good comes in: a lot that sauces draw from before the shelf, so that a recall of its number finds their plates. */
export function receivePack(
  db: Db,
  { ingredientId, massG, cents, supplier, supplierLot, useByMs, placeId }: NewPack,
  stamp: { readonly who: string; readonly atMs: number; readonly dayStamp: string },
): MadeLot {
  return db.transaction((tx) => {
    const shelf = shelfOf(tx);
    const { label } = ingredientOf(ingredientId, shelf);
    const itemId = `bought:${ingredientId}`;
    keepItem(tx, itemId, "bought", label, { ingredientId });
    const allergens = goodsStates([{ ingredientId }], shelf);
    const lot = addMadeLot(tx, { itemId, massG, cents, useByMs, allergens, placeId }, stamp);
    tx.insert(packs).values({ lotId: lot.id, supplier, supplierLot }).run();
    const { who, atMs } = stamp;
    const payload = { code: lot.code, name: label, massG, cents, supplier, supplierLot, useByMs };
    appendEntry(tx, { atMs, who, kind: "pack-received", lotId: lot.id, payload });
    return lot;
  });
}

export type Pack = {
  readonly lotId: string;
  readonly code: string;
  readonly name: string;
  readonly leftG: number;
  readonly supplierLot: string;
};

/** Packs that are not used up, the oldest first. */
export const packsNow = (db: Db): readonly Pack[] =>
  db
    .select({
      lotId: lots.id,
      code: lots.code,
      name: items.name,
      leftG: lots.remainingG,
      supplierLot: packs.supplierLot,
    })
    .from(packs)
    .innerJoin(lots, eq(lots.id, packs.lotId))
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(ne(lots.status, "finished"))
    .orderBy(asc(lots.receivedAtMs))
    .all();
