import { sum } from "@/core/numeric";
import { jobOf, requestOf, stageSecondsAt, type CookEvent, type MeasuredCook } from "@/core/cooking";
import type { Species } from "@/core/species";
import type { StoredPlan } from "./storedPlan";
import { templateSeconds } from "./templateSeconds";

type CookRow = { readonly plan: StoredPlan; readonly events: readonly CookEvent[] };
/** A cook with what its probe sent. */
export type MeasuredRow = CookRow & { readonly streamed: readonly ProbeReading[] };

type ProbeReading = { readonly atMs: number; readonly celsius: number };

/** What a cook measured: its stages as they really went, and every reading by hand or from a probe. Null: nothing was read. */
export function measuredOf(
  { plan, events }: CookRow,
  streamed: readonly ProbeReading[],
  own: readonly Species[],
): MeasuredCook | null {
  // the book's coefficients: what was learned before must not be learned twice
  const { films: _films, ...question } = plan;
  const request = requestOf({ ...question, own });
  if (!request) return null;
  const job = jobOf(request);
  const byHand = events.flatMap((event) => (event.kind === "probed" ? [event] : []));
  const readings = [...byHand, ...streamed.map(({ atMs, celsius }) => ({ atMs, centreC: celsius }))].map(
    ({ atMs, centreC }) => ({
      timeS: sum(stageSecondsAt(events, atMs)),
      centreC,
    }),
  );
  if (readings.length === 0) return null;
  const taken = stageSecondsAt(events, events.at(-1)!.atMs);
  const seconds = templateSeconds(plan, job.stages.length, taken);
  return { setup: job.setup, stages: job.stages, seconds, readings };
}
