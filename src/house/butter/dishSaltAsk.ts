import { sumOf } from "@/core/numeric";
import {
  dishSalt,
  planSauce,
  type DishPart,
  type DishSalt,
  type Portion,
  type SauceSpec,
  type Shelf,
} from "@/core/butter";
import { saltTakenUp } from "@/core/cure";
import { allergenOf, type Species } from "@/core/species";
import { stoveOf } from "../stove/panBody";
import { usualStove } from "./tonight";

/** Salt a flesh has by itself, per cent: sodium of food tables (memory, medium). */
const OWN_SALT_PCT = { fish: 0.2, shellfish: 0.8 } as const;
const COLD_C = 4;

export type FishAsk = {
  readonly massG: number;
  readonly thicknessMm: number;
  /** g of salt to a litre it lay in, and how long; 0: none. */
  readonly brineGPerL: number;
  readonly brineMin: number;
  /** Salt strewn on it that stays, g. */
  readonly saltG: number;
};

export type DishSaltAsk = {
  readonly fish: FishAsk;
  readonly sauce: { readonly spec: SauceSpec; readonly saltG: number } | null;
  readonly garnish: readonly Portion[];
  readonly garnishSaltG: number;
};

const isShellfish = ({ group }: Species) => allergenOf(group) !== "fish" && group !== "roe";

/** Salt of a piece: its own, what a brine gave it by diffusion, and what was strewn. */
export function fishSaltPct(species: Species, { massG, thicknessMm, brineGPerL, brineMin, saltG }: FishAsk): number {
  const own = isShellfish(species) ? OWN_SALT_PCT.shellfish : OWN_SALT_PCT.fish;
  const taken =
    brineGPerL > 0 && brineMin > 0
      ? saltTakenUp(species, 2 * thicknessMm, brineGPerL, [{ pointC: COLD_C, seconds: brineMin * 60 }]) / 10
      : 0;
  return own + taken + (massG > 0 ? (100 * saltG) / massG : 0);
}

/** Salt of a dish for one cover, part by part, everything salty counted where it stands. */
export function saltOfDish(
  species: Species,
  { fish, sauce, garnish, garnishSaltG }: DishSaltAsk,
  shelf: Shelf,
): DishSalt {
  const parts: DishPart[] = [
    { role: "fish", name: species.name, massG: fish.massG, saltPct: fishSaltPct(species, fish), reducedToG: null },
  ];
  if (sauce) {
    const plan = planSauce(sauce.spec, sauce.spec.covers, stoveOf(usualStove(sauce.spec.covers)), shelf);
    if (plan.ok) {
      const { sauce: made, covers } = plan.value.batch;
      const massG = made.massG / covers + sauce.saltG;
      const saltPct = (100 * (made.saltG / covers + sauce.saltG)) / massG;
      parts.push({ role: "sauce", name: sauce.spec.name, massG, saltPct, reducedToG: null });
    }
  }
  const grams = sumOf(garnish, ({ massG }) => massG) + garnishSaltG;
  if (grams > garnishSaltG) {
    const saltG = garnish.reduce(
      (sum, { ingredientId, massG }) => sum + (massG * (shelf.get(ingredientId)?.saltPct ?? 0)) / 100,
      garnishSaltG,
    );
    const name = garnish.map(({ ingredientId }) => shelf.get(ingredientId)?.label ?? ingredientId).join(", ");
    parts.push({ role: "garnish", name, massG: grams, saltPct: (100 * saltG) / grams, reducedToG: null });
  }
  return dishSalt(parts);
}

/** Salt a liquor brings to a liquid, before and after it is reduced: the salt stays and the water goes. */
export const reducedSaltPct = (massG: number, saltPct: number, toG: number): number =>
  toG <= 0 ? 0 : (massG * saltPct) / Math.min(massG, toG);
