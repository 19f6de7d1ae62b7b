import type { Db } from "../connection";
import { appendEntry } from "../ledger";

export type WrittenSteps = {
  readonly speciesId: string;
  readonly methodId: string;
  readonly steps: readonly string[];
};

/** Puts the written steps of a dish cooked in two goes into the book, word for word; answers with the entry's number. */
export const keepSteps = (
  db: Db,
  written: WrittenSteps,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): number => db.transaction((tx) => appendEntry(tx, { atMs, who, kind: "steps-kept", payload: written }).seq);
