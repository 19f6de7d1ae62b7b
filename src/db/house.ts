import { randomUUID } from "node:crypto";
import { asc, desc, eq, and, gte, lte } from "drizzle-orm";
import type { RuleSetId } from "@/core/safety";
import type { Db } from "./connection";
import { appendEntry } from "./ledger";
import { house, placeReadings, places, staff } from "./schema";

export type House = typeof house.$inferSelect;
export type Place = typeof places.$inferSelect;
export type Reading = { readonly atMs: number; readonly celsius: number };

export type NewHouse = {
  readonly name: string;
  readonly timeZone: string;
  readonly units: "metric" | "imperial";
  readonly ruleSetId: RuleSetId;
  readonly cooks: readonly string[];
  readonly coldRoomC: number;
};

export const findHouse = (db: Db): House | undefined => db.select().from(house).get();

/** Opens the house once; null when there is one already. */
export function openHouse(db: Db, wanted: NewHouse, atMs: number): House | null {
  return db.transaction((tx) => {
    if (findHouse(tx)) return null;
    const { name, timeZone, units, ruleSetId } = wanted;
    const opened = tx
      .insert(house)
      .values({ id: 1, name, timeZone, units, ruleSetId, createdAtMs: atMs })
      .returning()
      .get();
    for (const cook of new Set(wanted.cooks)) tx.insert(staff).values({ id: randomUUID(), name: cook }).run();
    tx.insert(places).values({ id: randomUUID(), name: "Fish cold room", setC: wanted.coldRoomC }).run();
    const who = wanted.cooks[0] ?? "house";
    appendEntry(tx, { atMs, who, kind: "house-opened", payload: { name, ruleSetId, timeZone } });
    return opened;
  });
}

export const listStaff = (db: Db) => db.select().from(staff).orderBy(asc(staff.name)).all();
export const listPlaces = (db: Db): Place[] => db.select().from(places).orderBy(asc(places.name)).all();

export function addReading(db: Db, placeId: string, reading: Reading): void {
  db.insert(placeReadings)
    .values({ placeId, ...reading })
    .run();
}

/** Readings of a place from the last one before `fromMs` on, in time order. */
export function readingsSince(db: Db, placeId: string, fromMs: number): Reading[] {
  const columns = { atMs: placeReadings.atMs, celsius: placeReadings.celsius };
  const before = db
    .select(columns)
    .from(placeReadings)
    .where(and(eq(placeReadings.placeId, placeId), lte(placeReadings.atMs, fromMs)))
    .orderBy(desc(placeReadings.atMs))
    .limit(1)
    .all();
  const since = db
    .select(columns)
    .from(placeReadings)
    .where(and(eq(placeReadings.placeId, placeId), gte(placeReadings.atMs, fromMs + 1)))
    .orderBy(asc(placeReadings.atMs))
    .all();
  return [...before, ...since];
}
