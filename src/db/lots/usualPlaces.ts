import { and, desc, eq, isNull, sql } from "drizzle-orm";
import { placeKey } from "@/house/lots/placeKey";
import { listOwnSpecies } from "../house/species";
import { findSpecies } from "@/core/species";
import { remembering } from "../remember";
import { ownSpecies } from "../schema/house";
import { lots } from "../schema/larder";
import { fish, fishLots, lotStays } from "../schema/lots";

const LOOKS_BACK_LOTS = 300;

/** Where each kind of lot was put last time it came through the door, by {@link placeKey}. */
export const usualPlaces = remembering([lots, fish, lotStays, ownSpecies], (db): Readonly<Record<string, string>> => {
  const own = listOwnSpecies(db);
  const rows = db
    .select({ speciesId: fishLots.speciesId, state: fishLots.state, placeId: lotStays.placeId })
    .from(fishLots)
    .innerJoin(
      lotStays,
      and(
        eq(lotStays.lotId, fishLots.id),
        sql`${lotStays.id} = (select min(id) from lot_stays s where s.lot_id = ${fishLots.id})`,
      ),
    )
    .where(isNull(fishLots.parentId))
    .orderBy(desc(fishLots.receivedAtMs))
    .limit(LOOKS_BACK_LOTS)
    .all();
  const usual: Record<string, string> = {};
  for (const { speciesId, state, placeId } of rows) {
    const species = findSpecies(speciesId, own);
    if (species) usual[placeKey(species.group, state)] ??= placeId;
  }
  return usual;
});
