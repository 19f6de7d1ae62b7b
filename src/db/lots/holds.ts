import { randomUUID } from "node:crypto";
import { asc, desc, eq, inArray, isNull } from "drizzle-orm";
import { HOLD_LABELS, holdStatus, type Hold, type HoldStatus, type ParasiteHold } from "@/core/coldchain";
import type { FreezePack } from "@/core/raw";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import { HOUR_MS } from "@/core/units";
import type { Db } from "../connection";
import { isFreezerIn } from "@/house/lots/lineage";
import { holdOf, liveHold, type HoldFacts } from "@/house/lots/holdFacts";
import type { KeptHold } from "@/house/raw/rawFacts";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { findLots, type LotWithSupplier } from "./lots";
import { listPlaces, readingsSince } from "../house/places";
import { placeReadings } from "../schema/house";
import { holdReadings, holds, lotStays } from "../schema/lots";
import type { Stamp } from "../stamp";
import type { StockLot } from "./stock";
import { inMetric } from "@/words/say";

type HoldRow = typeof holds.$inferSelect;

export type LotHold = {
  readonly id: string;
  readonly lot: LotWithSupplier;
  readonly hold: Hold;
  readonly status: HoldStatus;
  /** The pack a freezing hold was begun with, where the planner was told it. */
  readonly pack: FreezePack | null;
  readonly closedAtMs: number | null;
  readonly closedAs: string | null;
};

const staysOfLot = remembering([lotStays], (db, lotId: string) =>
  db.select().from(lotStays).where(eq(lotStays.lotId, lotId)).orderBy(asc(lotStays.fromMs)).all(),
);

const readingsOf = remembering([holdReadings], (db, holdIds: readonly string[]) =>
  db
    .select()
    .from(holdReadings)
    .where(inArray(holdReadings.holdId, [...holdIds]))
    .orderBy(asc(holdReadings.atMs))
    .all(),
);

/** To the end of an hour, so that what one look read serves the next. */
const freezerReadings = remembering([placeReadings], (db, placeId: string, sinceMs: number, toHour: number) =>
  readingsSince(db, placeId, sinceMs, toHour * HOUR_MS + 1),
);

/** What the freezers a lot lay in during its hold read by themselves, and when it lay elsewhere. */
function whereItLay(
  db: Db,
  lotId: string,
  { startedAtMs, stated, readings }: ParasiteHold,
  toMs: number,
): Pick<ParasiteHold, "freezer" | "away"> {
  const isFreezer = isFreezerIn(listPlaces(db));
  // the cold may be stated, or read, from before the hold was begun in the book
  const fromMs = Math.min(startedAtMs, stated?.atMs ?? Infinity, readings[0]?.atMs ?? Infinity);
  const stays = staysOfLot(db, lotId)
    .map((stay) => ({ ...stay, fromMs: Math.max(stay.fromMs, fromMs), toMs: Math.min(stay.toMs ?? toMs, toMs) }))
    .filter((stay) => stay.fromMs <= stay.toMs);
  return {
    freezer: stays
      .filter(({ placeId }) => isFreezer(placeId))
      .flatMap((stay) =>
        freezerReadings(db, stay.placeId, stay.fromMs, Math.ceil(stay.toMs / HOUR_MS))
          // the last one before the lot came tells the air it came into, from then on
          .map(({ atMs, celsius }) => ({ atMs: Math.max(atMs, stay.fromMs), celsius }))
          .filter(({ atMs }) => atMs <= stay.toMs),
      ),
    away: stays
      .filter(({ placeId }) => !isFreezer(placeId))
      .map((stay) => ({ fromMs: stay.fromMs, toMs: stay.toMs === toMs ? null : stay.toMs })),
  };
}

/** Lots that lie in cure, or came out of it. */
export const lotsInCure = (db: Db): ReadonlySet<string> =>
  new Set(
    db
      .select({ lotId: holds.lotId })
      .from(holds)
      .where(eq(holds.kind, "cure"))
      .all()
      .map(({ lotId }) => lotId),
  );

/** Holds with their readings and where the lot lay meanwhile. */
function withReadings(db: Db, rows: readonly HoldRow[], nowMs: number): readonly { row: HoldRow; hold: Hold }[] {
  if (rows.length === 0) return [];
  const readings = readingsOf(
    db,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => {
    const bare = holdOf(
      row.facts,
      row.startedAtMs,
      readings.filter(({ holdId }) => holdId === row.id),
    );
    const hold: Hold =
      bare.kind === "parasite" ? { ...bare, ...whereItLay(db, row.lotId, bare, row.closedAtMs ?? nowMs) } : bare;
    return { row, hold };
  });
}

function load(db: Db, rows: readonly HoldRow[], nowMs: number): LotHold[] {
  if (rows.length === 0) return [];
  const lots = new Map(
    findLots(
      db,
      rows.map(({ lotId }) => lotId),
    ).map((lot) => [lot.id, lot]),
  );
  return withReadings(db, rows, nowMs).flatMap(({ row, hold }) => {
    const lot = lots.get(row.lotId);
    if (!lot) return [];
    const { id, closedAtMs, closedAs } = row;
    const pack = (row.facts.kind === "parasite" ? row.facts.pack : null) ?? null;
    return [{ id, lot, hold, status: holdStatus(hold, nowMs), pack, closedAtMs, closedAs }];
  });
}

const openRows = remembering([holds], (db) =>
  db.select().from(holds).where(isNull(holds.closedAtMs)).orderBy(asc(holds.startedAtMs)).all(),
);

export const openHolds = (db: Db, nowMs: number): LotHold[] => load(db, openRows(db), nowMs);

const holdRowsOf = remembering([holds], (db, lotId: string) =>
  db.select().from(holds).where(eq(holds.lotId, lotId)).orderBy(desc(holds.startedAtMs)).all(),
);

/** The same as they are kept, for who judges them by another rule. */
export const keptHoldsOf = (db: Db, lotId: string, nowMs: number): readonly KeptHold[] =>
  withReadings(db, holdRowsOf(db, lotId), nowMs).map(({ row: { closedAtMs }, hold }) => ({ hold, closedAtMs }));

export const holdsOfLot = (db: Db, lotId: string, nowMs: number): LotHold[] => load(db, holdRowsOf(db, lotId), nowMs);

export const findHold = (db: Db, id: string, nowMs: number): LotHold | undefined =>
  load(db, db.select().from(holds).where(eq(holds.id, id)).all(), nowMs)[0];

/** Live animals on ice hold by themselves: days alive in store. */
export const liveHolds = (stock: readonly StockLot[], nowMs: number): LotHold[] =>
  stock
    .filter(({ row }) => row.state === "live")
    .map(({ row, species }) => {
      const hold = liveHold(row, species);
      return {
        id: `live-${row.id}`,
        lot: row,
        hold,
        status: holdStatus(hold, nowMs),
        pack: null,
        closedAtMs: null,
        closedAs: null,
      };
    });

export function startHold(db: Db, lotId: string, facts: HoldFacts, { who, atMs }: Stamp): string {
  return db.transaction((tx) => {
    const id = randomUUID();
    tx.insert(holds).values({ id, lotId, kind: facts.kind, startedAtMs: atMs, startedBy: who, facts }).run();
    const code = findLots(tx, [lotId])[0]?.code ?? "";
    appendEntry(tx, {
      atMs,
      who,
      kind: "hold-started",
      lotId,
      payload: { code, hold: HOLD_LABELS[facts.kind], ...facts },
    });
    return id;
  });
}

export type HoldError = Refusal<"noSuchHold" | "closedAlready" | "takesNoReadings" | "laterReadingIsThere">;

/** Notes a centre reading of a freezing hold; readings only go forward. */
export function readHold(
  db: Db,
  id: string,
  reading: { readonly atMs: number; readonly celsius: number },
  { who, atMs }: Stamp,
): Result<LotHold, HoldError> {
  return db.transaction((tx) => {
    const found = findHold(tx, id, atMs);
    if (!found) return refuse("noSuchHold");
    if (found.closedAtMs !== null) return refuse("closedAlready");
    if (found.hold.kind !== "parasite") return refuse("takesNoReadings");
    const last = found.hold.readings.at(-1);
    if (last && reading.atMs <= last.atMs) return refuse("laterReadingIsThere");
    tx.insert(holdReadings)
      .values({ holdId: id, ...reading, who })
      .run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "hold-read",
      lotId: found.lot.id,
      payload: { code: found.lot.code, celsius: reading.celsius, readAtMs: reading.atMs },
    });
    return ok(findHold(tx, id, atMs)!);
  });
}

/** The pack of a thawing lot has been opened. Refused: it does not thaw, or no longer. */
export function openHeldPack(db: Db, id: string, { who, atMs }: Stamp): Result<null, Refusal<"notWaiting">> {
  return db.transaction((tx) => {
    const row = tx.select().from(holds).where(eq(holds.id, id)).get();
    if (row?.facts.kind !== "thaw" || row.closedAtMs !== null) return refuse("notWaiting");
    tx.update(holds)
      .set({ facts: { ...row.facts, packOpened: true } })
      .where(eq(holds.id, id))
      .run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "lot-opened",
      lotId: row.lotId,
      payload: { pack: "vacuum pack opened for thawing" },
    });
    return ok(null);
  });
}

/** Closes a hold: as met when its rule is proven or its time over, else as broken off. */
export function closeHold(db: Db, id: string, { who, atMs }: Stamp): Result<string, HoldError> {
  return db.transaction((tx) => {
    const found = findHold(tx, id, atMs);
    if (!found) return refuse("noSuchHold");
    if (found.closedAtMs !== null) return refuse("closedAlready");
    const { hold, status } = found;
    const met = hold.kind === "parasite" ? status.state === "done" : status.state === "due" || status.state === "done";
    const closedAs = met ? `met: ${inMetric(status.needs)}` : `broken off: ${inMetric(status.needs)}`;
    tx.update(holds).set({ closedAtMs: atMs, closedAs }).where(eq(holds.id, id)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "hold-closed",
      lotId: found.lot.id,
      payload: { code: found.lot.code, hold: HOLD_LABELS[hold.kind], met, as: closedAs, rule: status.source },
    });
    return ok(closedAs);
  });
}
