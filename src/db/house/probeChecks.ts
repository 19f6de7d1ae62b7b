import { DAY_MS } from "@/core/units";
import type { Db } from "../connection";
import { appendEntry, entriesOfKind, lastEntry } from "../ledger";

/** A probe held in melting ice and what it read: the record is the ledger's entry. */
export function noteProbeCheck(db: Db, celsius: number, probe: string, stamp: { who: string; atMs: number }): void {
  appendEntry(db, { ...stamp, kind: "probe-checked", payload: { probe, celsius } });
}

export function lastProbeCheck(
  db: Db,
): { readonly atMs: number; readonly celsius: number; readonly who: string } | null {
  const entry = lastEntry(db, "probe-checked");
  return entry ? { atMs: entry.atMs, who: entry.who, celsius: Number(entry.payload.celsius) } : null;
}

/** Nobody goes by a check that is older. */
const LOOKED_BACK_DAYS = 60;

/** The last check of each probe by its name ("" where none was named), and when it was. */
export function lastChecks(
  db: Db,
  nowMs: number,
): ReadonlyMap<string, { readonly atMs: number; readonly celsius: number }> {
  const checks = entriesOfKind(db, "probe-checked", nowMs - LOOKED_BACK_DAYS * DAY_MS);
  return new Map(checks.map(({ atMs, payload }) => [payload.probe ?? "", { atMs, celsius: Number(payload.celsius) }]));
}
