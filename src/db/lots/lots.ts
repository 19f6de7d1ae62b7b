import { randomUUID } from "node:crypto";
import { and, asc, desc, eq, getViewSelectedFields, gte, inArray, isNull } from "drizzle-orm";
import { usualStateOf, type DoorJudgement, type Form, type Grades } from "@/core/freshness";
import type { Provenance } from "@/core/trace";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering, rememberingSince } from "../remember";
import { keepTagWhenGone } from "./tagRetention";
import { lots } from "../schema/larder";
import { deliveries, fish, fishLots, lotStays, suppliers } from "../schema/lots";
import { addFishLot, nextCode, onIce, type Lot } from "./lotRows";
import { inMetric } from "@/words/say";

export type { Lot } from "./lotRows";
export type LotWithSupplier = Lot & { readonly supplier: string };

export type NewLot = {
  readonly speciesId: string;
  readonly form: Form;
  readonly frozen: boolean;
  readonly production: "wild" | "farmed";
  readonly area: string;
  readonly gear: string;
  readonly source: string;
  readonly caughtAtMs: number | null;
  readonly massG: number;
  readonly statedMassG: number | null;
  readonly priceCentsPerKg: number;
  readonly receiptC: number;
  readonly grades: Grades;
  readonly provenance: Provenance;
  readonly placeId: string;
};

export type JudgedLot = { readonly lot: NewLot; readonly judgement: DoorJudgement };

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

type DoorStamp = {
  readonly atMs: number;
  readonly who: string;
  readonly dayStamp: string;
  /** The house's today. */
  readonly day: string;
};

/** Keeps a delivery, every lot with its judgement; refused ones too, outside the stock. All of it or nothing. */
export function receiveDelivery(db: Db, supplier: string, judged: readonly JudgedLot[], stamp: DoorStamp): Lot[] {
  return db.transaction((tx) => {
    const bySupplier = supplierId(tx, supplier);
    const deliveryId = randomUUID();
    const { atMs, who } = stamp;
    tx.insert(deliveries).values({ id: deliveryId, supplierId: bySupplier, receivedAtMs: atMs, receivedBy: who }).run();
    return judged.map(({ lot: facts, judgement }) => {
      const { frozen, placeId, ...columns } = facts;
      const refused = judgement.verdict === "refuse";
      const lot = addFishLot(tx, {
        ...columns,
        totalCents: Math.round((facts.massG / 1000) * facts.priceCentsPerKg),
        id: randomUUID(),
        code: nextCode(tx, stamp.dayStamp),
        supplierId: bySupplier,
        deliveryId,
        receivedAtMs: atMs,
        receivedBy: who,
        remainingG: refused ? 0 : facts.massG,
        verdict: judgement.verdict,
        reasons: judgement.reasons,
        impliedIceDays: frozen ? 0 : judgement.reading.impliedIceDays,
        status: refused ? "refused" : "on-ice",
        state: usualStateOf(facts.form, frozen, facts.provenance.defrosted === true),
        thawedOn: !frozen && facts.provenance.defrosted === true ? stamp.day : null,
        onceFrozen: frozen || facts.provenance.defrosted === true,
        placeId: refused ? null : placeId,
      });
      if (!refused) tx.insert(lotStays).values({ lotId: lot.id, placeId, fromMs: atMs }).run();
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
          statedMassG: lot.statedMassG,
          receiptC: lot.receiptC,
          verdict: lot.verdict,
          reasons: judgement.reasons.map(({ text }) => inMetric(text)),
        },
      });
      return lot;
    });
  });
}

const FISH_LOT = getViewSelectedFields(fishLots);

const withSupplier = (db: Db) =>
  db
    .select({ lot: FISH_LOT, supplier: suppliers.name })
    .from(fishLots)
    .innerJoin(suppliers, eq(fishLots.supplierId, suppliers.id));

const flat = ({ lot, supplier }: { lot: Lot; supplier: string }): LotWithSupplier => ({ ...lot, supplier });

/** What a lot with its supplier is read from. */
const LOT_TABLES = [lots, fish, suppliers];

export const lotsOnIce = remembering(LOT_TABLES, (db): readonly LotWithSupplier[] =>
  withSupplier(db).where(eq(fishLots.status, "on-ice")).orderBy(asc(fishLots.receivedAtMs)).all().map(flat),
);

/** Lots of fish that lie in a place now. */
export const lotsIn = (db: Db, placeId: string): readonly LotWithSupplier[] =>
  lotsOnIce(db).filter((lot) => lot.placeId === placeId);

export const lotsReceivedSince = rememberingSince(
  LOT_TABLES,
  (db, sinceMs): readonly LotWithSupplier[] =>
    withSupplier(db)
      .where(gte(fishLots.receivedAtMs, sinceMs))
      .orderBy(desc(fishLots.receivedAtMs))
      .all()
      .map(flat)
      .filter(({ parentId }) => parentId === null),
  ({ receivedAtMs }) => receivedAtMs,
);

export const findLot = remembering(LOT_TABLES, (db, id: string): LotWithSupplier | undefined => {
  const row = withSupplier(db).where(eq(fishLots.id, id)).get();
  return row && flat(row);
});

export const findLots = remembering(LOT_TABLES, (db, ids: readonly string[]): readonly LotWithSupplier[] =>
  ids.length === 0
    ? []
    : withSupplier(db)
        .where(inArray(fishLots.id, [...ids]))
        .all()
        .map(flat),
);

export const childLots = remembering(LOT_TABLES, (db, parentId: string): readonly LotWithSupplier[] =>
  withSupplier(db).where(eq(fishLots.parentId, parentId)).orderBy(asc(fishLots.receivedAtMs)).all().map(flat),
);

/** The last delivery of this supplier, to copy what does not change from it. */
export function lastLotsOf(db: Db, supplier: string): LotWithSupplier[] {
  const fromDoor = isNull(fishLots.parentId);
  const last = withSupplier(db)
    .where(and(eq(suppliers.name, supplier), fromDoor))
    .orderBy(desc(fishLots.receivedAtMs))
    .limit(1)
    .get();
  if (!last) return [];
  const { deliveryId } = last.lot;
  if (deliveryId === null) return [flat(last)];
  return withSupplier(db)
    .where(and(eq(fishLots.deliveryId, deliveryId), fromDoor))
    .all()
    .map(flat);
}

/** Takes a lot off the ice: used up or sent back. What is thrown away goes through `wasteLot`. */
export function finishLot(
  db: Db,
  id: string,
  reason: string,
  who: string,
  atMs: number,
): Result<null, Refusal<"notOnIce">> {
  return db.transaction((tx) => {
    const lot = onIce(tx, id);
    if (!lot) return refuse("notOnIce");
    leaveIce(tx, id, atMs);
    keepTagWhenGone(tx, id, who, atMs);
    appendEntry(tx, {
      atMs,
      who,
      kind: "lot-finished",
      lotId: id,
      payload: { code: lot.code, reason, leftG: lot.remainingG },
    });
    return ok(null);
  });
}

/** Marks a lot finished and ends its stay. */
export function leaveIce(db: Db, lotId: string, atMs: number): void {
  db.update(lots).set({ status: "finished", remainingG: 0, remainingCents: 0 }).where(eq(lots.id, lotId)).run();
  endStay(db, lotId, atMs);
}

export function endStay(db: Db, lotId: string, atMs: number): void {
  for (const stay of db.select().from(lotStays).where(eq(lotStays.lotId, lotId)).all()) {
    if (stay.toMs === null)
      db.update(lotStays)
        .set({ toMs: Math.max(atMs, stay.fromMs) })
        .where(eq(lotStays.id, stay.id))
        .run();
  }
}
