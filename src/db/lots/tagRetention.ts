import { randomUUID } from "node:crypto";
import { and, eq, isNull } from "drizzle-orm";
import { todayIn } from "@/calendar/days";
import { HOLD_LABELS } from "@/core/coldchain";
import type { Db } from "../connection";
import { tagFacts } from "@/house/lots/holdFacts";
import { findHouse } from "../house/house";
import { appendEntry } from "../ledger";
import { batches, portions } from "../schema/cooks";
import { holds, fishLots } from "../schema/lots";

type Lot = typeof fishLots.$inferSelect;

const lotOf = (db: Db, id: string): Lot | undefined => db.select().from(fishLots).where(eq(fishLots.id, id)).get();

function rootOf(db: Db, lot: Lot): Lot {
  const parent = lot.parentId === null ? undefined : lotOf(db, lot.parentId);
  return parent ? rootOf(db, parent) : lot;
}

function anyLeft(db: Db, lot: Lot): boolean {
  if (lot.status === "on-ice") return true;
  const uncooked = db
    .select({ id: portions.id })
    .from(portions)
    .innerJoin(batches, eq(portions.batchId, batches.id))
    .where(and(eq(batches.lotId, lot.id), isNull(portions.cookId), isNull(portions.leftAs)))
    .get();
  if (uncooked) return true;
  return db
    .select()
    .from(fishLots)
    .where(eq(fishLots.parentId, lot.id))
    .all()
    .some((child) => anyLeft(db, child));
}

/**
 * The tag of a lot is kept from the day the last of it left the ice, by whatever way: plates, block, pan or bin. Called when a lot of
 * the family leaves; begins nothing while another part lies there, or twice.
 */
export function keepTagWhenGone(db: Db, lotId: string, who: string, atMs: number): void {
  const lot = lotOf(db, lotId);
  const house = findHouse(db);
  if (!lot || !house) return;
  const root = rootOf(db, lot);
  if (root.provenance.tag === undefined || anyLeft(db, root)) return;
  const begun = db
    .select({ id: holds.id })
    .from(holds)
    .where(and(eq(holds.lotId, root.id), eq(holds.kind, "tag")))
    .get();
  if (begun) return;
  const facts = tagFacts(house, todayIn(house.timeZone, atMs));
  db.insert(holds)
    .values({ id: randomUUID(), lotId: root.id, kind: "tag", startedAtMs: atMs, startedBy: who, facts })
    .run();
  appendEntry(db, {
    atMs,
    who,
    kind: "hold-started",
    lotId: root.id,
    payload: { code: root.code, hold: HOLD_LABELS.tag, ...facts },
  });
}
