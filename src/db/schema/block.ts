import { index, integer, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { BoardColour, BoardUse } from "@/core/block";
import { lots } from "./larder";

/** A scale that sends what lies on it. */
export const scales = sqliteTable("scales", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
  massG: real("mass_g"),
  stable: integer("stable", { mode: "boolean" }).notNull().default(false),
  atMs: integer("at_ms"),
});

/** The colour of the board for each kind of work, where the house has its own. */
export const boards = sqliteTable("boards", {
  use: text("use").$type<BoardUse>().primaryKey(),
  colour: text("colour").$type<BoardColour>().notNull(),
});

export const boardWashes = sqliteTable(
  "board_washes",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    colour: text("colour").$type<BoardColour>().notNull(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
  },
  (table) => [index("board_washes_by_time").on(table.atMs)],
);

/** Something looked at or measured on a lot after the door; the newest of a kind counts. */
export const lotNotes = sqliteTable(
  "lot_notes",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    lotId: text("lot_id")
      .notNull()
      .references(() => lots.id),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    kind: text("kind", { enum: ["probed", "tapped", "water", "roe", "opened", "looked"] }).notNull(),
    /** °C, dead, 1 or 0, the worst grade seen. */
    amount: real("amount").notNull(),
    /** Counted, for taps. */
    outOf: real("out_of"),
  },
  (table) => [index("lot_notes_by_lot").on(table.lotId, table.kind, table.atMs)],
);

/** Plates served raw or cured, with what cleared them. */
export const rawPlates = sqliteTable(
  "raw_plates",
  {
    id: text("id").primaryKey(),
    lotId: text("lot_id")
      .notNull()
      .references(() => lots.id),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    dish: text("dish", { enum: ["raw", "cured"] }).notNull(),
    covers: integer("covers").notNull(),
    gramsPerCover: real("grams_per_cover").notNull(),
    usedG: real("used_g").notNull(),
    rule: text("rule").notNull(),
    record: text("record").notNull(),
  },
  (table) => [index("raw_plates_by_lot").on(table.lotId), index("raw_plates_by_time").on(table.atMs)],
);
