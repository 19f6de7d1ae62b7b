import { desc, eq, gte } from "drizzle-orm";
import type { Db } from "../connection";
import { fishLots, waste } from "../schema/lots";

export type WasteLine = typeof waste.$inferSelect & { readonly code: string; readonly speciesId: string };

export const wasteSince = (db: Db, sinceMs: number): WasteLine[] =>
  db
    .select({ line: waste, code: fishLots.code, speciesId: fishLots.speciesId })
    .from(waste)
    .innerJoin(fishLots, eq(waste.lotId, fishLots.id))
    .where(gte(waste.atMs, sinceMs))
    .orderBy(desc(waste.atMs))
    .all()
    .map(({ line, ...lot }) => ({ ...line, ...lot }));
