import { keyed } from "@/core/shared";
import type { SauceSpec } from "../sauce";

/** A sauce to begin from: what the kitchen calls it, how it is made by the house's default, and what to mind. */
export type Family = {
  readonly id: string;
  readonly label: string;
  readonly mind: string;
  readonly spec: Omit<SauceSpec, "name" | "goesWith">;
};

const of = (ingredientId: string, massG: number) => ({ ingredientId, massG });
const WARM = { covers: 4, servedC: 52, strained: true, baseKeepsDays: 3 } as const;

/** The families of sauces under a fish, for four covers (common practice; memory, medium). */
export const FAMILIES: readonly Family[] = keyed(
  "families",
  [
    {
      id: "white-butter",
      label: "White butter sauce, with cream",
      mind: "A spoon or two of cream carries it through a busy line. Salt at the end, herbs last.",
      spec: {
        ...WARM,
        base: [of("white-wine", 148), of("wine-vinegar", 151), of("shallot", 40)],
        reduceToMl: 60,
        mount: [of("cream", 18), of("butter", 150)],
      },
    },
    {
      id: "white-butter-alone",
      label: "White butter sauce, butter alone",
      mind: "Finer, and breaks from {58 °C}: over a water bath, a cube at a time.",
      spec: {
        ...WARM,
        servedC: 50,
        base: [of("white-wine", 148), of("wine-vinegar", 151), of("shallot", 40)],
        reduceToMl: 60,
        mount: [of("butter", 150)],
      },
    },
    {
      id: "citrus-butter",
      label: "Citrus butter",
      mind: "Juice down to a syrup; a spoon of water brings it back when it has gone too far.",
      spec: {
        ...WARM,
        base: [of("orange-juice", 260), of("lemon-juice", 30)],
        reduceToMl: 70,
        mount: [of("butter", 150)],
        baseKeepsDays: 2,
      },
    },
    {
      id: "red-wine-butter",
      label: "Red wine and balsamic butter",
      mind: "Alcohol off the flame. The syrup scorches in a breath once it coats.",
      spec: {
        ...WARM,
        base: [of("red-wine", 300), of("balsamic", 40), of("shallot", 40)],
        reduceToMl: 70,
        mount: [of("butter", 120)],
      },
    },
    {
      id: "tomato-butter",
      label: "Tomato butter",
      mind: "Three parts folded in, one kept back for the plate.",
      spec: {
        ...WARM,
        base: [of("white-wine", 100), of("shallot", 30)],
        reduceToMl: 20,
        mount: [of("tomato", 45), of("butter", 140)],
        baseKeepsDays: 2,
      },
    },
    {
      id: "mustard-cream",
      label: "Mustard cream",
      mind: "Mustard off the heat: boiled it loses its bite and curdles the cream.",
      spec: {
        ...WARM,
        light: true,
        base: [of("fish-stock", 200), of("white-wine", 80), of("cream", 200)],
        reduceToMl: 190,
        mount: [of("butter", 50), of("mustard", 15)],
        servedC: 58,
        baseKeepsDays: 2,
      },
    },
    {
      id: "stock-glaze-butter",
      label: "Glaze butter",
      mind: "Broth goes down to a glaze before it meets the butter; its salt goes with it.",
      spec: {
        ...WARM,
        base: [of("fish-stock", 400), of("white-wine", 60)],
        reduceToMl: 45,
        mount: [of("butter", 120)],
        baseKeepsDays: 2,
      },
    },
    {
      id: "poaching-butter",
      label: "Mounted butter for poaching",
      mind: "A warm bath for the fish: it breaks near {88 °C} and at a simmer.",
      spec: { ...WARM, base: [of("water", 60)], reduceToMl: null, mount: [of("butter", 250)], baseKeepsDays: 0 },
    },
    {
      id: "yolk-butter",
      label: "Yolk and butter sauce",
      mind: "{58-68 °C}; over {70 °C} it scrambles for good. Egg: pasteurised by default, two hours in the bain.",
      spec: {
        ...WARM,
        servedC: 62,
        base: [of("white-wine", 60), of("wine-vinegar", 30), of("shallot", 20)],
        reduceToMl: 35,
        mount: [of("egg-yolk", 54), of("clarified-butter", 180), of("lemon-juice", 8)],
        baseKeepsDays: 3,
      },
    },
    {
      id: "urchin-cream",
      label: "Urchin cream",
      mind: "Warmed, never boiled: over {65 °C} it grains.",
      spec: {
        ...WARM,
        light: true,
        base: [of("fish-stock", 120), of("cream", 140)],
        reduceToMl: 150,
        mount: [of("urchin", 60), of("butter", 50)],
        servedC: 55,
        baseKeepsDays: 1,
      },
    },
    {
      id: "crab-cream",
      label: "Brown crab cream",
      mind: "Warmed, never boiled: boiled it grains. Shell is felt for with the fingers first.",
      spec: {
        ...WARM,
        light: true,
        base: [of("shellfish-stock", 160), of("cream", 140), of("brandy", 10)],
        reduceToMl: 160,
        mount: [of("brown-crab", 60), of("butter", 50)],
        servedC: 58,
        baseKeepsDays: 1,
      },
    },
    {
      id: "herb-oil-sauce",
      label: "Oil and herb sauce, warm",
      mind: "Nothing binds the oil but what the base brings: mustard or cream holds it. Herb oil has its own clock.",
      spec: {
        ...WARM,
        base: [of("fish-stock", 120), of("cream", 60)],
        reduceToMl: 90,
        mount: [of("herb-oil", 60), of("butter", 60), of("mustard", 6)],
        servedC: 52,
        baseKeepsDays: 2,
      },
    },
    {
      id: "froth",
      label: "Froth of a light cream",
      mind: "Blended at the pass at {50-60 °C}; it stands three to five minutes and is spooned last.",
      spec: {
        ...WARM,
        light: true,
        base: [of("fish-stock", 160), of("cream", 60)],
        reduceToMl: 160,
        mount: [of("butter", 60), of("lecithin", 1)],
        servedC: 55,
        baseKeepsDays: 2,
      },
    },
  ],
  ["label", "mind"],
);
