import type { CardPiece, CardSpec } from "@/core/cards";

const COOKED: Omit<CardPiece, "speciesIds" | "massG" | "thicknessMm" | "methodId"> = {
  use: "cook",
  underCooked: false,
  crispSkin: false,
  skewered: false,
  boneIn: false,
};
const RAW = { ...COOKED, use: "raw", methodId: null } as const;
const CARD = { sauce: null, garnishes: [], finish: [], priceCents: null, plateSeconds: 40, onlyOn: null } as const;
const garnish = (preparationId: string, massG: number) => ({ preparationId, massG, waits: true });
const under = (specId: string) => ({ specId, share: 1, apart: false });
/** The stove and the larder are two posts of one small kitchen. */
const by = (part: string, who: string) => ({ part, who });
const of = (ingredientId: string, massG: number) => ({ ingredientId, massG });

/** The dishes of the house. */
export const DEMO_CARDS: Readonly<Record<string, CardSpec>> = {
  char: {
    ...CARD,
    hands: [by("piece", "stove"), by("sauce", "stove"), by("blanched-fennel", "larder")],
    name: "Arctic char, skin on, dill and browned whey butter",
    piece: {
      ...COOKED,
      speciesIds: ["arctic-char"],
      massG: 150,
      thicknessMm: 24,
      methodId: "skin-unturned",
      underCooked: true,
      crispSkin: true,
    },
    sauce: under("dill-whey-butter"),
    garnishes: [garnish("blanched-fennel", 60)],
    finish: [of("dill", 2)],
    priceCents: 3400,
  },
  turbot: {
    ...CARD,
    hands: [by("piece", "stove"), by("sauce", "stove"), by("celeriac-puree", "larder")],
    name: "Turbot steak poached in butter",
    piece: { ...COOKED, speciesIds: ["turbot"], massG: 220, thicknessMm: 35, methodId: "butter-poach", boneIn: true },
    sauce: under("turbot-glaze"),
    garnishes: [garnish("celeriac-puree", 80)],
    priceCents: 4800,
  },
  cod: {
    ...CARD,
    name: "Cod with oyster cream",
    piece: {
      ...COOKED,
      speciesIds: ["cod"],
      massG: 170,
      thicknessMm: 30,
      methodId: "skin-turned",
      underCooked: true,
      crispSkin: true,
    },
    sauce: under("oyster-cream"),
    garnishes: [garnish("charred-leek", 60)],
    finish: [of("chives", 2)],
    priceCents: 3200,
  },
  mussels: {
    ...CARD,
    name: "Mussels in cider",
    piece: { ...COOKED, speciesIds: ["mussel"], massG: 500, thicknessMm: 20, methodId: "open-shells", boneIn: true },
    sauce: under("cider-mussel"),
    finish: [of("parsley", 3)],
    priceCents: 2200,
    plateSeconds: 30,
  },
  crudo: {
    ...CARD,
    name: "Mackerel crudo, green strawberry",
    piece: { ...RAW, speciesIds: ["mackerel"], massG: 70, thicknessMm: 20 },
    garnishes: [garnish("pickled-cucumber", 30)],
    finish: [of("strawberry-vinegar", 6), of("olive-oil", 4), of("salt", 0.5)],
    priceCents: 1900,
  },
  tartare: {
    ...CARD,
    name: "Hand-dived scallop tartare",
    piece: { ...RAW, speciesIds: ["king-scallop"], massG: 80, thicknessMm: 18 },
    garnishes: [garnish("dill-oil", 6)],
    finish: [of("lemon-juice", 4), of("salt", 0.5)],
    priceCents: 2300,
  },
  plaice: {
    ...CARD,
    name: "Plaice rolls, green strawberry vinegar butter",
    piece: {
      ...COOKED,
      speciesIds: ["plaice"],
      massG: 140,
      thicknessMm: 30,
      methodId: "shallow-poach",
      skewered: true,
    },
    sauce: under("green-strawberry"),
    garnishes: [garnish("pea-puree", 60)],
    priceCents: 2900,
  },
  monkfish: {
    ...CARD,
    name: "Monkfish tail roast",
    piece: { ...COOKED, speciesIds: ["monkfish"], massG: 190, thicknessMm: 45, methodId: "roast-bone", boneIn: true },
    garnishes: [garnish("dried-tomato", 50), garnish("garlic-oil", 8)],
    finish: [of("parsley", 3)],
    priceCents: 3900,
  },
  tartlet: {
    ...CARD,
    name: "Brown-crab tartlet",
    piece: { ...COOKED, speciesIds: ["brown-crab"], massG: 60, thicknessMm: 15, methodId: "crab-cake" },
    garnishes: [garnish("lemon-mayonnaise", 15)],
    priceCents: 1800,
  },
  cuttlefish: {
    ...CARD,
    name: "Cuttlefish braised in ink",
    piece: { ...COOKED, speciesIds: ["cuttlefish"], massG: 140, thicknessMm: 12, methodId: "braise" },
    garnishes: [garnish("rice", 120)],
    priceCents: 2700,
  },
  trout: {
    ...CARD,
    name: "Cured trout",
    piece: { ...RAW, speciesIds: ["ocean-trout"], massG: 65, thicknessMm: 22, cured: true },
    garnishes: [garnish("pickled-cucumber", 25)],
    finish: [of("mustard", 4), of("dill", 2)],
    priceCents: 1800,
  },
  herring: {
    ...CARD,
    name: "Herring three ways",
    piece: { ...COOKED, speciesIds: ["herring"], massG: 110, thicknessMm: 12, methodId: "floured-grill" },
    garnishes: [garnish("pickled-shallot", 20)],
    finish: [of("mustard", 5)],
    priceCents: 1700,
  },
};

/** Booked for tonight, by card. */
export const BOOKED_TONIGHT = { char: 14, turbot: 14, cod: 18, mussels: 20 } as const;
