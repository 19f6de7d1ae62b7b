import { desc, eq, gte } from "drizzle-orm";
import type { Db } from "../connection";
import { items, lots } from "../schema/larder";
import { fish, waste } from "../schema/lots";

export type WasteLine = typeof waste.$inferSelect & {
  readonly code: string;
  /** Null: no fish, but something made or bought. */
  readonly speciesId: string | null;
  readonly itemName: string;
};

export const wasteSince = (db: Db, sinceMs: number): WasteLine[] =>
  db
    .select({ line: waste, code: lots.code, speciesId: fish.speciesId, itemName: items.name })
    .from(waste)
    .innerJoin(lots, eq(waste.lotId, lots.id))
    .innerJoin(items, eq(lots.itemId, items.id))
    .leftJoin(fish, eq(fish.lotId, lots.id))
    .where(gte(waste.atMs, sinceMs))
    .orderBy(desc(waste.atMs))
    .all()
    .map(({ line, ...lot }) => ({ ...line, ...lot }));
