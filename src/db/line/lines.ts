import { randomUUID } from "node:crypto";
import { and, eq, inArray, isNotNull, isNull } from "drizzle-orm";
import { err, ok, type Result } from "@/core/shared";
import type { Ticket, TicketLine } from "@/house/line/ticket";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { plates } from "../schema/cards";
import { linePans, ticketCourses, ticketLines } from "../schema/line";
import type { Stamp } from "../stamp";
import { findTicket } from "./tickets";

export type LineError = { readonly kind: "noLine" | "gone" | "sameEyes" | "notSwapped" | "notCalled" | "tooMany" };

function lineIn(db: Db, lineId: string): Result<{ ticket: Ticket; line: TicketLine }, LineError> {
  const row = db.select({ ticketId: ticketLines.ticketId }).from(ticketLines).where(eq(ticketLines.id, lineId)).get();
  const ticket = row && findTicket(db, row.ticketId);
  const line = ticket?.courses.flatMap(({ lines }) => lines).find(({ id }) => id === lineId);
  if (!ticket || !line) return err({ kind: "noLine" });
  const { goneAtMs } = ticket.courses.find(({ course }) => course === line.course)!;
  return goneAtMs === null ? ok({ ticket, line }) : err({ kind: "gone" });
}

/** The dish of a line is changed for its allergy, by whoever says so. `wishes`: how it is served now. */
export function swapLine(
  db: Db,
  lineId: string,
  wishes: readonly string[],
  { who, atMs }: Stamp,
): Result<null, LineError> {
  return db.transaction((tx) => {
    const found = lineIn(tx, lineId);
    if (!found.ok) return found;
    const { ticket, line } = found.value;
    tx.update(ticketLines).set({ wishes, swappedBy: who, seenBy: null }).where(eq(ticketLines.id, lineId)).run();
    const payload = { table: ticket.table, card: line.cardId, allergies: line.allergies, wishes };
    appendEntry(tx, { atMs, who, kind: "allergy-swapped", payload, subjects: [{ kind: "ticket", id: ticket.id }] });
    return ok(null);
  });
}

/** A second pair of eyes saw it: another name than the one that changed it. */
export function seeLine(db: Db, lineId: string, { who, atMs }: Stamp): Result<null, LineError> {
  return db.transaction((tx) => {
    const found = lineIn(tx, lineId);
    if (!found.ok) return found;
    const { ticket, line } = found.value;
    if (line.swappedBy === null) return err({ kind: "notSwapped" });
    if (line.swappedBy === who) return err({ kind: "sameEyes" });
    tx.update(ticketLines).set({ seenBy: who }).where(eq(ticketLines.id, lineId)).run();
    const payload = { table: ticket.table, card: line.cardId, allergies: line.allergies, swappedBy: line.swappedBy };
    appendEntry(tx, { atMs, who, kind: "allergy-seen", payload, subjects: [{ kind: "ticket", id: ticket.id }] });
    return ok(null);
  });
}

/** So many pieces of a line are cooked once more, of new pieces; the table's moment is open again. */
export function cookAgain(
  db: Db,
  lineId: string,
  count: number,
  reason: string,
  { who, atMs }: Stamp,
): Result<string, LineError> {
  return db.transaction((tx) => {
    const found = lineIn(tx, lineId);
    if (!found.ok) return found;
    const { ticket, line } = found.value;
    const course = ticket.courses.find((one) => one.course === line.course)!;
    if (course.calledAtMs === null) return err({ kind: "notCalled" });
    if (count > line.count) return err({ kind: "tooMany" });
    const id = randomUUID();
    const { wishes, allergies, swappedBy, seenBy, cardId, ticketId } = line;
    const again = { id, ticketId, course: line.course, cardId, count, wishes, allergies, swappedBy, seenBy };
    tx.insert(ticketLines)
      .values({ ...again, recookOf: line.recookOf ?? line.id })
      .run();
    const where = and(eq(ticketCourses.ticketId, ticket.id), eq(ticketCourses.course, line.course));
    tx.update(ticketCourses).set({ bellBy: null }).where(where).run();
    platesBack(tx, line.id, count);
    const payload = { table: ticket.table, card: cardId, count, reason };
    appendEntry(tx, { atMs, who, kind: "pieces-again", payload, subjects: [{ kind: "ticket", id: ticket.id }] });
    return ok(id);
  });
}

/** Pieces out of their pan that were dropped or came back are no plate that went: none of the table's next ones takes them. */
function platesBack(db: Db, lineId: string, count: number): void {
  const cookIds = db
    .select({ cookId: linePans.cookId, parts: linePans.parts })
    .from(linePans)
    .where(isNotNull(linePans.cookId))
    .all()
    .flatMap(({ cookId, parts }) => (parts.some((part) => part.lineId === lineId) ? [cookId!] : []));
  const ids = db
    .select({ id: plates.id })
    .from(plates)
    .where(and(inArray(plates.cookId, cookIds), isNull(plates.cardHash), eq(plates.state, "gone")))
    .limit(count)
    .all()
    .map(({ id }) => id);
  db.update(plates).set({ state: "back" }).where(inArray(plates.id, ids)).run();
}
