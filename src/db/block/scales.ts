import { randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { newKey } from "../doors/deviceKeys";
import { appendEntry } from "../ledger";
import { scales } from "../schema/block";

export type Scale = typeof scales.$inferSelect;

export const listScales = (db: Db): Scale[] => db.select().from(scales).orderBy(asc(scales.name)).all();

export const findScale = (db: Db, id: string): Scale | undefined =>
  db.select().from(scales).where(eq(scales.id, id)).get();

/** Adds a scale, or gives it a new key and ends the old one; the key is told this once. */
export function setScale(
  db: Db,
  name: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): Scale & { readonly key: string } {
  return db.transaction((tx) => {
    const known = tx.select().from(scales).where(eq(scales.name, name)).get();
    const scale = known ?? tx.insert(scales).values({ id: randomUUID(), name }).returning().get();
    const key = newKey(tx, "scale", scale.id, { who, atMs });
    appendEntry(tx, { atMs, who, kind: "scale-set", payload: { name, renewed: known !== undefined } });
    return { ...scale, key };
  });
}

/** What lies on it now; only the newest weight is kept, for the record is made when a cook takes it. */
export const noteWeight = (db: Db, id: string, massG: number, stable: boolean, atMs: number): void => {
  db.update(scales).set({ massG, stable, atMs }).where(eq(scales.id, id)).run();
};
