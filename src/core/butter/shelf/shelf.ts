import { allergenStates, allergensTogether, type Allergens } from "@/core/larder";
import { assert, err, ok, said, type Result, type Said, inFigures } from "@/core/shared";
import type { AllergenId } from "@/core/safety";
import { findIngredient, INGREDIENTS, PLAIN_GOOD, type Ingredient } from "./data/ingredients";

/** The goods a house cooks with: those every station has, and those it bought by their labels. */
export type Shelf = ReadonlyMap<string, Ingredient>;

export const COMMON_SHELF: Shelf = new Map(INGREDIENTS.map((row) => [row.id, row]));

/** The common shelf with the house's own goods beside it. */
export const shelfWith = (own: readonly Ingredient[]): Shelf =>
  own.length === 0 ? COMMON_SHELF : new Map([...COMMON_SHELF, ...own.map((row) => [row.id, row] as const)]);

export function ingredientOf(id: string, shelf: Shelf = COMMON_SHELF): Ingredient {
  const found = shelf.get(id) ?? findIngredient(id);
  assert(found !== undefined, `no ingredient ${id} on the shelf`);
  return found;
}

/** What stands on the label of a bought good, per 100 g, alcohol by volume. */
export type GoodLabel = Pick<
  Ingredient,
  | "label"
  | "use"
  | "mountsAs"
  | "fatPct"
  | "proteinPct"
  | "sugarPct"
  | "saltPct"
  | "acidPct"
  | "acetic"
  | "abvPct"
  | "gPerMl"
  | "allergens"
  | "mayContain"
> & {
  /** All carbohydrate, sugars among it. */
  readonly carbohydratePct: number;
  /** Its list of ingredients was read to the end: what it does not name is not in it. */
  readonly wholeLabelRead: boolean;
};

/** A label that says more than the whole, to a tenth of rounding, %. */
export const OVER_THE_WHOLE_PCT = 100.1;
const DENSE_G_PER_ML = { from: 0.2, to: 2 } as const;

/** A bought good as an ingredient: a label does not say its water, so that is what is left. Error: it adds up to more than the whole. */
export function goodFromLabel(id: string, label: GoodLabel): Result<Ingredient, Said> {
  const { carbohydratePct, wholeLabelRead, ...rest } = label;
  if (rest.gPerMl < DENSE_G_PER_ML.from || rest.gPerMl > DENSE_G_PER_ML.to) return err(said("butter.densityIsWrong"));
  if (rest.sugarPct > carbohydratePct + 0.1) return err(said("butter.moreSugarThanCarbohydrate"));
  const alcoholPct = (rest.abvPct * 0.789) / rest.gPerMl;
  const namedPct = rest.fatPct + rest.proteinPct + carbohydratePct + rest.saltPct + rest.acidPct + alcoholPct;
  if (namedPct > OVER_THE_WHOLE_PCT) return err(said("butter.labelIsOverTheWhole", { pct: inFigures(namedPct, 1) }));
  const both: readonly AllergenId[] = rest.mayContain.filter((one) => !rest.allergens.includes(one));
  return ok({
    ...PLAIN_GOOD,
    ...rest,
    id,
    mayContain: both,
    waterPct: Math.max(0, 100 - namedPct),
    compound: !wholeLabelRead,
    source: "label",
  });
}

/** What is known of a good: of a mixture what its row or its label does not name is not known, of a thing by itself it is free of it. */
export function labelStates(row: Ingredient): Allergens {
  const { allergens, mayContain, compound } = row;
  const known = statesOfRows.get(row);
  if (known) return known;
  const states = allergenStates((id) =>
    allergens.includes(id) ? "contains" : mayContain.includes(id) ? "may" : compound ? "unknown" : "free",
  );
  statesOfRows.set(row, states);
  return states;
}

/** A row never changes, and every part of every card asks for it. */
const statesOfRows = new WeakMap<Ingredient, Allergens>();

/** The same of several goods together; one that is not on the shelf is not known to be free of anything. */
export const goodsStates = (
  portions: readonly { readonly ingredientId: string }[],
  shelf: Shelf = COMMON_SHELF,
): Allergens =>
  allergensTogether(
    portions.map(({ ingredientId }) => {
      const row = shelf.get(ingredientId);
      return row ? labelStates(row) : allergenStates(() => "unknown");
    }),
  );
