import { LEDGER_LABELS, type LedgerEntry, type LedgerEntryOf, type LedgerKind } from "@/core/trace";
import { questionsOf, type QuestionId } from "@/house/book/binder";
import type { Format } from "@/words/format/format";
import { BLOCK_LINES } from "./lines/blockLines";
import { BUTTER_LINES } from "./lines/butterLines";
import { FISH_LINES } from "./lines/fishLines";
import { HOUSE_LINES } from "./lines/houseLines";
import { PASS_LINES } from "./lines/passLines";
import { PLACES_LINES } from "./lines/placesLines";
import { STOVE_LINES } from "./lines/stoveLines";
import type { Lines } from "./lines/told";

export type LedgerLine = {
  readonly seq: number;
  readonly atMs: number;
  readonly who: string;
  readonly what: string;
  /** Questions of an inspector it has to do with. */
  readonly questions: readonly QuestionId[];
  readonly text: string;
  readonly lotId: string | null;
  readonly cookId: string | null;
  readonly correctsSeq: number | null;
  readonly hash: string;
};

const LINES: Lines = {
  ...FISH_LINES,
  ...PLACES_LINES,
  ...BLOCK_LINES,
  ...STOVE_LINES,
  ...BUTTER_LINES,
  ...PASS_LINES,
  ...HOUSE_LINES,
};

const sentence = <Kind extends LedgerKind>(entry: LedgerEntryOf<Kind>, format: Format): string =>
  LINES[entry.kind](entry, format);

/** An entry as a line of the book, for a house that writes so. */
export const lineOf = (entry: LedgerEntry, format: Format): LedgerLine => ({
  seq: entry.seq,
  atMs: entry.atMs,
  who: entry.who,
  what: LEDGER_LABELS[entry.kind],
  questions: questionsOf(entry.kind),
  text: sentence(entry, format),
  lotId: entry.lotId,
  cookId: entry.cookId,
  correctsSeq: entry.correctsSeq,
  hash: entry.hash,
});
