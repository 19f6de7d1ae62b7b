import { randomUUID } from "node:crypto";
import { and, asc, eq, isNull, lte, or } from "drizzle-orm";
import type { Form } from "@/core/freshness";
import { err, ok, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { orderDays, orders } from "../schema/orders";
import type { Stamp } from "../stamp";

export type Order = typeof orders.$inferSelect;
export type NewOrder = {
  readonly supplier: string;
  readonly speciesId: string;
  readonly form: Form;
  readonly frozen: boolean;
  readonly massG: number;
  readonly priceCentsPerKg: number | null;
  /** For that day alone, or with `everyWeek` for its day of every week from then on. */
  readonly day: string;
  readonly everyWeek: boolean;
};

/** 0 Sunday to 6 Saturday of a day, YYYY-MM-DD. */
const weekdayOf = (day: string): number => new Date(`${day}T12:00:00Z`).getUTCDay();

/** Puts an order on record; it stands at the door on its day. */
export function placeOrder(db: Db, { day, everyWeek, ...what }: NewOrder, { who, atMs }: Stamp): string {
  return db.transaction((tx) => {
    const id = randomUUID();
    tx.insert(orders)
      .values({
        id,
        ...what,
        day: everyWeek ? null : day,
        weekday: everyWeek ? weekdayOf(day) : null,
        placedOn: day,
        placedBy: who,
        placedAtMs: atMs,
      })
      .run();
    const { supplier, speciesId, massG } = what;
    appendEntry(tx, { atMs, who, kind: "order-placed", payload: { supplier, speciesId, massG, day, everyWeek } });
    return id;
  });
}

const standing = (day: string) =>
  and(
    isNull(orders.endedAtMs),
    or(eq(orders.day, day), and(eq(orders.weekday, weekdayOf(day)), lte(orders.placedOn, day))),
  );

/** What is expected on a day and of which nothing is known yet, van by van. */
export const expectedOn = (db: Db, day: string): readonly Order[] =>
  db
    .select({ order: orders })
    .from(orders)
    .leftJoin(orderDays, and(eq(orderDays.orderId, orders.id), eq(orderDays.day, day)))
    .where(and(standing(day), isNull(orderDays.id)))
    .orderBy(asc(orders.supplier), asc(orders.placedAtMs))
    .all()
    .map(({ order }) => order);

/** Orders that are still to come: of today and later, and those of every week. */
export const ordersToCome = (db: Db, today: string): readonly Order[] =>
  db
    .select()
    .from(orders)
    .where(isNull(orders.endedAtMs))
    .orderBy(asc(orders.day), asc(orders.placedAtMs))
    .all()
    .filter(({ day }) => day === null || day >= today);

export type OrderError = { readonly kind: "noOrder" | "knownAlready" };

/** It is not to come any more: an order of one day, or of every week from now on. */
export function endOrder(db: Db, id: string, { who, atMs }: Stamp): Result<null, OrderError> {
  return db.transaction((tx) => {
    const order = tx.select().from(orders).where(eq(orders.id, id)).get();
    if (!order || order.endedAtMs !== null) return err({ kind: "noOrder" });
    tx.update(orders).set({ endedAtMs: atMs }).where(eq(orders.id, id)).run();
    const { supplier, speciesId, massG } = order;
    appendEntry(tx, { atMs, who, kind: "order-ended", payload: { supplier, speciesId, massG } });
    return ok(null);
  });
}

/** What came of an order on a day: its lot, or nothing (`lotId` null). Known once. */
export function noteOrder(
  db: Db,
  id: string,
  day: string,
  lotId: string | null,
  { who, atMs }: Stamp,
): Result<null, OrderError> {
  return db.transaction((tx) => {
    const order = tx.select().from(orders).where(eq(orders.id, id)).get();
    if (!order) return err({ kind: "noOrder" });
    const known = tx
      .select({ id: orderDays.id })
      .from(orderDays)
      .where(and(eq(orderDays.orderId, id), eq(orderDays.day, day)))
      .get();
    if (known) return err({ kind: "knownAlready" });
    tx.insert(orderDays).values({ orderId: id, day, lotId, atMs, who }).run();
    const { supplier, speciesId, massG } = order;
    if (lotId === null)
      appendEntry(tx, { atMs, who, kind: "order-missing", payload: { supplier, speciesId, massG, day } });
    return ok(null);
  });
}
