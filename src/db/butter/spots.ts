import { randomUUID } from "node:crypto";
import { asc, eq } from "drizzle-orm";
import type { Station } from "@/house/cards/forMany";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { spots } from "../schema/larder";

type Spot = typeof spots.$inferSelect;
export type Burner = { readonly id: string; readonly name: string; readonly netPowerW: number };

/** How many of each the station has. */
export function stationOf(db: Db): Station {
  const kinds = db.select({ kind: spots.kind }).from(spots).all();
  const count = (kind: Spot["kind"]) => kinds.filter((one) => one.kind === kind).length;
  return {
    burners: count("burner"),
    ovens: count("oven"),
    racks: count("rack"),
    salamanders: count("salamander"),
    fryers: count("fryer"),
  };
}

/** What a house says it has so many of. */
export type CountedSpot = "burner" | "oven" | "rack" | "salamander" | "fryer";

/** Says how many of a kind the station has: new ones are like the last, fewer take away the newest. */
export function setSpotCount(db: Db, kind: CountedSpot, wanted: number, who: string, atMs: number): void {
  db.transaction((tx) => {
    const there = tx.select().from(spots).where(eq(spots.kind, kind)).all();
    for (const { id } of there.slice(wanted)) tx.delete(spots).where(eq(spots.id, id)).run();
    const last = there.at(-1);
    for (let at = there.length; at < wanted; at++)
      tx.insert(spots)
        .values({ id: randomUUID(), kind, name: `${last?.name ?? kind} ${at + 1}`, facts: last?.facts ?? {} })
        .run();
    appendEntry(tx, { atMs, who, kind: "house-changed", payload: { spot: kind, count: wanted } });
  });
}

/** The burners of the station by what they give a pan. */
export const listBurners = (db: Db): readonly Burner[] =>
  db
    .select()
    .from(spots)
    .where(eq(spots.kind, "burner"))
    .orderBy(asc(spots.name))
    .all()
    .map(({ id, name, facts }) => ({ id, name, netPowerW: facts.netPowerW ?? 1500 }))
    .sort((a, b) => a.netPowerW - b.netPowerW);
