import { sql } from "drizzle-orm";
import {
  blob,
  check,
  index,
  integer,
  real,
  sqliteTable,
  text,
  uniqueIndex,
  type AnySQLiteColumn,
} from "drizzle-orm/sqlite-core";
import type { PartUse, Preparation, PreparationStep, Side } from "@/core/block";
import type { PieceShape } from "@/core/cooking";
import type { DoorVerdict, Form, Grades, LotState, Reason } from "@/core/freshness";
import type { PlaceKind } from "@/core/coldchain";
import type { HouseSpecies } from "@/core/species";
import type { LedgerKind, Provenance, AdviceRating } from "@/core/trace";
import type { RuleSetId } from "@/core/safety";
import type { HoldFacts } from "./holdFacts";
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
  kind: text("kind").$type<PlaceKind>().notNull().default("cold-room"),
  /** The house's own limits; null: the rule set's. */
  minC: real("min_c"),
  maxC: real("max_c"),
  /** How often a reading is wanted. */
  everyMin: integer("every_min").notNull().default(240),
  /** What a sensor must send along; null: none may. */
  deviceKey: text("device_key"),
  /** Counts every change of its readings, so that what was summed from them is known to be old. */
  version: integer("version").notNull().default(0),
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
    source: text("source", { enum: ["typed", "file", "sensor"] })
      .notNull()
      .default("typed"),
  },
  (table) => [uniqueIndex("place_readings_by_moment").on(table.placeId, table.atMs)],
);

export const suppliers = sqliteTable("suppliers", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
});

/** One van at the door: one or more lots of one supplier. */
export const deliveries = sqliteTable("deliveries", {
  id: text("id").primaryKey(),
  supplierId: text("supplier_id")
    .notNull()
    .references(() => suppliers.id),
  receivedAtMs: integer("received_at_ms").notNull(),
  receivedBy: text("received_by").notNull(),
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
    /** The lot it was split or cut from. */
    parentId: text("parent_id").references((): AnySQLiteColumn => lots.id),
    deliveryId: text("delivery_id").references(() => deliveries.id),
    state: text("state").$type<LotState>().notNull().default("chilled"),
    /** It was frozen once: the histamine limits differ. */
    onceFrozen: integer("once_frozen", { mode: "boolean" }).notNull().default(false),
    /** Ice days gone when it was split off its parent. */
    inheritedIceDays: real("inherited_ice_days"),
    /** What the paper of the supplier says it weighs. */
    statedMassG: real("stated_mass_g"),
    provenance: text("provenance", { mode: "json" }).$type<Provenance>().notNull().default({}),
    openedOn: text("opened_on"),
    thawedOn: text("thawed_on"),
    /** What part of the animal it is and what it is for, when it was broken down here. */
    partLabel: text("part_label"),
    partUse: text("part_use").$type<PartUse>(),
  },
  (table) => [
    index("lots_by_status").on(table.status),
    index("lots_by_arrival").on(table.receivedAtMs),
    index("lots_by_supplier").on(table.supplierId, table.receivedAtMs),
    index("lots_by_parent").on(table.parentId),
    check("lot_mass", sql`${table.massG} > 0 and ${table.remainingG} >= 0 and ${table.remainingG} <= ${table.massG}`),
  ],
);

/** Where a lot lay and when: what its temperature history is read from. */
export const lotStays = sqliteTable(
  "lot_stays",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    lotId: text("lot_id")
      .notNull()
      .references(() => lots.id),
    placeId: text("place_id")
      .notNull()
      .references(() => places.id),
    fromMs: integer("from_ms").notNull(),
    toMs: integer("to_ms"),
  },
  (table) => [
    index("lot_stays_by_lot").on(table.lotId, table.fromMs),
    index("lot_stays_by_place").on(table.placeId, table.toMs, table.fromMs),
  ],
);

export const holds = sqliteTable(
  "holds",
  {
    id: text("id").primaryKey(),
    lotId: text("lot_id")
      .notNull()
      .references(() => lots.id),
    kind: text("kind", { enum: ["parasite", "cure", "thaw", "tag"] }).notNull(),
    startedAtMs: integer("started_at_ms").notNull(),
    startedBy: text("started_by").notNull(),
    facts: text("facts", { mode: "json" }).$type<HoldFacts>().notNull(),
    closedAtMs: integer("closed_at_ms"),
    closedAs: text("closed_as"),
  },
  (table) => [index("holds_by_closing").on(table.closedAtMs), index("holds_by_lot").on(table.lotId)],
);

export const holdReadings = sqliteTable(
  "hold_readings",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    holdId: text("hold_id")
      .notNull()
      .references(() => holds.id),
    atMs: integer("at_ms").notNull(),
    celsius: real("celsius").notNull(),
    who: text("who").notNull(),
  },
  (table) => [uniqueIndex("hold_readings_by_moment").on(table.holdId, table.atMs)],
);

export const waste = sqliteTable(
  "waste",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    lotId: text("lot_id")
      .notNull()
      .references(() => lots.id),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    massG: real("mass_g").notNull(),
    reason: text("reason").notNull(),
    costCents: integer("cost_cents").notNull(),
  },
  (table) => [index("waste_by_time").on(table.atMs)],
);

/** Certificates and photographs; kept in the file of the house so that one copy holds everything. */
export const attachments = sqliteTable(
  "attachments",
  {
    id: text("id").primaryKey(),
    lotId: text("lot_id")
      .notNull()
      .references(() => lots.id),
    name: text("name").notNull(),
    mime: text("mime").notNull(),
    sha256: text("sha256").notNull(),
    bytes: blob("bytes", { mode: "buffer" }).notNull(),
    addedAtMs: integer("added_at_ms").notNull(),
    addedBy: text("added_by").notNull(),
  },
  (table) => [index("attachments_by_lot").on(table.lotId)],
);

export const ownSpecies = sqliteTable("own_species", {
  id: text("id").primaryKey(),
  facts: text("facts", { mode: "json" }).$type<HouseSpecies>().notNull(),
  addedAtMs: integer("added_at_ms").notNull(),
  addedBy: text("added_by").notNull(),
});

/** What an adviser says of a species, as the house entered or imported it. Empty area or gear: any. */
export const advice = sqliteTable(
  "advice",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    speciesId: text("species_id").notNull(),
    production: text("production", { enum: ["wild", "farmed"] }),
    area: text("area").notNull(),
    gear: text("gear").notNull(),
    body: text("body").notNull(),
    rating: text("rating").$type<AdviceRating>().notNull(),
    issuedOn: text("issued_on").notNull(),
    addedAtMs: integer("added_at_ms").notNull(),
  },
  (table) => [index("advice_by_species").on(table.speciesId)],
);

/** Covers booked for a day, per species and use. */
export const covers = sqliteTable(
  "covers",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    day: text("day").notNull(),
    speciesId: text("species_id").notNull(),
    use: text("use", { enum: ["raw", "cook"] }).notNull(),
    covers: integer("covers").notNull(),
    portionG: real("portion_g").notNull(),
  },
  (table) => [uniqueIndex("covers_by_day").on(table.day, table.speciesId, table.use)],
);

/** What was done about a stretch outside the limits. */
export const correctiveActions = sqliteTable(
  "corrective_actions",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    placeId: text("place_id")
      .notNull()
      .references(() => places.id),
    excursionFromMs: integer("excursion_from_ms").notNull(),
    action: text("action").notNull(),
    who: text("who").notNull(),
    atMs: integer("at_ms").notNull(),
  },
  (table) => [index("corrective_actions_by_place").on(table.placeId, table.excursionFromMs)],
);

/** What was done to the portions of a batch, and the piece that came of it. */
export type StoredPreparation = Preparation & { readonly steps: readonly PreparationStep[] };

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
    /** All the sides of the batch when there was more than one; `side` is the first. */
    sides: text("sides", { mode: "json" }).$type<readonly Side[]>(),
    leanDeg: real("lean_deg").notNull().default(0),
    prepared: text("prepared", { mode: "json" }).$type<StoredPreparation>(),
    /** What one piece is where the batch was counted out of a lot and not cut from a side. */
    pieceShape: text("piece_shape").$type<PieceShape["kind"]>(),
  },
  (table) => [index("batches_by_lot").on(table.lotId), index("batches_by_cut").on(table.cutAtMs)],
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
    sideIndex: integer("side_index").notNull().default(0),
    role: text("role", { enum: ["portion", "folded", "paired"] })
      .notNull()
      .default("portion"),
    /** What the pan sees when a piece is folded or paired; null: its thickest point. */
    cookThicknessMm: real("cook_thickness_mm"),
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
