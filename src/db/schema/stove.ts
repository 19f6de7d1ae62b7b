import { index, integer, real, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { RuleSetId } from "@/core/safety";
import { cooks } from "./cooks";
import { lots } from "./larder";
import { RESIDUALS, SHEET_QUESTION, SHEET_ROWS } from "@/house/stored/houseForms";
import { storedJson } from "./storedJson";

/** A probe that sends what it reads, and the cook it is in now. */
export const probes = sqliteTable("probes", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
  cookId: text("cook_id").references(() => cooks.id),
  celsius: real("celsius"),
  atMs: integer("at_ms"),
});

/** What a probe sent while it was in a cook. Readings that a cook noted by hand stand in the cook's events. */
export const cookReadings = sqliteTable(
  "cook_readings",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    cookId: text("cook_id")
      .notNull()
      .references(() => cooks.id),
    probeId: text("probe_id")
      .notNull()
      .references(() => probes.id),
    atMs: integer("at_ms").notNull(),
    celsius: real("celsius").notNull(),
  },
  (table) => [index("cook_readings_by_cook").on(table.cookId, table.atMs)],
);

/** What measured cooks say of one pan's or oven's coefficients; the newest of a pan counts unless it was reset. */
export const stationFits = sqliteTable(
  "station_fits",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    panId: text("pan_id").notNull(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    /** Natural logarithm of the factor on vessel and air coefficients, with its spread. */
    vessel: real("vessel").notNull(),
    vesselSd: real("vessel_sd").notNull(),
    air: real("air").notNull(),
    airSd: real("air_sd").notNull(),
    cooks: integer("cooks").notNull(),
    residuals: storedJson("residuals", RESIDUALS).notNull(),
    reset: integer("reset", { mode: "boolean" }).notNull().default(false),
  },
  (table) => [index("station_fits_by_pan").on(table.panId, table.id)],
);

/** A station sheet that was kept, as it was computed. */
export const stationSheets = sqliteTable(
  "station_sheets",
  {
    id: text("id").primaryKey(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    question: storedJson("question", SHEET_QUESTION).notNull(),
    rows: storedJson("rows", SHEET_ROWS).notNull(),
  },
  (table) => [index("station_sheets_by_time").on(table.atMs)],
);

/** A finished dish that waits hot, and how that ended. */
export const hotHolds = sqliteTable(
  "hot_holds",
  {
    id: text("id").primaryKey(),
    requestId: text("request_id").notNull().unique(),
    cookId: text("cook_id").references(() => cooks.id),
    /** A pot or a bain: the lot that waits in it. */
    lotId: text("lot_id").references(() => lots.id),
    title: text("title").notNull(),
    place: text("place").notNull(),
    ruleSetId: text("rule_set_id").$type<RuleSetId>().notNull(),
    startedAtMs: integer("started_at_ms").notNull(),
    startedBy: text("started_by").notNull(),
    fromC: real("from_c").notNull(),
    usedMin: real("used_min").notNull(),
    endedAtMs: integer("ended_at_ms"),
    endedAs: text("ended_as").$type<"served" | "thrown-away">(),
  },
  (table) => [index("hot_holds_by_end").on(table.endedAtMs)],
);

export const hotHoldReadings = sqliteTable(
  "hot_hold_readings",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    requestId: text("request_id").notNull().unique(),
    hotHoldId: text("hot_hold_id")
      .notNull()
      .references(() => hotHolds.id),
    atMs: integer("at_ms").notNull(),
    celsius: real("celsius").notNull(),
    who: text("who").notNull(),
  },
  (table) => [index("hot_hold_readings_by_hold").on(table.hotHoldId, table.atMs)],
);
