import { index, integer, primaryKey, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { RuleSetId } from "@/core/safety";
import { cooks, portions } from "./cooks";
import { lots, makes, specs } from "./larder";
import { ALLERGENS } from "@/house/stored/larderForms";
import { storedJson } from "./storedJson";

/** Which pieces are in a pan: from several batches, for several plates. */
export const cookPieces = sqliteTable(
  "cook_pieces",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    cookId: text("cook_id")
      .notNull()
      .references(() => cooks.id),
    portionId: integer("portion_id")
      .notNull()
      .references(() => portions.id),
    massG: real("mass_g").notNull(),
  },
  (table) => [index("cook_pieces_by_cook").on(table.cookId), index("cook_pieces_by_portion").on(table.portionId)],
);

/** One serving: what it was made by and what was known of it in that moment stay with it. */
export const plates = sqliteTable(
  "plates",
  {
    id: text("id").primaryKey(),
    /** Null: before there were cards, or without one. */
    cardHash: text("card_hash").references(() => specs.hash),
    cookId: text("cook_id").references(() => cooks.id),
    /** The raw plates it was served with. */
    makeId: text("make_id").references(() => makes.id),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    state: text("state", { enum: ["up", "gone", "back"] }).notNull(),
    ruleSetId: text("rule_set_id").$type<RuleSetId>(),
    allergens: storedJson("allergens", ALLERGENS),
    costCents: integer("cost_cents"),
    /** The line of a ticket it went for; null: none was written. */
    lineId: text("line_id"),
  },
  (table) => [
    index("plates_by_moment").on(table.atMs),
    index("plates_by_card").on(table.cardHash, table.atMs),
    index("plates_by_cook").on(table.cookId),
    index("plates_by_line").on(table.lineId),
  ],
);

/** What lay on a plate. `one-of`: out of a pot of several lots. */
export const plateParts = sqliteTable(
  "plate_parts",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    plateId: text("plate_id")
      .notNull()
      .references(() => plates.id),
    lotId: text("lot_id").references(() => lots.id),
    portionId: integer("portion_id").references(() => portions.id),
    massG: real("mass_g").notNull(),
    certainty: text("certainty", { enum: ["certain", "one-of"] }).notNull(),
  },
  (table) => [index("plate_parts_by_plate").on(table.plateId), index("plate_parts_by_lot").on(table.lotId)],
);

/** Covers booked for a day, by card. */
export const cardCovers = sqliteTable(
  "card_covers",
  {
    day: text("day").notNull(),
    cardId: text("card_id").notNull(),
    covers: integer("covers").notNull(),
  },
  (table) => [primaryKey({ columns: [table.day, table.cardId] })],
);

/** A card struck off: from when, by whom and why; until it is back on. */
export const cardOffs = sqliteTable(
  "card_offs",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    cardId: text("card_id").notNull(),
    fromMs: integer("from_ms").notNull(),
    who: text("who").notNull(),
    reason: text("reason").notNull(),
    toMs: integer("to_ms"),
  },
  (table) => [index("card_offs_by_card").on(table.cardId, table.fromMs)],
);

/** A recipe from elsewhere kept beside a card, as text: read, never computed with. */
export const cardNotes = sqliteTable(
  "card_notes",
  {
    id: text("id").primaryKey(),
    cardId: text("card_id").notNull(),
    title: text("title").notNull(),
    body: text("body").notNull(),
    who: text("who").notNull(),
    atMs: integer("at_ms").notNull(),
  },
  (table) => [index("card_notes_by_card").on(table.cardId, table.atMs)],
);
