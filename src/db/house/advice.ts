import { asc, desc, eq } from "drizzle-orm";
import type { AdviceRating } from "@/core/trace";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { advice } from "../schema/house";

export type Advice = typeof advice.$inferSelect;
export type NewAdvice = {
  readonly speciesId: string;
  readonly production: "wild" | "farmed" | null;
  readonly area: string;
  readonly gear: string;
  readonly body: string;
  readonly rating: AdviceRating;
  readonly issuedOn: string;
};

export const listAdvice = (db: Db): Advice[] =>
  db.select().from(advice).orderBy(asc(advice.speciesId), desc(advice.issuedOn)).all();

export const adviceOnSpecies = (db: Db, speciesId: string): Advice[] =>
  db.select().from(advice).where(eq(advice.speciesId, speciesId)).all();

/** Adds entries of advice in one go; older ones stay and are outdated by their date. */
export function addAdvice(db: Db, entries: readonly NewAdvice[], who: string, atMs: number): void {
  db.transaction((tx) => {
    for (const entry of entries)
      tx.insert(advice)
        .values({ ...entry, addedAtMs: atMs })
        .run();
    const bodies = [...new Set(entries.map(({ body }) => body))];
    appendEntry(tx, { atMs, who, kind: "advice-added", payload: { entries: entries.length, bodies } });
  });
}
