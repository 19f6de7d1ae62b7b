import { z } from "zod";
import { todayIn } from "@/calendar/days";
import { db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { houseNowMs } from "@/db/houseClock";
import { findSender } from "@/db/line/senders";
import { callCourse, openTicket, ticketsSince } from "@/db/line/tickets";
import { ALLERGEN_IDS } from "@/core/safety";
import { MINUTE_MS } from "@/core/units";
import { t } from "@/words/api";
import { callableCards, serviceFromMs } from "../../line/plan/lineState";
import { promiseCalled } from "../../line/plan/promise";
import { deviceOf } from "../device";
import { problem } from "../problem";

const Dish = z.strictObject({
  card: z.string().min(1).max(80),
  count: z.number().int().min(1).max(40),
  wishes: z
    .array(z.enum(["half", "child", "sauce-apart", "cooked-through"]))
    .max(4)
    .default([]),
  allergies: z.array(z.enum(ALLERGEN_IDS)).max(14).default([]),
});
const Order = z.strictObject({
  kind: z.literal("order"),
  /** What the sender calls it: sent twice it is one ticket. */
  id: z.string().min(1).max(80),
  table: z.string().regex(/^[\w-]{1,12}$/),
  courses: z.array(z.array(Dish).min(1).max(20)).min(1).max(8),
  /** The name it was booked under. */
  booking: z.string().trim().min(1).max(60).optional(),
});
const Away = z.strictObject({
  kind: z.literal("away"),
  table: z.string().regex(/^[\w-]{1,12}$/),
  course: z.number().int().min(1).max(20).optional(),
  in_min: z.number().int().min(0).max(1440).default(0),
});
const Message = z.discriminatedUnion("kind", [Order, Away]);

/** A ticket, or a call, of a till: `{"kind":"order","id":"4711","table":"t7","courses":[[{"card":"char","count":2}]]}` or `{"kind":"away","table":"t7"}`. */
export async function POST(request: Request): Promise<Response> {
  const device = await deviceOf(request, "tickets", t("noSenderWithThisKey"));
  if (device instanceof Response) return device;
  const sender = findSender(db(), device.subjectId)!;
  const house = findHouse(db())!;
  const parsed = Message.safeParse(await request.json().catch(() => null));
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return problem(422, issue.path.map(String).join("."), issue.message);
  }
  const atMs = houseNowMs();
  const stamp = { who: sender.name, atMs };
  const day = todayIn(house.timeZone, atMs);
  const message = parsed.data;
  const sinceMs = serviceFromMs(atMs);
  if (message.kind === "order") {
    const known = new Set(callableCards(db(), day).map(({ cardId }) => cardId));
    const missing = message.courses.flat().find(({ card }) => !known.has(card));
    if (missing) return problem(422, "courses", t("noCardOfThatName", { card: missing.card }));
    const courses = message.courses.map((dishes) => dishes.map(({ card: cardId, ...dish }) => ({ cardId, ...dish })));
    const reference = `${sender.id}:${message.id}`;
    const { table, booking: guest = null } = message;
    const opened = openTicket(db(), { day, table, courses, guest, source: "open", reference }, stamp, sinceMs);
    return Response.json({ ticket: opened.ticketId, course: opened.course }, { status: 201 });
  }
  const ticket = ticketsSince(db(), sinceMs).find(
    ({ table, courses }) => table === message.table && courses.some(({ goneAtMs }) => goneAtMs === null),
  );
  const course = ticket?.courses.find(
    (one) => one.calledAtMs === null && (message.course === undefined || one.course === message.course),
  );
  if (!ticket || !course) return problem(409, "table", t("nothingOnHold", { table: message.table }));
  const wantedAtMs = message.in_min > 0 ? atMs + message.in_min * MINUTE_MS : null;
  const called = callCourse(db(), ticket.id, course.course, { wantedAtMs, promisedAtMs: null }, stamp);
  if (!called.ok) return problem(409, "table", t("callIsHeldBack", { kind: called.error.kind }));
  await promiseCalled();
  return Response.json({ ticket: ticket.id, course: course.course }, { status: 201 });
}
