import { allergenLines, dishOf, type CardWorld } from "@/core/cards";
import type { KeptCard } from "@/db/cards/cardSpecs";
import type { House } from "@/db/house/house";
import type { RecipeFacts } from "@/exchange/recipe";

/** What a recipe tells of a card as it would be served now. */
export function recipeFacts({ spec, hash }: KeptCard, world: CardWorld, house: House): RecipeFacts {
  const dish = dishOf(spec, world);
  const allergens = allergenLines(dish.allergens, house.ruleSetId);
  return { name: spec.name, dish, plateSeconds: spec.plateSeconds, allergens, version: hash };
}
