import { index, integer, primaryKey, sqliteTable, text } from "drizzle-orm/sqlite-core";
import type { SpotKind } from "@/core/cooking";
import { batches, cooks } from "./cooks";
import { ALLERGIES, COOK_EVENTS, PAN_PARTS, PAN_STAGES, WISHES } from "@/house/stored/lineForms";
import { storedJson } from "./storedJson";

/** What a table asked for in one service. */
export const tickets = sqliteTable(
  "tickets",
  {
    id: text("id").primaryKey(),
    day: text("day").notNull(),
    /** As it is called across the kitchen: "t7". */
    tableName: text("table_name").notNull(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
    source: text("source", { enum: ["typed", "open"] }).notNull(),
    /** What the sender calls it: sent twice it is one ticket. */
    reference: text("reference").unique(),
    struckAtMs: integer("struck_at_ms"),
    /** The name the table was booked under, where somebody said it. */
    guest: text("guest"),
  },
  (table) => [index("tickets_by_day").on(table.day, table.atMs)],
);

/** A course of a ticket: on hold until it is called away. */
export const ticketCourses = sqliteTable(
  "ticket_courses",
  {
    ticketId: text("ticket_id")
      .notNull()
      .references(() => tickets.id),
    course: integer("course").notNull(),
    calledAtMs: integer("called_at_ms"),
    /** The guest wants it then, not as soon as it can be. */
    wantedAtMs: integer("wanted_at_ms"),
    /** What the table was told when it was called. */
    promisedAtMs: integer("promised_at_ms"),
    goneAtMs: integer("gone_at_ms"),
    goneBy: text("gone_by"),
    /** Who silenced its bell. */
    bellBy: text("bell_by"),
  },
  (table) => [primaryKey({ columns: [table.ticketId, table.course] })],
);

/** So many of a card for a course, with what was asked of them. */
export const ticketLines = sqliteTable(
  "ticket_lines",
  {
    id: text("id").primaryKey(),
    ticketId: text("ticket_id")
      .notNull()
      .references(() => tickets.id),
    course: integer("course").notNull(),
    cardId: text("card_id").notNull(),
    count: integer("count").notNull(),
    wishes: storedJson("wishes", WISHES).notNull(),
    allergies: storedJson("allergies", ALLERGIES).notNull(),
    /** Who changed the dish for the allergy, and who else saw it. */
    swappedBy: text("swapped_by"),
    seenBy: text("seen_by"),
    /** The line whose pieces are cooked once more. */
    recookOf: text("recook_of"),
    struckAtMs: integer("struck_at_ms"),
  },
  (table) => [index("ticket_lines_by_ticket").on(table.ticketId)],
);

/** A pan that was begun for lines of one or several tables. */
export const linePans = sqliteTable(
  "line_pans",
  {
    id: text("id").primaryKey(),
    day: text("day").notNull(),
    cardId: text("card_id").notNull(),
    beganAtMs: integer("began_at_ms").notNull(),
    who: text("who").notNull(),
    /** The cook of the stove whose clock it is; null: its pieces were not cut, the line counts by itself. */
    cookId: text("cook_id").references(() => cooks.id),
    stages: storedJson("stages", PAN_STAGES).notNull(),
    events: storedJson("events", COOK_EVENTS).notNull(),
    parts: storedJson("parts", PAN_PARTS).notNull(),
  },
  (table) => [index("line_pans_by_day").on(table.day)],
);

/** Work of the line that is done, and bars that were put where they stand. */
export const lineMarks = sqliteTable(
  "line_marks",
  {
    taskId: text("task_id").notNull(),
    kind: text("kind", { enum: ["done", "put"] }).notNull(),
    day: text("day").notNull(),
    atMs: integer("at_ms").notNull(),
    who: text("who").notNull(),
  },
  (table) => [primaryKey({ columns: [table.taskId, table.kind] }), index("line_marks_by_day").on(table.day)],
);

/** A spot that does not work: from when until when. */
export const spotOuts = sqliteTable("spot_outs", {
  id: integer("id").primaryKey({ autoIncrement: true }),
  kind: text("kind").$type<SpotKind>().notNull(),
  fromMs: integer("from_ms").notNull(),
  who: text("who").notNull(),
  toMs: integer("to_ms"),
});

/** Pieces counted at close against what the book has, and what became of the difference. */
export const closeCounts = sqliteTable(
  "close_counts",
  {
    day: text("day").notNull(),
    batchId: text("batch_id")
      .notNull()
      .references(() => batches.id),
    counted: integer("counted").notNull(),
    booked: integer("booked").notNull(),
    became: text("became", { enum: ["staff", "waste", "plate", "found"] }),
    who: text("who").notNull(),
    atMs: integer("at_ms").notNull(),
  },
  (table) => [primaryKey({ columns: [table.day, table.batchId] })],
);

/** Who may send tickets over the open interface. */
export const ticketSenders = sqliteTable("ticket_senders", {
  id: text("id").primaryKey(),
  name: text("name").notNull().unique(),
});
