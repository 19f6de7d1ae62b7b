import { ETHANOL_G_PER_ML } from "../reduce/data/ethanolWater";
import { massOf, NOTHING_IN_IT, type Mixture } from "../reduce/mixture";
import type { Addition } from "../mount/mounted";
import { COMMON_SHELF, ingredientOf, type Shelf } from "./shelf";

/** So many grams of a good of the shelf. */
export type Portion = { readonly ingredientId: string; readonly massG: number };

/** What so many grams of it are made of; what its row does not name is solids. */
export function pouredGrams({ ingredientId, massG }: Portion, shelf: Shelf = COMMON_SHELF): Mixture {
  const { waterPct, fatPct, saltPct, acidPct, acetic, abvPct, gPerMl } = ingredientOf(ingredientId, shelf);
  const share = (pct: number) => (massG * pct) / 100;
  const named = {
    waterG: share(waterPct),
    ethanolG: share((abvPct * ETHANOL_G_PER_ML) / gPerMl),
    aceticG: acetic ? share(acidPct) : 0,
    fixedAcidG: acetic ? 0 : share(acidPct),
    saltG: share(saltPct),
    fatG: share(fatPct),
  };
  return { ...named, solidsG: Math.max(0, massG - massOf({ ...NOTHING_IN_IT, ...named })) };
}

/** What is whisked in, with what its row says it holds. */
export function addedGrams({ ingredientId, massG }: Portion, shelf: Shelf = COMMON_SHELF): Addition {
  const { mountsAs, fatPct, waterPct, saltPct } = ingredientOf(ingredientId, shelf);
  return { kind: mountsAs ?? "puree", massG, fatPct, waterPct, saltPct };
}

/** The same good for other covers. */
export const scaledPortion = ({ ingredientId, massG }: Portion, fromCovers: number, toCovers: number): Portion => ({
  ingredientId,
  massG: (massG * toCovers) / fromCovers,
});
