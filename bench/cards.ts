import { COMMON_SHELF } from "@/core/butter";
import type { CardLot, CardSpec, CardWorld } from "@/core/cards";
import { findSpecies, SPECIES } from "@/core/species";
import { DEMO_CARDS } from "@/demo/data/cards";
import { DEMO_SAUCES } from "@/demo/data/sauces";
import { forMany, USUAL_STATION } from "@/house/cards/forMany";
import { passOf } from "@/house/line/pass";
import { add, median } from "./measure";

const lots: readonly CardLot[] = Array.from({ length: 200 }, (_, index) => {
  const species = SPECIES[index % 40]!;
  return {
    id: `lot-${index}`,
    code: `lot-${index}`,
    title: species.name,
    source: "Rype",
    species,
    grossG: 6000,
    edibleG: 3000 + index,
    skinOnG: 3000 + index,
    remainingCents: 9000,
    cookDaysLeft: 1 + (index % 6),
    over: false,
    frozen: false,
    rawCleared: true,
    brings: [],
    touched: { cook: [], raw: [] },
  };
});

const world: CardWorld = {
  ruleSetId: "eu-853",
  shelf: COMMON_SHELF,
  speciesOf: (id) => findSpecies(id),
  sauceOf: (specId) => DEMO_SAUCES[specId],
  lots,
  madeSauces: new Map(),
  madePreparations: new Map(),
  madeGoods: new Map(),
  standIns: new Map(),
  goodsCents: new Map([...COMMON_SHELF.keys()].map((id) => [id, 500])),
  inFryer: [],
  money: { vatPct: 25, extraCents: 40, targetPct: 30 },
};

const OF_THE_HOUSE = Object.values(DEMO_CARDS);
const cards = Array.from({ length: 60 }, (_, index) => {
  const card: CardSpec = OF_THE_HOUSE[index % OF_THE_HOUSE.length]!;
  const speciesIds = [SPECIES[index % 40]!.id, SPECIES[(index * 7) % 40]!.id];
  const spec = { ...card, piece: { ...card.piece, speciesIds } };
  return { cardId: `card-${index}`, spec, booked: index % 12, served: 0, loose: 0, asked: 0, off: null };
});

/** The pass of a large house, and one card for any covers. */
export function cardsBench(): void {
  const whole = median(() => passOf(cards, world), 20);
  add("60 cards over 200 lots", whole, "target", 100);
  const char = DEMO_CARDS["char"]!;
  const sauce = DEMO_SAUCES["dill-whey-butter"]!;
  add(
    "one card for 200 covers",
    median(() => forMany(char, sauce, 200, USUAL_STATION), 60),
    "target",
    16,
  );
}
