import { eq } from "drizzle-orm";
import { ok, type Refusal, refuse, type Result } from "@/core/shared";
import type { LotNoteKind, LotNotes } from "@/house/raw/rawFacts";
import type { Provenance } from "@/core/trace";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { findLot } from "../lots/lots";
import { lotNotes } from "../schema/block";
import { fish } from "../schema/lots";
import type { Stamp } from "../stamp";

/** What was looked at or measured on a lot since the door, the newest of each kind. */
export const notesOf = remembering([lotNotes], (db, lotId: string): LotNotes => {
  const rows = db.select().from(lotNotes).where(eq(lotNotes.lotId, lotId)).orderBy(lotNotes.atMs, lotNotes.id).all();
  return Object.fromEntries(rows.map(({ kind, atMs, amount, outOf }) => [kind, { atMs, amount, outOf }]));
});

export type LotNoteIn = { readonly kind: LotNoteKind; readonly amount: number; readonly outOf: number | null };

/** Notes something looked at or measured on a lot after the door. */
export function noteOnLot(
  db: Db,
  lotId: string,
  note: LotNoteIn,
  { who, atMs }: Stamp,
): Result<null, Refusal<"notOnIce">> {
  return db.transaction((tx) => {
    const lot = findLot(tx, lotId);
    if (!lot || lot.status !== "on-ice") return refuse("notOnIce");
    tx.insert(lotNotes)
      .values({ lotId, atMs, who, ...note })
      .run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "lot-noted",
      lotId,
      payload: { code: lot.code, note: note.kind, amount: note.amount, outOf: note.outOf },
    });
    return ok(null);
  });
}

export type LotPapers = Pick<
  Provenance,
  | "rearing"
  | "feedStatement"
  | "freezingStatement"
  | "clearedGround"
  | "skein"
  | "dealerListed"
  | "waterClass"
  | "supplierLot"
  | "tag"
>;

/** Papers that came after the fish: added to what is known of the lot, never taken back here. */
export function addPapers(
  db: Db,
  lotId: string,
  papers: LotPapers,
  { who, atMs }: Stamp,
): Result<null, Refusal<"notOnIce">> {
  return db.transaction((tx) => {
    const lot = findLot(tx, lotId);
    if (!lot || lot.status !== "on-ice") return refuse("notOnIce");
    tx.update(fish)
      .set({ provenance: { ...lot.provenance, ...papers } })
      .where(eq(fish.lotId, lotId))
      .run();
    appendEntry(tx, { atMs, who, kind: "lot-noted", lotId, payload: { code: lot.code, note: "papers", ...papers } });
    return ok(null);
  });
}
