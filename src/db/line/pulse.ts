import { count, max } from "drizzle-orm";
import type { Db } from "../connection";
import { cookEvents } from "../schema/cooks";
import { intentions } from "../schema/intentions";
import { ledger } from "../schema/ledger";

/** What changes with every act of the house: a tap, an entry, an event of a cook. Cheap enough to be asked every second. */
export function linePulse(db: Db): string {
  const entry =
    db
      .select({ value: max(ledger.seq) })
      .from(ledger)
      .get()?.value ?? 0;
  const event =
    db
      .select({ value: max(cookEvents.id) })
      .from(cookEvents)
      .get()?.value ?? 0;
  const acts = db.select({ value: count() }).from(intentions).get()?.value ?? 0;
  return `${entry}.${event}.${acts}`;
}
