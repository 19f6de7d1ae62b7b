import { sumOf } from "@/core/numeric";
import { allergensTogether, type Allergens } from "@/core/larder";
import { ALLERGEN_IDS, ALLERGEN_LISTS, type AllergenId } from "@/core/safety";
import { carries, shortName } from "@/core/species";
import { inCelsius, inGrams, said, type Said } from "@/core/shared";
import { rawAdvisory } from "@/core/raw";
import type { CardSpec } from "./card";
import { componentsOf, lotsFor, type Component } from "./components";
import { costOf, type Cost } from "./cost";
import type { CardWorld } from "./world";

export type Dish = {
  readonly components: readonly Component[];
  readonly allergens: Allergens;
  /** What must be said to who eats it, and to who carries it. */
  readonly advisories: readonly Said[];
  readonly cost: Cost;
  /** Estimates for the label, a cover. */
  readonly energyKcal: number;
  readonly saltG: number;
  readonly massG: number;
};

/** Atwater's factors, kcal/g (Reg. (EU) 1169/2011, Annex XIV; memory, high). */
const KCAL_PER_G = { fat: 9, protein: 4, sugar: 4, alcohol: 7 } as const;

/** A dish as the house would serve it now. */
export function dishOf(card: CardSpec, world: CardWorld): Dish {
  const components = componentsOf(card, world);
  const sum = (field: "massG" | "saltG" | "fatG" | "proteinG" | "sugarG" | "alcoholG") =>
    sumOf(components, (one) => one[field]);
  return {
    components,
    allergens: allergensTogether(components.map(({ allergens }) => allergens)),
    advisories: advisoriesOf(card, world, components),
    cost: costOf(card, world, components),
    energyKcal:
      sum("fatG") * KCAL_PER_G.fat +
      sum("proteinG") * KCAL_PER_G.protein +
      sum("sugarG") * KCAL_PER_G.sugar +
      sum("alcoholG") * KCAL_PER_G.alcohol,
    saltG: sum("saltG"),
    massG: sum("massG"),
  };
}

/** A trace that is no drink: what is left in a reduced sauce (common practice, low). */
const ALCOHOL_SAID_FROM_G = 0.2;

function advisoriesOf(
  card: CardSpec,
  { ruleSetId, lots, speciesOf, sauceOf }: CardWorld,
  components: readonly Component[],
): readonly Said[] {
  const { piece, sauce } = card;
  const species = lotsFor(card, lots)[0]?.species ?? speciesOf(piece.speciesIds[0] ?? "");
  const shellfish = species?.group === "bivalve";
  const raw = piece.use === "raw" ? rawAdvisory(ruleSetId, shellfish ? "shellfish" : "raw") : null;
  const under = piece.use === "cook" && piece.underCooked;
  const sauceSpec = sauce ? sauceOf(sauce.specId) : undefined;
  const yolk = [...(sauceSpec?.base ?? []), ...(sauceSpec?.mount ?? [])].some(
    ({ ingredientId }) => ingredientId === "egg-yolk",
  );
  const alcoholG = sumOf(components, (one) => one.alcoholG);
  return [
    ...(species ? [said("cards.named", { name: shortName(species), latin: species.scientificName })] : []),
    ...(raw ? [raw.disclosure, raw.reminder] : []),
    ...(under ? [said("cards.underCooked")] : []),
    ...(yolk ? [said("cards.eggNotCooked", { to: inCelsius(70) })] : []),
    ...(alcoholG >= ALCOHOL_SAID_FROM_G ? [said("cards.alcohol", { mass: inGrams(alcoholG, 1) })] : []),
    ...(piece.boneIn && !shellfish ? [said("cards.bones")] : []),
    ...(species && shellfish && piece.use === "cook" ? [said("cards.shells")] : []),
    ...(piece.skewered ? [said("cards.skewers")] : []),
    ...(species && carries(species, "ciguatera") !== "no" ? [said("cards.ciguatera")] : []),
    ...(sauce && !sauce.apart && piece.crispSkin ? [said("cards.sauceBesideCrispSkin")] : []),
  ];
}

export type AllergenLine = {
  readonly id: AllergenId;
  readonly word: string;
  readonly state: "contains" | "may" | "unknown";
};

/** The allergens of a dish by the list of the rule set: what it contains, may contain, and what is not known of it. */
export function allergenLines(allergens: Allergens, ruleSetId: CardWorld["ruleSetId"]): readonly AllergenLine[] {
  const { named, words } = ALLERGEN_LISTS[ruleSetId];
  return ALLERGEN_IDS.filter((id) => named.includes(id)).flatMap((id) => {
    const state = allergens[id];
    return state === "free" ? [] : [{ id, word: words[id] ?? id, state }];
  });
}
