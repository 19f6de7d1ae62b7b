import { and, asc, desc, eq, gte } from "drizzle-orm";
import { DAY_MS } from "@/core/units";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { ledger } from "../schema/ledger";

/** A probe held in melting ice and what it read: the record is the ledger's entry. */
export function noteProbeCheck(db: Db, celsius: number, probe: string, stamp: { who: string; atMs: number }): void {
  appendEntry(db, { ...stamp, kind: "probe-checked", payload: { probe, celsius } });
}

export function lastProbeCheck(
  db: Db,
): { readonly atMs: number; readonly celsius: number; readonly who: string } | null {
  const entry = db
    .select()
    .from(ledger)
    .where(eq(ledger.kind, "probe-checked"))
    .orderBy(desc(ledger.seq))
    .limit(1)
    .get();
  return entry ? { atMs: entry.atMs, who: entry.who, celsius: Number(entry.payload["celsius"]) } : null;
}

/** Nobody goes by a check that is older. */
const LOOKED_BACK_DAYS = 60;

/** The last check of each probe by its name ("" where none was named), and when it was. */
export function lastChecks(
  db: Db,
  nowMs: number,
): ReadonlyMap<string, { readonly atMs: number; readonly celsius: number }> {
  const entries = db
    .select({ atMs: ledger.atMs, payload: ledger.payload })
    .from(ledger)
    .where(and(eq(ledger.kind, "probe-checked"), gte(ledger.atMs, nowMs - LOOKED_BACK_DAYS * DAY_MS)))
    .orderBy(asc(ledger.seq))
    .all();
  return new Map(
    entries.map(({ atMs, payload }) => [String(payload["probe"] ?? ""), { atMs, celsius: Number(payload["celsius"]) }]),
  );
}
