import { isKind, type LedgerEntry, type LedgerPayloads } from "@/core/trace";
import { DAY_MS } from "@/core/units";
import type { Db } from "../connection";
import { appendEntry, entriesOfKind } from "../ledger";
import { rememberingSince } from "../remember";
import { ledger } from "../schema/ledger";
import type { Stamp } from "../stamp";

/** Who took over from whom, and how much was on the list that was read. */
export type TakenOver = LedgerPayloads["handover-taken"];

export const leaveHandover = (db: Db, note: string, stamp: Stamp): void => {
  appendEntry(db, { ...stamp, kind: "handover-left", payload: { note } });
};

/** The entry is of the one who takes over. */
export const takeHandover = (db: Db, taken: TakenOver, stamp: Stamp): void => {
  appendEntry(db, { ...stamp, kind: "handover-taken", payload: taken });
};

/** A handover nobody took for so long is of another week. */
const STANDS_DAYS = 3;

export type Handovers = {
  /** Words that were left and nobody has taken over yet, the newest first. */
  readonly waiting: readonly { readonly who: string; readonly atMs: number; readonly note: string }[];
  readonly lastTaken: { readonly who: string; readonly from: string; readonly atMs: number } | null;
};

const kept = rememberingSince(
  [ledger],
  (db, sinceMs): readonly LedgerEntry[] =>
    [entriesOfKind(db, "handover-left", sinceMs), entriesOfKind(db, "handover-taken", sinceMs)].flat(),
  ({ atMs }) => atMs,
);

/** What was left since somebody last took over, and who that was. */
export function handovers(db: Db, nowMs: number): Handovers {
  const since = kept(db, nowMs - STANDS_DAYS * DAY_MS);
  const taken = since.filter(isKind("handover-taken")).at(-1);
  const left = since.filter(isKind("handover-left")).filter(({ seq }) => seq > (taken?.seq ?? 0));
  return {
    waiting: left.toReversed().map(({ who, atMs, payload }) => ({ who, atMs, note: payload.note ?? "" })),
    lastTaken: taken ? { who: taken.who, atMs: taken.atMs, from: taken.payload.from ?? "" } : null,
  };
}
