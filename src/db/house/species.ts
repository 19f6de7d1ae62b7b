import { asc } from "drizzle-orm";
import { findSpecies, houseSpecies, type HouseSpecies, type Species } from "@/core/species";
import { ok, refuse, type Refusal, type Result } from "@/core/shared";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { remembering } from "../remember";
import { ownSpecies } from "../schema/house";

/** The species a house has added, as every view sees them. */
export const listOwnSpecies = remembering([ownSpecies], (db): readonly Species[] =>
  db
    .select()
    .from(ownSpecies)
    .orderBy(asc(ownSpecies.id))
    .all()
    .flatMap(({ facts }) => {
      const like = findSpecies(facts.likeId);
      return like ? [houseSpecies(facts, like)] : [];
    }),
);

export const speciesOf = (db: Db, id: string): Species | undefined =>
  findSpecies(id) ?? findSpecies(id, listOwnSpecies(db));

/** Adds a species of the house. Refused when the id is taken or the model species is unknown. */
export function addOwnSpecies(
  db: Db,
  facts: HouseSpecies,
  who: string,
  atMs: number,
): Result<null, Refusal<"nameIsTaken" | "noSuchSpecies">> {
  return db.transaction((tx) => {
    if (speciesOf(tx, facts.id)) return refuse("nameIsTaken");
    if (!findSpecies(facts.likeId)) return refuse("noSuchSpecies");
    tx.insert(ownSpecies).values({ id: facts.id, facts, addedAtMs: atMs, addedBy: who }).run();
    appendEntry(tx, { atMs, who, kind: "species-added", payload: { ...facts } });
    return ok(null);
  });
}
