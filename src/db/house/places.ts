import { randomUUID } from "node:crypto";
import { and, asc, desc, eq, gt, gte, lt, lte, or, sql } from "drizzle-orm";
import { TemperatureHistory, type Limits, type PlaceKind, type PlaceReading } from "@/core/coldchain";
import { ok, type Refusal, refuse, type Result } from "@/core/shared";
import { HOUR_MS } from "@/core/units";
import type { Db } from "../connection";
import { hasKey, newKey } from "../doors/deviceKeys";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { placeReadings, places } from "../schema/house";
import type { Stamp } from "../stamp";

export type Place = typeof places.$inferSelect;
export type ReadingSource = (typeof placeReadings.$inferSelect)["source"];

export type PlaceFacts = {
  readonly name: string;
  readonly kind: PlaceKind;
  readonly setC: number;
  readonly minC: number | null;
  readonly maxC: number | null;
  readonly everyMin: number;
};

export const listPlaces = remembering([places], (db): readonly Place[] =>
  db.select().from(places).orderBy(asc(places.name)).all(),
);
export const findPlace = (db: Db, id: string): Place | undefined =>
  db.select().from(places).where(eq(places.id, id)).get();

/** Adds a place or changes one; refused when another place has that name. */
export function setPlace(
  db: Db,
  id: string | null,
  facts: PlaceFacts,
  { who, atMs }: Stamp,
): Result<Place, Refusal<"nameIsTaken" | "noSuchPlace">> {
  return db.transaction((tx) => {
    const named = tx.select().from(places).where(eq(places.name, facts.name)).get();
    if (named && named.id !== id) return refuse("nameIsTaken");
    const [place] =
      id === null
        ? tx
            .insert(places)
            .values({ ...facts, id: randomUUID() })
            .returning()
            .all()
        : tx
            .update(places)
            .set({ ...facts, version: sql`${places.version} + 1` })
            .where(eq(places.id, id))
            .returning()
            .all();
    if (!place) return refuse("noSuchPlace");
    appendEntry(tx, { atMs, who, kind: "place-set", payload: { placeId: place.id, ...facts } });
    return ok(place);
  });
}

/** A new key for the sensor of a place, told this once; the old one stops working. Refused: no such place. */
export function setSensor(
  db: Db,
  placeId: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Result<string, Refusal<"noSuchPlace">> {
  return db.transaction((tx) => {
    const place = findPlace(tx, placeId);
    if (!place) return refuse("noSuchPlace");
    const renewed = hasKey(tx, "sensor", placeId);
    appendEntry(tx, { atMs, who, kind: "sensor-set", payload: { name: place.name, renewed } });
    return ok(newKey(tx, "sensor", placeId, { who, atMs }));
  });
}

/** Rows of one statement: four values each, far below what SQLite takes. */
const ROWS_AT_ONCE = 500;

export type Added = { readonly added: number; readonly known: number };

/**
 * Adds readings of a place in one transaction. A moment that already has a reading keeps the first one. What was typed or imported goes
 * to the ledger; a sensor's stream does not, it is its own record.
 */
export function addReadings(
  db: Db,
  placeId: string,
  readings: readonly PlaceReading[],
  source: ReadingSource,
  stamp: Stamp | null,
): Added {
  return db.transaction((tx) => {
    let added = 0;
    for (let from = 0; from < readings.length; from += ROWS_AT_ONCE) {
      const rows = readings
        .slice(from, from + ROWS_AT_ONCE)
        .map(({ atMs, celsius }) => ({ placeId, atMs: Math.round(atMs), celsius, source }));
      added += tx.insert(placeReadings).values(rows).onConflictDoNothing().run().changes;
    }
    if (added > 0)
      tx.update(places)
        .set({ version: sql`${places.version} + 1` })
        .where(eq(places.id, placeId))
        .run();
    if (stamp && added > 0) {
      const name = findPlace(tx, placeId)?.name ?? "";
      const typed = source === "typed" ? readings[0] : undefined;
      const payload = typed ? { place: name, celsius: typed.celsius, readAtMs: typed.atMs } : { place: name, added };
      appendEntry(tx, { ...stamp, kind: typed ? "reading-typed" : "readings-imported", payload });
    }
    return { added, known: readings.length - added };
  });
}

const COLUMNS = { atMs: placeReadings.atMs, celsius: placeReadings.celsius };

const before = (db: Db, placeId: string, atMs: number): PlaceReading[] =>
  db
    .select(COLUMNS)
    .from(placeReadings)
    .where(and(eq(placeReadings.placeId, placeId), lte(placeReadings.atMs, atMs)))
    .orderBy(desc(placeReadings.atMs))
    .limit(1)
    .all();

/** Readings of a place from the last one before `fromMs` on, in time order, up to `toMs`. */
export function readingsSince(db: Db, placeId: string, fromMs: number, toMs = Number.MAX_SAFE_INTEGER): PlaceReading[] {
  const since = db
    .select(COLUMNS)
    .from(placeReadings)
    .where(and(eq(placeReadings.placeId, placeId), gte(placeReadings.atMs, fromMs + 1), lt(placeReadings.atMs, toMs)))
    .orderBy(asc(placeReadings.atMs))
    .all();
  return [...before(db, placeId, fromMs), ...since];
}

const outside = ({ minC, maxC }: Limits) =>
  or(
    maxC === null ? undefined : gt(placeReadings.celsius, maxC),
    minC === null ? undefined : lt(placeReadings.celsius, minC),
  );

/** Whether a place was read outside these limits since. */
export const hasOutside = (db: Db, placeId: string, { minC, maxC }: Limits, fromMs: number): boolean =>
  (lastOutsideMs(db, placeId, minC, maxC, Math.floor(fromMs / HOUR_MS)) ?? -Infinity) >= fromMs;

/** The last moment at which a place was read outside these limits since a full hour; null: it was not. */
const lastOutsideMs = remembering(
  [placeReadings],
  (db, placeId: string, minC: number | null, maxC: number | null, sinceHour: number): number | null => {
    const outsideThem = outside({ minC, maxC });
    if (!outsideThem) return null;
    const since = gte(placeReadings.atMs, sinceHour * HOUR_MS);
    const last = db
      .select({ atMs: placeReadings.atMs })
      .from(placeReadings)
      .where(and(eq(placeReadings.placeId, placeId), since, outsideThem))
      .orderBy(desc(placeReadings.atMs))
      .limit(1)
      .get();
    return last?.atMs ?? null;
  },
);

/** `fromMs`, or where the place was outside its limits then, the last moment before at which it was read inside them. */
export function beforeExcursion(db: Db, place: Place, limits: Limits, fromMs: number): number {
  const placeId = place.id;
  const [last] = historyOf(db, place, fromMs).between(fromMs, fromMs + 1);
  const isOut = (celsius: number) =>
    (limits.maxC !== null && celsius > limits.maxC) || (limits.minC !== null && celsius < limits.minC);
  if (!last || !isOut(last.celsius)) return fromMs;
  const inside = db
    .select({ atMs: placeReadings.atMs })
    .from(placeReadings)
    .where(
      and(
        eq(placeReadings.placeId, placeId),
        lt(placeReadings.atMs, fromMs),
        limits.maxC === null ? undefined : lte(placeReadings.celsius, limits.maxC),
        limits.minC === null ? undefined : gte(placeReadings.celsius, limits.minC),
      ),
    )
    .orderBy(desc(placeReadings.atMs))
    .limit(1)
    .get();
  return inside?.atMs ?? 0;
}

type Cached = { version: number; fromMs: number; history: TemperatureHistory };
const shared = globalThis as typeof globalThis & { gaffelHistories?: WeakMap<object, Map<string, Cached>> };

/** The history of a place back to `fromMs`, kept between requests and only carried on while nothing older was changed. */
export function historyOf(db: Db, place: Place, fromMs: number): TemperatureHistory {
  const all = (shared.gaffelHistories ??= new WeakMap<object, Map<string, Cached>>());
  const ofDb = all.get(db) ?? new Map<string, Cached>();
  all.set(db, ofDb);
  const known = ofDb.get(place.id);
  if (known && known.fromMs <= fromMs && known.version === place.version) return known.history;
  if (known && known.fromMs <= fromMs && known.history.setC === place.setC && carryOn(db, place, known))
    return known.history;
  const since = Math.min(fromMs, known?.fromMs ?? fromMs);
  const history = new TemperatureHistory(readingsSince(db, place.id, since), place.setC);
  ofDb.set(place.id, { version: place.version, fromMs: since, history });
  return history;
}

/** Adds what came since, when all of it is later than what is there; false when something older came in. */
function carryOn(db: Db, place: Place, known: Cached): boolean {
  const lastMs = known.history.lastAtMs;
  if (lastMs === null) return false;
  const count = (atMs: number) =>
    db
      .select({ count: sql<number>`count(*)` })
      .from(placeReadings)
      .where(
        and(eq(placeReadings.placeId, place.id), gte(placeReadings.atMs, known.fromMs), lte(placeReadings.atMs, atMs)),
      )
      .get()?.count ?? 0;
  if (count(lastMs) !== known.history.countSince(known.fromMs)) return false;
  for (const reading of readingsSince(db, place.id, lastMs).filter(({ atMs }) => atMs > lastMs))
    known.history.append(reading);
  known.version = place.version;
  return true;
}
