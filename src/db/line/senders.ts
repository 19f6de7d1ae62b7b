import { randomBytes, randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { ticketSenders } from "../schema/line";

export type TicketSender = typeof ticketSenders.$inferSelect;

export const listSenders = (db: Db): readonly TicketSender[] =>
  db.select().from(ticketSenders).orderBy(asc(ticketSenders.name)).all();

/** Who may send tickets gets a key; a new one ends the old. */
export function setSender(
  db: Db,
  name: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): TicketSender {
  return db.transaction((tx) => {
    const deviceKey = randomBytes(18).toString("base64url");
    const known = tx.select().from(ticketSenders).where(eq(ticketSenders.name, name)).get();
    const sender = known
      ? tx.update(ticketSenders).set({ deviceKey }).where(eq(ticketSenders.id, known.id)).returning().get()
      : tx.insert(ticketSenders).values({ id: randomUUID(), name, deviceKey }).returning().get();
    appendEntry(tx, { atMs, who, kind: "sender-set", payload: { name, renewed: known !== undefined } });
    return sender;
  });
}
