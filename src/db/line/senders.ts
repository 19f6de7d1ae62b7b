import { randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { newKey } from "../doors/deviceKeys";
import { appendEntry } from "../ledger";
import { ticketSenders } from "../schema/line";

export type TicketSender = typeof ticketSenders.$inferSelect;

export const listSenders = (db: Db): readonly TicketSender[] =>
  db.select().from(ticketSenders).orderBy(asc(ticketSenders.name)).all();

export const findSender = (db: Db, id: string): TicketSender | undefined =>
  db.select().from(ticketSenders).where(eq(ticketSenders.id, id)).get();

/** Who may send tickets gets a key, told this once; a new one ends the old. */
export function setSender(
  db: Db,
  name: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): TicketSender & { readonly key: string } {
  return db.transaction((tx) => {
    const known = tx.select().from(ticketSenders).where(eq(ticketSenders.name, name)).get();
    const sender = known ?? tx.insert(ticketSenders).values({ id: randomUUID(), name }).returning().get();
    const key = newKey(tx, "tickets", sender.id, { who, atMs });
    appendEntry(tx, { atMs, who, kind: "sender-set", payload: { name, renewed: known !== undefined } });
    return { ...sender, key };
  });
}
