import { randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { setNamed } from "../doors/deviceKeys";
import { scales } from "../schema/block";

export type Scale = typeof scales.$inferSelect;

export const listScales = (db: Db): Scale[] => db.select().from(scales).orderBy(asc(scales.name)).all();

export const findScale = (db: Db, id: string): Scale | undefined =>
  db.select().from(scales).where(eq(scales.id, id)).get();

/** A scale with its key. */
export const setScale = (
  db: Db,
  name: string,
  stamp: { readonly who: string; readonly atMs: number },
): Scale & { readonly key: string } =>
  setNamed(
    db,
    name,
    {
      kind: "scale",
      entry: "scale-set",
      find: (tx) => tx.select().from(scales).where(eq(scales.name, name)).get(),
      add: (tx) => tx.insert(scales).values({ id: randomUUID(), name }).returning().get(),
    },
    stamp,
  );

/** What lies on it now; only the newest weight is kept, for the record is made when a cook takes it. */
export const noteWeight = (db: Db, id: string, massG: number, stable: boolean, atMs: number): void => {
  db.update(scales).set({ massG, stable, atMs }).where(eq(scales.id, id)).run();
};
