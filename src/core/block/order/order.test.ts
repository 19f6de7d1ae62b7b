import erfc from "@stdlib/math-base-special-erfc";
import fc from "fast-check";
import { chanceByWeight, chancesByCutting, planOrder, type OrderRequest } from "./order";
import { english } from "@/words/english.testkit";

const CHAR: OrderRequest = {
  covers: 80,
  walkIns: 0,
  takeShare: 0.3,
  bufferShare: 0.1,
  portionG: 160,
  toleranceG: 0,
  readyShare: 0.62 * 0.95,
  readySpread: 0.02,
  animal: { massG: 1500, sides: 2 },
  onIceG: 0,
  lifeDays: 14,
  daysToLastService: 2,
};
const plan = (part: Partial<OrderRequest>) => {
  const planned = planOrder({ ...CHAR, ...part });
  if (!planned.ok) throw new Error(planned.error.code);
  return planned.value;
};

test("arctic char for 80 covers, the usual worked example (arithmetic; memory, high)", () => {
  const order = plan({});
  expect(order.portions).toBe(27);
  expect(order.usualG / 1000).toBeCloseTo(7.33, 2);
  expect(order.animals!.byWeight).toBe(5);
  // a ready side is 442 g: strictly two portions of 160, so 4 a fish, 7 fish
  expect(order.animals!.portionsPerAnimal).toBe(4);
  expect(order.animals!.byCutting).toBe(7);
  expect(order.animals!.tailsG / 1000).toBeCloseTo(1.7, 1);
  // 147 g gives three a side, 6 a fish, 5 fish, 30 portions
  expect(order.animals!.lighter).toMatchObject({ animals: 5, portions: 30, portionG: expect.closeTo(147.25, 1) });
  // fish of 2.2 kg: four a side, 4 fish, 32 portions
  const big = plan({ animal: { massG: 2200, sides: 2 } }).animals!;
  expect([big.byCutting, big.portionsPerAnimal * big.byCutting]).toEqual([4, 32]);
});

test("scallops for ten, octopus for thirty, mussels for twenty: by weight (arithmetic; memory, high)", () => {
  const kg = (covers: number, portionG: number, readyShare: number) =>
    plan({ covers, takeShare: 1, bufferShare: 0, portionG, readyShare, animal: null }).usualG / 1000;
  expect(kg(10, 90, 0.14)).toBeCloseTo(6.43, 2);
  expect(kg(30, 120, 0.85 * 0.5)).toBeCloseTo(8.47, 2);
  expect(kg(20, 500, 1)).toBeCloseTo(10, 6);
});

test("19 of 20 days: the sure weight is enough with 95 %, the usual with half (normal distribution, exact)", () => {
  const order = plan({});
  const needG = 27 * 160;
  expect(chanceByWeight(order.sureG, needG, CHAR.readyShare, CHAR.readySpread)).toBeCloseTo(0.95, 3);
  expect(order.usualChance).toBeCloseTo(0.5, 6);
  expect(chanceByWeight(7500, needG, 0.589, 0.02)).toBeCloseTo(
    0.5 * erfc(-(0.589 - needG / 7500) / 0.02 / Math.SQRT2),
    12,
  );
});

test("chance by cutting against drawing a hundred thousand days (seeded)", () => {
  let state = 12345;
  const uniform = () => {
    state = (1664525 * state + 1013904223) >>> 0;
    return (state + 0.5) / 4294967296;
  };
  const normal = () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const days = 40_000;
  const chances = chancesByCutting({ ...CHAR, toleranceG: 10 }, { massG: 1500, sides: 2 }, 24);
  for (let animals = 1; animals <= 8; animals++) {
    const { chance } = chances.next().value!;
    if (animals < 4) continue;
    let enough = 0;
    for (let day = 0; day < days; day++) {
      const share = CHAR.readyShare + CHAR.readySpread * normal();
      let portions = 0;
      for (let fish = 0; fish < animals; fish++) {
        // both sides of a fish share its size
        const sideG = ((1500 * share) / 2) * (1 + 0.06 * normal());
        portions += 2 * Math.floor(sideG / 150);
      }
      if (portions >= 24) enough++;
    }
    expect(Math.abs(chance - enough / days)).toBeLessThan(0.012);
  }
});

test("laws: more covers never need less fish, a better yield never more; the sure order is never below the usual", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 200 }),
      fc.integer({ min: 0, max: 40 }),
      fc.double({ min: 0.2, max: 0.95, noNaN: true }),
      fc.double({ min: 0.001, max: 0.05, noNaN: true }),
      (covers, more, readyShare, readySpread) => {
        const one = plan({ covers, readyShare, readySpread });
        const bigger = plan({ covers: covers + more, readyShare, readySpread });
        expect(bigger.portions).toBeGreaterThanOrEqual(one.portions);
        expect(bigger.usualG).toBeGreaterThanOrEqual(one.usualG - 1e-9);
        expect(bigger.sureG).toBeGreaterThanOrEqual(one.sureG - 1e-9);
        expect(bigger.animals!.sure).toBeGreaterThanOrEqual(one.animals!.sure);
        expect(plan({ covers, readyShare: readyShare * 1.02, readySpread }).usualG).toBeLessThanOrEqual(
          one.usualG + 1e-9,
        );
        expect(one.sureG).toBeGreaterThanOrEqual(one.usualG);
        const chances = one.animals!.chances.map(({ chance }) => chance);
        chances.slice(1).forEach((chance, index) => expect(chance).toBeGreaterThanOrEqual(chances[index]! - 1e-9));
      },
    ),
    { numRuns: 25, seed: 11 },
  );
});

test("what is on the ice counts, and a life too short is said", () => {
  expect(plan({ onIceG: 27 * 160 }).usualG).toBe(0);
  expect(english(plan({ onIceG: 27 * 160 })).warnings.join()).toMatch(/order nothing/);
  expect(english(plan({ daysToLastService: 9 })).warnings.join()).toMatch(/half of its 14 days/);
});
