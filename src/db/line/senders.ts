import { randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { setNamed } from "../doors/deviceKeys";
import { ticketSenders } from "../schema/line";

export type TicketSender = typeof ticketSenders.$inferSelect;

export const listSenders = (db: Db): readonly TicketSender[] =>
  db.select().from(ticketSenders).orderBy(asc(ticketSenders.name)).all();

export const findSender = (db: Db, id: string): TicketSender | undefined =>
  db.select().from(ticketSenders).where(eq(ticketSenders.id, id)).get();

/** Who may send tickets, with the key to do it. */
export const setSender = (
  db: Db,
  name: string,
  stamp: { readonly who: string; readonly atMs: number },
): TicketSender & { readonly key: string } =>
  setNamed(
    db,
    name,
    {
      kind: "tickets",
      entry: "sender-set",
      find: (tx) => tx.select().from(ticketSenders).where(eq(ticketSenders.name, name)).get(),
      add: (tx) => tx.insert(ticketSenders).values({ id: randomUUID(), name }).returning().get(),
    },
    stamp,
  );
