import { mkdirSync } from "node:fs";
import path from "node:path";
import { todayIn } from "@/calendar/days";
import { openDatabase, type Db } from "@/db/connection";
import { findHouse } from "@/db/house/house";
import { callCourse, openTicket } from "@/db/line/tickets";
import { makeDemoHouse } from "@/demo/house";
import { saturday } from "@/standins/ticketModel";
import { VIEWS } from "@/ui/layout/views";
import { add } from "./measure";
import { served } from "./pages";

const EACH_MS = 30;
const ROUNDS = 5;
const LOOKS = 12;
/** Each page was looked at so often that it runs as compiled. */
const WARM = 40;
/** Tables that are called while their pages are timed. */
const TABLES = 6;
/** The line has planned them and looked on for a better plan. */
const SETTLED_MS = 6000;

/** The first tables of a Saturday stand on the line, every course of them called. */
function callTables(db: Db, atMs: number): void {
  const stamp = { who: "Maike", atMs };
  const day = todayIn(findHouse(db)!.timeZone, atMs);
  const orders = saturday(TABLES * 4, 1).flatMap(({ message }) => (message.kind === "order" ? [message] : []));
  for (const { table, courses } of orders.slice(0, TABLES)) {
    const dishes = courses.map((rows) =>
      rows.map(({ card: cardId, count }) => ({ cardId, count, wishes: [], allergies: [] })),
    );
    const { ticketId, course } = openTicket(db, { day, table, courses: dishes, source: "typed" }, stamp, 0);
    for (const at of courses.keys())
      callCourse(db, ticketId, course + at, { wantedAtMs: null, promisedAtMs: null }, stamp);
  }
}

/** Every view of the rail in the demo house, from request to the last byte, the middle of many in turns: at rest, and with tables called. */
export async function railBench(folder: string): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const db = openDatabase(path.join(folder, "gaffel.sqlite"));
  makeDemoHouse(db, Date.now());
  await served(folder, async (base) => {
    const look = async (href: string): Promise<number> => {
      const startMs = performance.now();
      await (await fetch(`${base}${href}`)).text();
      return performance.now() - startMs;
    };
    const measure = async (when: string) => {
      for (const { href } of VIEWS) for (let time = 0; time < WARM; time++) await look(href);
      const taken = new Map<string, number[]>(VIEWS.map(({ href }) => [href, []]));
      for (let round = 0; round < ROUNDS; round++)
        for (const { href } of VIEWS) for (let time = 0; time < LOOKS; time++) taken.get(href)!.push(await look(href));
      for (const { href, label } of VIEWS) {
        const sorted = taken.get(href)!.sort((a, b) => a - b);
        add(`${label}, ${when}, middle of ${sorted.length}`, sorted[sorted.length >> 1]!, "target", EACH_MS);
      }
    };
    await measure("at rest");
    callTables(db, Date.now());
    // the line plans them at the first look
    await look("/line");
    await new Promise((resume) => setTimeout(resume, SETTLED_MS));
    await measure(`${TABLES} tables called`);
  });
}
