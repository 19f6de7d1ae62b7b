import type { LedgerEntry, LedgerEntryOf } from "@/core/trace";

/** Parts of one file come within minutes of each other, ms. */
const TOGETHER_MS = 10 * 60_000;

type Imported = LedgerEntryOf<"readings-imported">;

const isPartOf = (one: Imported, before: Imported): boolean =>
  one.who === before.who &&
  one.payload.place === before.payload.place &&
  Math.abs(one.atMs - before.atMs) <= TOGETHER_MS;

/**
 * Entries as they are read: the parts a long logger's file was kept in are one line with all their readings. It stands for the first of
 * them in the order given; each part keeps its own seal.
 */
export function foldParts(entries: readonly LedgerEntry[]): readonly LedgerEntry[] {
  const folded: LedgerEntry[] = [];
  for (const [index, entry] of entries.entries()) {
    const [last, before] = [folded.at(-1), entries[index - 1]];
    if (
      entry.kind !== "readings-imported" ||
      last?.kind !== "readings-imported" ||
      before?.kind !== "readings-imported" ||
      !isPartOf(entry, before)
    ) {
      folded.push(entry);
      continue;
    }
    const { added = 0, parts = 1 } = last.payload;
    const payload = { ...last.payload, added: added + (entry.payload.added ?? 0), parts: parts + 1 };
    folded[folded.length - 1] = { ...last, payload };
  }
  return folded;
}
