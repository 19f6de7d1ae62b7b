import { planSides, type SidesRequest } from "@/core/block";
import type { Db } from "../connection";
import { lotsOnIce } from "./lots";

/** An even side of 900 g. */
export const EVEN_SIDE = {
  lengthMm: 400,
  massG: 900,
  profile: [
    { atMm: 0, thicknessMm: 20, widthMm: 100 },
    { atMm: 400, thicknessMm: 20, widthMm: 100 },
  ],
};

const ASK = {
  sides: [EVEN_SIDE],
  portionG: 150,
  toleranceG: 10,
  minPieceMm: 25,
  covers: null,
  preference: "even",
  leanDeg: 0,
  tails: "as-cut",
  trimUse: "cakes",
} as const;

/** What `cutBatch` takes, planned as the bench plans it. */
export function wantedCut(lotId: string, part: Partial<SidesRequest> = {}) {
  const request = { ...ASK, ...part };
  return { ...request, lotId, plan: planSides(request) };
}

/** A whole fish heavy enough to take sides from. */
export const heavyLot = (db: Db) =>
  lotsOnIce(db).find(({ remainingG, form }) => remainingG > 2500 && form === "whole-gutted")!;
