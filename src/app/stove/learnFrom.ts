import { fitCooks, type Fit, type MeasuredCook } from "@/core/cooking";
import type { Db } from "@/db/connection";
import { listOwnSpecies } from "@/db/house/species";
import { findCook, type Cook } from "@/db/stove/cooks";
import { readingsOf } from "@/db/stove/probes";
import { measuredOf } from "@/house/measured";

/** What this cook measured, of the house. */
const measuredCook = (db: Db, cook: Cook): MeasuredCook | null =>
  measuredOf(cook, readingsOf(db, cook.id), listOwnSpecies(db));

/** Fits contact and oven over these cooks; null when none was probed. */
export function learnFrom(db: Db, cookIds: readonly string[]): { readonly fit: Fit; readonly cooks: number } | null {
  const measured = cookIds.flatMap((id) => {
    const cook = findCook(db, id);
    const found = cook ? measuredCook(db, cook) : null;
    return found ? [found] : [];
  });
  return measured.length === 0 ? null : { fit: fitCooks(measured, ["vessel", "air"]), cooks: measured.length };
}
