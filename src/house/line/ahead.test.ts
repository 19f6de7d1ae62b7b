import { COMMON_SHELF, type SauceSpec } from "@/core/butter";
import type { CardLot, CardSpec } from "@/core/cards";
import { findSpecies } from "@/core/species";
import { DEMO_CARDS } from "@/demo/data/cards";
import { aheadOf, type AheadAsk } from "./ahead";

const lot = (code: string, speciesId: string, part: Partial<CardLot> = {}): CardLot => ({
  id: code,
  code,
  title: speciesId,
  source: "Havrype",
  species: findSpecies(speciesId)!,
  grossG: 1500,
  edibleG: 1500,
  skinOnG: part.edibleG ?? 1500,
  remainingCents: 3000,
  cookDaysLeft: 5,
  over: false,
  frozen: false,
  rawCleared: false,
  brings: [],
  touched: { cook: [], raw: [] },
  ...part,
});
const char: CardSpec = DEMO_CARDS["char"]!;
const ask = (part: Partial<AheadAsk>) =>
  aheadOf(
    {
      cards: [{ spec: char, covers: 20 }],
      lots: [],
      sauces: new Map(),
      madeG: new Map(),
      curedLotIds: new Set(),
      inDays: 2,
      ...part,
    },
    COMMON_SHELF,
  );

test("frozen fish is taken out two days before, and only as much as what lies chilled does not give", () => {
  const frozen = lot("F1", "arctic-char", { frozen: true, cookDaysLeft: null, edibleG: 4000, grossG: 4000 });
  // 20 of 150 g are 3 kg; 1.5 kg of it lies there and lasts
  expect(ask({ lots: [lot("A1", "arctic-char"), frozen] })).toEqual([
    { kind: "thaw", code: "F1", title: "arctic-char", massG: 1500, daysBefore: 2 },
  ]);
  // what does not last until then does not count
  expect(ask({ lots: [lot("A1", "arctic-char", { cookDaysLeft: 1 }), frozen] })).toMatchObject([{ massG: 3000 }]);
  expect(ask({ lots: [lot("A1", "arctic-char", { edibleG: 3000, grossG: 3000 }), frozen] })).toEqual([]);
  expect(ask({ lots: [frozen], inDays: 1 })).toEqual([]);
});

test("what is served cured goes into the salt so long before, less what lies in it; a thicker piece sooner", () => {
  const trout = DEMO_CARDS["trout"]!;
  const thick = { ...trout, piece: { ...trout.piece, thicknessMm: 40 } };
  const lots = [lot("T1", "ocean-trout", { edibleG: 3000, grossG: 3000 })];
  const days = (spec: CardSpec, curedLotIds = new Set<string>()) =>
    [1, 2, 3].flatMap((inDays) => ask({ cards: [{ spec, covers: 60 }], lots, curedLotIds, inDays }));
  const [cure, ...others] = days(trout);
  // 60 of 65 g; a side of 22 mm lies 12-30 h in dry salt (common practice, medium)
  expect(cure).toMatchObject({ kind: "cure", massG: 3900 });
  expect(cure?.kind === "cure" && cure.cureH).toBeGreaterThan(10);
  expect(cure?.kind === "cure" && cure.cureH).toBeLessThan(32);
  expect(others).toEqual([]);
  expect(days(trout, new Set(["T1"]))).toMatchObject([{ massG: 900 }]);
  expect(days(thick)[0]!.daysBefore).toBeGreaterThanOrEqual(cure!.daysBefore);
});

test("a stock that is not there is made the day before, and what braises is cooked then", () => {
  const sauce = { ...DEMO_SAUCE, base: [{ ingredientId: "fish-stock", massG: 400 }], covers: 4 };
  const spec = { ...char, sauce: { specId: "s", share: 1, apart: false } };
  const of = (madeG: number) =>
    ask({
      cards: [{ spec, covers: 20 }],
      sauces: new Map([["s", sauce]]),
      madeG: new Map([["fish-stock", madeG]]),
      inDays: 1,
    });
  expect(of(500)).toMatchObject([{ kind: "stock", massG: 1500, daysBefore: 1 }]);
  expect(of(2000)).toEqual([]);
  expect(ask({ cards: [{ spec: DEMO_CARDS["cuttlefish"]!, covers: 6 }], inDays: 1 })).toMatchObject([
    { kind: "cook", covers: 6 },
  ]);
});

const DEMO_SAUCE: SauceSpec = {
  name: "Sauce",
  covers: 4,
  base: [],
  reduceToMl: null,
  mount: [],
  baseKeepsDays: 1,
} as unknown as SauceSpec;
