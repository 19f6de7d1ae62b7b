import { integer, sqliteTable, text } from "drizzle-orm/sqlite-core";

/** What the rows of each table come to: kept by triggers with every write, so that a row changed by hand shows. */
export const stateSeals = sqliteTable("state_seals", {
  name: text("name").primaryKey(),
  /** The columns that are summed, in order. */
  columns: text("columns", { mode: "json" }).$type<readonly string[]>().notNull(),
  rows: integer("rows").notNull(),
  /** Sum over the SHA-256 of every row, modulo 2^256, 64 hexadecimal digits. */
  sum: text("sum").notNull(),
  /** When the rows were first found not to come to their sum; what was changed then is never taken for right again. */
  wrongAtMs: integer("wrong_at_ms"),
});
