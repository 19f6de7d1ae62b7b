import { asc, inArray } from "drizzle-orm";
import type { Stay, TemperatureHistory } from "@/core/coldchain";
import { firstToUse } from "@/core/line";
import { assert } from "@/core/shared";
import { stockLot, type StockLotOf, type StockRoomOf } from "@/house/lots/stockLot";
import type { Db } from "../connection";
import { findHouse, type House } from "../house/house";
import { findLot, lotsOnIce, type LotWithSupplier } from "./lots";
import { historyOf, listPlaces, type Place } from "../house/places";
import { remembering } from "../remember";
import { lotStays } from "../schema/lots";
import { listOwnSpecies } from "../house/species";

export type StockLot = StockLotOf<LotWithSupplier, Place>;
export type StockRoom = StockRoomOf<House, Place>;

const staysOfLots = remembering([lotStays], (db, lotIds: readonly string[]) =>
  lotIds.length === 0
    ? []
    : db
        .select()
        .from(lotStays)
        .where(inArray(lotStays.lotId, [...lotIds]))
        .orderBy(asc(lotStays.fromMs))
        .all(),
);

/** Loads stays and histories for these lots; a history reaches back to the first stay that needs it. */
export function stockRoom(db: Db, lotIds: readonly string[], nowMs: number): StockRoom {
  const places = listPlaces(db);
  const byLot = new Map<string, Stay[]>();
  const firstStay = new Map<string, number>();
  for (const { lotId, placeId, fromMs, toMs } of staysOfLots(db, lotIds)) {
    byLot.set(lotId, [...(byLot.get(lotId) ?? []), { placeId, fromMs, toMs }]);
    firstStay.set(placeId, Math.min(firstStay.get(placeId) ?? nowMs, fromMs));
  }
  const histories = new Map<string, TemperatureHistory>();
  for (const place of places) {
    const fromMs = firstStay.get(place.id);
    if (fromMs !== undefined) histories.set(place.id, historyOf(db, place, fromMs));
  }
  const house = findHouse(db);
  // no rule set is ever assumed: without a house there is nothing to judge by
  assert(house !== undefined, "no house yet: its rule set decides");
  return {
    house,
    places,
    own: listOwnSpecies(db),
    staysOf: (lotId) => byLot.get(lotId) ?? [],
    historyOf: (placeId) => histories.get(placeId),
  };
}

/** Everything on ice, what to use first at the front. */
export function stockOnIce(db: Db, nowMs: number): readonly StockLot[] {
  const rows = lotsOnIce(db);
  const room = stockRoom(
    db,
    rows.map(({ id }) => id),
    nowMs,
  );
  return firstToUse(rows.map((row) => stockLot(room, row, nowMs)));
}

/** One lot with its life; undefined when there is none of that id. */
export function lotInHand(db: Db, id: string, nowMs: number): StockLot | undefined {
  const row = findLot(db, id);
  return row && stockLot(stockRoom(db, [id], nowMs), row, nowMs);
}
