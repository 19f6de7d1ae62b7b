import { and, eq } from "drizzle-orm";
import type { RuleSetId } from "@/core/safety";
import { err, ok, type Result } from "@/core/shared";
import { isAnswered } from "@/house/line/ticket";
import { platesGone, type Served } from "../cards/pass";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { plates } from "../schema/cards";
import { ticketCourses } from "../schema/line";
import type { Stamp } from "../stamp";
import { findTicket } from "./tickets";

export type GoneError =
  | { readonly kind: "noTicket" | "notCalled" | "allergyOpen" | "notGone" }
  | { readonly kind: "goneAlready"; readonly atMs: number; readonly who: string };

/** A course goes: its plates are written once, however often the bell is rung. */
export function courseGone(
  db: Db,
  ticketId: string,
  course: number,
  served: readonly Served[],
  ruleSetId: RuleSetId,
  stamp: Stamp,
): Result<number, GoneError> {
  return db.transaction((tx) => {
    const ticket = findTicket(tx, ticketId);
    const row = ticket?.courses.find((one) => one.course === course);
    if (!ticket || !row) return err({ kind: "noTicket" });
    const { goneAtMs, goneBy, calledAtMs, lines } = row;
    if (goneAtMs !== null) return err({ kind: "goneAlready", atMs: goneAtMs, who: goneBy ?? "" });
    if (calledAtMs === null) return err({ kind: "notCalled" });
    if (!lines.every(isAnswered)) return err({ kind: "allergyOpen" });
    let covers = 0;
    for (const one of served) {
      // it went before and was taken back: the same plates go again
      const known = and(eq(plates.lineId, one.lineId ?? ""), eq(plates.state, "up"));
      const back = tx
        .update(plates)
        .set({ state: "gone", atMs: stamp.atMs, who: stamp.who })
        .where(known)
        .run().changes;
      if (back < one.covers) platesGone(tx, { ...one, covers: one.covers - back }, ruleSetId, stamp);
      covers += one.covers;
    }
    tx.update(ticketCourses)
      .set({ goneAtMs: stamp.atMs, goneBy: stamp.who })
      .where(and(eq(ticketCourses.ticketId, ticketId), eq(ticketCourses.course, course)))
      .run();
    const payload = { table: ticket.table, course, covers };
    appendEntry(tx, {
      who: stamp.who,
      atMs: stamp.atMs,
      kind: "course-gone",
      payload,
      subjects: [{ kind: "ticket", id: ticketId }],
    });
    return ok(covers);
  });
}

/** A course that was called gone by mistake stands at the pass again. */
export function courseBack(db: Db, ticketId: string, course: number, { who, atMs }: Stamp): Result<null, GoneError> {
  return db.transaction((tx) => {
    const ticket = findTicket(tx, ticketId);
    const row = ticket?.courses.find((one) => one.course === course);
    if (!ticket || !row) return err({ kind: "noTicket" });
    if (row.goneAtMs === null) return err({ kind: "notGone" });
    for (const { id } of row.lines)
      tx.update(plates)
        .set({ state: "up" })
        .where(and(eq(plates.lineId, id), eq(plates.state, "gone")))
        .run();
    tx.update(ticketCourses)
      .set({ goneAtMs: null, goneBy: null })
      .where(and(eq(ticketCourses.ticketId, ticketId), eq(ticketCourses.course, course)))
      .run();
    const payload = { table: ticket.table, course };
    appendEntry(tx, { atMs, who, kind: "course-back", payload, subjects: [{ kind: "ticket", id: ticketId }] });
    return ok(null);
  });
}
