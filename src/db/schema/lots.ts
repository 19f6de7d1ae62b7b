import { eq, getTableColumns } from "drizzle-orm";
import { blob, index, integer, real, sqliteTable, sqliteView, text, uniqueIndex } from "drizzle-orm/sqlite-core";
import type { PartUse } from "@/core/block";
import type { DoorVerdict, Form } from "@/core/freshness";
import { places } from "./house";
import { lots } from "./larder";
import { GRADES, HOLD_FACTS, PROVENANCE, REASONS } from "@/house/stored/lotForms";
import { storedJson } from "./storedJson";

export const suppliers = sqliteTable("suppliers", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
  /** Whom to call when something is wrong. */
  phone: text("phone"),
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

/** What only a fish has of a lot: where it came from, how it was judged, what part of the animal it is. */
export const fish = sqliteTable(
  "fish",
  {
    lotId: text("lot_id")
      .primaryKey()
      .references(() => lots.id),
    supplierId: text("supplier_id")
      .notNull()
      .references(() => suppliers.id),
    speciesId: text("species_id").notNull(),
    form: text("form").$type<Form>().notNull(),
    production: text("production", { enum: ["wild", "farmed"] }).notNull(),
    area: text("area").notNull(),
    gear: text("gear").notNull(),
    source: text("source").notNull(),
    caughtAtMs: integer("caught_at_ms"),
    /** As the bill says it; what is left of a lot is worth its `remainingCents`. */
    priceCentsPerKg: integer("price_cents_per_kg").notNull(),
    receiptC: real("receipt_c").notNull(),
    grades: storedJson("grades", GRADES).notNull(),
    verdict: text("verdict").$type<DoorVerdict>().notNull(),
    reasons: storedJson("reasons", REASONS).notNull(),
    impliedIceDays: real("implied_ice_days").notNull(),
    deliveryId: text("delivery_id").references(() => deliveries.id),
    /** It was frozen once: the histamine limits differ. */
    onceFrozen: integer("once_frozen", { mode: "boolean" }).notNull().default(false),
    /** Ice days gone when it was split off its parent. */
    inheritedIceDays: real("inherited_ice_days"),
    /** What the paper of the supplier says it weighs. */
    statedMassG: real("stated_mass_g"),
    provenance: storedJson("provenance", PROVENANCE).notNull().default({}),
    openedOn: text("opened_on"),
    thawedOn: text("thawed_on"),
    /** What part of the animal it is and what it is for, when it was broken down here. */
    partLabel: text("part_label"),
    partUse: text("part_use").$type<PartUse>(),
  },
  (table) => [index("fish_by_supplier").on(table.supplierId), index("fish_by_delivery").on(table.deliveryId)],
);

/** Lots that are fish, spine and fish together. */
export const fishLots = sqliteView("fish_lots").as((query) => {
  const { lotId: _, ...facts } = getTableColumns(fish);
  return query
    .select({ ...getTableColumns(lots), ...facts })
    .from(lots)
    .innerJoin(fish, eq(fish.lotId, lots.id));
});

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
    facts: storedJson("facts", HOLD_FACTS).notNull(),
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
