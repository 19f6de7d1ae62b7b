import type { Ingredient } from "./shelf/data/ingredients";

/** Crumbs and use bring the smoke point down by so much at least (memory, medium). */
const USED_LOWERS_K = 25;
/** A fat is turned down this much before it smokes. */
const ROOM_K = 15;

export type FatHeat = {
  readonly id: string;
  readonly label: string;
  readonly smokesC: number;
  /** Hottest it should be asked for, new and after use. */
  readonly hottestC: number;
  readonly hottestUsedC: number;
  readonly fits: "yes" | "new-only" | "no";
};

/** The frying fats of a shelf against a pan of so many degrees, the one with most room first. */
export function fatsFor(rows: readonly Ingredient[], panC: number): readonly FatHeat[] {
  return rows
    .flatMap(({ id, label, smokesC }) => {
      if (smokesC === null) return [];
      const hottestC = smokesC - ROOM_K;
      const hottestUsedC = hottestC - USED_LOWERS_K;
      const fits = panC <= hottestUsedC ? ("yes" as const) : panC <= hottestC ? ("new-only" as const) : ("no" as const);
      return [{ id, label, smokesC, hottestC, hottestUsedC, fits }];
    })
    .sort((a, b) => b.smokesC - a.smokesC);
}

/** Polar compounds of frying oil, per cent: from the first it is on its way out, from the second it is thrown (law of several countries 24 to 27; memory, high). */
export const POLAR = { watchPct: 20, dueFromPct: 24, outFromPct: 27 } as const;
/** Hours of frying after which a strip is due (common practice, low): hours never judge the oil, the strip does. */
export const STRIP_EVERY_H = 8;

export type OilVerdict = "good" | "watch" | "change-today" | "out";
export const judgeOil = (polarPct: number): OilVerdict =>
  polarPct >= POLAR.outFromPct
    ? "out"
    : polarPct >= POLAR.dueFromPct
      ? "change-today"
      : polarPct >= POLAR.watchPct
        ? "watch"
        : "good";

/** Whether a strip is due: never dipped, or fried so many hours since. */
export const stripDue = (hoursSinceStrip: number | null): boolean =>
  hoursSinceStrip === null || hoursSinceStrip >= STRIP_EVERY_H;

/** Thin garlic in oil, two schools (common practice, medium). */
export const GARLIC_SCHOOLS = [
  { id: "low", fromC: 90, toC: 140, seconds: [240, 600] },
  { id: "hot", fromC: 150, toC: 160, seconds: [60, 90] },
] as const;
/** Over it garlic is bitter. */
export const GARLIC_BITTER_C = 175;
