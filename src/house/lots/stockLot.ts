import { startOfDayMs, todayIn } from "@/calendar/days";
import { usedOverStays, type Stay, type TemperatureHistory } from "@/core/coldchain";
import { goneAfterCut, isCut, isReadyToEat, legalEnds, lotLife, type LotLife, type LotState } from "@/core/freshness";
import type { LotInHand } from "@/core/line";
import { assert } from "@/core/shared";
import { findSpecies, isFinfish, shortName, type Species } from "@/core/species";
import { daysBetween } from "@/core/units";
import { isFreezerIn } from "./lineage";
import type { HouseRow, LotRow, PlaceRow } from "./rows";

/** A lot of the house with its life: the row of whoever keeps it, its species, place and stays. */
export type StockLotOf<R extends LotRow, P extends PlaceRow> = LotInHand & {
  readonly row: R;
  readonly species: Species;
  readonly place: P | null;
  readonly rawAllowed: boolean;
  /** Bones, shells, trim and the like: counted, but never what to use first. */
  readonly byProduct: boolean;
  readonly stays: readonly Stay[];
};

/** Everything the life of a lot is read from, loaded once for all the lots of a page. */
export type StockRoomOf<H extends HouseRow, P extends PlaceRow> = {
  readonly house: H;
  readonly places: readonly P[];
  readonly own: readonly Species[];
  readonly staysOf: (lotId: string) => readonly Stay[];
  readonly historyOf: (placeId: string) => TemperatureHistory | undefined;
};

type Room<P extends PlaceRow> = StockRoomOf<HouseRow, P>;

/** A stored lot with the life that the history of its places and the legal ends leave it. */
export function stockLot<R extends LotRow, P extends PlaceRow>(room: Room<P>, row: R, nowMs: number): StockLotOf<R, P> {
  const species = findSpecies(row.speciesId, room.own);
  assert(species !== undefined, `lot ${row.code} names an unknown species ${row.speciesId}`);
  const place = room.places.find(({ id }) => id === row.placeId) ?? null;
  const stays = room.staysOf(row.id);
  const { state, form } = row;
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
    legalEnds: endsOf(room, row, stays, state),
    nowMs,
  });
  return {
    id: row.id,
    title: row.partLabel ? `${shortName(species)}, ${row.partLabel.toLowerCase()}` : shortName(species),
    massG: row.remainingG,
    byProduct: form === "by-product",
    cuttable: isFinfish(species.group) && state !== "frozen" && form !== "by-product",
    valueCents: (row.remainingG / 1000) * row.priceCentsPerKg,
    life,
    row,
    species,
    place,
    rawAllowed,
    stays,
  };
}

/** What rules and labels set for a lot that lies in this state. */
function endsOf<P extends PlaceRow>(room: Room<P>, row: LotRow, stays: readonly Stay[], state: LotState) {
  const zone = room.house.timeZone;
  return legalEnds({
    ruleSetId: room.house.ruleSetId,
    form: row.form,
    state,
    openedOn: row.openedOn,
    openDays: row.provenance.openDays ?? null,
    useBy: row.provenance.useBy ?? null,
    thawedOn: row.thawedOn,
    frozen: frozenStretches(stays, room.places, zone),
    startOfDayMs: (day) => startOfDayMs(day, zone),
  });
}

function frozenStretches(stays: readonly Stay[], places: readonly PlaceRow[], zone: string) {
  const isFreezer = isFreezerIn(places);
  return stays.flatMap(({ placeId, fromMs, toMs }) =>
    toMs !== null && isFreezer(placeId) ? [{ from: todayIn(zone, fromMs), to: todayIn(zone, toMs) }] : [],
  );
}

/**
 * The life of portions cut from a lot: the share gone at the knife, then the shorter life of a cut piece where the lot lay. The knife moves
 * no date: what a label or a rule sets for the lot binds what came off it.
 */
export function cutLife<R extends LotRow, P extends PlaceRow>(
  room: Room<P>,
  { row, species, stays, rawAllowed, life }: StockLotOf<R, P>,
  cutAtMs: number,
  nowMs: number,
): LotLife {
  const before = usedOverStays(stays, room.historyOf, species, row.state, cutAtMs);
  const placeId = stays.at(-1)?.placeId;
  const since = placeId
    ? usedOverStays([{ placeId, fromMs: cutAtMs, toMs: null }], room.historyOf, species, "chilled", nowMs)
    : 0;
  const form = isCut(row.form) ? row.form : "fillet";
  const state = row.state === "frozen" ? "chilled" : row.state;
  return lotLife({
    species,
    form,
    state,
    rawAllowed,
    impliedIceDays: 0,
    daysSinceCatch: null,
    inheritedIceDays: goneAfterCut(life.startIceDays + before, species, row.form, form),
    usedIceDays: since,
    placeC: placeId ? (room.historyOf(placeId)?.celsiusAt(nowMs) ?? 0) : 0,
    legalEnds: endsOf(room, row, stays, state),
    nowMs,
  });
}
