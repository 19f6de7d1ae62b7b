import { index, integer, sqliteTable, text } from "drizzle-orm/sqlite-core";

/** What a hand meant and the house did, by the id the tablet gave it: the same id again is the same record with the same answer. */
export const intentions = sqliteTable(
  "intentions",
  {
    id: text("id").primaryKey(),
    action: text("action").notNull(),
    atMs: integer("at_ms").notNull(),
    answer: text("answer", { mode: "json" }).$type<{ readonly value: unknown; readonly secret?: boolean }>().notNull(),
  },
  (table) => [index("intentions_by_time").on(table.atMs)],
);
