import {
  boilsOver,
  ingredientOf,
  marksOf,
  mixed,
  panLevelMm,
  pouredGrams,
  reduce,
  simmeredAlcoholLeftPct,
  volumeMl,
  type Mark,
  type Mixture,
  type Reduction,
  type Shelf,
} from "@/core/butter";
import type { Result, Said } from "@/core/shared";
import { stoveOf } from "../stove/panBody";

/** Straight walls of a kitchen's sauté pans, mm (common practice). */
export const RIM_MM = 65;

export type ReducePart = { readonly ingredientId: string; readonly ml: number };
export type ReduceAsk = {
  readonly parts: readonly ReducePart[];
  readonly toMl: number;
  readonly panMm: number;
  readonly netPowerW: number;
};

/** What stands on the bench at first: the base of a white butter sauce. */
export const FIRST_REDUCTION: ReduceAsk = {
  parts: [
    { ingredientId: "white-wine", ml: 150 },
    { ingredientId: "wine-vinegar", ml: 150 },
  ],
  toMl: 45,
  panMm: 200,
  netPowerW: 900,
};

export const mixtureOfParts = (parts: readonly ReducePart[], shelf: Shelf): Mixture =>
  mixed(
    parts.map(({ ingredientId, ml }) =>
      pouredGrams({ ingredientId, massG: ml * ingredientOf(ingredientId, shelf).gPerMl }, shelf),
    ),
  );

export type ReduceRow = {
  readonly minute: number;
  readonly ml: number;
  /** Per cent of what was there at the start. */
  readonly alcoholPct: number;
  readonly acidPct: number;
};

export type Reduced = {
  readonly startMl: number;
  readonly marks: readonly Mark[];
  readonly levelMm: number;
  readonly boilsOver: boolean;
  readonly reduction: Reduction;
  readonly rows: readonly ReduceRow[];
  /** Alcohol left if it simmered covered for as long instead, per cent: another case, never mixed with the open pan. */
  readonly coveredAlcoholPct: number;
};

const POINTS = 60;

/** A reduction at the bench: minutes, marks, and the way down. */
export function reduced({ parts, toMl, panMm, netPowerW }: ReduceAsk, shelf: Shelf): Result<Reduced, Said> {
  const mixture = mixtureOfParts(parts, shelf);
  const found = reduce({ mixture, toMl, ...stoveOf({ panMm, netPowerW }) });
  if (!found.ok) return found;
  const reduction = found.value;
  const startMl = volumeMl(mixture);
  const levelMm = panLevelMm(startMl, panMm);
  const acidG = mixture.aceticG + mixture.fixedAcidG;
  const share = (now: number, before: number) => (before > 0 ? (100 * now) / before : 0);
  const every = Math.max(1, Math.floor(reduction.course.length / POINTS));
  const rows = reduction.course
    .filter((_, index) => index % every === 0 || index === reduction.course.length - 1)
    .map(({ seconds, mixture: now }) => ({
      minute: (reduction.secondsToBoil + seconds) / 60,
      ml: volumeMl(now),
      alcoholPct: share(now.ethanolG, mixture.ethanolG),
      acidPct: share(now.aceticG + now.fixedAcidG, acidG),
    }));
  return {
    ok: true,
    value: {
      startMl,
      marks: marksOf(mixture),
      levelMm,
      boilsOver: boilsOver(levelMm, RIM_MM),
      reduction,
      rows,
      coveredAlcoholPct: simmeredAlcoholLeftPct((reduction.secondsToBoil + reduction.secondsReducing) / 60),
    },
  };
}
