import { index, integer, sqliteTable, text, uniqueIndex } from "drizzle-orm/sqlite-core";
import type { LedgerKind } from "@/core/trace";

/** What a house looks at every day, few things and its own. */
export const houseChecks = sqliteTable("house_checks", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  list: text("list", { enum: ["opening", "closing"] }).notNull(),
  /** By when it is wanted, minutes of the day. */
  byMin: integer("by_min").notNull(),
  /** Done by an entry of this kind on the day; null: by a tap. */
  doneBy: text("done_by").$type<LedgerKind>(),
  addedAtMs: integer("added_at_ms").notNull(),
  endedAtMs: integer("ended_at_ms"),
});

export const checkMarks = sqliteTable(
  "check_marks",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    checkId: text("check_id")
      .notNull()
      .references(() => houseChecks.id),
    day: text("day").notNull(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    /** What was not as it should be, and what was done; null: all was well. */
    wrong: text("wrong"),
  },
  (table) => [
    uniqueIndex("check_marks_by_day").on(table.checkId, table.day),
    index("check_marks_of_day").on(table.day),
  ],
);
