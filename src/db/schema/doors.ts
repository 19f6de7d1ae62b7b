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
