import { usualForm } from "@/core/freshness";
import { findSpecies, SPECIES } from "@/core/species";
import { breakdownsFor, expectedParts } from "../parts/expected";
import { answerOrder, readyShare, type OrderQuestion } from "./orderAnswer";

const char = findSpecies("arctic-char")!;
const CHAR: OrderQuestion = {
  species: char,
  form: "whole-gutted",
  way: breakdownsFor(char, "whole-gutted")[0]!,
  covers: 80,
  walkIns: 0,
  takeShare: 0.3,
  bufferShare: 0.1,
  portionG: 160,
  toleranceG: 0,
  animalG: 1500,
  centsPerKg: 1450,
  onIceG: 0,
  daysToLastService: 2,
  weighed: [],
};
const answer = (part: Partial<OrderQuestion> = {}) => {
  const found = answerOrder({ ...CHAR, ...part });
  if (!found.ok) throw new Error(found.error.code);
  return found.value;
};

test("char for 80 covers: 27 portions, whole fish bought, the bill by weight (the usual worked example; memory, high)", () => {
  const { order, buyG, billCents, cost } = answer();
  expect(order.portions).toBe(27);
  expect(buyG).toBe(order.animals!.sure * 1500);
  expect(billCents).toBeCloseTo((buyG / 1000) * 1450, 6);
  expect(cost!.centsPerPortion).toBeCloseTo(billCents / 27, 6);
  expect(cost!.centsPerPortionWithCredit).toBeLessThan(cost!.centsPerPortion);
});

test("what lies on ice is not bought again and not paid again", () => {
  const [without, with2kg] = [answer({ animalG: null }), answer({ animalG: null, onIceG: 2000 })];
  expect(with2kg.buyG).toBeLessThan(without.buyG);
  // 27 portions of 160 g are 4320 g; 2320 g are left to buy: 15 portions
  expect(with2kg.cost!.centsPerPortion).toBeCloseTo(with2kg.billCents / 15, 6);
});

test("enough on ice: nothing to buy, nothing to pay, nothing thrown away", () => {
  expect(answer({ animalG: null, onIceG: 50_000 })).toMatchObject({ buyG: 0, billCents: 0, cost: null, wasteG: 0 });
});

test("the house's own yields take over from the table", () => {
  const parts = expectedParts(CHAR.way, char, "whole-gutted");
  const main = parts.filter(({ use }) => use === "portions");
  const weighed = Array.from({ length: 12 }, (_, index) => ({
    wholeG: 1500,
    parts: main.map(({ id, pct }) => ({ partId: id, massG: 15 * (pct[1] - 6 + 0.1 * (index % 3)) })),
  }));
  const [table, own] = [readyShare(CHAR.way, parts, []), readyShare(CHAR.way, parts, weighed)];
  expect(table.times).toBe(0);
  expect(own.times).toBe(12);
  expect(own.share).toBeLessThan(table.share);
  expect(answer({ weighed, animalG: null }).buyG).toBeGreaterThan(answer({ animalG: null }).buyG);
});

test("every animal that can be bought has an answer whose weights add up", () => {
  for (const species of SPECIES) {
    const form = usualForm(species);
    for (const way of breakdownsFor(species, form)) {
      const found = answer({ species, form, way, portionG: species.portion.massG, animalG: null });
      expect(found.buyG).toBeGreaterThan(0);
      expect(found.ready.share).toBeGreaterThan(0);
      expect(found.ready.share).toBeLessThanOrEqual(1);
      expect(found.wasteG).toBeLessThan(found.buyG);
      expect(found.ready.source).not.toBe("");
    }
  }
});
