import { randomUUID } from "node:crypto";
import { and, asc, eq, gte, inArray, isNull, sql } from "drizzle-orm";
import { err, groupBy, ok, type Result } from "@/core/shared";
import type { Ticket, TicketCourse, TicketLine } from "@/house/line/ticket";
import { isAnswered } from "@/house/line/ticket";
import type { TypedDish } from "@/house/line/ticketText";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { isInPan } from "./pans";
import { rememberingSince } from "../remember";
import { ticketCourses, ticketLines, tickets } from "../schema/line";
import type { Stamp } from "../stamp";

type CourseRow = typeof ticketCourses.$inferSelect;

const subject = (id: string) => [{ kind: "ticket" as const, id }];

/** Every ticket since, in the order they came. */
export const ticketsSince = rememberingSince(
  [tickets, ticketLines, ticketCourses],
  (db, sinceMs): readonly Ticket[] =>
    withCourses(
      db,
      db
        .select()
        .from(tickets)
        .where(and(gte(tickets.atMs, sinceMs), isNull(tickets.struckAtMs)))
        .orderBy(asc(tickets.atMs), asc(tickets.id))
        .all(),
    ),
  ({ atMs }) => atMs,
);

export function findTicket(db: Db, id: string): Ticket | undefined {
  const row = db
    .select()
    .from(tickets)
    .where(and(eq(tickets.id, id), isNull(tickets.struckAtMs)))
    .get();
  return row && withCourses(db, [row])[0];
}

/** Tickets with their courses, the lines of each as they were called. */
function withCourses(db: Db, rows: readonly (typeof tickets.$inferSelect)[]): readonly Ticket[] {
  const ids = rows.map(({ id }) => id);
  const lines = db
    .select()
    .from(ticketLines)
    .where(and(inArray(ticketLines.ticketId, ids), isNull(ticketLines.struckAtMs)))
    .orderBy(sql`rowid`)
    .all();
  const courses = db
    .select()
    .from(ticketCourses)
    .where(inArray(ticketCourses.ticketId, ids))
    .orderBy(asc(ticketCourses.course))
    .all();
  const [linesOf, coursesOf] = [
    groupBy(lines, ({ ticketId }) => ticketId),
    groupBy(courses, ({ ticketId }) => ticketId),
  ];
  return rows.map(({ id, tableName, guest, atMs, who }) => ({
    id,
    table: tableName,
    guest,
    atMs,
    who,
    courses: (coursesOf.get(id) ?? []).map(({ ticketId: _, ...course }) => ({
      ...course,
      lines: (linesOf.get(id) ?? []).filter((line) => line.course === course.course).map(lineOf),
    })),
  }));
}

const lineOf = ({ struckAtMs: _, ...line }: typeof ticketLines.$inferSelect): TicketLine => line;

export type NewTicket = {
  readonly day: string;
  readonly table: string;
  readonly courses: readonly (readonly TypedDish[])[];
  readonly source: "typed" | "open";
  /** The name it was booked under. */
  readonly guest?: string | null;
  readonly reference?: string | null;
};

/** A table's order: onto the ticket it has, as its next courses, while that stands; else one of its own. Answers with the ticket and its first new course. */
export function openTicket(
  db: Db,
  { day, table, courses, source, guest = null, reference = null }: NewTicket,
  { who, atMs }: Stamp,
  sinceMs: number,
): { readonly ticketId: string; readonly course: number } {
  return db.transaction((tx) => {
    const sent =
      reference === null ? undefined : tx.select().from(tickets).where(eq(tickets.reference, reference)).get();
    if (sent) return { ticketId: sent.id, course: 1 };
    const standing = ticketsSince(tx, sinceMs).find(
      (one) => one.table === table && one.courses.some(({ goneAtMs }) => goneAtMs === null),
    );
    const ticketId = standing?.id ?? randomUUID();
    if (!standing)
      tx.insert(tickets).values({ id: ticketId, day, tableName: table, atMs, who, source, reference, guest }).run();
    else if (guest !== null) tx.update(tickets).set({ guest }).where(eq(tickets.id, ticketId)).run();
    const first = Math.max(0, ...(standing?.courses.map(({ course }) => course) ?? [])) + 1;
    for (const [at, dishes] of courses.entries()) {
      const course = first + at;
      tx.insert(ticketCourses).values({ ticketId, course }).run();
      for (const dish of dishes)
        tx.insert(ticketLines)
          .values({ id: randomUUID(), ticketId, course, ...dish })
          .run();
    }
    const said = courses.map((dishes) =>
      dishes.map(({ cardId, count, wishes, allergies }) => ({ cardId, count, wishes, allergies })),
    );
    const payload = { table, ...(guest === null ? {} : { guest }), courses: said, source, said: textOf(courses) };
    appendEntry(tx, { atMs, who, kind: "ticket-opened", payload, subjects: subject(ticketId) });
    return { ticketId, course: first };
  });
}

const textOf = (courses: NewTicket["courses"]): string =>
  courses
    .map((dishes) =>
      dishes
        .map(({ cardId, count, wishes, allergies }) =>
          [`${count} ${cardId}`, ...wishes, ...allergies.map((id) => `no ${id}`)].join(" "),
        )
        .join(", "),
    )
    .join("; ");

export type CallProblem = {
  readonly kind: "noTicket" | "gone" | "calledAlready" | "notCalled" | "begun" | "allergyOpen";
};

const courseIn = (
  db: Db,
  ticketId: string,
  course: number,
): Result<{ ticket: Ticket; row: TicketCourse }, CallProblem> => {
  const ticket = findTicket(db, ticketId);
  const row = ticket?.courses.find((one) => one.course === course);
  if (!ticket || !row) return err({ kind: "noTicket" });
  return row.goneAtMs === null ? ok({ ticket, row }) : err({ kind: "gone" });
};

const change = (db: Db, ticketId: string, course: number, part: Partial<CourseRow>) =>
  db
    .update(ticketCourses)
    .set(part)
    .where(and(eq(ticketCourses.ticketId, ticketId), eq(ticketCourses.course, course)))
    .run();

/** Away: a course is called. What was promised the table is said with it. An allergy nobody answered holds it back. */
export function callCourse(
  db: Db,
  ticketId: string,
  course: number,
  { wantedAtMs, promisedAtMs }: { readonly wantedAtMs: number | null; readonly promisedAtMs: number | null },
  { who, atMs }: Stamp,
): Result<null, CallProblem> {
  return db.transaction((tx) => {
    const found = courseIn(tx, ticketId, course);
    if (!found.ok) return found;
    const { ticket, row } = found.value;
    if (row.calledAtMs !== null) return err({ kind: "calledAlready" });
    if (!row.lines.every(isAnswered)) return err({ kind: "allergyOpen" });
    change(tx, ticketId, course, { calledAtMs: atMs, wantedAtMs, promisedAtMs });
    const payload = { table: ticket.table, course, wantedAtMs, promisedAtMs };
    appendEntry(tx, { atMs, who, kind: "course-called", payload, subjects: subject(ticketId) });
    return ok(null);
  });
}

/** Back on hold, as long as none of it is in a pan. */
export function holdCourse(db: Db, ticketId: string, course: number, { who, atMs }: Stamp): Result<null, CallProblem> {
  return db.transaction((tx) => {
    const found = courseIn(tx, ticketId, course);
    if (!found.ok) return found;
    const { ticket, row } = found.value;
    if (row.calledAtMs === null) return err({ kind: "notCalled" });
    if (isInPan(tx, new Set(row.lines.map(({ id }) => id)), atMs)) return err({ kind: "begun" });
    change(tx, ticketId, course, { calledAtMs: null, wantedAtMs: null, promisedAtMs: null, bellBy: null });
    const payload = { table: ticket.table, course };
    appendEntry(tx, { atMs, who, kind: "course-held", payload, subjects: subject(ticketId) });
    return ok(null);
  });
}

/** The moment a table wants its course is moved. */
export function moveCourse(db: Db, ticketId: string, course: number, wantedAtMs: number): Result<null, CallProblem> {
  return db.transaction((tx) => {
    const found = courseIn(tx, ticketId, course);
    if (!found.ok) return found;
    if (found.value.row.calledAtMs === null) return err({ kind: "notCalled" });
    change(tx, ticketId, course, { wantedAtMs, promisedAtMs: wantedAtMs, bellBy: null });
    return ok(null);
  });
}

/** What a table is told is kept; it is said once. */
export const promiseCourse = (db: Db, ticketId: string, course: number, promisedAtMs: number): void => {
  change(db, ticketId, course, { promisedAtMs });
};

/** One knuckle silences the bell of a table; who it was is kept. */
export function silenceBell(db: Db, ticketId: string, course: number, who: string): Result<null, CallProblem> {
  const found = courseIn(db, ticketId, course);
  if (!found.ok) return found;
  change(db, ticketId, course, { bellBy: found.value.row.bellBy ?? who });
  return ok(null);
}

/** A ticket that was struck by mistake stands again. */
export function unstrikeTicket(db: Db, ticketId: string, { who, atMs }: Stamp): Result<null, CallProblem> {
  return db.transaction((tx) => {
    const ticket = tx.select().from(tickets).where(eq(tickets.id, ticketId)).get();
    if (!ticket || ticket.struckAtMs === null) return err({ kind: "noTicket" });
    tx.update(tickets).set({ struckAtMs: null }).where(eq(tickets.id, ticketId)).run();
    const payload = { table: ticket.tableName };
    appendEntry(tx, { atMs, who, kind: "ticket-back", payload, subjects: subject(ticketId) });
    return ok(null);
  });
}

/** A ticket is struck as long as none of it is in a pan or has gone. */
export function strikeTicket(db: Db, ticketId: string, { who, atMs }: Stamp): Result<null, CallProblem> {
  return db.transaction((tx) => {
    const ticket = findTicket(tx, ticketId);
    if (!ticket) return err({ kind: "noTicket" });
    if (ticket.courses.some(({ goneAtMs }) => goneAtMs !== null)) return err({ kind: "gone" });
    if (isInPan(tx, new Set(ticket.courses.flatMap(({ lines }) => lines.map(({ id }) => id))), atMs))
      return err({ kind: "begun" });
    tx.update(tickets).set({ struckAtMs: atMs }).where(eq(tickets.id, ticketId)).run();
    appendEntry(tx, {
      atMs,
      who,
      kind: "ticket-struck",
      payload: { table: ticket.table },
      subjects: subject(ticketId),
    });
    return ok(null);
  });
}
