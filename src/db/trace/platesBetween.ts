import { and, asc, eq, gte, lt } from "drizzle-orm";
import type { Db } from "../connection";
import { PLATE } from "./plateColumns";
import { plates } from "../schema/cards";
import { makes, specs } from "../schema/larder";
import { ticketLines, tickets } from "../schema/line";

/** Plates of a stretch with the card they went by and the table they went to, the oldest first. */
export const platesBetween = (db: Db, fromMs: number, toMs: number) =>
  db
    .select({
      ...PLATE,
      work: makes.kind,
    })
    .from(plates)
    .leftJoin(specs, eq(specs.hash, plates.cardHash))
    .leftJoin(makes, eq(makes.id, plates.makeId))
    .leftJoin(ticketLines, eq(ticketLines.id, plates.lineId))
    .leftJoin(tickets, eq(tickets.id, ticketLines.ticketId))
    .where(and(gte(plates.atMs, fromMs), lt(plates.atMs, toMs)))
    .orderBy(asc(plates.atMs), asc(plates.id))
    .all();
