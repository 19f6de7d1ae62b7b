import { and, asc, eq, gte, isNull, or } from "drizzle-orm";
import {
  alarmState,
  answersIt,
  excursionEffect,
  findExcursions,
  lifeCents,
  lossOf,
  missedReadings,
  placeLimits,
  worstFirst,
  type AlarmState,
  type Excursion,
  type ExcursionEffect,
  type ExcursionLoss,
  type Gap,
  type PlaceReading,
} from "@/core/coldchain";
import type { RuleSetId } from "@/core/safety";
import { findSpecies, shortName } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { frozenIn, staysSinceDoor } from "@/house/lots/lineage";
import type { Db } from "../connection";
import { childLots, findLots, lotsIn, type LotWithSupplier } from "./lots";
import { stockLot } from "@/house/lots/stockLot";
import { beforeExcursion, hasOutside, historyOf, listPlaces, type Place } from "../house/places";
import { remembering, rememberingSince } from "../remember";
import { correctiveActions } from "../schema/house";
import { lotStays } from "../schema/lots";
import { stockRoom } from "./stock";

export type Answered = typeof correctiveActions.$inferSelect;
export type WatchedExcursion = Excursion & { readonly answers: readonly Answered[]; readonly state: AlarmState };

export type PlaceWatch = {
  readonly place: Place;
  readonly limits: ReturnType<typeof placeLimits>;
  readonly readings: readonly PlaceReading[];
  readonly excursions: readonly WatchedExcursion[];
  readonly gaps: readonly Gap[];
};

/** What was done about excursions that began since, in the order it was done. */
const answersSince = rememberingSince(
  [correctiveActions],
  (db, sinceMs) =>
    db
      .select()
      .from(correctiveActions)
      .where(gte(correctiveActions.excursionFromMs, sinceMs))
      .orderBy(asc(correctiveActions.atMs))
      .all(),
  ({ excursionFromMs }) => excursionFromMs,
);

/** Moments of a stored excursion are matched to within a minute: late readings move its interpolated start a little. */
const SAME_MS = 60_000;

/**
 * A place from `fromMs` to now: its readings, the stretches outside its limits with what was done, and where readings are missing. A
 * stretch that had begun before is looked at from its beginning.
 */
export function watchPlace(db: Db, place: Place, ruleSetId: RuleSetId, fromMs: number, nowMs: number): PlaceWatch {
  const limits = placeLimits(place.kind, ruleSetId, place);
  const sinceMs = beforeExcursion(db, place, limits, fromMs);
  const readings = historyOf(db, place, sinceMs).between(sinceMs, nowMs + 1);
  const answers = answersSince(db, sinceMs - SAME_MS).filter(({ placeId }) => placeId === place.id);
  const excursions = findExcursions(readings, limits).map((excursion) => {
    const own = answers.filter(({ excursionFromMs }) => Math.abs(excursionFromMs - excursion.fromMs) <= SAME_MS);
    return {
      ...excursion,
      answers: own,
      state: alarmState(
        excursion,
        own.some((one) => answersIt(one, excursion)),
      ),
    };
  });
  return { place, limits, readings, excursions, gaps: missedReadings(readings, place.everyMin, nowMs) };
}

/** A stretch outside the limits whose alarm has not ended, with what it cost. */
export type PlaceAlarm = {
  readonly place: Place;
  readonly excursion: WatchedExcursion;
  readonly loss: ExcursionLoss;
  /** Lots of fish that lie there now. */
  readonly lotsThere: number;
};

/** Alarms of these places that have not ended: what can make a guest ill first, then what cost most, what is still going on before the rest. */
export function alarmsOf(db: Db, watched: readonly PlaceWatch[], nowMs: number): readonly PlaceAlarm[] {
  return watched
    .flatMap(({ place, excursions }) =>
      excursions
        .filter(({ state }) => state !== "over")
        .map((excursion) => {
          const touched = excursion.side === "warm" ? lotsThrough(db, place.id, excursion, nowMs) : [];
          // what was thrown away or eaten calls nobody any more
          const loss = lossOf(touched.filter(({ lot }) => lot.status === "on-ice"));
          return { place, excursion, loss, lotsThere: lotsIn(db, place.id).length };
        }),
    )
    .toSorted(
      (a, b) =>
        worstFirst(a.loss, b.loss) ||
        Number(b.excursion.open) - Number(a.excursion.open) ||
        b.excursion.fromMs - a.excursion.fromMs,
    );
}

/** How far back an alarm nobody answered is still looked for. */
const UNANSWERED_DAYS = 7;

/** Every place of the house over the last day, or further back where something was outside its limits. */
export const watchHouse = (db: Db, ruleSetId: RuleSetId, nowMs: number): readonly PlaceWatch[] =>
  listPlaces(db).map((place) => {
    const limits = placeLimits(place.kind, ruleSetId, place);
    const weekMs = nowMs - UNANSWERED_DAYS * DAY_MS;
    const fromMs = hasOutside(db, place.id, limits, weekMs) ? weekMs : nowMs - DAY_MS;
    return watchPlace(db, place, ruleSetId, fromMs, nowMs);
  });

export type TouchedLot = {
  readonly lot: LotWithSupplier;
  readonly title: string;
  readonly effect: ExcursionEffect;
  /** The histamine rule gave it up. */
  readonly overHistamine: boolean;
  /** What it lost in worth, cents: all of it, or the share of its life. */
  readonly lostCents: number;
};

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
  for (let wave: readonly LotWithSupplier[] = [...parts]; wave.length > 0;) {
    const missing = wave.flatMap(({ parentId }) => (parentId && !found.has(parentId) ? [parentId] : []));
    wave = findLots(db, [...new Set(missing)]);
    for (const whole of wave) found.set(whole.id, whole);
  }
  return found;
}

/** Stays at a place that had not ended before that moment. */
const staysThere = remembering([lotStays], (db, placeId: string, sinceMs: number) =>
  db
    .select({ lotId: lotStays.lotId, fromMs: lotStays.fromMs })
    .from(lotStays)
    .where(and(eq(lotStays.placeId, placeId), or(isNull(lotStays.toMs), gte(lotStays.toMs, sinceMs))))
    .all(),
);

/** The lots that lay through an excursion and what it did to each, the worst first. */
export function lotsThrough(db: Db, placeId: string, excursion: Excursion, nowMs: number): readonly TouchedLot[] {
  const there = staysThere(db, placeId, excursion.fromMs).filter(({ fromMs }) => fromMs < excursion.toMs);
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
      if (!species || !effect) return [];
      const overHistamine = effect.histamine?.ok === false;
      const { valueCents, life } = stockLot(room, lot, nowMs);
      const lostCents = overHistamine ? valueCents : lifeCents(valueCents, effect.lostIceDays, life.daysLeft);
      return [{ lot, title: shortName(species), effect, overHistamine, lostCents }];
    })
    .sort(
      (a, b) =>
        Number(b.overHistamine) - Number(a.overHistamine) ||
        b.lostCents - a.lostCents ||
        b.effect.lostIceDays - a.effect.lostIceDays,
    );
}
