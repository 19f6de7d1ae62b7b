import { clamp, solvePositive, sumOf } from "@/core/numeric";
import type { CookSetup } from "../model";
import { CookRun } from "../model";
import { COEFFICIENTS, type FilmId, type Films } from "../model";
import { isAirFilm } from "../plan";
import { governingMm, resized } from "../model";
import type { StageTemplate } from "../methods";

/** A centre temperature read at so many seconds of cooking. */
export type Reading = { readonly timeS: number; readonly centreC: number };

/** One cook that was measured: what lay where, how long each stage really took, what the probe said. */
export type MeasuredCook = {
  readonly setup: CookSetup;
  readonly stages: readonly StageTemplate[];
  readonly seconds: readonly number[];
  readonly readings: readonly Reading[];
};

/**
 * What may be off: the natural logarithm of vessel and of air coefficients against those assumed, thickness as a share, start in K.
 * Each with the spread it had before anything was measured, one standard deviation (estimates, inside the published ranges).
 */
export const UNKNOWNS = {
  vessel: { priorSd: 0.3 },
  air: { priorSd: 0.2 },
  thickness: { priorSd: 0.05 },
  start: { priorSd: 1.5 },
} as const;
export type Unknown = keyof typeof UNKNOWNS;
export type Estimate = Readonly<Record<Unknown, number>>;
export const NOTHING_OFF: Estimate = { vessel: 0, air: 0, thickness: 0, start: 0 };

export type Fit = {
  readonly estimate: Estimate;
  /** Spread left after the readings, where it was fitted. */
  readonly sd: Partial<Record<Unknown, number>>;
  /** Measured minus computed, K, before and after. */
  readonly residuals: readonly { readonly timeS: number; readonly beforeK: number; readonly afterK: number }[];
};

/** A probe is rarely exactly in the middle: its reading counts with this spread, K (estimate). */
const READING_SD_K = 1.2;
const ITERATIONS = 6;
const NUDGE = { vessel: 0.04, air: 0.04, thickness: 0.01, start: 0.3 } as const;

/** Coefficients and piece moved by an estimate. */
export function shifted(setup: CookSetup, { vessel, air, thickness, start }: Estimate): CookSetup {
  const { piece } = setup;
  return {
    ...setup,
    films: Object.fromEntries(
      (Object.keys(setup.films) as FilmId[]).map((id) => [
        id,
        setup.films[id] * Math.exp(isAirFilm(id) ? air : vessel),
      ]),
    ) as Record<FilmId, number>,
    piece: {
      ...piece,
      startC: piece.startC + start,
      shape: resized(piece.shape, governingMm(piece.shape) * (1 + thickness)),
    },
  };
}

/** Centre temperatures at the readings' times, computed. */
export function centresAt(cook: MeasuredCook, setup: CookSetup = cook.setup): number[] {
  const run = new CookRun(setup);
  const wanted = [...cook.readings.entries()].sort(([, a], [, b]) => a.timeS - b.timeS);
  const centres = new Array<number>(wanted.length).fill(setup.piece.startC);
  let next = 0;
  for (const [index, stage] of cook.stages.entries()) {
    const endS = run.timeS + (cook.seconds[index] ?? 0);
    const last = index === cook.stages.length - 1;
    if (endS <= run.timeS && !last) continue;
    run.enter(stage);
    for (; next < wanted.length && (wanted[next]![1].timeS <= endS || last); next++) {
      const [place, { timeS }] = wanted[next]!;
      if (timeS > run.timeS) run.run(timeS - run.timeS);
      centres[place] = run.centreC;
    }
    if (endS > run.timeS) run.run(endS - run.timeS);
  }
  return centres;
}

/**
 * Least squares with a prior (Gauss and Newton, differences by nudging): the unknowns that bring the computed centres nearest to the
 * readings of all these cooks without straying from what was known before.
 */
export function fitCooks(cooks: readonly MeasuredCook[], unknowns: readonly Unknown[]): Fit {
  let estimate: Estimate = NOTHING_OFF;
  const measured = cooks.flatMap(({ readings }) => readings);
  const computed = (at: Estimate) => cooks.flatMap((cook) => centresAt(cook, shifted(cook.setup, at)));
  const before = computed(estimate);
  let after = before;
  let sd: Fit["sd"] = Object.fromEntries(unknowns.map((unknown) => [unknown, UNKNOWNS[unknown].priorSd]));
  for (let iteration = 0; iteration < ITERATIONS && measured.length > 0; iteration++) {
    const here = after;
    const slopes = unknowns.map((unknown) =>
      computed({ ...estimate, [unknown]: estimate[unknown] + NUDGE[unknown] }).map(
        (value, index) => (value - here[index]!) / NUDGE[unknown],
      ),
    );
    const weight = 1 / READING_SD_K ** 2;
    const matrix = unknowns.map((one, row) =>
      unknowns.map((_, column) => {
        const both = slopes[row]!.reduce((sum, slope, index) => sum + slope * slopes[column]![index]!, 0);
        return weight * both + (row === column ? 1 / UNKNOWNS[one].priorSd ** 2 : 0);
      }),
    );
    const right = unknowns.map((one, row) => {
      const pull = slopes[row]!.reduce(
        (sum, slope, index) => sum + slope * (measured[index]!.centreC - here[index]!),
        0,
      );
      return weight * pull - estimate[one] / UNKNOWNS[one].priorSd ** 2;
    });
    const { solution, inverseDiagonal } = solvePositive(matrix, right);
    // never more than the prior's own width at once: far out the slopes are no longer true
    const step = unknowns.map((one, row) => clamp(solution[row]!, -UNKNOWNS[one].priorSd, UNKNOWNS[one].priorSd));
    estimate = unknowns.reduce((now, one, row) => ({ ...now, [one]: now[one] + step[row]! }), estimate);
    sd = Object.fromEntries(unknowns.map((one, row) => [one, Math.sqrt(inverseDiagonal[row]!)]));
    after = computed(estimate);
    if (Math.max(...step.map(Math.abs)) < 1e-3) break;
  }
  return {
    estimate,
    sd,
    residuals: measured.map(({ timeS, centreC }, index) => ({
      timeS,
      beforeK: centreC - before[index]!,
      afterK: centreC - after[index]!,
    })),
  };
}

/** How far off the computed centres are in the mean (root of the mean square), K, before and after a fit. */
export function meanOffK(residuals: Fit["residuals"]): { readonly beforeK: number; readonly afterK: number } {
  const rms = (read: (one: Fit["residuals"][number]) => number) =>
    Math.sqrt(sumOf(residuals, (one) => read(one) ** 2) / Math.max(1, residuals.length));
  return { beforeK: rms(({ beforeK }) => beforeK), afterK: rms(({ afterK }) => afterK) };
}

/** What a pan teaches: its contacts, and the oven it goes into. A poaching pot is another vessel. */
const TAUGHT: readonly FilmId[] = ["panSkin", "panFlesh", "panDry", "ridged", "ovenDry"];

/** Coefficients of a station by what was learned of its pan, kept inside the published ranges. */
export function learnedFilms({ vessel, air }: Pick<Estimate, "vessel" | "air">): Partial<Films> {
  return Object.fromEntries(
    TAUGHT.map((id) => {
      const { value, low, high } = COEFFICIENTS[id];
      const wanted = value * Math.exp(isAirFilm(id) ? air : vessel);
      return [id, clamp(wanted, low, high)];
    }),
  );
}
