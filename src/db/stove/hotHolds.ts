import { randomUUID } from "node:crypto";
import { asc, eq, inArray, isNull } from "drizzle-orm";
import { hotHoldStatus, type HotHold, type RuleSetId } from "@/core/safety";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import { MINUTE_MS } from "@/core/units";
import type { Db } from "../connection";
import { findCook } from "./cooks";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { hotHoldReadings, hotHolds } from "../schema/stove";

type Row = typeof hotHolds.$inferSelect;
type Stamp = { readonly who: string; readonly atMs: number; readonly requestId: string };

export type KeptHotHold = Row & { readonly readings: HotHold["readings"] };
export type NewHotHold = {
  readonly cookId: string | null;
  /** The pot or bain of sauce it is, where it is no dish. */
  readonly lotId?: string | null;
  readonly title: string;
  readonly place: string;
  readonly ruleSetId: RuleSetId;
  readonly fromC: number;
  readonly usedMin: number;
};

function load(db: Db, rows: readonly Row[]): KeptHotHold[] {
  const ids = rows.map(({ id }) => id);
  const readings =
    ids.length === 0
      ? []
      : db
          .select()
          .from(hotHoldReadings)
          .where(inArray(hotHoldReadings.hotHoldId, ids))
          .orderBy(asc(hotHoldReadings.atMs), asc(hotHoldReadings.id))
          .all();
  return rows.map((row) => ({ ...row, readings: readings.filter(({ hotHoldId }) => hotHoldId === row.id) }));
}

/** What waits hot now, the oldest first. */
export const openHotHolds = remembering([hotHolds, hotHoldReadings], (db): readonly KeptHotHold[] =>
  load(db, db.select().from(hotHolds).where(isNull(hotHolds.endedAtMs)).orderBy(asc(hotHolds.startedAtMs)).all()),
);

/** The lot and batch it came from, for the ledger. */
function linksOf(db: Db, { cookId, lotId }: { readonly cookId: string | null; readonly lotId?: string | null }) {
  if (cookId === null) return lotId ? { lotId } : {};
  const cook = findCook(db, cookId);
  return cook ? { cookId, batchId: cook.batchId, lotId: cook.lotId } : {};
}

/** Starts the clock of a dish that waits hot. A repeated request is the same hold. */
export function startHotHold(db: Db, hold: NewHotHold, { who, atMs, requestId }: Stamp): string {
  return db.transaction((tx) => {
    const repeated = tx.select().from(hotHolds).where(eq(hotHolds.requestId, requestId)).get();
    if (repeated) return repeated.id;
    const id = randomUUID();
    tx.insert(hotHolds)
      .values({ ...hold, id, requestId, startedAtMs: atMs, startedBy: who })
      .run();
    const { title, place, fromC, usedMin } = hold;
    appendEntry(tx, {
      atMs,
      who,
      kind: "hot-hold-started",
      ...linksOf(tx, hold),
      payload: { hold: id, title, place, fromC, usedMin },
    });
    return id;
  });
}

export type HotHoldError = Refusal<"noSuchHold" | "ended">;
type Open = Result<KeptHotHold, HotHoldError>;

function openOne(db: Db, id: string): Open {
  const row = db.select().from(hotHolds).where(eq(hotHolds.id, id)).get();
  if (!row) return refuse("noSuchHold");
  return row.endedAtMs === null ? ok(load(db, [row])[0]!) : refuse("ended");
}

/** Notes what a probe reads in it. A repeated request is noted once. */
export function readHotHold(db: Db, id: string, celsius: number, { who, atMs, requestId }: Stamp): Open {
  return db.transaction((tx) => {
    const hold = openOne(tx, id);
    const known = tx.select().from(hotHoldReadings).where(eq(hotHoldReadings.requestId, requestId)).get();
    if (!hold.ok || known) return hold;
    // a reading sent late must not run before the one it follows
    const notBefore = hold.value.readings.at(-1)?.atMs ?? hold.value.startedAtMs;
    const at = Math.max(atMs, notBefore);
    tx.insert(hotHoldReadings).values({ hotHoldId: id, requestId, atMs: at, celsius, who }).run();
    const after = openOne(tx, id);
    const { title } = hold.value;
    const state = after.ok ? hotHoldStatus(after.value, at).state : "hot";
    appendEntry(tx, {
      atMs: at,
      who,
      kind: "hot-hold-read",
      ...linksOf(tx, hold.value),
      payload: { hold: id, title, celsius, state },
    });
    return after;
  });
}

/** Served or thrown away: the clock ends, and the ledger has how long it was below. */
export function endHotHold(
  db: Db,
  id: string,
  as: "served" | "thrown-away",
  { who, atMs }: Pick<Stamp, "who" | "atMs">,
): Open {
  return db.transaction((tx) => {
    const hold = openOne(tx, id);
    if (!hold.ok) return hold;
    const { title, startedAtMs } = hold.value;
    const { belowMin } = hotHoldStatus(hold.value, atMs);
    tx.update(hotHolds).set({ endedAtMs: atMs, endedAs: as }).where(eq(hotHolds.id, id)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "hot-hold-ended",
      ...linksOf(tx, hold.value),
      payload: {
        hold: id,
        title,
        as,
        minutes: Math.round((atMs - startedAtMs) / MINUTE_MS),
        belowMin: Math.round(belowMin),
      },
    });
    return hold;
  });
}
