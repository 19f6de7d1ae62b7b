import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { eq } from "drizzle-orm";
import fc from "fast-check";
import { dishOf } from "@/core/cards";
import { makeDemoHouse } from "@/demo/house";
import { batchesToCook, findBatch } from "../block/batches";
import { findCard } from "../cards/cardSpecs";
import { passCards } from "../cards/pass";
import { cardWorld } from "../cards/world";
import { openDatabase } from "../connection";
import { findHouse } from "../house/house";
import { checkLedger } from "../ledger";
import { wasteSince } from "../lots/waste";
import { oldFile } from "../releases/oldFile.testkit";
import { plates } from "../schema/cards";
import { closeLines, countAtClose } from "./closing";
import { courseBack, courseGone } from "./gone";
import { cookAgain, seeLine, swapLine } from "./lines";
import { beginPan, panEvent, pansSince, setSpotOut, spotsOut } from "./pans";
import { listSenders, setSender } from "./senders";
import { callCourse, findTicket, holdCourse, openTicket, strikeTicket, ticketsSince } from "./tickets";

const NOW = Date.UTC(2026, 4, 12, 17);
const DAY = "2026-05-12";
const SINCE = NOW - 14 * 3_600_000;
const db = openDatabase(":memory:");
beforeAll(() => makeDemoHouse(db, NOW), 60_000);
let minute = 0;
const stamp = (who = "Ylva") => ({ who, atMs: NOW + 1000 * ++minute });
const dish = (cardId: string, count: number, allergies: readonly "milk"[] = []) => ({
  cardId,
  count,
  wishes: [],
  allergies,
});
const order = (table: string, ...courses: (readonly ReturnType<typeof dish>[])[]) =>
  openTicket(db, { day: DAY, table, courses, source: "typed" }, stamp(), SINCE);
const NOTHING_SAID = { wantedAtMs: null, promisedAtMs: null };
const linesOf = (ticketId: string, course: number) =>
  findTicket(db, ticketId)!.courses.find((one) => one.course === course)!.lines;
const served = (ticketId: string, course: number) => {
  const world = cardWorld(db, findHouse(db)!, NOW, new Set());
  return linesOf(ticketId, course)
    .filter(({ recookOf }) => recookOf === null)
    .map(({ id: lineId, cardId, count: covers, wishes }) => {
      const { hash, spec: card } = findCard(db, cardId)!;
      return { hash, cardId, card, dish: dishOf(card, world), covers, lineId, wishes };
    });
};
const send = (ticketId: string, course: number) =>
  courseGone(db, ticketId, course, served(ticketId, course), "eu-853", stamp());
const platesFor = (lineId: string) => db.select().from(plates).where(eq(plates.lineId, lineId)).all();

test("a second order of a table is the next course of its ticket while that stands, and what stands on tickets is off the pass", () => {
  const asked = () => passCards(db, DAY, SINCE, NOW + 60_000).find(({ cardId }) => cardId === "cod")!.asked;
  const before = asked();
  const first = order("t30", [dish("crudo", 2)]);
  const next = order("t30", [dish("cod", 2)]);
  expect(next).toEqual({ ticketId: first.ticketId, course: 2 });
  expect(asked()).toBe(before + 2);
  expect(strikeTicket(db, first.ticketId, stamp()).ok).toBe(true);
  expect(asked()).toBe(before);
  expect(ticketsSince(db, SINCE).some(({ table }) => table === "t30")).toBe(false);
});

test("an allergy is answered by two names, and not by one twice", () => {
  const { ticketId } = order("t31", [dish("char", 1, ["milk"])]);
  const [line] = linesOf(ticketId, 1);
  expect(callCourse(db, ticketId, 1, NOTHING_SAID, stamp())).toMatchObject({ error: { kind: "allergyOpen" } });
  expect(seeLine(db, line!.id, stamp("Torben"))).toMatchObject({ error: { kind: "notSwapped" } });
  expect(swapLine(db, line!.id, ["no-milk"], stamp("Maike")).ok).toBe(true);
  expect(seeLine(db, line!.id, stamp("Maike"))).toMatchObject({ error: { kind: "sameEyes" } });
  expect(seeLine(db, line!.id, stamp("Torben")).ok).toBe(true);
  expect(callCourse(db, ticketId, 1, NOTHING_SAID, stamp()).ok).toBe(true);
  // changed once more, it is seen once more
  expect(swapLine(db, line!.id, ["no-milk", "half"], stamp("Maike")).ok).toBe(true);
  expect(send(ticketId, 1)).toMatchObject({ error: { kind: "allergyOpen" } });
  expect(seeLine(db, line!.id, stamp("Ylva")).ok).toBe(true);
  expect(send(ticketId, 1)).toMatchObject({ ok: true, value: 1 });
});

test("whatever is tapped in whatever order: a plate goes once, nothing begun goes back on hold, the book is whole", () => {
  const command = fc.constantFrom("call", "hold", "begin", "lose", "again", "gone", "back", "strike");
  fc.assert(
    fc.property(fc.array(command, { maxLength: 14 }), (commands) => {
      const { ticketId } = order(`t${100 + minute}`, [dish("crudo", 2), dish("cod", 1)]);
      let begun = 0;
      for (const one of commands) {
        const ticket = findTicket(db, ticketId);
        const lines = ticket?.courses[0]?.lines ?? [];
        const lineId = lines[0]?.id ?? "";
        if (one === "call") callCourse(db, ticketId, 1, NOTHING_SAID, stamp());
        if (one === "hold") expect(holdCourse(db, ticketId, 1, stamp()).ok && begun > 0).toBe(false);
        if (one === "begin" && ticket) {
          const id = `${lineId}~${begun++}`;
          const pan = {
            id,
            day: DAY,
            cardId: "crudo",
            stages: [],
            parts: [{ lineId, count: 1 }],
            cookId: null,
            name: "Crudo",
          };
          expect(beginPan(db, pan, stamp()).ok).toBe(true);
          expect(beginPan(db, pan, stamp()).ok).toBe(false);
        }
        if (one === "lose") for (const { id } of pansSince(db, SINCE)) panEvent(db, id, "abandoned", stamp());
        if (one === "again" && ticket) cookAgain(db, lineId, 1, "dropped", stamp());
        if (one === "gone" && ticket) {
          send(ticketId, 1);
          expect(send(ticketId, 1).ok).toBe(false);
        }
        if (one === "back") courseBack(db, ticketId, 1, stamp());
        if (one === "strike") expect(strikeTicket(db, ticketId, stamp()).ok && begun > 0).toBe(false);
      }
      const ticket = findTicket(db, ticketId);
      for (const { id, count, recookOf } of ticket?.courses[0]?.lines ?? []) {
        const went = platesFor(id);
        expect(went.length === 0 || went.length === count).toBe(true);
        if (recookOf !== null) expect(went).toEqual([]);
        const isGone = ticket!.courses[0]!.goneAtMs !== null;
        expect(went.every(({ state }) => state === (isGone ? "gone" : "up"))).toBe(true);
      }
      expect(checkLedger(db).kind).toBe("whole");
    }),
    { numRuns: 30 },
  );
});

test("counted at close: what is missing is asked, kept once, and is off the book", () => {
  const line = closeLines(db, DAY, NOW - 4 * 86_400_000)[0]!;
  const { batchId, booked } = line;
  expect(countAtClose(db, batchId, booked + 1, null, DAY, stamp())).toMatchObject({
    error: { kind: "moreThanBooked" },
  });
  expect(countAtClose(db, batchId, booked - 1, null, DAY, stamp())).toMatchObject({ error: { kind: "sayWhatBecame" } });
  const before = db.select().from(plates).all().length;
  expect(countAtClose(db, batchId, booked - 1, "plate", DAY, stamp())).toEqual({ ok: true, value: 1 });
  expect(db.select().from(plates).all().length).toBe(before + 1);
  expect(countAtClose(db, batchId, booked - 2, "staff", DAY, stamp())).toEqual({ ok: true, value: 1 });
  expect(wasteSince(db, NOW).some(({ reason }) => reason === "staff")).toBe(true);
  const kept = closeLines(db, DAY, NOW - 4 * 86_400_000).find((one) => one.batchId === batchId)!;
  expect(kept).toMatchObject({
    booked: booked - 2,
    kept: { counted: booked - 2, booked: booked - 1, became: "staff" },
  });
  // no cook finds it any more
  expect(findBatch(db, batchId)!.portions.filter(({ cookId }) => cookId === null)).toHaveLength(booked - 2);
  expect(batchesToCook(db, 0).some(({ id }) => id === batchId)).toBe(true);
});

test("a spot is out until it is back; a sender's new key ends the old", () => {
  setSpotOut(db, "burner", true, stamp());
  setSpotOut(db, "burner", true, stamp());
  expect(spotsOut(db).get("burner")).toBe(2);
  expect(setSpotOut(db, "burner", false, stamp()).ok).toBe(true);
  expect(spotsOut(db).get("burner")).toBe(1);
  expect(setSpotOut(db, "oven", false, stamp()).ok).toBe(false);
  const [first, second] = [setSender(db, "Till", stamp()), setSender(db, "Till", stamp())];
  expect(second.id).toBe(first.id);
  expect(second.key).not.toBe(first.key);
  expect(listSenders(db)).toEqual([{ id: second.id, name: "Till" }]);
});

test("a house of the version before opens with one pair of hands, its plates without a ticket, and no ticket", () => {
  const file = path.join(mkdtempSync(path.join(tmpdir(), "gaffel-")), "old.sqlite");
  const old = oldFile(file, 14);
  old.exec(
    `insert into house (id, name, time_zone, units, rule_set_id, created_at_ms) values (1, 'Old', 'UTC', 'metric', 'eu-853', 1);
     insert into plates (id, at_ms, who, state) values ('p', 1, 'Una', 'gone')`,
  );
  old.close();
  const opened = openDatabase(file);
  expect(findHouse(opened)).toMatchObject({ name: "Old", lineHands: 1 });
  expect(opened.select().from(plates).all()).toMatchObject([{ id: "p", state: "gone", lineId: null }]);
  expect(ticketsSince(opened, 0)).toEqual([]);
});
