import { NOTHING_IN_IT, volumeMl, type Mixture } from "./mixture";

/** Share of dissolved solids, salt and fixed acid at which a reduction coats, turns to syrup, and is a glaze that scorches next (common practice, low). */
const BANDS = { coats: 0.2, syrup: 0.5, glaze: 0.7 } as const;

export type Mark = { readonly what: "half" | keyof typeof BANDS; readonly ml: number };

/** Volumes at which something changes on the way down, the fullest first. What has nothing dissolved in it only has its half. */
export function marksOf(mixture: Mixture): readonly Mark[] {
  const { saltG, solidsG, fixedAcidG, fatG } = mixture;
  const stays = { ...NOTHING_IN_IT, saltG, solidsG, fixedAcidG, fatG };
  const dissolvedG = saltG + solidsG + fixedAcidG;
  const startMl = volumeMl(mixture);
  const bands = Object.entries(BANDS).map(([what, share]) => ({
    what: what as keyof typeof BANDS,
    ml: volumeMl({ ...stays, waterG: (dissolvedG * (1 - share)) / share }),
  }));
  return [{ what: "half" as const, ml: startMl / 2 }, ...(dissolvedG > 0 ? bands : [])]
    .filter(({ ml }) => ml < startMl)
    .sort((a, b) => b.ml - a.ml);
}

/** Cream, wine and stock climb when they boil: a third of the pan's height stays free (common practice, high). */
export const boilsOver = (levelMm: number, rimMm: number): boolean => levelMm > (2 / 3) * rimMm;

/** Water that brings a reduction back that has gone below where it should stop, ml; 0 where it has not. */
export const waterBackMl = (nowMl: number, wantedMl: number): number => Math.max(0, wantedMl - nowMl);
