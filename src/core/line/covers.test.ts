import fc from "fast-check";
import type { LotLife } from "@/core/freshness";
import { centsAtRiskPerDay, planCovers, type PlannableLot } from "./covers";

const lot = (id: string, daysLeft: number, edibleG = 1000, part: Partial<LotLife> = {}): PlannableLot => ({
  id,
  speciesId: "cod",
  title: id,
  edibleG,
  valueCents: edibleG * 2,
  life: { daysLeft, rawDaysLeft: daysLeft / 2, cookDaysLeft: daysLeft, state: "chilled", ...part } as LotLife,
});
const cook = (covers: number, portionG = 200) => ({ speciesId: "cod", use: "cook", covers, portionG }) as const;

test("least life that still lasts goes first; what does not last is not counted on", () => {
  const { needs, spare } = planCovers([lot("old", 0.5), lot("mid", 2), lot("new", 5)], [cook(6)], 1);
  expect(needs[0]!.from.map(({ lotId, massG }) => [lotId, massG])).toEqual([
    ["mid", 1000],
    ["new", 200],
  ]);
  expect(spare.map(({ lot: { id } }) => id)).toEqual(["old", "new"]);
});

test("raw is served before cooked, for fewer lots are fit for it; a frozen lot covers nothing", () => {
  const raw = { speciesId: "cod", use: "raw", covers: 5, portionG: 100 } as const;
  const { needs } = planCovers([lot("fresh", 6), lot("ice", 9, 1000, { state: "frozen" })], [cook(10), raw], 1);
  expect(needs.map(({ use, shortG }) => [use, shortG])).toEqual([
    ["raw", 0],
    ["cook", 1500],
  ]);
});

test("value at risk: all of it within the last day, spread over the days before", () => {
  expect(centsAtRiskPerDay(900, 0.4)).toBe(900);
  expect(centsAtRiskPerDay(900, 3)).toBe(300);
  expect(centsAtRiskPerDay(900, null)).toBe(0);
});

test("no gram is used twice, and more covers never leave more fish", () => {
  const lots = fc.array(fc.tuple(fc.double({ min: 0.2, max: 9, noNaN: true }), fc.integer({ min: 1, max: 5000 })), {
    minLength: 1,
    maxLength: 6,
  });
  fc.assert(
    fc.property(lots, fc.nat(40), fc.nat(40), (rows, covers, more) => {
      const stock = rows.map(([days, edibleG], index) => lot(`l${index}`, days, edibleG));
      const total = stock.reduce((sum, { edibleG }) => sum + edibleG, 0);
      const run = (count: number) => planCovers(stock, [cook(count)], 0.5);
      const used = (plan: ReturnType<typeof run>) => plan.needs[0]!.from.reduce((sum, { massG }) => sum + massG, 0);
      const spare = (plan: ReturnType<typeof run>) => plan.spare.reduce((sum, { spareG }) => sum + spareG, 0);
      const [few, many] = [run(covers), run(covers + more)];
      expect(used(few) + spare(few)).toBeGreaterThan(total - 1 * stock.length);
      expect(used(few) + spare(few)).toBeLessThanOrEqual(total + 1e-6);
      expect(used(few) + few.needs[0]!.shortG).toBeCloseTo(covers * 200, 6);
      expect(spare(many)).toBeLessThanOrEqual(spare(few) + 1e-6);
    }),
    { seed: 6, numRuns: 60 },
  );
});
