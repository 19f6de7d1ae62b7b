import { index, integer, primaryKey, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { LedgerKind, SubjectKind } from "@/core/trace";
import { lots } from "./larder";
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
  (table) => [
    index("ledger_by_time").on(table.atMs),
    index("ledger_by_lot").on(table.lotId),
    index("ledger_by_kind").on(table.kind, table.seq),
  ],
);

/** Everything an entry is about, to find it by; what was sealed stands in the entry itself. */
export const ledgerSubjects = sqliteTable(
  "ledger_subjects",
  {
    seq: integer("seq")
      .notNull()
      .references(() => ledger.seq),
    kind: text("kind").$type<SubjectKind>().notNull(),
    id: text("id").notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.seq, table.kind, table.id] }),
    index("ledger_subjects_by_subject").on(table.kind, table.id, table.seq),
  ],
);
