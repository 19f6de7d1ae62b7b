import { randomUUID } from "node:crypto";
import { and, asc, desc, eq, gte, like } from "drizzle-orm";
import type { DoorJudgement, Form, Grades } from "@/core/freshness";
import type { Db } from "./connection";
import { appendEntry } from "./ledger";
import { lots, suppliers } from "./schema";

export type Lot = typeof lots.$inferSelect;
export type LotWithSupplier = Lot & { readonly supplier: string };

export type NewLot = {
  readonly supplier: string;
  readonly speciesId: string;
  readonly form: Form;
  readonly production: "wild" | "farmed";
  readonly area: string;
  readonly gear: string;
  readonly source: string;
  readonly caughtAtMs: number | null;
  readonly massG: number;
  readonly priceCentsPerKg: number;
  readonly receiptC: number;
  readonly grades: Grades;
  readonly placeId: string;
};

function supplierId(db: Db, name: string): string {
  const known = db.select().from(suppliers).where(eq(suppliers.name, name)).get();
  if (known) return known.id;
  const id = randomUUID();
  db.insert(suppliers).values({ id, name }).run();
  return id;
}

export const listSuppliers = (db: Db): string[] =>
  db
    .select()
    .from(suppliers)
    .orderBy(asc(suppliers.name))
    .all()
    .map(({ name }) => name);

/** Next free code of the day, as in `1124-3`: the label on the box. */
function nextCode(db: Db, dayStamp: string): string {
  const today = db
    .select({ code: lots.code })
    .from(lots)
    .where(like(lots.code, `${dayStamp}-%`))
    .all();
  const highest = today.reduce((most, { code }) => Math.max(most, Number(code.slice(dayStamp.length + 1))), 0);
  return `${dayStamp}-${highest + 1}`;
}

/** Keeps a delivery with its judgement; refused ones too, outside the stock. */
export function receiveLot(
  db: Db,
  wanted: NewLot,
  judgement: DoorJudgement,
  { atMs, who, dayStamp }: { readonly atMs: number; readonly who: string; readonly dayStamp: string },
): Lot {
  return db.transaction((tx) => {
    const { supplier, placeId, ...facts } = wanted;
    const refused = judgement.verdict === "refuse";
    const lot = tx
      .insert(lots)
      .values({
        ...facts,
        id: randomUUID(),
        code: nextCode(tx, dayStamp),
        supplierId: supplierId(tx, supplier),
        receivedAtMs: atMs,
        receivedBy: who,
        remainingG: refused ? 0 : wanted.massG,
        verdict: judgement.verdict,
        reasons: judgement.reasons,
        impliedIceDays: judgement.reading.impliedIceDays,
        status: refused ? "refused" : "on-ice",
        placeId: refused ? null : placeId,
      })
      .returning()
      .get();
    appendEntry(tx, {
      atMs,
      who,
      kind: refused ? "lot-refused" : "lot-received",
      lotId: lot.id,
      payload: {
        code: lot.code,
        speciesId: lot.speciesId,
        supplier,
        massG: lot.massG,
        receiptC: lot.receiptC,
        verdict: lot.verdict,
        reasons: judgement.reasons.map(({ text }) => text),
      },
    });
    return lot;
  });
}

const withSupplier = (db: Db) =>
  db.select({ lot: lots, supplier: suppliers.name }).from(lots).innerJoin(suppliers, eq(lots.supplierId, suppliers.id));

const flat = ({ lot, supplier }: { lot: Lot; supplier: string }): LotWithSupplier => ({ ...lot, supplier });

export const lotsOnIce = (db: Db): LotWithSupplier[] =>
  withSupplier(db).where(eq(lots.status, "on-ice")).orderBy(asc(lots.receivedAtMs)).all().map(flat);

export const lotsReceivedSince = (db: Db, sinceMs: number): LotWithSupplier[] =>
  withSupplier(db).where(gte(lots.receivedAtMs, sinceMs)).orderBy(desc(lots.receivedAtMs)).all().map(flat);

export function findLot(db: Db, id: string): LotWithSupplier | undefined {
  const row = withSupplier(db).where(eq(lots.id, id)).get();
  return row && flat(row);
}

/** The last lot of this supplier, to copy what does not change from it. */
export function lastLotOf(db: Db, supplier: string): LotWithSupplier | undefined {
  const row = withSupplier(db).where(eq(suppliers.name, supplier)).orderBy(desc(lots.receivedAtMs)).limit(1).get();
  return row && flat(row);
}

/** Takes a lot off the ice: used up or thrown away. */
export function finishLot(db: Db, id: string, reason: string, who: string, atMs: number): boolean {
  return db.transaction((tx) => {
    const lot = tx
      .select()
      .from(lots)
      .where(and(eq(lots.id, id), eq(lots.status, "on-ice")))
      .get();
    if (!lot) return false;
    tx.update(lots).set({ status: "finished", remainingG: 0 }).where(eq(lots.id, id)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "lot-finished",
      lotId: id,
      payload: { code: lot.code, reason, leftG: lot.remainingG },
    });
    return true;
  });
}
