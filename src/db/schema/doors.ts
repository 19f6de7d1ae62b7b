import { index, integer, sqliteTable, text } from "drizzle-orm/sqlite-core";

/** What sends to the house by itself. */
export const DEVICE_KINDS = ["sensor", "scale", "probe", "tickets"] as const;

/**
 * Keys of what sends to the house: each for one place, scale, probe or sender of tickets and for nothing else. Of the key itself only
 * its SHA-256 is kept; it is random, so that none can be guessed from it.
 */
export const deviceKeys = sqliteTable(
  "device_keys",
  {
    id: text("id").primaryKey(),
    kind: text("kind", { enum: DEVICE_KINDS }).notNull(),
    /** The place, scale, probe or sender it is of. */
    subjectId: text("subject_id").notNull(),
    keyHash: text("key_hash").notNull().unique(),
    madeAtMs: integer("made_at_ms").notNull(),
    madeBy: text("made_by").notNull(),
    lastSeenMs: integer("last_seen_ms"),
    endedAtMs: integer("ended_at_ms"),
  },
  (table) => [index("device_keys_by_subject").on(table.kind, table.subjectId)],
);

/** A tablet works; a screen only shows. */
export const TABLET_KINDS = ["tablet", "screen"] as const;

/** Tablets and screens that were let in once; what a browser carries is sealed and names one of these. */
export const tablets = sqliteTable("tablets", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  kind: text("kind", { enum: TABLET_KINDS }).notNull(),
  pairedAtMs: integer("paired_at_ms").notNull(),
  pairedBy: text("paired_by").notNull(),
  lastSeenMs: integer("last_seen_ms"),
  endedAtMs: integer("ended_at_ms"),
});

/** Codes that let one tablet in, once, for a few minutes; of the code only its SHA-256 is kept. */
export const pairings = sqliteTable("pairings", {
  codeHash: text("code_hash").primaryKey(),
  name: text("name").notNull(),
  kind: text("kind", { enum: TABLET_KINDS }).notNull(),
  madeBy: text("made_by").notNull(),
  untilMs: integer("until_ms").notNull(),
});
