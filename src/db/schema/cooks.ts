import { index, integer, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { PieceShape } from "@/core/cooking";
import { lots } from "./larder";
import { PREPARED, SIDE, SIDES } from "@/house/stored/cutForms";
import { PLAN } from "@/house/stored/planForm";
import { storedJson } from "./storedJson";

export const batches = sqliteTable(
  "batches",
  {
    id: text("id").primaryKey(),
    code: text("code").notNull().unique(),
    lotId: text("lot_id")
      .notNull()
      .references(() => lots.id),
    cutAtMs: integer("cut_at_ms").notNull(),
    cutBy: text("cut_by").notNull(),
    side: storedJson("side", SIDE).notNull(),
    portionG: real("portion_g").notNull(),
    toleranceG: real("tolerance_g").notNull(),
    trimG: real("trim_g").notNull(),
    trimUse: text("trim_use").notNull(),
    /** All the sides of the batch when there was more than one; `side` is the first. */
    sides: storedJson("sides", SIDES),
    leanDeg: real("lean_deg").notNull().default(0),
    prepared: storedJson("prepared", PREPARED),
    /** What one piece is where the batch was counted out of a lot and not cut from a side. */
    pieceShape: text("piece_shape").$type<PieceShape["kind"]>(),
  },
  (table) => [index("batches_by_lot").on(table.lotId), index("batches_by_cut").on(table.cutAtMs)],
);

export const cooks = sqliteTable(
  "cooks",
  {
    id: text("id").primaryKey(),
    /** Null: a piece without a batch, of which no lot is known. */
    batchId: text("batch_id").references(() => batches.id),
    /** Of a piece without a batch; otherwise its lot says it. */
    speciesId: text("species_id"),
    /** Where its pan stands: "left front". */
    panName: text("pan_name"),
    startedAtMs: integer("started_at_ms").notNull(),
    startedBy: text("started_by").notNull(),
    pieces: integer("pieces").notNull(),
    plan: storedJson("plan", PLAN).notNull(),
    open: integer("open", { mode: "boolean" }).notNull(),
  },
  (table) => [index("cooks_by_open").on(table.open), index("cooks_by_batch").on(table.batchId)],
);

export const portions = sqliteTable(
  "portions",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    position: integer("position").notNull(),
    fromMm: real("from_mm").notNull(),
    toMm: real("to_mm").notNull(),
    massG: real("mass_g").notNull(),
    meanThicknessMm: real("mean_thickness_mm").notNull(),
    maxThicknessMm: real("max_thickness_mm").notNull(),
    sideIndex: integer("side_index").notNull().default(0),
    role: text("role", { enum: ["portion", "folded", "paired"] })
      .notNull()
      .default("portion"),
    /** What the pan sees when a piece is folded or paired; null: its thickest point. */
    cookThicknessMm: real("cook_thickness_mm"),
    cookId: text("cook_id").references(() => cooks.id),
    /** Not there when it was counted: what became of it; null: it is there, or a cook took it. */
    leftAs: text("left_as", { enum: ["staff", "waste", "plate"] }),
  },
  (table) => [index("portions_by_batch").on(table.batchId), index("portions_by_cook").on(table.cookId)],
);

/** Only ever added to; a trigger refuses anything else. */
export const cookEvents = sqliteTable(
  "cook_events",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    cookId: text("cook_id")
      .notNull()
      .references(() => cooks.id),
    atMs: integer("at_ms").notNull(),
    kind: text("kind", {
      enum: [
        "started",
        "paused",
        "resumed",
        "extended",
        "advanced",
        "probed",
        "abandoned",
        "undone",
        "silenced",
        "refitted",
        "foreseen",
        "foreseen-under",
      ],
    }).notNull(),
    amount: real("amount"),
    who: text("who").notNull(),
    /** Sent by the tablet so that a repeated tap or a retry is one event. */
    requestId: text("request_id").notNull().unique(),
  },
  (table) => [index("cook_events_by_cook").on(table.cookId, table.id)],
);
