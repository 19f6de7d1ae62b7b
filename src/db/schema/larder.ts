import { sql } from "drizzle-orm";
import { check, index, integer, real, sqliteTable, text, type AnySQLiteColumn } from "drizzle-orm/sqlite-core";
import type { LotState } from "@/core/freshness";
import { places } from "./house";
import { ALLERGENS, ITEM_FACTS, MAKE_FACTS, SPOT_FACTS } from "@/house/stored/larderForms";
import { storedJson } from "./storedJson";

/** What can lie somewhere: a part of a species, a bought good, a preparation of the house. */
export const items = sqliteTable(
  "items",
  {
    id: text("id").primaryKey(),
    kind: text("kind", { enum: ["part", "bought", "made"] }).notNull(),
    name: text("name").notNull(),
    facts: storedJson("facts", ITEM_FACTS).notNull(),
  },
  (table) => [index("items_by_kind").on(table.kind, table.name)],
);

/** How something is made or served: immutable, named by the hash of its content; the newest of a `specId` is in force. */
export const specs = sqliteTable(
  "specs",
  {
    hash: text("hash").primaryKey(),
    specId: text("spec_id").notNull(),
    kind: text("kind", { enum: ["card", "sauce", "stock", "garnish", "cure", "cut"] }).notNull(),
    name: text("name").notNull(),
    body: text("body", { mode: "json" }).$type<unknown>().notNull(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
  },
  (table) => [index("specs_by_id").on(table.specId, table.atMs)],
);

/** Any mass of an item. What only a fish has stands beside it in `fish`. */
export const lots = sqliteTable(
  "lots",
  {
    id: text("id").primaryKey(),
    code: text("code").notNull().unique(),
    itemId: text("item_id")
      .notNull()
      .references(() => items.id),
    /** Came through the door, off the board or out of the pot. */
    receivedAtMs: integer("received_at_ms").notNull(),
    receivedBy: text("received_by").notNull(),
    massG: real("mass_g").notNull(),
    remainingG: real("remaining_g").notNull(),
    /** Cents of the whole, and of what is left: shares are taken from what is left, so that none is made or lost. */
    totalCents: integer("total_cents").notNull(),
    remainingCents: integer("remaining_cents").notNull(),
    status: text("status", { enum: ["on-ice", "refused", "finished"] }).notNull(),
    state: text("state").$type<LotState>().notNull().default("chilled"),
    placeId: text("place_id").references(() => places.id),
    /** The lot it was split or cut from. */
    parentId: text("parent_id").references((): AnySQLiteColumn => lots.id),
    /** Made here: not after this. A fish's life follows its temperature instead. */
    useByMs: integer("use_by_ms"),
    /** Made or bought: as resolved when it came; null: as the species says. */
    allergens: storedJson("allergens", ALLERGENS),
  },
  (table) => [
    index("lots_by_status").on(table.status),
    index("lots_by_arrival").on(table.receivedAtMs),
    index("lots_by_parent").on(table.parentId),
    index("lots_by_item").on(table.itemId),
    check("lot_mass", sql`${table.massG} > 0 and ${table.remainingG} >= 0 and ${table.remainingG} <= ${table.massG}`),
    check("lot_cents", sql`${table.remainingCents} >= 0 and ${table.remainingCents} <= ${table.totalCents}`),
  ],
);

/** A pack of a bought good, as its label and its bill name it. */
export const packs = sqliteTable(
  "packs",
  {
    lotId: text("lot_id")
      .primaryKey()
      .references(() => lots.id),
    supplier: text("supplier").notNull(),
    /** The maker's or supplier's lot number; empty: it bears none. */
    supplierLot: text("supplier_lot").notNull(),
  },
  (table) => [index("packs_by_supplier_lot").on(table.supplierLot)],
);

/** Work that turns lots into lots. */
export const makes = sqliteTable(
  "makes",
  {
    id: text("id").primaryKey(),
    kind: text("kind", {
      enum: [
        "breakdown",
        "cut",
        "split",
        "raw-plates",
        "cure",
        "stock",
        "reduction",
        "sauce",
        "compound-butter",
        "garnish",
      ],
    }).notNull(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    specHash: text("spec_hash").references(() => specs.hash),
    facts: storedJson("facts", MAKE_FACTS).notNull(),
  },
  (table) => [index("makes_by_kind").on(table.kind, table.atMs)],
);

export const makeInputs = sqliteTable(
  "make_inputs",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    makeId: text("make_id")
      .notNull()
      .references(() => makes.id),
    /** Null: from the tap or the shelf, named by its item only. */
    lotId: text("lot_id").references(() => lots.id),
    itemId: text("item_id").references(() => items.id),
    massG: real("mass_g").notNull(),
    cents: integer("cents").notNull(),
  },
  (table) => [index("make_inputs_by_make").on(table.makeId), index("make_inputs_by_lot").on(table.lotId)],
);

export const makeOutputs = sqliteTable(
  "make_outputs",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    makeId: text("make_id")
      .notNull()
      .references(() => makes.id),
    /** Null: portions and plates, which are counted and not weighed out again. */
    lotId: text("lot_id").references(() => lots.id),
    label: text("label").notNull(),
    partId: text("part_id"),
    use: text("use"),
    massG: real("mass_g").notNull(),
    cents: integer("cents").notNull(),
  },
  (table) => [index("make_outputs_by_make").on(table.makeId), index("make_outputs_by_lot").on(table.lotId)],
);

/** Grams that went in and came out as nothing that is kept. */
export const makeLosses = sqliteTable(
  "make_losses",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    makeId: text("make_id")
      .notNull()
      .references(() => makes.id),
    kind: text("kind", { enum: ["evaporated", "strained", "trimmed", "wasted", "lost"] }).notNull(),
    label: text("label").notNull(),
    partId: text("part_id"),
    massG: real("mass_g").notNull(),
  },
  (table) => [index("make_losses_by_make").on(table.makeId)],
);

/** A burner, the oven, a rack of it, the salamander, the bain, the fryer, a bath, a board. */
export const spots = sqliteTable("spots", {
  id: text("id").primaryKey(),
  kind: text("kind", { enum: ["burner", "oven", "rack", "salamander", "bain", "fryer", "bath", "board"] }).notNull(),
  name: text("name").notNull(),
  facts: storedJson("facts", SPOT_FACTS).notNull(),
});
