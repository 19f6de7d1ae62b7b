import { COMMON_SHELF, FAMILIES, type SauceSpec } from "@/core/butter";
import { findSpecies } from "@/core/species";
import type { CardLot, CardSpec, CardWorld } from "@/core/cards";

export const BEURRE_BLANC: SauceSpec = { ...FAMILIES[0]!.spec, name: "White butter sauce", goesWith: [] };

export const lotOf = (speciesId: string, part: Partial<CardLot> = {}): CardLot => ({
  id: `lot-${speciesId}`,
  code: `0512-${speciesId}`,
  title: speciesId,
  source: "Havrype",
  species: findSpecies(speciesId)!,
  grossG: 9000,
  edibleG: 4500,
  skinOnG: 4500,
  remainingCents: 11_562,
  cookDaysLeft: 4,
  over: false,
  frozen: false,
  rawCleared: false,
  brings: [],
  touched: { cook: [], raw: [] },
  ...part,
});

export const worldOf = (part: Partial<CardWorld> = {}): CardWorld => ({
  ruleSetId: "eu-853",
  shelf: COMMON_SHELF,
  speciesOf: (id) => findSpecies(id),
  sauceOf: (specId) => (specId === "beurre-blanc" ? BEURRE_BLANC : undefined),
  lots: [lotOf("arctic-char")],
  madeSauces: new Map(),
  madePreparations: new Map(),
  madeGoods: new Map(),
  standIns: new Map(),
  goodsCents: new Map([...COMMON_SHELF.keys()].map((id) => [id, 500])),
  inFryer: [],
  money: { vatPct: 25, extraCents: 35, targetPct: 30 },
  ...part,
});

export const CHAR: CardSpec = {
  name: "Char, white butter",
  piece: {
    speciesIds: ["arctic-char"],
    use: "cook",
    massG: 150,
    thicknessMm: 24,
    methodId: "skin-unturned",
    underCooked: true,
    crispSkin: true,
    skewered: false,
    boneIn: false,
  },
  sauce: { specId: "beurre-blanc", share: 1, apart: false },
  garnishes: [{ preparationId: "blanched-fennel", massG: 60, waits: true }],
  finish: [{ ingredientId: "dill", massG: 2 }],
  priceCents: 3400,
  plateSeconds: 40,
  onlyOn: null,
};
