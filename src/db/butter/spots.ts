import { asc, eq } from "drizzle-orm";
import type { Db } from "../connection";
import { spots } from "../schema/larder";

export type Burner = { readonly id: string; readonly name: string; readonly netPowerW: number };

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
