import { index, integer, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { LedgerKind } from "@/core/trace";
import { lots } from "./lots";
import { batches, cooks } from "./cooks";

/** The record of the house: only ever added to, each entry sealed with the hash of the one before. */
export const ledger = sqliteTable(
  "ledger",
  {
    seq: integer("seq").primaryKey({ autoIncrement: true }),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    kind: text("kind").$type<LedgerKind>().notNull(),
    lotId: text("lot_id").references(() => lots.id),
    batchId: text("batch_id").references(() => batches.id),
    cookId: text("cook_id").references(() => cooks.id),
    correctsSeq: integer("corrects_seq"),
    payload: text("payload", { mode: "json" }).$type<Record<string, unknown>>().notNull(),
    prevHash: text("prev_hash").notNull(),
    hash: text("hash").notNull().unique(),
  },
  (table) => [index("ledger_by_time").on(table.atMs), index("ledger_by_lot").on(table.lotId)],
);
