import { planStock, waterToCoverMl, type IceBath, type Pot, type StockAsk } from "@/core/butter";

/** What a cook says of a pot; water left open is what covers the bones. */
export type StockForm = Omit<StockAsk, "bonesG" | "waterMl" | "pot"> & {
  readonly chosen: readonly string[];
  readonly pot: Pot;
  readonly waterMl: number | null;
  readonly iceG: number;
  readonly stirred: boolean;
};

/** Out of the sieve (common practice, medium). */
export const STRAINED_C = 85;
const ROUND_ML = 50;

/** The question to the pot and to its bath. */
export function potAsk(
  { chosen: _, waterMl, iceG, stirred, ...rest }: StockForm,
  bonesG: number,
): { readonly ask: StockAsk; readonly bath: IceBath } {
  const covering = Math.ceil(waterToCoverMl(bonesG, rest.pot) / ROUND_ML) * ROUND_ML;
  const ask = { ...rest, bonesG, waterMl: waterMl ?? Math.max(ROUND_ML, covering) };
  const massG = Math.max(100, planStock(ask).yieldMl);
  return { ask, bath: strainedBath(massG, rest.pot, iceG, stirred) };
}

/** A strained pot in its bath: as much ice as is said, and half its own mass of water for the ice to lie in. */
export const strainedBath = (massG: number, { diameterMm }: Pot, iceG: number, stirred: boolean): IceBath => ({
  massG,
  fromC: STRAINED_C,
  diameterMm,
  stirred,
  iceG,
  bathWaterG: massG / 2,
});
