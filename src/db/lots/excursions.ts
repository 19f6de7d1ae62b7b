import { and, asc, eq, gte, isNull, lt, or } from "drizzle-orm";
import {
  excursionEffect,
  findExcursions,
  missedReadings,
  placeLimits,
  type Excursion,
  type ExcursionEffect,
  type Gap,
  type PlaceReading,
} from "@/core/coldchain";
import type { RuleSetId } from "@/core/safety";
import { findSpecies, shortName } from "@/core/species";
import { frozenIn, staysSinceDoor } from "@/house/lineage";
import type { Db } from "../connection";
import { appendEntry } from "../ledger";
import { childLots, findLots, type LotWithSupplier } from "./lots";
import { readingsSince, type Place } from "../house/places";
import { correctiveActions } from "../schema/house";
import { lotStays } from "../schema/lots";
import { stockRoom } from "./stock";

export type Answered = typeof correctiveActions.$inferSelect;

export type PlaceWatch = {
  readonly place: Place;
  readonly limits: ReturnType<typeof placeLimits>;
  readonly readings: readonly PlaceReading[];
  readonly excursions: readonly (Excursion & { readonly answers: readonly Answered[] })[];
  readonly gaps: readonly Gap[];
};

/** Moments of a stored excursion are matched to within a minute: late readings move its interpolated start a little. */
const SAME_MS = 60_000;

/** A place from `fromMs` to now: its readings, the stretches outside its limits with what was done, and where readings are missing. */
export function watchPlace(db: Db, place: Place, ruleSetId: RuleSetId, fromMs: number, nowMs: number): PlaceWatch {
  const readings = readingsSince(db, place.id, fromMs, nowMs + 1);
  const limits = placeLimits(place.kind, ruleSetId, place);
  const answers = db
    .select()
    .from(correctiveActions)
    .where(and(eq(correctiveActions.placeId, place.id), gte(correctiveActions.excursionFromMs, fromMs - SAME_MS)))
    .orderBy(asc(correctiveActions.atMs))
    .all();
  const excursions = findExcursions(readings, limits).map((excursion) => ({
    ...excursion,
    answers: answers.filter(({ excursionFromMs }) => Math.abs(excursionFromMs - excursion.fromMs) <= SAME_MS),
  }));
  return { place, limits, readings, excursions, gaps: missedReadings(readings, place.everyMin, nowMs) };
}

export type TouchedLot = { readonly lot: LotWithSupplier; readonly title: string; readonly effect: ExcursionEffect };

/** These lots and every part split off them since: what was warm in the whole was warm in the part. */
function withParts(db: Db, ids: readonly string[]): LotWithSupplier[] {
  const found = new Map(findLots(db, ids).map((lot) => [lot.id, lot]));
  for (let wave = [...found.values()]; wave.length > 0;) {
    wave = wave.flatMap(({ id }) => childLots(db, id)).filter(({ id }) => !found.has(id));
    for (const part of wave) found.set(part.id, part);
  }
  return [...found.values()];
}

/** These lots and every whole they were split off, by id. */
export function withWholes(db: Db, parts: readonly LotWithSupplier[]): ReadonlyMap<string, LotWithSupplier> {
  const found = new Map(parts.map((lot) => [lot.id, lot]));
  for (let wave = [...parts]; wave.length > 0;) {
    const missing = wave.flatMap(({ parentId }) => (parentId && !found.has(parentId) ? [parentId] : []));
    wave = findLots(db, [...new Set(missing)]);
    for (const whole of wave) found.set(whole.id, whole);
  }
  return found;
}

/** The lots that lay through an excursion and what it did to each, the worst first. */
export function lotsThrough(db: Db, placeId: string, excursion: Excursion, nowMs: number): readonly TouchedLot[] {
  const there = db
    .select({ lotId: lotStays.lotId })
    .from(lotStays)
    .where(
      and(
        eq(lotStays.placeId, placeId),
        lt(lotStays.fromMs, excursion.toMs),
        or(isNull(lotStays.toMs), gte(lotStays.toMs, excursion.fromMs)),
      ),
    )
    .all();
  const touched = withParts(db, [...new Set(there.map(({ lotId }) => lotId))]);
  const family = withWholes(db, touched);
  const room = stockRoom(db, [...family.keys()], nowMs);
  return touched
    .flatMap((lot) => {
      const species = findSpecies(lot.speciesId, room.own);
      const stays = staysSinceDoor(lot, family, room.staysOf);
      const effect =
        species &&
        excursionEffect(excursion, stays, room.historyOf, species, frozenIn(room.places, stays, lot.onceFrozen));
      return species && effect ? [{ lot, title: shortName(species), effect }] : [];
    })
    .sort(
      (a, b) =>
        Number(a.effect.histamine?.ok ?? true) - Number(b.effect.histamine?.ok ?? true) ||
        b.effect.lostIceDays - a.effect.lostIceDays,
    );
}

/** Records what was done about an excursion, with the lots it touched. */
export function answerExcursion(
  db: Db,
  place: Place,
  excursion: Excursion,
  action: string,
  { who, atMs }: { readonly who: string; readonly atMs: number },
): void {
  const touched = lotsThrough(db, place.id, excursion, atMs);
  db.transaction((tx) => {
    tx.insert(correctiveActions)
      .values({ placeId: place.id, excursionFromMs: Math.round(excursion.fromMs), action, who, atMs })
      .run();
    const payload = {
      place: place.name,
      fromMs: excursion.fromMs,
      toMs: excursion.toMs,
      extremeC: excursion.extremeC,
      action,
      lots: touched.map(({ lot }) => lot.code),
    };
    appendEntry(tx, { atMs, who, kind: "excursion-answered", payload });
    for (const { lot, effect } of touched) {
      const ownPayload = {
        ...payload,
        lots: [lot.code],
        lostIceDays: effect.lostIceDays,
        histamineOk: effect.histamine?.ok ?? null,
      };
      appendEntry(tx, { atMs, who, kind: "excursion-answered", lotId: lot.id, payload: ownPayload });
    }
  });
}
