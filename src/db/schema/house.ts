import { sql } from "drizzle-orm";
import { check, index, integer, real, sqliteTable, text, uniqueIndex } from "drizzle-orm/sqlite-core";
import type { CorrectiveKind, PlaceKind } from "@/core/coldchain";
import type { AdviceRating } from "@/core/trace";
import type { RuleSetId } from "@/core/safety";
import { ROLES } from "@/house/people";
import { HOST_NAMES, OWN_SPECIES } from "@/house/stored/houseForms";
import { storedJson } from "./storedJson";

export const house = sqliteTable(
  "house",
  {
    id: integer("id").primaryKey(),
    name: text("name").notNull(),
    timeZone: text("time_zone").notNull(),
    units: text("units", { enum: ["metric", "imperial"] }).notNull(),
    ruleSetId: text("rule_set_id").$type<RuleSetId>().notNull(),
    /** Its guests are young, old, pregnant or ill: nothing raw or under-cooked is served. */
    susceptibleGuests: integer("susceptible_guests", { mode: "boolean" }).notNull().default(false),
    /** ISO 4217; null in houses from before it was asked for: no price is shown without one. */
    currency: text("currency"),
    /** What it writes between whole and parts; null in houses from before it was asked for. */
    decimalMark: text("decimal_mark", { enum: ["point", "comma"] }),
    /** Tax in the prices of the card, per cent; cents a cover for salt, oil, lemon and bread; cost over net price that is too dear. */
    vatPct: real("vat_pct").notNull().default(0),
    extraCents: integer("extra_cents").notNull().default(0),
    targetPct: real("target_pct").notNull().default(30),
    /** When service begins, minutes of the day. */
    serviceMin: integer("service_min").notNull().default(1080),
    /** Names its tablets may call it by, besides addresses and names of the local network. */
    hostNames: storedJson("host_names", HOST_NAMES).notNull().default([]),
    /** The chef's pass phrase, salted and slow: it opens when PINs and tablets fail. */
    phraseHash: text("phrase_hash"),
    /** Made to be tried: whoever opens it is its chef. */
    demo: integer("demo", { mode: "boolean" }).notNull().default(false),
    /** Pairs of hands at the line. */
    lineHands: integer("line_hands").notNull().default(1),
    createdAtMs: integer("created_at_ms").notNull(),
  },
  (table) => [check("one_house", sql`${table.id} = 1`)],
);

export const staff = sqliteTable("staff", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
  role: text("role", { enum: ROLES }).notNull().default("cook"),
  /** Salted and slow; null: has not chosen one yet. */
  pinHash: text("pin_hash"),
  /** When the PIN was typed last: from then on the name alone is enough for a shift. */
  signedInAtMs: integer("signed_in_at_ms"),
  /** Until when somebody may come in who is here for a day. */
  untilMs: integer("until_ms"),
  /** Has left the house; what was written under the name stays. */
  leftAtMs: integer("left_at_ms"),
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

export const ownSpecies = sqliteTable("own_species", {
  id: text("id").primaryKey(),
  facts: storedJson("facts", OWN_SPECIES).notNull(),
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
    /** What was done; what was written before it was asked for are words. */
    kind: text("kind").$type<CorrectiveKind>().notNull().default("said"),
    /** The warmest fish that was probed, °C. */
    readingC: real("reading_c"),
    /** Where everything went. */
    toPlaceId: text("to_place_id").references(() => places.id),
    /** In the cook's own words; may be empty where the kind says it. */
    action: text("action").notNull(),
    who: text("who").notNull(),
    atMs: integer("at_ms").notNull(),
  },
  (table) => [index("corrective_actions_by_place").on(table.placeId, table.excursionFromMs)],
);
