import { randomUUID } from "node:crypto";
import { desc, eq } from "drizzle-orm";
import type { SheetRequest, SheetRow } from "@/core/cooking";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { stationSheets } from "../schema/stove";

export type KeptSheet = typeof stationSheets.$inferSelect;

export const listSheets = (db: Db, limit = 40): KeptSheet[] =>
  db.select().from(stationSheets).orderBy(desc(stationSheets.atMs)).limit(limit).all();

export const findSheet = (db: Db, id: string): KeptSheet | undefined =>
  db.select().from(stationSheets).where(eq(stationSheets.id, id)).get();

export function keepSheet(
  db: Db,
  question: SheetRequest,
  rows: readonly SheetRow[],
  { who, atMs }: { readonly who: string; readonly atMs: number },
): string {
  return db.transaction((tx) => {
    const id = randomUUID();
    tx.insert(stationSheets).values({ id, atMs, who, question, rows }).run();
    const payload = { speciesId: question.speciesId, methodId: question.methodId, lines: rows.length };
    appendEntry(tx, { atMs, who, kind: "sheet-kept", payload });
    return id;
  });
}
