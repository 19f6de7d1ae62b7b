import { lotLife, traceOf, type LotLife } from "@/core/freshness";
import { firstToUse, type LotInHand } from "@/core/line";
import { findSpecies, shortName, type Species } from "@/core/species";
import { daysBetween } from "@/core/units";
import type { Db } from "./connection";
import { listPlaces, readingsSince, type Place } from "./house";
import { lotsOnIce, type LotWithSupplier } from "./lots";

export type StockLot = LotInHand & {
  readonly row: LotWithSupplier;
  readonly species: Species;
  readonly place: Place | null;
  readonly rawAllowed: boolean;
};

/** A stored lot with the life its place's history leaves it. */
export function stockLot(db: Db, row: LotWithSupplier, places: readonly Place[], nowMs: number): StockLot {
  const species = findSpecies(row.speciesId);
  if (!species) throw new Error(`lot ${row.code} names an unknown species ${row.speciesId}`);
  const place = places.find(({ id }) => id === row.placeId) ?? null;
  const readings = place ? readingsSince(db, place.id, row.receivedAtMs) : [];
  const rawAllowed = row.verdict === "accept" && (species.rawUse === "usual" || species.rawUse === "seldom");
  const life: LotLife = lotLife({
    species,
    form: row.form,
    rawAllowed,
    impliedIceDays: row.impliedIceDays,
    daysSinceCatch: row.caughtAtMs === null ? null : daysBetween(row.caughtAtMs, row.receivedAtMs),
    trace: traceOf(readings, place?.setC ?? 0, row.receivedAtMs, nowMs),
  });
  return { id: row.id, title: shortName(species), massG: row.remainingG, life, row, species, place, rawAllowed };
}

/** Everything on ice, what to use first at the front. */
export function stockOnIce(db: Db, nowMs: number): readonly StockLot[] {
  const places = listPlaces(db);
  return firstToUse(lotsOnIce(db).map((row) => stockLot(db, row, places, nowMs)));
}
