import { clamp } from "@/core/numeric";
import type { CookSetup } from "../model";
import { COEFFICIENTS, type FilmId, type Films } from "../model";
import { governingMm, resized, startsFrozen } from "../model";
import type { CookOutcome, Programme } from "./programme";

/** What nobody knows exactly when the fish goes in: one standard deviation of each (estimates). */
export const UNSURE = { thicknessShare: 0.04, thicknessMm: 0.5, startK: 1.5 } as const;
/** A short cylinder or a frozen piece costs many times what a slab does. */
const SAMPLES = { line: 28, puck: 20, frozen: 10, frozenPuck: 6 } as const;
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

/**
 * Cooks the same times again with thickness, start temperature and coefficients drawn from what is known of them. `inBand` judges one
 * trial. Answers the share that lands and where nine of ten centres end.
 */
export function chanceOf(
  programme: Programme,
  seconds: readonly number[],
  inBand: (outcome: CookOutcome) => boolean,
  learned: boolean,
): Chance {
  const { setup } = programme;
  const { piece } = setup;
  const short = piece.shape.kind === "puck";
  const samples = SAMPLES[startsFrozen(piece) ? (short ? "frozenPuck" : "frozen") : short ? "puck" : "line"];
  const governing = governingMm(piece.shape);
  const sigmaMm = Math.hypot(UNSURE.thicknessMm, UNSURE.thicknessShare * governing);
  let landed = 0;
  const peaks: number[] = [];
  for (let index = 1; index <= samples; index++) {
    const [thick, start] = normalPair(halton(index, 2), halton(index, 3));
    const [vesselZ, airZ] = normalPair(halton(index, 5), halton(index, 7));
    const trial: CookSetup = {
      ...setup,
      films: shiftedFilms(setup.films, vesselZ, airZ, learned),
      piece: {
        ...piece,
        shape: resized(piece.shape, Math.max(0.5 * governing, governing + sigmaMm * thick)),
        startC: piece.startC + UNSURE.startK * start,
      },
    };
    const outcome = programme.outcome(seconds, trial);
    if (inBand(outcome)) landed++;
    peaks.push(outcome.peakC);
  }
  peaks.sort((a, b) => a - b);
  const at = (share: number) => peaks[clamp(Math.round(share * samples - 0.5), 0, samples - 1)]!;
  return { inBand: landed / samples, lowC: at(0.05), highC: at(0.95), samples };
}
