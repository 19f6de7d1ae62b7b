import { sql } from "drizzle-orm";
import { check, index, integer, real, sqliteTable, text, uniqueIndex } from "drizzle-orm/sqlite-core";
import type { Form } from "@/core/freshness";
import { lots } from "./larder";

/** What was ordered: for one day, or for the same day of every week until it is ended. */
export const orders = sqliteTable(
  "orders",
  {
    id: text("id").primaryKey(),
    supplier: text("supplier").notNull(),
    speciesId: text("species_id").notNull(),
    form: text("form").$type<Form>().notNull(),
    frozen: integer("frozen", { mode: "boolean" }).notNull(),
    massG: real("mass_g").notNull(),
    /** Null: nobody said. */
    priceCentsPerKg: integer("price_cents_per_kg"),
    /** YYYY-MM-DD; null: it comes every week. */
    day: text("day"),
    /** 0 Sunday to 6 Saturday; null: it comes once. */
    weekday: integer("weekday"),
    placedOn: text("placed_on").notNull(),
    placedBy: text("placed_by").notNull(),
    placedAtMs: integer("placed_at_ms").notNull(),
    endedAtMs: integer("ended_at_ms"),
  },
  (table) => [
    index("orders_by_day").on(table.day),
    index("orders_by_weekday").on(table.weekday),
    check("once_or_every_week", sql`(${table.day} is null) <> (${table.weekday} is null)`),
  ],
);

/** What became of an order on a day: the lot that came for it, or that it did not come. */
export const orderDays = sqliteTable(
  "order_days",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    orderId: text("order_id")
      .notNull()
      .references(() => orders.id),
    day: text("day").notNull(),
    /** Null: it did not come. */
    lotId: text("lot_id").references(() => lots.id),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
  },
  (table) => [uniqueIndex("order_days_by_day").on(table.orderId, table.day)],
);
