import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { crossContacts, USUAL_BOARDS, type BoardWork } from "./boards";
import { dealPlates, planCount, sizeOfCount } from "./counting";
import { airDryMin, plainPiece, prepare, temperAfter, temperTime, type PreparationStep } from "./prepared";
import { planCrust, planRounds, rollUp } from "./rounds";
import { english } from "@/words/english.testkit";

describe("rounds, rolls and crusts", () => {
  const loin = { lengthMm: 300, widthMm: 150, thicknessMm: 90, portionG: 170, heightMm: 50 };
  test("a tuna round of 170 g and 50 mm is 64 mm wide (arithmetic: πd²h/4 at 1050 kg/m³)", () => {
    const planned = planRounds(loin);
    expect(planned).toMatchObject({
      ok: true,
      value: { diameterMm: expect.closeTo(64.2, 1), perSlice: 2, slices: 6, rounds: 12 },
    });
  });
  test("what does not fit is refused with what to change", () => {
    const refused = planRounds({ ...loin, thicknessMm: 60, heightMm: 30 });
    expect(!refused.ok && english(refused.error)).toMatch(/does not fit the loin: make it taller, or lighter/);
  });
  test("no flesh made: rounds and offcut are the loin", () => {
    const planned = planRounds(loin);
    if (!planned.ok) throw new Error(planned.error.code);
    const loinG = (Math.PI / 4) * 150 * 90 * 300 * 1.05e-3;
    expect(planned.value.rounds * 170 + planned.value.offcutG).toBeCloseTo(loinG, 6);
  });
  test("a roll keeps the cross-section of its strip", () => {
    const roll = rollUp(200, 70, 8);
    expect((Math.PI / 4) * roll.diameterMm ** 2).toBeCloseTo(200 * 8, 6);
    expect(roll.turns).toBeGreaterThan(2);
  });
  test("bread: small portions share a slice, large ones take two", () => {
    const loaf = { widthMm: 110, heightMm: 100, sliceMm: 2 };
    expect(planCrust({ lengthMm: 50, widthMm: 90 }, loaf, 8)).toMatchObject({ slicesPerPortion: 0.5, slices: 4 });
    expect(planCrust({ lengthMm: 150, widthMm: 60 }, loaf, 8)).toMatchObject({ slicesPerPortion: 2, slices: 16 });
  });
});

describe("by count", () => {
  test("18 to the pound: 39.7 a kilo, 25.2 g each; 2.0 kg with 20 % glaze is 1.60 kg (arithmetic; memory, high)", () => {
    expect(sizeOfCount(18).piecesPerKg).toBeCloseTo(39.7, 1);
    expect(sizeOfCount(18).eachG).toBeCloseTo(25.2, 1);
    expect(planCount({ packG: 2000, glazeShare: 0.2, perPound: 18, peeledShare: 0.8, perCover: 6 })).toMatchObject({
      netG: 1600,
      pieces: 63,
      covers: 10,
      peeledEachG: expect.closeTo(20.2, 1),
    });
  });

  const grams = fc.array(fc.double({ min: 15, max: 55, noNaN: true }), { minLength: 3, maxLength: 24 });
  test("laws: every scallop on a plate or left over; like sizes are the least uneven; dealing evenly never spreads more", () => {
    fc.assert(
      fc.property(grams, fc.integer({ min: 2, max: 4 }), (weights, perPlate) => {
        const [size, weight] = (["same-size", "same-weight"] as const).map((school) =>
          dealPlates(weights, perPlate, school),
        );
        for (const dealt of [size!, weight!]) {
          expect([...dealt.plates.flat(), ...dealt.leftOver].sort()).toEqual([...weights].sort());
          for (const plate of dealt.plates) expect(plate).toHaveLength(perPlate);
        }
        expect(size!.unevenG).toBeLessThanOrEqual(weight!.unevenG + 1e-9);
        expect(weight!.spreadG).toBeLessThanOrEqual(size!.spreadG + 1e-9);
      }),
    );
  });
  test("six scallops on two plates: dealt as even as every way of trying", () => {
    const weights = [44, 38, 33, 31, 27, 22];
    let best = Infinity;
    for (let a = 0; a < 6; a++)
      for (let b = a + 1; b < 6; b++)
        for (let c = b + 1; c < 6; c++) {
          const one = weights[a]! + weights[b]! + weights[c]!;
          best = Math.min(best, Math.abs(195 - 2 * one));
        }
    expect(dealPlates(weights, 3, "same-weight").spreadG).toBeCloseTo(best, 9);
  });
});

describe("prepared pieces", () => {
  const cod = findSpecies("cod")!;
  const plain = plainPiece(cod, 170, 30);
  const done = (...steps: PreparationStep[]) => {
    const prepared = prepare(cod, plain, steps);
    if (!prepared.ok) throw new Error(prepared.error.code);
    return prepared.value;
  };
  test("composition stays a hundred and salt shows in the ash", () => {
    const brined = done({ kind: "brined", brinePct: 5, minutes: 20 });
    const { water, protein, fat, carbohydrate, ash } = brined.composition;
    const before = Object.values(cod.compositionPct).reduce((sum, one) => sum + one, 0);
    expect(Math.abs(water + protein + fat + carbohydrate + ash - before)).toBeLessThan(1);
    expect(ash).toBeGreaterThan(cod.compositionPct.ash + 0.2);
    expect(english(brined.notes[0])).toMatch(/% salt/);
  });
  test("equilibrium brine: 1.2 % of fish and water, one to one, ends at 1.07 % in cod of 81 % water (arithmetic)", () => {
    const evened = done({ kind: "evened", targetPct: 1.2, waterPerFish: 1 });
    const water = cod.compositionPct.water / 100;
    const expected = (2.4 * water) / (1 + water);
    expect(english(evened.notes[0])).toContain(`${expected.toFixed(1)} % salt`);
  });
  test("each carries its shape: rolled and tied are round, breaded and stuffed thicker, stuffed under its own rule", () => {
    expect(done({ kind: "rolled", lengthMm: 180, widthMm: 60 }).shape).toBe("cylinder");
    expect(done({ kind: "tied", widthMm: 60 }).thicknessMm).toBeCloseTo(Math.sqrt((4 * 30 * 60) / Math.PI), 9);
    expect(done({ kind: "breaded", coatMm: 2 })).toMatchObject({ thicknessMm: 34 });
    const stuffed = done({ kind: "stuffed", stuffingG: 60 });
    expect(stuffed).toMatchObject({ stuffed: true, massG: 230 });
    expect(stuffed.thicknessMm).toBeGreaterThan(30);
    expect(prepare(cod, plain, [{ kind: "stuffed", stuffingG: 400 }]).ok).toBe(false);
    expect(english(done({ kind: "skewered" }).notes[0])).toMatch(/draw it/);
  });
  test("tempering: 20 °C room takes a 30 mm piece from 3 to about 6-9 °C in 30 min; never past the room; longer is warmer", () => {
    const half = temperAfter(plain, 20, 30);
    expect(half.meanC).toBeGreaterThan(5);
    expect(half.meanC).toBeLessThan(10);
    expect(half.surfaceC).toBeGreaterThan(half.centreC);
    expect(temperAfter(plain, 20, 600).meanC).toBeLessThan(20.01);
    expect(temperAfter(plain, 20, 60).meanC).toBeGreaterThan(half.meanC);
    // lumped body (small Biot number): mean after t from exp(-hA t / mc), 5 % wide
    const decay = Math.exp((-12 * 2 * 1800) / (1050 * 3750 * 0.03));
    expect(Math.abs(half.meanC - (20 - 17 * decay))).toBeLessThan(0.6);
    const minutes = temperTime(plain, 20, 8)!;
    expect(temperAfter(plain, 20, minutes).meanC).toBeCloseTo(8, 1);
    expect(temperTime(plain, 6, 8)).toBeNull();
  });
  test("drying: a rinsed face takes hours in still cold air, a patted one by a fan under an hour and a half; patting always helps", () => {
    expect(airDryMin("rinsed", "still") / 60).toBeGreaterThan(6);
    expect(airDryMin("patted", "fan")).toBeLessThan(100);
    expect(airDryMin("patted", "room")).toBeLessThan(airDryMin("patted", "still"));
  });
});

test("boards: another allergen since the last wash is named, the same one or a washed board is not", () => {
  const colour = USUAL_BOARDS["raw-fish"];
  const work: readonly BoardWork[] = [
    { atMs: 1, colour, allergen: "crustaceans", what: "lobster" },
    { atMs: 5, colour, allergen: "fish", what: "cod" },
    { atMs: 6, colour: "yellow", allergen: "molluscs", what: "mussels" },
  ];
  const next = { colour, allergen: "fish", atMs: 9 } as const;
  expect(crossContacts(work, [], next)).toEqual([{ allergen: "crustaceans", what: "lobster", atMs: 1 }]);
  expect(crossContacts(work, [{ atMs: 3, colour }], next)).toEqual([]);
  expect(crossContacts(work, [{ atMs: 3, colour: "yellow" }], next)).toHaveLength(1);
});
