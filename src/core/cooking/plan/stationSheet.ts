import { bandOf, windowOf } from "./plan";
import { findTimes } from "./findTimes";
import type { OutcomeId } from "../doneness";
import { refusalOf } from "./warnings";
import { heatSecondsOf } from "./practiceFit";
import { jobFor, jobOf, type CookRequest } from "./request";
import { type Said } from "@/core/shared";

/** One line of the sheet on the station's wall. */
export type SheetRow = {
  readonly thicknessMm: number;
  /** Seconds of every stage that takes any, in order; empty where it cannot be done. */
  readonly stages: readonly { readonly name: string; readonly seconds: number }[];
  readonly pullC: number | null;
  readonly peakC: number | null;
  readonly earlyS: number | null;
  readonly lateS: number | null;
  readonly band: OutcomeId | null;
  /** Why this thickness is not for this method. */
  readonly refusal: Said | null;
};

export const SHEET_THICKNESS_MM = { from: 8, to: 60, step: 2 } as const;

export const sheetThicknesses = ({ from, to, step }: { from: number; to: number; step: number } = SHEET_THICKNESS_MM) =>
  Array.from({ length: Math.floor((to - from) / step) + 1 }, (_, index) => from + index * step);

/**
 * Times against thickness for one fish and method, a line at a time so that a worker can tell how far it is and be stopped. Each line
 * starts from the one before: the search then takes a few runs.
 */
export function* stationSheet(
  request: CookRequest,
  thicknesses: readonly number[] = sheetThicknesses(),
): Generator<SheetRow, void> {
  const first = jobOf(request);
  let guessS: number | undefined;
  for (const [index, thicknessMm] of thicknesses.entries()) {
    const job = jobFor(first, thicknessMm);
    const grown = index === 0 ? 1 : (thicknessMm / thicknesses[index - 1]!) ** 1.6;
    const found = findTimes(job, guessS === undefined ? undefined : guessS * grown);
    const none = { thicknessMm, stages: [], pullC: null, peakC: null, earlyS: null, lateS: null, band: null };
    if (!found.ok) {
      yield { ...none, refusal: found.error.message };
      continue;
    }
    const { programme, seconds } = found.value;
    const outcome = programme.outcome(seconds);
    guessS = heatSecondsOf(outcome);
    const window = windowOf(found.value);
    const refusal = refusalOf(job, outcome, null);
    yield {
      thicknessMm,
      stages: job.stages.flatMap(({ name }, stage) =>
        outcome.seconds[stage]! > 0 ? [{ name, seconds: outcome.seconds[stage]! }] : [],
      ),
      pullC: outcome.pullC,
      peakC: outcome.peakC,
      ...window,
      band: bandOf(job, outcome),
      refusal: refusal?.why ?? null,
    };
  }
}

/** The columns of a sheet: the stages of its fullest line in order, then any that only other lines have. */
export function stageColumns(rows: readonly Pick<SheetRow, "stages">[]): readonly string[] {
  const fullest = rows.reduce<readonly { readonly name: string }[]>(
    (most, { stages }) => (stages.length > most.length ? stages : most),
    [],
  );
  return [...new Set([...fullest, ...rows.flatMap(({ stages }) => stages)].map(({ name }) => name))];
}
