import { findSpecies } from "@/core/species";
import { compareStacks, planFreezing, type FreezeRequest } from "./packFreezing";
import { dressedHoldMin, planBatch, planSlices, plateHoldMin } from "./plates";
import { english } from "@/words/english.testkit";

const salmon = findSpecies("sockeye-salmon")!;
const pack: FreezeRequest = {
  composition: salmon.compositionPct,
  shape: "slab",
  thicknessMm: 25,
  layers: 1,
  wrap: "bag",
  freezer: "blast",
  airC: -36,
  startC: 3,
  ruleId: "eu-853",
};
const plan = (part: Partial<FreezeRequest>) => {
  const planned = planFreezing({ ...pack, ...part });
  if (!planned.ok) throw new Error(planned.error.code);
  return planned.value;
};

describe("freezing planner", () => {
  test("25 mm in a blast freezer: longer than Plank's 72 min (worked example, memory), for the centre goes on to -20 °C", () => {
    const planned = plan({});
    const reachMin = planned.best.reachH! * 60;
    expect(reachMin).toBeGreaterThan(72);
    expect(reachMin).toBeLessThan(2.2 * 72);
    expect(planned.best.totalH).toBeCloseTo(planned.best.reachH! + planned.best.holdH, 9);
  });

  test("a 70 mm sphere in air of -40 °C at h 50: Plank gives 0.72 h (Singh and Heldman, Introduction to Food Engineering, worked example; memory, medium)", () => {
    const planned = plan({ shape: "sphere", thicknessMm: 70, airC: -40, wrap: "none" });
    // the planner's soonest uses h 50; to -20 °C at the centre it must be later, within twice
    expect(planned.spreadH.soonest).toBeGreaterThan(0.72);
    expect(planned.spreadH.soonest).toBeLessThan(1.6);
  });

  test("rules: the EU's 15 h at -35 °C beats 24 h at -20 °C only where the air is colder than -35; the US wants seven days at -20", () => {
    expect(english(plan({ airC: -42 }).best.words)).toMatch(/-35/);
    expect(english(plan({ airC: -30 }).best.words)).toMatch(/-20 °C for 24 h/);
    expect(plan({ airC: -30, ruleId: "fda-2022" }).best.holdH).toBe(168);
    expect(plan({ airC: -42, ruleId: "fda-2022" }).best.holdH).toBeLessThan(25);
  });

  test("a freezer at -18 °C meets no option, and the planner says so", () => {
    const refused = planFreezing({ ...pack, airC: -18 });
    expect(!refused.ok && english(refused.error)).toMatch(/no option of .* can be met in this freezer/);
  });

  test("thicker, more layers, a carton, warmer air, a still freezer: each takes longer", () => {
    const base = plan({}).options[0]!.reachH!;
    for (const part of [
      { thicknessMm: 40 },
      { layers: 2 },
      { wrap: "carton" },
      { airC: -28 },
      { freezer: "still" },
    ] as const)
      expect(plan(part).options[0]!.reachH!).toBeGreaterThan(base);
    const { stacks, thicknesses } = compareStacks(pack, -20);
    expect(stacks.map(({ reachH }) => reachH!)).toEqual([...stacks.map(({ reachH }) => reachH!)].sort((a, b) => a - b));
    expect(thicknesses.at(-1)!.reachH!).toBeGreaterThan(thicknesses[0]!.reachH! * 3);
    // two layers of 25 mm are one of 50
    expect(stacks[1]!.reachH!).toBeCloseTo(plan({ thicknessMm: 50 }).options[0]!.reachH!, 3);
  });
});

describe("slices and plates", () => {
  const block = { species: salmon, blockG: 800, widthMm: 60, heightMm: 30, sliceMm: 5, leanDeg: 45, portionG: 70 };
  test("a slice is its volume: 5 × 60 × 42.4 mm at about 1.05 g/cm³ is 13.4 g (arithmetic)", () => {
    const sliced = planSlices(block);
    expect(sliced.sliceG).toBeCloseTo(5 * 60 * (30 / Math.cos(Math.PI / 4)) * 1.05e-3, 0);
    expect(sliced.slicesPerCover).toBe(5);
    expect(sliced.slices * sliced.sliceG + sliced.endsG).toBeCloseTo(800, 9);
    expect(planSlices({ ...block, leanDeg: 0 }).endsG).toBeLessThan(sliced.sliceG);
  });
  test("a cold plate holds longer than a warm one; a dressed thick slice longer than a thin one", () => {
    const hold = (plateC: number) => plateHoldMin(70, 3, plateC, 22, 10);
    expect(hold(4)).toBeGreaterThan(hold(8));
    // lumped body, exact: (m c) / (h A) × ln of the differences
    const heat = 0.07 * 3600 + 0.7 * 850;
    const mixed = (0.07 * 3600 * 3 + 0.7 * 850 * 4) / heat;
    expect(hold(4)).toBeCloseTo(((heat / (9 * 0.055 * 2)) * Math.log((22 - mixed) / (22 - 10))) / 60, 9);
    expect(hold(20)).toBe(0);
    expect(plateHoldMin(70, 3, 4, 8, 10)).toBe(Infinity);
    expect(dressedHoldMin(8)).toBeCloseTo(4 * dressedHoldMin(4), 9);
  });
  test("trips off the ice: no trip longer than the block may lie out, all covers served", () => {
    const batch = planBatch({
      composition: salmon.compositionPct,
      blockMm: 30,
      startC: 1,
      roomC: 21,
      limitC: 4.4,
      slicesPerCover: 5,
      secondsPerSlice: 5,
      secondsPerPlate: 25,
      covers: 24,
    });
    expect(batch.budgetMin).toBeGreaterThan(1);
    expect(batch.budgetMin).toBeLessThan(30);
    expect(batch.trips * batch.coversPerTrip).toBeGreaterThanOrEqual(24);
    expect(batch.workMin).toBeCloseTo((24 * 50) / 60, 9);
  });
});
