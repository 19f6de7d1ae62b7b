import { LATENT_BOILING_J_PER_KG } from "@/core/matter";

/** Washed long-grain rice takes up its own volume (common practice; memory, medium). */
const TAKES_UP = 1;
const LATENT_J_PER_G = LATENT_BOILING_J_PER_KG / 1000;
/** What a lively open simmer lets off, W/m²: between a simmer and a rolling boil (common practice, low). */
const OPEN_W_PER_M2 = 18_000;
/** What still leaves under a lid (common practice, low). */
const LID_SHARE = 0.15;

export type RiceAsk = {
  readonly riceMl: number;
  readonly potMm: number;
  readonly minutes: number;
  readonly lid: boolean;
};
export type Rice = {
  readonly waterMl: number;
  /** Water to one volume of rice. */
  readonly ratio: number;
  readonly takenUpMl: number;
  readonly boiledOffMl: number;
};

/**
 * Water for rice: what it takes up, and what boils off in this pot in these minutes. That is why a small pan wants nearly two volumes and
 * a large one little more than one.
 */
export function ricePlan({ riceMl, potMm, minutes, lid }: RiceAsk): Rice {
  const takenUpMl = riceMl * TAKES_UP;
  const openW = OPEN_W_PER_M2 * (Math.PI / 4) * (potMm / 1000) ** 2;
  const boiledOffMl = (openW * (lid ? LID_SHARE : 1) * minutes * 60) / LATENT_J_PER_G;
  const waterMl = takenUpMl + boiledOffMl;
  return { waterMl, ratio: waterMl / riceMl, takenUpMl, boiledOffMl };
}
