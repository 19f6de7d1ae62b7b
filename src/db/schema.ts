import { sql } from "drizzle-orm";
import { check, index, integer, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { Side } from "@/core/block";
import type { Form, Grades, DoorVerdict, Reason } from "@/core/freshness";
import type { LedgerKind } from "@/core/trace";
import type { RuleSetId } from "@/core/safety";
import type { StoredPlan } from "./storedPlan";

export const house = sqliteTable(
  "house",
  {
    id: integer("id").primaryKey(),
    name: text("name").notNull(),
    timeZone: text("time_zone").notNull(),
    units: text("units", { enum: ["metric", "imperial"] }).notNull(),
    ruleSetId: text("rule_set_id").$type<RuleSetId>().notNull(),
    createdAtMs: integer("created_at_ms").notNull(),
  },
  (table) => [check("one_house", sql`${table.id} = 1`)],
);

export const staff = sqliteTable("staff", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
});

export const places = sqliteTable("places", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
  setC: real("set_c").notNull(),
});

export const placeReadings = sqliteTable(
  "place_readings",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    placeId: text("place_id")
      .notNull()
      .references(() => places.id),
    atMs: integer("at_ms").notNull(),
    celsius: real("celsius").notNull(),
  },
  (table) => [index("place_readings_by_time").on(table.placeId, table.atMs)],
);

export const suppliers = sqliteTable("suppliers", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
});

export const lots = sqliteTable(
  "lots",
  {
    id: text("id").primaryKey(),
    code: text("code").notNull().unique(),
    supplierId: text("supplier_id")
      .notNull()
      .references(() => suppliers.id),
    receivedAtMs: integer("received_at_ms").notNull(),
    receivedBy: text("received_by").notNull(),
    speciesId: text("species_id").notNull(),
    form: text("form").$type<Form>().notNull(),
    production: text("production", { enum: ["wild", "farmed"] }).notNull(),
    area: text("area").notNull(),
    gear: text("gear").notNull(),
    source: text("source").notNull(),
    caughtAtMs: integer("caught_at_ms"),
    massG: real("mass_g").notNull(),
    remainingG: real("remaining_g").notNull(),
    priceCentsPerKg: integer("price_cents_per_kg").notNull(),
    receiptC: real("receipt_c").notNull(),
    grades: text("grades", { mode: "json" }).$type<Grades>().notNull(),
    verdict: text("verdict").$type<DoorVerdict>().notNull(),
    reasons: text("reasons", { mode: "json" }).$type<readonly Reason[]>().notNull(),
    impliedIceDays: real("implied_ice_days").notNull(),
    status: text("status", { enum: ["on-ice", "refused", "finished"] }).notNull(),
    placeId: text("place_id").references(() => places.id),
  },
  (table) => [
    index("lots_by_status").on(table.status),
    check("lot_mass", sql`${table.massG} > 0 and ${table.remainingG} >= 0 and ${table.remainingG} <= ${table.massG}`),
  ],
);

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
    side: text("side", { mode: "json" }).$type<Side>().notNull(),
    portionG: real("portion_g").notNull(),
    toleranceG: real("tolerance_g").notNull(),
    trimG: real("trim_g").notNull(),
    trimUse: text("trim_use").notNull(),
  },
  (table) => [index("batches_by_lot").on(table.lotId)],
);

export const cooks = sqliteTable(
  "cooks",
  {
    id: text("id").primaryKey(),
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    startedAtMs: integer("started_at_ms").notNull(),
    startedBy: text("started_by").notNull(),
    pieces: integer("pieces").notNull(),
    plan: text("plan", { mode: "json" }).$type<StoredPlan>().notNull(),
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
    cookId: text("cook_id").references(() => cooks.id),
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
      enum: ["started", "paused", "resumed", "extended", "advanced", "probed", "abandoned"],
    }).notNull(),
    amount: real("amount"),
    who: text("who").notNull(),
    /** Sent by the tablet so that a repeated tap or a retry is one event. */
    requestId: text("request_id").notNull().unique(),
  },
  (table) => [index("cook_events_by_cook").on(table.cookId, table.id)],
);

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
