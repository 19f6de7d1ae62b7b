import type { GoodLabel, SauceSpec } from "@/core/butter";

const of = (ingredientId: string, massG: number) => ({ ingredientId, massG });
const PLAIN = { covers: 4, servedC: 52, strained: true, baseKeepsDays: 3 } as const;

/** The sauces of the house, for four covers each. */
export const DEMO_SAUCES: Readonly<Record<string, SauceSpec>> = {
  "beurre-blanc": {
    ...PLAIN,
    name: "Beurre blanc",
    goesWith: ["haddock"],
    base: [of("white-wine", 148), of("wine-vinegar", 151), of("shallot", 40)],
    reduceToMl: 60,
    mount: [of("cream", 18), of("butter", 150)],
  },
  "turbot-glaze": {
    ...PLAIN,
    name: "Turbot glaze butter",
    goesWith: ["turbot"],
    base: [of("fish-stock", 120), of("white-wine", 60)],
    reduceToMl: 48,
    mount: [of("cream", 14), of("butter", 110)],
    baseKeepsDays: 2,
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
    goesWith: ["mussel"],
    base: [of("cider", 300), of("mussel-liquor", 60), of("shallot", 40)],
    reduceToMl: 55,
    mount: [of("cream", 40), of("butter", 130)],
    baseKeepsDays: 2,
  },
  "oyster-cream": {
    ...PLAIN,
    name: "Oyster cream",
    goesWith: ["cod"],
    base: [of("oyster-liquor", 40), of("fish-stock", 240), of("vermouth", 60), of("cream", 120)],
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
  capers: 1400,
  "lemon-zest": 900,
  parsley: 1500,
  "olive-oil": 820,
  garlic: 700,
  whey: 90,
  dill: 1800,
  chives: 2100,
  "fish-stock": 180,
  "oyster-liquor": 400,
  "mussel-liquor": 200,
  "rapeseed-oil": 260,
  "sunflower-oil": 240,
  "grapeseed-oil": 520,
  fennel: 340,
  leek: 260,
  peas: 380,
  celeriac: 210,
  tomato: 320,
  cucumber: 190,
  mustard: 480,
  salt: 60,
  sugar: 110,
  rice: 220,
  "egg-yolk": 900,
  "wheat-flour": 90,
  "cider-vinegar": 290,
};

/** Booked by their fish: nobody has written a card for them yet. */
export const TONIGHT = [{ speciesId: "sea-bass", use: "cook", covers: 30, portionG: 150 }] as const;

/** What the house bought with a label of its own. */
export const BOUGHT_GOOD = {
  label: "Smoked butter, Tindholm dairy",
  use: "fat",
  mountsAs: "butter",
  fatPct: 81,
  proteinPct: 0.6,
  carbohydratePct: 0.8,
  sugarPct: 0.8,
  saltPct: 1.4,
  acidPct: 0,
  acetic: false,
  abvPct: 0,
  gPerMl: 0.95,
  allergens: ["milk"],
  mayContain: [],
  wholeLabelRead: true,
} as const satisfies GoodLabel;

/** Made for the cold shelf: hours ago, for how many covers. */
export const SHELF_WORK = [
  { preparationId: "caper-butter", covers: 10, frozen: true, hoursAgo: 70, taken: 13 },
  { preparationId: "dill-oil", covers: 10, frozen: false, hoursAgo: 26, taken: 0 },
  { preparationId: "garlic-oil", covers: 10, frozen: false, hoursAgo: 50, taken: 0 },
  { preparationId: "pickled-shallot", covers: 12, frozen: false, hoursAgo: 30, taken: 0 },
] as const;

/** Pans that reduce when the demo house is opened. */
export const REDUCING = [
  {
    minutesAgo: 9,
    name: "Whey for the dill butter, 14",
    covers: 14,
    parts: [
      { ingredientId: "whey", ml: 890 },
      { ingredientId: "lemon-juice", ml: 68 },
    ],
    toMl: 245,
    panG: 1450,
  },
  {
    minutesAgo: 5,
    name: "Orange and lemon, base for 16",
    covers: 16,
    parts: [
      { ingredientId: "orange-juice", ml: 1000 },
      { ingredientId: "lemon-juice", ml: 116 },
    ],
    toMl: 280,
    panG: null,
  },
];
