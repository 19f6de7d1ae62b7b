import { keyed, stableJson } from "@/core/shared";
import type { LedgerPayloads } from "./payloads";

export type LedgerKind = keyof LedgerPayloads;

/** What an entry can be about. */
export type SubjectKind = "lot" | "batch" | "cook" | "place" | "make" | "spec" | "spot" | "hold" | "ticket";
export type Subject = { readonly kind: SubjectKind; readonly id: string };

/** When, by whom, and about which lot, batch, cook or earlier entry. */
export type LedgerHead = {
  readonly atMs: number;
  readonly who: string;
  readonly lotId: string | null;
  readonly batchId: string | null;
  readonly cookId: string | null;
  readonly correctsSeq: number | null;
};

/** What one entry says; the hash covers all of it and the hash before it. */
export type LedgerBody = LedgerHead & {
  readonly kind: LedgerKind;
  readonly payload: Readonly<Record<string, unknown>>;
};

/** What was said by an entry of a kind. Entries are never changed: one of an earlier release may lack any of what is said now. */
export type Told<Kind extends LedgerKind> = Readonly<Partial<LedgerPayloads[Kind]>>;

export type LedgerEntryOf<Kind extends LedgerKind> = LedgerHead & {
  readonly kind: Kind;
  readonly payload: Told<Kind>;
  readonly seq: number;
  readonly prevHash: string;
  readonly hash: string;
};

export type LedgerEntry = { [Kind in LedgerKind]: LedgerEntryOf<Kind> }[LedgerKind];

/** Whether an entry is of this kind, and says what that kind says. */
export const isKind =
  <Kind extends LedgerKind>(kind: Kind) =>
  (entry: LedgerEntry): entry is Extract<LedgerEntry, { readonly kind: Kind }> =>
    entry.kind === kind;

/** Stands before the first entry. */
export const GENESIS_HASH = "0".repeat(64);

/** The text whose digest is an entry's hash: canonical JSON (RFC 8785) of the entry and the hash before it. */
export function sealedText(prevHash: string, body: LedgerBody): string {
  const { atMs, who, kind, lotId, batchId, cookId, correctsSeq, payload } = body;
  return stableJson({ prevHash, atMs, who, kind, lotId, batchId, cookId, correctsSeq, payload });
}

/**
 * `broken`: that entry or the one before it was changed. `cut-off`: so many entries are missing after the last one. `unguarded`: what keeps
 * the file from changing an entry has been taken out of it.
 */
export type ChainCheck =
  | { readonly kind: "whole"; readonly entries: number }
  | { readonly kind: "broken"; readonly atSeq: number }
  | { readonly kind: "cut-off"; readonly afterSeq: number; readonly missing: number }
  | { readonly kind: "unguarded" };

/** How far a chain was found whole: number and hash of its last entry. */
export type ChainEnd = { readonly seq: number; readonly hash: string };
export const CHAIN_START: ChainEnd = { seq: 0, hash: GENESIS_HASH };

/** Recomputes the chain from where it was found whole before; numbers follow each other without a gap. `digest` is the house's hash function. */
export function checkChain(
  entries: Iterable<LedgerEntry>,
  digest: (text: string) => string,
  from: ChainEnd = CHAIN_START,
): Extract<ChainCheck, { readonly kind: "whole" | "broken" }> {
  let before = from;
  let count = 0;
  for (const entry of entries) {
    const { seq, hash, prevHash } = entry;
    if (seq !== before.seq + 1 || prevHash !== before.hash || hash !== digest(sealedText(before.hash, entry)))
      return { kind: "broken", atSeq: seq };
    before = { seq, hash };
    count += 1;
  }
  return { kind: "whole", entries: count };
}

export const LEDGER_LABELS: Readonly<Record<LedgerKind, string>> = keyed(
  "ledger",
  {
    "house-opened": "House opened",
    "house-changed": "House",
    "probe-checked": "Probe in ice",
    "handover-left": "Handed over",
    "handover-taken": "Taken over",
    "order-placed": "Ordered",
    "order-ended": "Order ended",
    "order-missing": "Did not come",
    "lot-received": "Received",
    "lot-refused": "Refused",
    "lot-finished": "Lot finished",
    "batch-cut": "Cut",
    "cook-started": "Cook started",
    "probe-noted": "Probe",
    "cook-finished": "Cooked",
    "cook-abandoned": "Cancelled",
    "tap-undone": "Taken back",
    "cook-modelled": "By what was done",
    "lot-moved": "Moved",
    "lot-split": "Split",
    "lot-opened": "Opened",
    "lot-wasted": "Waste",
    "hold-started": "Hold begun",
    "hold-read": "Hold reading",
    "hold-closed": "Hold closed",
    "place-set": "Place",
    "reading-typed": "Reading",
    "readings-imported": "Readings in",
    "excursion-answered": "Excursion",
    "file-attached": "Paper",
    "species-added": "Species",
    "advice-added": "Advice",
    "covers-planned": "Covers",
    "lot-broken-down": "Broken down",
    "batch-prepared": "Prepared",
    "scale-set": "Scale",
    "board-set": "Board",
    "board-washed": "Washed",
    "lot-noted": "Looked at",
    "plates-served": "Served raw",
    "pieces-counted": "Counted",
    "probe-set": "Probe",
    "station-learned": "Learned",
    "station-reset": "Reset",
    "sheet-kept": "Sheet",
    "steps-kept": "Written steps",
    "clock-jumped": "Clock",
    "clock-taken": "Clock",
    "hot-hold-started": "Held hot",
    "hot-hold-read": "Hot reading",
    "spec-kept": "Recipe kept",
    "base-made": "Base made",
    "sauce-mounted": "Sauce mounted",
    "stock-started": "Pot put on",
    "stock-made": "Stock made",
    "stock-bought": "Stock bought",
    "pack-received": "Pack in",
    "supplier-set": "Supplier",
    "recall-run": "Recall",
    "day-sealed": "Night's seal",
    "backup-kept": "Backup",
    "backup-failed": "No backup",
    "check-set": "Check of the house",
    "check-done": "Looked at",
    "stock-read": "Pot read",
    "reduction-started": "Reduction on",
    "reduction-noted": "Pan looked at",
    "reduction-ended": "Reduction off",
    "preparation-made": "Made",
    "portions-taken": "Taken out",
    "good-kept": "Good",
    "oil-tested": "Oil strip",
    "oil-changed": "Oil changed",
    "label-printed": "Label",
    "card-off": "Off the card",
    "card-on": "Back on",
    "card-served": "Served",
    "card-note-kept": "Recipe beside a card",
    "card-note-dropped": "Recipe taken away",
    "ticket-opened": "Ticket",
    "ticket-struck": "Ticket struck",
    "ticket-back": "Ticket stands again",
    "course-called": "Away",
    "course-held": "Back on hold",
    "course-gone": "Gone",
    "course-back": "Taken back",
    "pan-begun": "Pan begun",
    "pan-lost": "Pan given up",
    "pan-back": "Pan: a tap taken back",
    "pieces-again": "Cooked again",
    "allergy-swapped": "Changed for an allergy",
    "allergy-seen": "Allergy seen",
    "spot-out": "Spot out",
    "spot-back": "Spot back",
    "close-counted": "Counted at close",
    "sender-set": "Sender of tickets",
    "sensor-set": "Sensor",
    "key-ended": "Key ended",
    "person-set": "People",
    "tablet-set": "Tablet",
    "hot-hold-ended": "Hot hold over",
    correction: "Correction",
  },
  [],
);
