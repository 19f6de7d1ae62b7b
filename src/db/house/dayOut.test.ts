import { sql } from "drizzle-orm";
import { makeDemoHouse } from "@/demo/house";
import { openDatabase } from "../connection";
import { courseGone } from "../line/gone";
import { callCourse, openTicket } from "../line/tickets";
import { dayOut } from "./dayOut";

const NOW = Date.UTC(2026, 4, 12, 17);
const MINUTE = 60_000;
const DAY = 86_400_000;

test("plates of a day are those that went in it, by their card as it was; a course is late by what the table was told", () => {
  const db = openDatabase(":memory:");
  makeDemoHouse(db, NOW);
  const plain = db.get<{ readonly n: number }>(sql`select count(*) as n from plates where state = 'gone'`).n;
  const whole = dayOut(db, 0, NOW + DAY);
  expect(whole.plates).toBe(plain);
  expect(whole.byCard.reduce((total, { count }) => total + count, 0)).toBe(plain);
  const halves = [dayOut(db, 0, NOW - 3 * DAY), dayOut(db, NOW - 3 * DAY, NOW + DAY)];
  expect(halves[0]!.plates + halves[1]!.plates).toBe(plain);

  const served = [
    ["t1", -1],
    ["t2", 1],
    ["t3", 7],
    ["t4", 12],
  ] as const;
  for (const [index, [table, lateMin]] of served.entries()) {
    const stamp = { who: "Ylva", atMs: NOW + index };
    const dishes = [{ cardId: "crudo", count: 1, wishes: [], allergies: [] }];
    const opened = openTicket(db, { day: "2026-05-12", table, courses: [dishes], source: "typed" }, stamp, NOW - DAY);
    const promisedAtMs = NOW + 20 * MINUTE;
    expect(callCourse(db, opened.ticketId, opened.course, { wantedAtMs: null, promisedAtMs }, stamp).ok).toBe(true);
    const gone = courseGone(db, opened.ticketId, opened.course, [], "eu-853", {
      who: "Ylva",
      atMs: promisedAtMs + lateMin * MINUTE,
    });
    expect(gone.ok).toBe(true);
  }
  const { courses } = dayOut(db, NOW, NOW + DAY);
  expect(courses).toEqual({ promised: 4, late: 2, worstMs: 12 * MINUTE });
}, 60_000);
