import { FLESH_FREEZES_C } from "@/core/matter";
import { clamp } from "@/core/numeric";
import type { CookSetup } from "../model";
import { COEFFICIENTS, type FilmId, type Films } from "../model";
import { governingMm, resized, startsFrozen } from "../model";
import type { CookOutcome, Programme } from "./programme";

/** A programme with its seconds; `learned`: its coefficients are the station's own. */
type Cooked = { readonly programme: Programme; readonly seconds: readonly number[]; readonly learned: boolean };

/** What nobody knows exactly when the fish goes in: one standard deviation of each (estimates). */
export const UNSURE = { thicknessShare: 0.04, thicknessMm: 0.5, startK: 1.5 } as const;
const SAMPLES = 1000;
/** Learned coefficients are known better than the published range by this factor. */
const LEARNED_SHARE = 0.4;

const AIR_FILMS: ReadonlySet<FilmId> = new Set([
  "stillAir",
  "ovenDry",
  "ovenStill",
  "broilerAir",
  "refrigerator",
  "blast",
]);

export const isAirFilm = (id: FilmId): boolean => AIR_FILMS.has(id);

/** What the chance is judged by: numbers that follow each cause smoothly. */
export type Trial = Pick<CookOutcome, "peakC" | "readsLikeC" | "rimMm" | "tender">;

export type Chance = {
  /** Share of the trials that end in the band. */
  readonly inBand: number;
  /** Nine of ten trials end between these, °C at the centre. */
  readonly lowC: number;
  readonly highC: number;
  readonly samples: number;
};

/** Halton point of an index: even cover of the cube, the same every time. */
function halton(index: number, base: number): number {
  let [part, result, rest] = [1, 0, index];
  while (rest > 0) {
    part /= base;
    result += part * (rest % base);
    rest = Math.floor(rest / base);
  }
  return result;
}

const normalPair = (first: number, second: number): readonly [number, number] => {
  const reach = Math.sqrt(-2 * Math.log(first));
  return [reach * Math.cos(2 * Math.PI * second), reach * Math.sin(2 * Math.PI * second)];
};

const sigmaOf = (film: FilmId, learned: boolean) =>
  (Math.log(COEFFICIENTS[film].high / COEFFICIENTS[film].low) / 4) * (learned ? LEARNED_SHARE : 1);

/** Coefficients moved by so many standard deviations, those of the vessel together and those of the air together. */
export function shiftedFilms(films: Films, vesselZ: number, airZ: number, learned = false): Films {
  return Object.fromEntries(
    (Object.keys(films) as FilmId[]).map((id) => [
      id,
      films[id] * Math.exp((isAirFilm(id) ? airZ : vesselZ) * sigmaOf(id, learned)),
    ]),
  ) as Record<FilmId, number>;
}

/** By how many standard deviations the four causes are off. */
type Off = { readonly thickness: number; readonly start: number; readonly vessel: number; readonly air: number };
const AS_MEANT: Off = { thickness: 0, start: 0, vessel: 0, air: 0 };
const CAUSES = Object.keys(AS_MEANT) as (keyof Off)[];

/** What there may be: Halton points of four normal variables, drawn once. */
let drawn: readonly Off[] | null = null;
const draws = (): readonly Off[] =>
  (drawn ??= Array.from({ length: SAMPLES }, (_, index): Off => {
    const of = (base: number) => halton(index + 1, base);
    const [thickness, start] = normalPair(of(2), of(3));
    const [vessel, air] = normalPair(of(5), of(7));
    return { thickness, start, vessel, air };
  }));

/** Nodes of the Gauss-Hermite rule of three points, standard deviations: a parabola through them keeps a normal variable's first five moments. */
const NODE = Math.sqrt(3);

function setupOff(setup: CookSetup, { thickness, start, vessel, air }: Off, learned: boolean): CookSetup {
  const { piece } = setup;
  const governing = governingMm(piece.shape);
  const sigmaMm = Math.hypot(UNSURE.thicknessMm, UNSURE.thicknessShare * governing);
  const startC = piece.startC + UNSURE.startK * start;
  return {
    ...setup,
    films: shiftedFilms(setup.films, vessel, air, learned),
    piece: {
      ...piece,
      shape: resized(piece.shape, Math.max(0.5 * governing, governing + sigmaMm * thickness)),
      // what came off the ice is not frozen for being read a little wrong
      startC: startsFrozen(piece) ? startC : Math.max(startC, FLESH_FREEZES_C),
    },
  };
}

/** One number of an outcome against the causes: a parabola along each, added up. */
function surfaceOf(meant: number, ends: readonly (readonly [low: number, high: number])[]): (off: Off) => number {
  const along = CAUSES.map((cause, index) => {
    const [low, high] = ends[index]!;
    return { cause, slope: (high - low) / (2 * NODE), bend: (high + low - 2 * meant) / (2 * NODE * NODE) };
  });
  return (off) =>
    along.reduce((value, { cause, slope, bend }) => value + off[cause] * (slope + bend * off[cause]), meant);
}

/**
 * How often the same times land where they were aimed, with thickness, start temperature and coefficients drawn from what is known of
 * them. Cooked nine times, as meant and with each cause off either way; the thousand that are drawn are read off the response between
 * (second order in each cause, crossed ones left out). `inBand` judges one. Answers the share that lands and where nine of ten centres
 * end.
 */
export function chanceOf(
  { programme, seconds, learned }: Cooked,
  inBand: (trial: Trial) => boolean,
  meant: Trial,
): Chance {
  const cooked = (off: Off): Trial => programme.outcome(seconds, setupOff(programme.setup, off, learned));
  const ends = CAUSES.map((cause) => {
    const at = (deviations: number) => cooked({ ...AS_MEANT, [cause]: deviations });
    return [at(-NODE), at(NODE)] as const;
  });
  const read = (key: keyof Trial) =>
    surfaceOf(
      meant[key],
      ends.map(([low, high]) => [low[key], high[key]]),
    );
  const [peakC, readsLikeC, rimMm, tender] = [read("peakC"), read("readsLikeC"), read("rimMm"), read("tender")];
  const trials = draws().map((off) => ({
    peakC: peakC(off),
    readsLikeC: readsLikeC(off),
    rimMm: rimMm(off),
    tender: tender(off),
  }));
  const peaks = trials.map((trial) => trial.peakC).sort((a, b) => a - b);
  const centreAt = (share: number) => peaks[clamp(Math.round(share * SAMPLES - 0.5), 0, SAMPLES - 1)]!;
  return {
    inBand: trials.filter(inBand).length / SAMPLES,
    lowC: centreAt(0.05),
    highC: centreAt(0.95),
    samples: SAMPLES,
  };
}
