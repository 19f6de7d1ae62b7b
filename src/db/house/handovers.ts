import { and, desc, gte, inArray } from "drizzle-orm";
import { z } from "zod";
import { DAY_MS } from "@/core/units";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { ledger } from "../schema/ledger";

type Stamp = { readonly who: string; readonly atMs: number };

/** What whoever goes leaves behind in words, besides what the house knows by itself. */
const Left = z.object({ note: z.string() });
/** Who took over from whom, and how much was on the list that was read. */
const Taken = z.object({
  from: z.string(),
  runs: z.number(),
  owed: z.number(),
  low: z.number(),
  probe: z.string(),
});
export type TakenOver = z.infer<typeof Taken>;

export const leaveHandover = (db: Db, note: string, stamp: Stamp): void => {
  appendEntry(db, { ...stamp, kind: "handover-left", payload: { note } satisfies z.infer<typeof Left> });
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

/** What was left since somebody last took over, and who that was. */
export function handovers(db: Db, nowMs: number): Handovers {
  const entries = db
    .select({ who: ledger.who, atMs: ledger.atMs, kind: ledger.kind, payload: ledger.payload })
    .from(ledger)
    .where(
      and(gte(ledger.atMs, nowMs - STANDS_DAYS * DAY_MS), inArray(ledger.kind, ["handover-left", "handover-taken"])),
    )
    .orderBy(desc(ledger.seq))
    .all();
  const at = entries.findIndex(({ kind }) => kind === "handover-taken");
  const taken = entries[at];
  return {
    waiting: entries
      .slice(0, at < 0 ? undefined : at)
      .map(({ who, atMs, payload }) => ({ who, atMs, note: Left.parse(payload).note })),
    lastTaken: taken ? { who: taken.who, atMs: taken.atMs, from: Taken.parse(taken.payload).from } : null,
  };
}
