import type { SauceSpec } from "@/core/butter";

const of = (ingredientId: string, massG: number) => ({ ingredientId, massG });
const PLAIN = { covers: 4, servedC: 52, strained: true, baseKeepsDays: 3 } as const;

/** The sauces of the house, for four covers each. */
export const DEMO_SAUCES: Readonly<Record<string, SauceSpec>> = {
  "beurre-blanc": {
    ...PLAIN,
    name: "Beurre blanc",
    goesWith: ["turbot"],
    base: [of("white-wine", 148), of("wine-vinegar", 151), of("shallot", 40)],
    reduceToMl: 60,
    mount: [of("cream", 18), of("butter", 150)],
  },
  "dill-whey-butter": {
    ...PLAIN,
    name: "Dill and browned whey butter",
    goesWith: ["arctic-char"],
    base: [of("whey", 260), of("lemon-juice", 20)],
    reduceToMl: 70,
    mount: [of("brown-butter", 40), of("butter", 110), of("dill", 6)],
  },
  "cider-mussel": {
    ...PLAIN,
    name: "Cider and mussel",
    goesWith: ["blue-mussel"],
    base: [of("cider", 300), of("mussel-liquor", 60), of("shallot", 40)],
    reduceToMl: 55,
    mount: [of("cream", 40), of("butter", 130)],
    baseKeepsDays: 2,
  },
  "oyster-cream": {
    ...PLAIN,
    name: "Oyster cream",
    goesWith: ["cod"],
    base: [of("oyster-liquor", 40), of("fish-stock", 200), of("vermouth", 60), of("cream", 120)],
    reduceToMl: 112,
    mount: [of("butter", 90)],
    servedC: 56,
    baseKeepsDays: 2,
  },
  "green-strawberry": {
    ...PLAIN,
    name: "Green strawberry vinegar butter",
    goesWith: ["plaice"],
    base: [of("strawberry-vinegar", 120), of("water", 80), of("shallot", 30)],
    reduceToMl: 55,
    mount: [of("butter", 140), of("chives", 6)],
  },
  "orange-lemon": {
    ...PLAIN,
    name: "Orange and lemon butter",
    goesWith: ["sea-bass"],
    base: [of("orange-juice", 260), of("lemon-juice", 30)],
    reduceToMl: 70,
    mount: [of("butter", 150)],
    baseKeepsDays: 2,
  },
};

/** What the house pays for its goods, cents a kilo. */
export const GOODS_CENTS_PER_KG: Readonly<Record<string, number>> = {
  butter: 890,
  "brown-butter": 1120,
  cream: 420,
  "white-wine": 640,
  cider: 380,
  vermouth: 980,
  "wine-vinegar": 310,
  "strawberry-vinegar": 900,
  "lemon-juice": 350,
  "orange-juice": 280,
  shallot: 260,
  whey: 90,
  dill: 1800,
  chives: 2100,
};

export const TONIGHT = [
  { speciesId: "turbot", use: "cook", covers: 6, portionG: 180 },
  { speciesId: "arctic-char", use: "cook", covers: 14, portionG: 160 },
  { speciesId: "cod", use: "cook", covers: 18, portionG: 170 },
  { speciesId: "sea-bass", use: "cook", covers: 16, portionG: 150 },
] as const;
