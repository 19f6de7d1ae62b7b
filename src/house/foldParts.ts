import type { LedgerEntry } from "@/core/trace";

/** Parts of one file come within minutes of each other, ms. */
const TOGETHER_MS = 10 * 60_000;

const isPartOf = (one: LedgerEntry, before: LedgerEntry): boolean =>
  one.kind === "readings-imported" &&
  before.kind === "readings-imported" &&
  one.who === before.who &&
  one.payload["place"] === before.payload["place"] &&
  Math.abs(one.atMs - before.atMs) <= TOGETHER_MS;

/**
 * Entries as they are read: the parts a long logger's file was kept in are one line with all their readings. It stands for the first of
 * them in the order given; each part keeps its own seal.
 */
export function foldParts(entries: readonly LedgerEntry[]): readonly LedgerEntry[] {
  const folded: LedgerEntry[] = [];
  for (const [index, entry] of entries.entries()) {
    const last = folded.at(-1);
    if (!last || !isPartOf(entry, entries[index - 1]!)) {
      folded.push(entry);
      continue;
    }
    const { added, parts } = last.payload;
    const payload = {
      ...last.payload,
      added: Number(added) + Number(entry.payload["added"]),
      parts: Number(parts ?? 1) + 1,
    };
    folded[folded.length - 1] = { ...last, payload };
  }
  return folded;
}
