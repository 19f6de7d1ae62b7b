import { and, asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { covers } from "../schema/house";

export type Covers = typeof covers.$inferSelect;
export type NewCovers = Omit<Covers, "id">;

export const coversOn = remembering([covers], (db, day: string): readonly Covers[] =>
  db.select().from(covers).where(eq(covers.day, day)).orderBy(asc(covers.speciesId)).all(),
);

/** Takes a line out without a word in the book: it is said by what takes its place. */
export function dropCovers(db: Db, day: string, speciesId: string, use: Covers["use"]): void {
  db.delete(covers)
    .where(and(eq(covers.day, day), eq(covers.speciesId, speciesId), eq(covers.use, use)))
    .run();
}

/** Sets the covers of a day for one species and use; nought takes the line out. */
export function setCovers(db: Db, wanted: NewCovers, who: string, atMs: number): void {
  db.transaction((tx) => {
    const same = and(eq(covers.day, wanted.day), eq(covers.speciesId, wanted.speciesId), eq(covers.use, wanted.use));
    tx.delete(covers).where(same).run();
    if (wanted.covers > 0) tx.insert(covers).values(wanted).run();
    appendEntry(tx, { atMs, who, kind: "covers-planned", payload: { ...wanted } });
  });
}
