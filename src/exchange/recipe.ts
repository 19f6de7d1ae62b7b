import type { Component, Dish } from "@/core/cards";
import { inMetric, sentence } from "@/words/say";

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

/**
 * A card as schema.org Recipe (JSON-LD). What the standard has no field for, its allergens and the grams of each part, stands in
 * `additionalProperty` (PropertyValue), the standard's own point of extension.
 */
export const recipeOf = ({ name, dish, plateSeconds, allergens, version }: RecipeFacts) => ({
  "@context": "https://schema.org",
  "@type": "Recipe",
  name,
  identifier: version,
  recipeYield: "1",
  recipeIngredient: dish.components.filter(({ massG }) => massG > 0).map(amount),
  recipeInstructions: dish.advisories.map((one) => ({ "@type": "HowToTip", text: `${sentence(inMetric(one))}` })),
  performTime: `PT${Math.round(plateSeconds)}S`,
  nutrition: {
    "@type": "NutritionInformation",
    calories: `${Math.round(dish.energyKcal)} kcal`,
    servingSize: `${Math.round(dish.massG)} g`,
  },
  additionalProperty: allergens.map(({ word, state }) => ({
    "@type": "PropertyValue",
    propertyID: "allergen",
    name: word,
    value: state,
  })),
});
