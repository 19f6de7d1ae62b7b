import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import { randomUUID } from "node:crypto";
import { and, asc, eq, getTableColumns, ne } from "drizzle-orm";
import type { Allergens, ItemFacts } from "@/core/larder";
import type { Db } from "../connection";
import { appendEntry, entriesAbout } from "../ledger";
import { endStay, leaveIce } from "../lots/lots";
import { lighten, nextCode } from "../lots/lotRows";
import { items, lots } from "../schema/larder";
import { lotStays, waste } from "../schema/lots";

export type MadeLot = typeof lots.$inferSelect;
export type Item = typeof items.$inferSelect;

export function keepItem(db: Db, id: string, kind: "bought" | "made", name: string, facts: ItemFacts): void {
  db.insert(items).values({ id, kind, name, facts }).onConflictDoNothing().run();
}

export type NewMadeLot = {
  readonly itemId: string;
  readonly massG: number;
  readonly cents: number;
  readonly useByMs: number | null;
  readonly allergens: Allergens;
  readonly placeId: string | null;
};

/** A lot that was made here; its item must be there. */
export function addMadeLot(
  db: Db,
  made: NewMadeLot,
  stamp: { readonly who: string; readonly atMs: number; readonly dayStamp: string },
): MadeLot {
  const { itemId, massG, cents, useByMs, allergens, placeId } = made;
  const id = randomUUID();
  const { who, atMs, dayStamp } = stamp;
  const row = {
    id,
    code: nextCode(db, dayStamp),
    itemId,
    receivedAtMs: atMs,
    receivedBy: who,
    massG,
    remainingG: massG,
  };
  db.insert(lots)
    .values({ ...row, totalCents: cents, remainingCents: cents, status: "on-ice", placeId, useByMs, allergens })
    .run();
  if (placeId !== null) db.insert(lotStays).values({ lotId: id, placeId, fromMs: atMs }).run();
  return db.select().from(lots).where(eq(lots.id, id)).get()!;
}

/** One of them; a lot of fish is none. */
export const madeLot = (db: Db, id: string): MadeLot | undefined =>
  db
    .select(getTableColumns(lots))
    .from(lots)
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(and(eq(lots.id, id), eq(lots.status, "on-ice"), ne(items.kind, "part")))
    .get();

/** Moves everything made here that lies in one place to another; answers with the codes. */
export function moveMadeLots(
  db: Db,
  from: { readonly id: string; readonly name: string },
  to: { readonly id: string; readonly name: string },
  { who, atMs }: { readonly who: string; readonly atMs: number },
): readonly string[] {
  const there = madeLots(db).filter(({ lot }) => lot.placeId === from.id);
  for (const { lot } of there) {
    endStay(db, lot.id, atMs);
    db.insert(lotStays).values({ lotId: lot.id, placeId: to.id, fromMs: atMs }).run();
    db.update(lots).set({ placeId: to.id }).where(eq(lots.id, lot.id)).run();
    const payload = { code: lot.code, from: from.name, to: to.name, state: lot.state, was: lot.state };
    appendEntry(db, { atMs, who, kind: "lot-moved", lotId: lot.id, payload });
  }
  return there.map(({ lot }) => lot.code);
}

/** Everything made here that is still there, the oldest first. */
export const madeLots = (db: Db): readonly { readonly lot: MadeLot; readonly item: Item }[] =>
  db
    .select({ lot: lots, item: items })
    .from(lots)
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(and(eq(lots.status, "on-ice"), ne(items.kind, "part")))
    .orderBy(asc(lots.receivedAtMs))
    .all();

/** Pours away `massG` of what is left, with its grams and cents; what is left besides was served. The lot is gone either way. */
export function closeMadeLot(
  db: Db,
  lot: MadeLot,
  { massG, reason }: { readonly massG: number; readonly reason: string },
  { who, atMs }: { readonly who: string; readonly atMs: number },
): { readonly pouredG: number; readonly cents: number } {
  const pouredG = Math.min(massG, lot.remainingG);
  const { cents } = lighten(db, lot, pouredG);
  if (pouredG > 0)
    db.insert(waste).values({ lotId: lot.id, atMs, who, massG: pouredG, reason, costCents: cents }).run();
  leaveIce(db, lot.id, atMs);
  endStay(db, lot.id, atMs);
  return { pouredG, cents };
}

/** What stands on the label of a lot that was made here, whether it is there still or not. */
export function madeLabel(
  db: Db,
  id: string,
): { readonly lot: MadeLot; readonly name: string; readonly base: boolean } | undefined {
  const row = db
    .select({ lot: lots, item: items })
    .from(lots)
    .innerJoin(items, eq(items.id, lots.itemId))
    .where(and(eq(lots.id, id), ne(items.kind, "part")))
    .get();
  return row && { lot: row.lot, name: row.item.name, base: row.item.facts.isBase === true };
}

/** A label of a made lot was printed; how often it was, now. Refused: there is no such lot. */
export function printLabel(
  db: Db,
  id: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<number, Refusal<"potIsGone">> {
  const found = madeLabel(db, id);
  if (!found) return refuse("potIsGone");
  appendEntry(db, { atMs, who, kind: "label-printed", lotId: id, payload: { code: found.lot.code, name: found.name } });
  return ok(labelsPrinted(db, id).length);
}

/** When labels of a lot were printed, the last one last. */
export const labelsPrinted = (db: Db, id: string): readonly number[] =>
  entriesAbout(db, { kind: "lot", id })
    .filter(({ kind }) => kind === "label-printed")
    .map(({ atMs }) => atMs);
