import { sql } from "drizzle-orm";
import type { LedgerEntry, TableSum } from "@/core/trace";
import { HOUSE_ITSELF } from "@/house/book/bookDay";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { stateSeals } from "../schema/seals";
import { columnsMark } from "./rowSum";
import { ONLY_ADDED_TO } from "./sealedTables";

/** Writes into the ledger what every table of the house comes to now, so that the seal of this night holds for them too. */
export function sealDay(db: Db, atMs: number): LedgerEntry {
  return db.transaction((tx) => {
    const seals = tx.select().from(stateSeals).orderBy(stateSeals.name).all();
    const lastId = (name: string): number | null =>
      ONLY_ADDED_TO.some((one) => one === name)
        ? (tx.get<{ readonly id: number | null }>(sql.raw(`select max(id) as id from "${name}"`)).id ?? 0)
        : null;
    const tables = Object.fromEntries(
      seals.map(({ name, rows, sum }): [string, TableSum] => [name, { rows, sum, upToId: lastId(name) }]),
    );
    const columns = Object.fromEntries(seals.map((seal) => [seal.name, columnsMark(seal.columns)]));
    return appendEntry(tx, { atMs, who: HOUSE_ITSELF, kind: "day-sealed", payload: { tables, columns } });
  });
}
