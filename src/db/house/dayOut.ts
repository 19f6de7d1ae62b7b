import { sumOf } from "@/core/numeric";
import { and, desc, eq, gte, isNotNull, lt, sql } from "drizzle-orm";
import { MINUTE_MS } from "@/core/units";
import { remembering } from "../remember";
import { plates } from "../schema/cards";
import { specs } from "../schema/larder";
import { ticketCourses } from "../schema/line";

/** A table that waited so much longer than it was told has noticed it. */
const LATE_MS = 2 * MINUTE_MS;

export type DayOut = {
  readonly plates: number;
  /** By the card as it was then, the most first; null: of no card. */
  readonly byCard: readonly { readonly name: string | null; readonly count: number }[];
  /** Courses that were promised for a moment and went, those later than it, and the worst of them, ms. */
  readonly courses: { readonly promised: number; readonly late: number; readonly worstMs: number };
};

/** What went out between two moments, and how late. */
export const dayOut = remembering([plates, specs, ticketCourses], (db, fromMs: number, toMs: number): DayOut => {
  const count = sql<number>`count(*)`;
  const byCard = db
    .select({ name: specs.name, count })
    .from(plates)
    .leftJoin(specs, eq(specs.hash, plates.cardHash))
    .where(and(eq(plates.state, "gone"), gte(plates.atMs, fromMs), lt(plates.atMs, toMs)))
    .groupBy(specs.name)
    .orderBy(desc(count), specs.name)
    .all();
  const lateness = db
    .select({ promisedAtMs: ticketCourses.promisedAtMs, goneAtMs: ticketCourses.goneAtMs })
    .from(ticketCourses)
    .where(
      and(isNotNull(ticketCourses.promisedAtMs), gte(ticketCourses.goneAtMs, fromMs), lt(ticketCourses.goneAtMs, toMs)),
    )
    .all()
    .map(({ promisedAtMs, goneAtMs }) => goneAtMs! - promisedAtMs!);
  const late = lateness.filter((byMs) => byMs > LATE_MS);
  return {
    plates: sumOf(byCard, (one) => one.count),
    byCard,
    courses: { promised: lateness.length, late: late.length, worstMs: Math.max(0, ...late) },
  };
});
