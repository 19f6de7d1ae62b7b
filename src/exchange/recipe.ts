import type { Graph, PropertyValue, Recipe } from "schema-dts";
import type { Component, Dish } from "@/core/cards";
import { inMetric } from "@/words/say";
import { sentence } from "@/words/sentence";

export type RecipeFacts = {
  readonly name: string;
  readonly dish: Dish;
  readonly plateSeconds: number;
  /** What it contains, may contain, and what is not known, in words. */
  readonly allergens: readonly { readonly word: string; readonly state: "contains" | "may" | "unknown" }[];
  /** The hash the card has now. */
  readonly version: string;
};

const amount = ({ massG, label }: Component) => (massG >= 1 ? `${Math.round(massG)} g ${label}` : label);
const weighed = ({ massG }: Component) => massG > 0;
const property = (name: string, value: string): PropertyValue => ({ "@type": "PropertyValue", name, value });

/**
 * A card as schema.org Recipe (JSON-LD). What the standard has no field for stands in `additionalProperty` of its QuantitativeValue: the
 * allergens with the one cover that is its yield, where a part comes from with the grams of that part.
 */
const recipeNode = ({ name, dish, plateSeconds, allergens, version }: RecipeFacts) =>
  ({
    "@type": "Recipe",
    name,
    identifier: version,
    recipeYield: "1",
    yield: {
      "@type": "QuantitativeValue",
      value: 1,
      unitText: "cover",
      additionalProperty: allergens.map(({ word, state }) => ({
        "@type": "PropertyValue",
        propertyID: "allergen",
        name: word,
        value: state,
      })),
    },
    recipeIngredient: dish.components.filter(weighed).map(amount),
    supply: dish.components.filter(weighed).map((one) => ({
      "@type": "HowToSupply",
      name: one.label,
      requiredQuantity: {
        "@type": "QuantitativeValue",
        value: Math.round(one.massG * 10) / 10,
        unitCode: "GRM",
        additionalProperty: [
          property("role", one.role),
          ...(one.from.kind === "lot" ? [property("lot", one.from.code)] : []),
        ],
      },
    })),
    recipeInstructions: dish.advisories.map((one) => ({ "@type": "HowToTip", text: sentence(inMetric(one)) })),
    performTime: `PT${Math.round(plateSeconds)}S`,
    nutrition: {
      "@type": "NutritionInformation",
      calories: `${Math.round(dish.energyKcal)} kcal`,
      servingSize: `${Math.round(dish.massG)} g`,
    },
  }) satisfies Recipe;

const CONTEXT = "https://schema.org";

/** One card as a document of its own. */
export const recipeOf = (facts: RecipeFacts) => ({ "@context": CONTEXT, ...recipeNode(facts) }) as const;

/** All cards as one document. */
export const recipesOf = (cards: readonly RecipeFacts[]) =>
  ({ "@context": CONTEXT, "@graph": cards.map(recipeNode) }) satisfies Graph;
