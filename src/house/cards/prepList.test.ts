import fc from "fast-check";
import { COMMON_SHELF, FAMILIES, findPreparation, prepare, PREPARATIONS } from "@/core/butter";
import { DEMO_CARDS } from "@/demo/data/cards";
import { prepList, type PrepAsk } from "./prepList";

const CHAR = { ...DEMO_CARDS["char"]!, sauce: { specId: "beurre-blanc", share: 1, apart: false } };

const sauces = new Map([["beurre-blanc", { ...FAMILIES[0]!.spec, name: "White butter", goesWith: [] }]]);
const ask = (part: Partial<PrepAsk> = {}): PrepAsk => ({
  cards: [{ spec: CHAR, covers: 14 }],
  sauces,
  baseHaveG: new Map(),
  shelfHaveG: new Map(),
  low: [],
  serviceMin: 1080,
  ...part,
});

test("a card and its covers ask for the base of its sauce and its garnish, the longest first", () => {
  const rows = prepList(ask(), COMMON_SHELF);
  expect(rows.map(({ kind, done }) => [kind, done])).toEqual([
    ["base", false],
    ["preparation", false],
  ]);
  expect(rows[1]).toMatchObject({ preparationId: "blanched-fennel", needG: 14 * 60 });
  expect(rows.every(({ beginMin, minutes }) => Math.abs(beginMin + minutes - 1050) < 1e-9)).toBe(true);
});

test("a card nobody booked asks for nothing", () => {
  expect(prepList(ask({ cards: [{ spec: CHAR, covers: 0 }] }), COMMON_SHELF)).toEqual([]);
});

test("what is there is counted, and what ran low is asked for without a cover", () => {
  const [base, fennel] = prepList(ask(), COMMON_SHELF);
  const there = prepList(
    ask({
      baseHaveG: new Map([["beurre-blanc", base!.needG]]),
      shelfHaveG: new Map([["blanched-fennel", fennel!.needG]]),
    }),
    COMMON_SHELF,
  );
  expect(there.every(({ done }) => done)).toBe(true);
  const low = prepList(ask({ cards: [], low: ["caper-butter"] }), COMMON_SHELF);
  expect(low).toMatchObject([{ preparationId: "caper-butter", covers: 10, done: false }]);
});

test("what cannot wait is made at its call: last in the list, never there ahead", () => {
  const spec = { ...CHAR, garnishes: [{ preparationId: "blanched-fennel", massG: 60, waits: false }] };
  const rows = prepList(
    ask({ cards: [{ spec, covers: 14 }], shelfHaveG: new Map([["blanched-fennel", 9000]]) }),
    COMMON_SHELF,
  );
  expect(rows.at(-1)).toMatchObject({ preparationId: "blanched-fennel", atService: true, done: false, beginMin: 1080 });
  // one card that lets it wait is enough to make it ahead
  const both = [
    { spec, covers: 14 },
    { spec: CHAR, covers: 2 },
  ];
  expect(prepList(ask({ cards: both }), COMMON_SHELF).at(-1)).toMatchObject({ atService: false });
});

test("so many covers of a recipe always give what is missing", () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...PREPARATIONS.map(({ id }) => id)),
      fc.integer({ min: 1, max: 60 }),
      fc.integer({ min: 5, max: 150 }),
      fc.integer({ min: 0, max: 3000 }),
      (preparationId, covers, massG, haveG) => {
        const spec = { ...CHAR, sauce: null, garnishes: [{ preparationId, massG, waits: true }] };
        const [row] = prepList(
          ask({ cards: [{ spec, covers }], shelfHaveG: new Map([[preparationId, haveG]]) }),
          COMMON_SHELF,
        );
        if (row!.done) return haveG >= row!.needG - 1;
        // salt and strong things grow slower than the covers, so a little less than the sum of the lines
        const { madeG } = prepare(findPreparation(preparationId)!, row!.covers);
        return (
          madeG >= 0.8 * (row!.needG - haveG) && row!.covers <= 1 + (row!.needG - haveG) / (madeG / row!.covers) / 0.8
        );
      },
    ),
  );
});
