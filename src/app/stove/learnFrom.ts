import { fitCooks, jobOf, requestOf, stageSecondsAt, type Fit, type MeasuredCook } from "@/core/cooking";
import type { Db } from "@/db/connection";
import { findCook, type Cook } from "@/db/cooks";
import { readingsOf } from "@/db/probes";
import { listOwnSpecies } from "@/db/species";
import { templateSeconds } from "./templateSeconds";

/** What a cook measured: its stages as they really went, and every reading by hand or from a probe. Null: nothing was read. */
export function measuredOf(db: Db, cook: Cook): MeasuredCook | null {
  // the book's coefficients: what was learned before must not be learned twice
  const { films: _films, ...question } = cook.plan;
  const request = requestOf({ ...question, own: listOwnSpecies(db) });
  if (!request) return null;
  const job = jobOf(request);
  const byHand = cook.events.flatMap((event) => (event.kind === "probed" ? [event] : []));
  const streamed = readingsOf(db, cook.id).map(({ atMs, celsius }) => ({ atMs, centreC: celsius }));
  const readings = [...byHand, ...streamed].map(({ atMs, centreC }) => ({
    timeS: stageSecondsAt(cook.events, atMs).reduce((sum, seconds) => sum + seconds, 0),
    centreC,
  }));
  if (readings.length === 0) return null;
  const taken = stageSecondsAt(cook.events, cook.events.at(-1)!.atMs);
  const seconds = templateSeconds(cook.plan, job.stages.length, taken);
  return { setup: job.setup, stages: job.stages, seconds, readings };
}

/** Fits contact and oven over these cooks; null when none was probed. */
export function learnFrom(db: Db, cookIds: readonly string[]): { readonly fit: Fit; readonly cooks: number } | null {
  const measured = cookIds.flatMap((id) => {
    const cook = findCook(db, id);
    const found = cook ? measuredOf(db, cook) : null;
    return found ? [found] : [];
  });
  return measured.length === 0 ? null : { fit: fitCooks(measured, ["vessel", "air"]), cooks: measured.length };
}
