import { eq, inArray } from "drizzle-orm";
import { formLabel, type Form } from "@/core/freshness";
import type { RecallLot } from "@/house/book/recall";
import type { Db } from "../connection";
import { speciesOf } from "../house/species";
import { places } from "../schema/house";
import { items, lots } from "../schema/larder";
import { fish } from "../schema/lots";

export type NamedLot = Omit<RecallLot, "certainty" | "by" | "potId">;

/** Lots by what they are called, where they lie and what is left of them. */
export function namedLots(db: Db, ids: readonly string[]): NamedLot[] {
  const rows = db
    .select({ lot: lots, item: items.name, place: places.name, fish })
    .from(lots)
    .innerJoin(items, eq(items.id, lots.itemId))
    .leftJoin(places, eq(places.id, lots.placeId))
    .leftJoin(fish, eq(fish.lotId, lots.id))
    .where(inArray(lots.id, [...ids]))
    .all();
  const named = new Map<string, string>();
  const speciesName = (id: string) => {
    const name = named.get(id) ?? speciesOf(db, id)?.name ?? id;
    named.set(id, name);
    return name;
  };
  return rows.map(({ lot, item, place, fish: own }) => ({
    id: lot.id,
    code: lot.code,
    name: own ? speciesName(own.speciesId) : item,
    part: own ? partOf(own.partLabel, own.form).toLowerCase() : null,
    isFish: own !== null,
    atMs: lot.receivedAtMs,
    leftG: lot.status === "on-ice" ? lot.remainingG : 0,
    placeName: place,
  }));
}

const partOf = (label: string | null, form: Form): string => label ?? formLabel(form);
