import { asc, eq } from "drizzle-orm";
import type { Station } from "@/house/forMany";
import type { Db } from "../connection";
import { spots } from "../schema/larder";

type Spot = typeof spots.$inferSelect;
export type Burner = { readonly id: string; readonly name: string; readonly netPowerW: number };

/** How many of each the station has. */
export function stationOf(db: Db): Station {
  const kinds = db.select({ kind: spots.kind }).from(spots).all();
  const count = (kind: Spot["kind"]) => kinds.filter((one) => one.kind === kind).length;
  return { burners: count("burner"), ovens: count("oven"), racks: count("rack") };
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
