import { desc, eq } from "drizzle-orm";
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
