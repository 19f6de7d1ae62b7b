import { randomInt, randomUUID } from "node:crypto";
import { asc, eq, isNull, lt } from "drizzle-orm";
import { MINUTE_MS } from "@/core/units";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { pairings, tablets, type TABLET_KINDS } from "../schema/doors";
import type { Stamp } from "../stamp";
import { keyHashOf } from "./deviceKeys";

export type TabletKind = (typeof TABLET_KINDS)[number];
export type Tablet = typeof tablets.$inferSelect;

/** So long a code lets a tablet in. */
export const CODE_MS = 10 * MINUTE_MS;
/** Letters and figures nobody mistakes for each other; eight of them are 37 bits, for ten minutes and few tries. */
const LETTERS = "ACDEFHJKMNPRTUVWXY34679";
const CODE_LENGTH = 8;
const SEEN_EVERY_MS = 5 * MINUTE_MS;

/** As it is read aloud and typed: "kr4m 7dpx" is "KR4M7DPX". */
export const codeOf = (typed: string): string => typed.toUpperCase().replace(/[^A-Z0-9]/g, "");

/** A code that lets one tablet in, once; told this once. */
export function newPairing(
  db: Db,
  { name, kind }: { readonly name: string; readonly kind: TabletKind },
  { who, atMs }: Stamp,
): string {
  const code = Array.from({ length: CODE_LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join("");
  db.transaction((tx) => {
    tx.delete(pairings).where(lt(pairings.untilMs, atMs)).run();
    tx.insert(pairings)
      .values({ codeHash: keyHashOf(code), name, kind, madeBy: who, untilMs: atMs + CODE_MS })
      .run();
  });
  return code;
}

/** Lets the tablet in that has this code; null: no such code, or its time is over. The code is spent. */
export function pairByCode(db: Db, typed: string, atMs: number): Tablet | null {
  return db.transaction((tx) => {
    const codeHash = keyHashOf(codeOf(typed));
    const known = tx.select().from(pairings).where(eq(pairings.codeHash, codeHash)).get();
    if (!known || known.untilMs < atMs) return null;
    tx.delete(pairings).where(eq(pairings.codeHash, codeHash)).run();
    return letIn(tx, known, { who: known.madeBy, atMs });
  });
}

/** Lets a tablet in. */
export function letIn(
  db: Db,
  { name, kind }: { readonly name: string; readonly kind: TabletKind },
  { who, atMs }: Stamp,
): Tablet {
  return db.transaction((tx) => {
    const tablet = tx
      .insert(tablets)
      .values({ id: randomUUID(), name, kind, pairedAtMs: atMs, pairedBy: who, lastSeenMs: atMs })
      .returning()
      .get();
    appendEntry(tx, { atMs, who, kind: "tablet-set", payload: { name, tablet: kind, change: "paired" } });
    return tablet;
  });
}

export const listTablets = (db: Db): readonly Tablet[] =>
  db.select().from(tablets).where(isNull(tablets.endedAtMs)).orderBy(asc(tablets.pairedAtMs)).all();

/** The tablet of a session, as long as it was not shut out; that it was seen is noted now and then. */
export function tabletSeen(db: Db, id: string, atMs: number): Tablet | null {
  const tablet = db.select().from(tablets).where(eq(tablets.id, id)).get();
  if (!tablet || tablet.endedAtMs !== null) return null;
  if (atMs - (tablet.lastSeenMs ?? 0) >= SEEN_EVERY_MS)
    db.update(tablets).set({ lastSeenMs: atMs }).where(eq(tablets.id, id)).run();
  return tablet;
}

/** Shuts a tablet out: what its browser carries opens nothing any more. Refused: there is none under that id. */
export function shutOut(db: Db, id: string, { who, atMs }: Stamp): Result<null, Refusal<"noSuchTablet">> {
  return db.transaction((tx) => {
    const tablet = listTablets(tx).find((one) => one.id === id);
    if (!tablet) return refuse("noSuchTablet");
    tx.update(tablets).set({ endedAtMs: atMs }).where(eq(tablets.id, id)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "tablet-set",
      payload: { name: tablet.name, tablet: tablet.kind, change: "ended" },
    });
    return ok(null);
  });
}
