import fc from "fast-check";
import { METHODS } from "@/core/cooking";
import { COMMON_SHELF, findPreparation, labelStates } from "@/core/butter";
import { ALLERGEN_IDS, ALLERGEN_LISTS } from "@/core/safety";
import {
  allergenLines,
  centsPerSold,
  componentsOf,
  COOKING_MEDIA,
  coversLeft,
  dishOf,
  modified,
  netOfTax,
  piecesThere,
  type Demand,
} from "@/core/cards";
import { BEURRE_BLANC, CHAR, lotOf, worldOf } from "./cards.testkit";

const withPiece = (part: Partial<typeof CHAR.piece>) => ({ ...CHAR, piece: { ...CHAR.piece, ...part } });
const codes = (dish: ReturnType<typeof dishOf>) => dish.advisories.map(({ code }) => code);

describe("allergens of a dish", () => {
  // Reg. (EU) 1169/2011, Annex II: fourteen; FALCPA and the FASTER Act: nine, sulphites declared apart; memory, high
  test("the lists are fourteen and nine", () => {
    expect(ALLERGEN_LISTS["eu-853"].named).toHaveLength(14);
    expect(ALLERGEN_LISTS["uk-2013"].named).toHaveLength(14);
    expect(ALLERGEN_LISTS["fda-2022"].named.filter((id) => id !== "sulphites")).toHaveLength(9);
  });

  test("are those of its fish, its baste, its sauce with the wine in it, its garnish and its finish", () => {
    const lines = allergenLines(dishOf(CHAR, worldOf()).allergens, "eu-853");
    expect(lines.map(({ id, state }) => `${id} ${state}`)).toEqual([
      "fish contains",
      "milk contains",
      "sulphites contains",
    ]);
  });

  test.each(METHODS.map(({ id, brings }) => ({ id, brings })))(
    "$id brings at least what the way itself names",
    ({ id, brings }) => {
      const dish = dishOf({ ...withPiece({ methodId: id }), sauce: null, garnishes: [], finish: [] }, worldOf());
      for (const allergen of brings) expect(dish.allergens[allergen]).toBe("contains");
    },
  );

  test("whole pieces come out of one lot each, and only out of what may serve them", () => {
    const lots = [lotOf("arctic-char", { skinOnG: 440 }), lotOf("arctic-char", { skinOnG: 310 })];
    expect(piecesThere(CHAR, lots)).toBe(4);
    expect(piecesThere(CHAR, [...lots, lotOf("arctic-char", { skinOnG: 900, over: true }), lotOf("cod")])).toBe(4);
  });
  test("each says what goes in for it, the stock drawn, the spots it holds and whose hands it wants", () => {
    const stocked = {
      ...BEURRE_BLANC,
      base: [...BEURRE_BLANC.base, { ingredientId: "fish-stock", massG: 100 * BEURRE_BLANC.covers }],
    };
    const world = worldOf({ sauceOf: () => stocked });
    const parts = componentsOf({ ...CHAR, hands: [{ part: "sauce", who: "Post one" }] }, world);
    const [piece, sauce, fennel] = ["piece", "sauce", "garnish"].map((role) => parts.find((one) => one.role === role)!);
    // 9000 g whole give 4500 g: a piece of 150 g takes 300 g of the animal
    expect(piece!.takesG).toBeCloseTo(300, 6);
    expect(piece!.spots).toContain("burner");
    expect(piece!.who).toBeUndefined();
    expect(sauce!.who).toBe("Post one");
    expect(sauce!.draws).toEqual([{ ingredientId: "fish-stock", label: expect.any(String), massG: 100 }]);
    expect(sauce!.takesG).toBeGreaterThan(sauce!.massG);
    const { yieldShare } = findPreparation("blanched-fennel")!;
    expect(fennel!.takesG! * yieldShare).toBeCloseTo(fennel!.massG, 6);
  });
  test("no medium brings an allergen its method does not own up to, but sulphites of wine and fish of stock", () => {
    for (const { id, brings } of METHODS)
      for (const { ingredientId } of COOKING_MEDIA[id] ?? []) {
        const states = labelStates(COMMON_SHELF.get(ingredientId)!);
        const own = ALLERGEN_IDS.filter((one) => states[one] === "contains" && one !== "sulphites" && one !== "fish");
        expect({ id, own: own.filter((one) => !brings.includes(one)) }).toEqual({ id, own: [] });
      }
  });

  test("what is not known never speaks for a dish", () => {
    const unknown = { ...CHAR, sauce: { specId: "gone", share: 1, apart: false } };
    expect(dishOf(unknown, worldOf()).allergens.nuts).toBe("unknown");
    const unlabelled = { ...CHAR, finish: [{ ingredientId: "own-nothing", massG: 2 }] };
    expect(dishOf(unlabelled, worldOf()).allergens.sesame).toBe("unknown");
    const mixture = { ...CHAR, finish: [{ ingredientId: "soy-sauce", massG: 2 }] };
    expect(dishOf(mixture, worldOf()).allergens).toMatchObject({ soy: "contains", sesame: "unknown" });
  });

  test("new crumbs with sesame change the dish at once", () => {
    const crumbs = {
      ...COMMON_SHELF.get("wheat-flour")!,
      id: "own-crumbs",
      label: "Crumbs",
      allergens: ["gluten", "sesame"] as const,
    };
    const shelf = new Map([...COMMON_SHELF, ["own-crumbs", crumbs] as const]);
    const card = { ...CHAR, finish: [{ ingredientId: "own-crumbs", massG: 4 }] };
    expect(dishOf(card, worldOf({ shelf })).allergens.sesame).toBe("contains");
  });

  test("what went through the fryer since its oil was changed may be on the piece", () => {
    const fried = withPiece({ methodId: "deep-fry" });
    expect(dishOf(fried, worldOf({ inFryer: ["crustaceans"] })).allergens.crustaceans).toBe("may");
    expect(dishOf(CHAR, worldOf({ inFryer: ["crustaceans"] })).allergens.crustaceans).toBe("free");
  });

  test("treated shrimp brings its sulphites; without a lot nobody knows", () => {
    const shrimp = withPiece({ speciesIds: ["cold-water-shrimp"], methodId: "plancha" });
    const bare = { ...shrimp, sauce: null, garnishes: [], finish: [] };
    const treated = [lotOf("cold-water-shrimp", { brings: ["sulphites"] })];
    expect(dishOf(bare, worldOf({ lots: treated })).allergens.sulphites).toBe("contains");
    expect(dishOf(bare, worldOf({ lots: [] })).allergens.sulphites).toBe("unknown");
  });
});

test("any lot that can serve a piece may be the one on the plate: all of them are said", () => {
  const bare = { ...withPiece({ speciesIds: ["cod", "cold-water-shrimp"], methodId: "steam" }), sauce: null };
  const card = { ...bare, garnishes: [], finish: [] };
  const lots = [
    lotOf("cod", { cookDaysLeft: 1 }),
    lotOf("cold-water-shrimp", { cookDaysLeft: 3 }),
    lotOf("cold-water-shrimp", { id: "treated", brings: ["sulphites"] }),
  ];
  const contains = { fish: "contains", crustaceans: "contains" };
  expect(dishOf(card, worldOf({ lots })).allergens).toMatchObject({ ...contains, sulphites: "contains" });
  expect(dishOf(card, worldOf({ lots: [] })).allergens).toMatchObject({ ...contains, sulphites: "unknown" });
});

describe("changed for a guest", () => {
  test("no milk: butter leaves baste and sauce, oil takes its place, and the whole dish is free of it", () => {
    const { dish, card, changes, cannot } = modified(CHAR, { kind: "free-of", allergen: "milk" }, worldOf());
    expect(cannot).toBeNull();
    expect(dish.allergens.milk).toBe("free");
    expect(card.piece.methodId).toBe("skin-then-oven");
    expect(changes.map(({ code }) => code)).toEqual(["cards.oilForButter", "cards.mediumSwap"]);
    // the fish and the wine are still there
    expect(dish.allergens).toMatchObject({ fish: "contains", sulphites: "contains" });
  });
  test("no fish of a fish is another dish", () => {
    expect(modified(CHAR, { kind: "free-of", allergen: "fish" }, worldOf()).cannot?.code).toBe("cards.thePieceHasIt");
  });
  test("a thing nobody knows is not taken out by hoping", () => {
    const mixture = { ...CHAR, garnishes: [], finish: [{ ingredientId: "soy-sauce", massG: 2 }] };
    const { dish, changes } = modified(mixture, { kind: "free-of", allergen: "sesame" }, worldOf());
    expect(changes.map(({ code }) => code)).toContain("cards.leftOff");
    expect(dish.allergens.sesame).toBe("free");
  });
  test("whatever is asked out is out, or the dish is not served so", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...ALLERGEN_IDS),
        fc.constantFrom(...METHODS.map(({ id }) => id)),
        fc.constantFrom("caper-butter", "garlic-oil", "lemon-mayonnaise", "celeriac-puree", "blanched-fennel"),
        (allergen, methodId, preparationId) => {
          const card = { ...withPiece({ methodId }), garnishes: [{ preparationId, massG: 30, waits: true }] };
          const found = modified(card, { kind: "free-of", allergen }, worldOf());
          return found.cannot !== null || found.dish.allergens[allergen] === "free";
        },
      ),
    );
  });
  test("cooked through ends the advisory; half is half of everything", () => {
    expect(codes(dishOf(CHAR, worldOf()))).toContain("cards.underCooked");
    expect(codes(modified(CHAR, { kind: "cooked-through" }, worldOf()).dish)).not.toContain("cards.underCooked");
    const whole = dishOf({ ...CHAR, sauce: null }, worldOf());
    const half = modified({ ...CHAR, sauce: null }, { kind: "half" }, worldOf()).dish;
    const media = whole.components.filter(({ role }) => role === "medium").reduce((sum, { massG }) => sum + massG, 0);
    expect(half.massG - media).toBeCloseTo((whole.massG - media) / 2, 6);
    expect(modified(withPiece({ use: "raw" }), { kind: "cooked-through" }, worldOf()).cannot).not.toBeNull();
  });
});

describe("cost", () => {
  // 115.62 over 30 portions, one wasted; 34.00 with 25 % tax
  test("a lot over the portions that were sold", () => {
    expect(Math.round(centsPerSold(11_562, 0, 30, 0)!)).toBe(385);
    expect(Math.round(centsPerSold(11_562, 0, 30, 1)!)).toBe(399);
    expect(centsPerSold(11_562, 0, 1, 1)).toBeNull();
    expect(netOfTax(3400, 25)).toBeCloseTo(2720, 9);
  });
  test("is its parts and the house's figure, per cent of the price net of tax", () => {
    const { components, cost } = dishOf(CHAR, worldOf());
    const parts = components.reduce((sum, { cents }) => sum + cents!, 0);
    expect(components.find(({ role }) => role === "piece")!.cents).toBeCloseTo(385.4, 1);
    expect(cost.highCents).toBeCloseTo(parts + 35, 6);
    expect(cost.pctOfNet).toBeCloseTo((100 * cost.highCents!) / 2720, 6);
  });
  test("without a price of everything in it no cost is said", () => {
    const { cost } = dishOf(CHAR, worldOf({ goodsCents: new Map() }));
    expect(cost).toMatchObject({ highCents: null, pctOfNet: null, overTarget: false });
    expect(cost.unpriced.length).toBeGreaterThan(0);
  });
  test("a dearer lot raises the alarm", () => {
    const lots = [lotOf("arctic-char", { id: "dear", remainingCents: 60_000 }), lotOf("arctic-char")];
    const { cost } = dishOf(CHAR, worldOf({ lots }));
    expect(cost.lowCents!).toBeLessThan(cost.highCents!);
    expect(cost.overTarget).toBe(true);
  });
});

describe("covers left as one joint answer", () => {
  const demand = (cardId: string, massG: number, lotIds: readonly string[], reserved = 0): Demand => ({
    cardId,
    massG,
    lotIds,
    reserved,
  });
  const left = (demands: readonly Demand[], lots: Readonly<Record<string, number>>) =>
    coversLeft(
      demands,
      Object.entries(lots).map(([id, edibleG]) => ({ id, edibleG })),
    ).map(({ cardId, covers, short }) => [cardId, covers, short]);

  // mussel pot of 500 g from 12 kg: 24; twenty reserved leave four for the other card that wants them
  test("twenty pots reserved leave four, whoever asks", () => {
    expect(left([demand("pot", 500, ["m"])], { m: 12_000 })).toEqual([["pot", 24, 0]]);
    const both = left([demand("pot", 500, ["m"], 20), demand("sauce", 500, ["m"])], { m: 12_000 });
    expect(both).toEqual([
      ["pot", 4, 0],
      ["sauce", 4, 0],
    ]);
  });
  test("thirty of 150 g out of 6.9 kg at 44 % are twenty", () => {
    expect(left([demand("bass", 150, ["b"], 30)], { b: 6900 * 0.44 })).toEqual([["bass", 0, 10]]);
    expect(left([demand("bass", 150, ["b"])], { b: 6900 * 0.44 })).toEqual([["bass", 20, 0]]);
  });

  /** Every way to hand the pieces out. */
  function brute(
    demands: readonly Demand[],
    lots: Readonly<Record<string, number>>,
    asked: readonly number[],
  ): boolean {
    const [at] = asked.map((open, index) => (open > 0 ? index : -1)).filter((index) => index >= 0);
    if (at === undefined) return true;
    return demands[at]!.lotIds.some((id) => {
      const has = lots[id] ?? 0;
      if (has < demands[at]!.massG) return false;
      return brute(demands, { ...lots, [id]: has - demands[at]!.massG }, asked.with(at, asked[at]! - 1));
    });
  }
  test("is what trying every way gives", () => {
    const lotIds = fc.subarray(["a", "b", "c"], { minLength: 1 });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.integer({ min: 2, max: 5 }), lotIds, fc.nat(1)), { minLength: 1, maxLength: 3 }),
        fc.tuple(fc.nat(9), fc.nat(9), fc.nat(9)),
        (cards, [a, b, c]) => {
          const lots = { a, b, c };
          const demands = cards.map(([massG, ids, reserved], index) => demand(`card${index}`, massG, ids, reserved));
          const reserved = demands.map((one) => one.reserved);
          if (!brute(demands, lots, reserved)) return true;
          const answers = left(demands, lots);
          return demands.every((_, index) => {
            const covers = Number(answers[index]![1]);
            const asks = (more: number) => reserved.with(index, reserved[index]! + more);
            return brute(demands, lots, asks(covers)) && !brute(demands, lots, asks(covers + 1));
          });
        },
      ),
      { numRuns: 60 },
    );
  });
});
