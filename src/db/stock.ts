import { asc, inArray } from "drizzle-orm";
import { startOfDayMs, todayIn } from "@/calendar/days";
import { usedOverStays, type Stay, type TemperatureHistory } from "@/core/coldchain";
import { goneAfterCut, isCut, isReadyToEat, legalEnds, lotLife, type LotLife } from "@/core/freshness";
import { firstToUse, type LotInHand } from "@/core/line";
import { findSpecies, isFinfish, shortName, type Species } from "@/core/species";
import { daysBetween } from "@/core/units";
import { assert } from "@/core/shared";
import type { BatchWithPortions } from "./batches";
import type { Db } from "./connection";
import { findHouse, type House } from "./house";
import { findLot, findLots, lotsOnIce, type LotWithSupplier } from "./lots";
import { historyOf, listPlaces, type Place } from "./places";
import { lotStays } from "./schemaLots";
import { listOwnSpecies } from "./species";

export type StockLot = LotInHand & {
  readonly row: LotWithSupplier;
  readonly species: Species;
  readonly place: Place | null;
  readonly rawAllowed: boolean;
  /** Bones, shells, trim and the like: counted, but never what to use first. */
  readonly byProduct: boolean;
  readonly stays: readonly Stay[];
};

/** Everything the life of a lot is read from, loaded once for all the lots of a page. */
export type StockRoom = {
  readonly house: House;
  readonly places: readonly Place[];
  readonly own: readonly Species[];
  readonly staysOf: (lotId: string) => readonly Stay[];
  readonly historyOf: (placeId: string) => TemperatureHistory | undefined;
};

/** Loads stays and histories for these lots; a history reaches back to the first stay that needs it. */
export function stockRoom(db: Db, lotIds: readonly string[], nowMs: number): StockRoom {
  const places = listPlaces(db);
  const byLot = new Map<string, Stay[]>();
  const firstStay = new Map<string, number>();
  const rows =
    lotIds.length === 0
      ? []
      : db
          .select()
          .from(lotStays)
          .where(inArray(lotStays.lotId, [...lotIds]))
          .orderBy(asc(lotStays.fromMs))
          .all();
  for (const { lotId, placeId, fromMs, toMs } of rows) {
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

/** A stored lot with the life that the history of its places and the legal ends leave it. */
export function stockLot(room: StockRoom, row: LotWithSupplier, nowMs: number): StockLot {
  const species = findSpecies(row.speciesId, room.own);
  assert(species !== undefined, `lot ${row.code} names an unknown species ${row.speciesId}`);
  const place = room.places.find(({ id }) => id === row.placeId) ?? null;
  const stays = room.staysOf(row.id);
  const { state, form } = row;
  const zone = room.house.timeZone;
  const rawAllowed =
    row.verdict === "accept" &&
    !isReadyToEat(form) &&
    (form !== "by-product" || row.partUse === "raw") &&
    (species.rawUse === "usual" || species.rawUse === "seldom");
  const life: LotLife = lotLife({
    species,
    form,
    state,
    rawAllowed,
    impliedIceDays: row.impliedIceDays,
    daysSinceCatch: row.caughtAtMs === null ? null : daysBetween(row.caughtAtMs, row.receivedAtMs),
    inheritedIceDays: row.inheritedIceDays,
    usedIceDays: usedOverStays(stays, room.historyOf, species, state, nowMs),
    placeC: place ? (room.historyOf(place.id)?.celsiusAt(nowMs) ?? place.setC) : 0,
    legalEnds: legalEnds({
      ruleSetId: room.house.ruleSetId,
      form,
      state,
      openedOn: row.openedOn,
      openDays: row.provenance.openDays ?? null,
      useBy: row.provenance.useBy ?? null,
      thawedOn: row.thawedOn,
      frozen: frozenStretches(stays, room, zone),
      startOfDayMs: (day) => startOfDayMs(day, zone),
    }),
    nowMs,
  });
  const valueCents = (row.remainingG / 1000) * row.priceCentsPerKg;
  return {
    id: row.id,
    title: row.partLabel ? `${shortName(species)}, ${row.partLabel.toLowerCase()}` : shortName(species),
    massG: row.remainingG,
    byProduct: form === "by-product",
    cuttable: isFinfish(species.group) && state !== "frozen" && form !== "by-product",
    valueCents,
    life,
    row,
    species,
    place,
    rawAllowed,
    stays,
  };
}

function frozenStretches(stays: readonly Stay[], { places }: StockRoom, zone: string) {
  const isFreezer = (placeId: string) => places.some(({ id, kind }) => id === placeId && kind === "freezer");
  return stays.flatMap(({ placeId, fromMs, toMs }) =>
    toMs !== null && isFreezer(placeId) ? [{ from: todayIn(zone, fromMs), to: todayIn(zone, toMs) }] : [],
  );
}

/** The life of portions cut from a lot: the share gone at the knife, then the shorter life of a cut piece where the lot lay. */
function cutLife(room: StockRoom, lot: StockLot, cutAtMs: number, nowMs: number): LotLife {
  const { row, species, stays, rawAllowed } = lot;
  const before = usedOverStays(stays, room.historyOf, species, row.state, cutAtMs);
  const placeId = stays.at(-1)?.placeId;
  const since = placeId
    ? usedOverStays([{ placeId, fromMs: cutAtMs, toMs: null }], room.historyOf, species, "chilled", nowMs)
    : 0;
  const form = isCut(row.form) ? row.form : "fillet";
  return lotLife({
    species,
    form,
    state: row.state === "frozen" ? "chilled" : row.state,
    rawAllowed,
    impliedIceDays: 0,
    daysSinceCatch: null,
    inheritedIceDays: goneAfterCut(lot.life.startIceDays + before, species, row.form, form),
    usedIceDays: since,
    placeC: placeId ? (room.historyOf(placeId)?.celsiusAt(nowMs) ?? 0) : 0,
    legalEnds: [],
    nowMs,
  });
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

export type CutBatch = { readonly batch: BatchWithPortions; readonly life: LotLife };

/** Cut portions with the life left of each batch, shortest first. */
export function cutLives(db: Db, batches: readonly BatchWithPortions[], nowMs: number): readonly CutBatch[] {
  const ids = [...new Set(batches.map(({ lotId }) => lotId))];
  const room = stockRoom(db, ids, nowMs);
  const lots = new Map(findLots(db, ids).map((row) => [row.id, stockLot(room, row, nowMs)]));
  return batches
    .flatMap((batch) => {
      const lot = lots.get(batch.lotId);
      return lot ? [{ batch, life: cutLife(room, lot, batch.cutAtMs, nowMs) }] : [];
    })
    .sort((a, b) => (a.life.daysLeft ?? Infinity) - (b.life.daysLeft ?? Infinity));
}
