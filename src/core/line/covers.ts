import type { LotLife } from "@/core/freshness";

/** A lot as the plan sees it: what of it reaches the pan, and what it is still good for. */
export type PlannableLot = {
  readonly id: string;
  readonly speciesId: string;
  readonly title: string;
  readonly edibleG: number;
  readonly valueCents: number;
  readonly life: LotLife;
};

export type CoversNeed = {
  readonly speciesId: string;
  readonly use: "raw" | "cook";
  readonly covers: number;
  readonly portionG: number;
};

export type PlannedNeed = CoversNeed & {
  readonly needG: number;
  readonly from: readonly { readonly lotId: string; readonly title: string; readonly massG: number }[];
  readonly shortG: number;
};

export type CoversPlan = {
  readonly needs: readonly PlannedNeed[];
  /** What no cover takes, and what waiting costs. */
  readonly spare: readonly { readonly lot: PlannableLot; readonly spareG: number; readonly centsAtRisk: number }[];
};

/** Whether a lot is still good for the use when service starts. */
function lastsFor({ life }: PlannableLot, use: CoversNeed["use"], daysToService: number): boolean {
  const left = use === "raw" ? life.rawDaysLeft : life.cookDaysLeft;
  return life.state !== "frozen" && (left === null || left > daysToService);
}

/** What a lot loses for each day it waits: its value spread over the days it has left; all of it when it has less than one. */
export const centsAtRiskPerDay = (valueCents: number, daysLeft: number | null): number =>
  daysLeft === null ? 0 : valueCents / Math.max(1, daysLeft);

/**
 * Sets the fish on ice against the covers of a service: the lot with the least life that still lasts goes first, raw use before cooked,
 * because fewer lots are fit for it. More covers never leave more fish over.
 */
export function planCovers(
  lots: readonly PlannableLot[],
  needs: readonly CoversNeed[],
  daysToService: number,
): CoversPlan {
  const left = new Map(lots.map(({ id, edibleG }) => [id, edibleG]));
  const byLife = [...lots].sort((a, b) => (a.life.daysLeft ?? Infinity) - (b.life.daysLeft ?? Infinity));
  const ordered = [...needs].sort((a, b) => Number(b.use === "raw") - Number(a.use === "raw"));
  const planned = ordered.map((need): PlannedNeed => {
    const needG = need.covers * need.portionG;
    let openG = needG;
    const from: { lotId: string; title: string; massG: number }[] = [];
    for (const lot of byLife) {
      if (openG <= 0 || lot.speciesId !== need.speciesId || !lastsFor(lot, need.use, daysToService)) continue;
      const massG = Math.min(openG, left.get(lot.id) ?? 0);
      if (massG <= 0) continue;
      left.set(lot.id, (left.get(lot.id) ?? 0) - massG);
      from.push({ lotId: lot.id, title: lot.title, massG });
      openG -= massG;
    }
    return { ...need, needG, from, shortG: Math.max(0, openG) };
  });
  const spare = byLife
    .map((lot) => {
      const spareG = left.get(lot.id) ?? 0;
      const share = lot.edibleG === 0 ? 0 : spareG / lot.edibleG;
      return { lot, spareG, centsAtRisk: centsAtRiskPerDay(lot.valueCents * share, lot.life.daysLeft) };
    })
    .filter(({ spareG }) => spareG > 0.5)
    .sort((a, b) => b.centsAtRisk - a.centsAtRisk);
  return { needs: planned, spare };
}
