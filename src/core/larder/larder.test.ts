import fc from "fast-check";
import { sum } from "@/core/numeric";
import { ALLERGEN_IDS } from "@/core/safety";
import { allergensByLabel, allergenStates, allergensTogether, type Allergens, type AllergenState } from "./allergens";
import { centsOf, shareCents } from "./cents";
import { partItemId } from "./item";

const weights = fc.array(fc.integer({ min: 0, max: 50_000 }), { minLength: 1, maxLength: 12 });
const cents = fc.integer({ min: 0, max: 2_000_000 });

test("whole cents shared by weight: none is made and none is lost, and who weighs more never gets less", () => {
  fc.assert(
    fc.property(cents, weights, (all, grams) => {
      const shares = shareCents(all, grams);
      expect(sum(shares)).toBe(sum(grams) > 0 ? all : 0);
      for (const [index, share] of shares.entries()) {
        expect(Number.isInteger(share) && share >= 0).toBe(true);
        const exact = sum(grams) > 0 ? (all * grams[index]!) / sum(grams) : 0;
        expect(Math.abs(share - exact)).toBeLessThan(1);
        for (const [other, less] of grams.entries())
          if (less < grams[index]!) expect(shares[other]!).toBeLessThanOrEqual(share);
      }
    }),
  );
});

test("what is taken out of a lot in any parts, and then the rest, costs what the lot cost", () => {
  fc.assert(
    fc.property(cents, fc.integer({ min: 1, max: 90_000 }), weights, (paid, massG, takes) => {
      let [leftG, leftCents, taken] = [massG, paid, 0];
      for (const want of [...takes, Number.MAX_SAFE_INTEGER]) {
        const now = centsOf(leftCents, leftG, want);
        expect(now).toBeGreaterThanOrEqual(0);
        expect(now).toBeLessThanOrEqual(leftCents);
        taken += now;
        leftCents -= now;
        leftG = Math.max(0, leftG - want);
      }
      expect([taken, leftCents]).toEqual([paid, 0]);
    }),
  );
});

const state = fc.constantFrom<AllergenState>("contains", "may", "unknown", "free");
const allergens: fc.Arbitrary<Allergens> = fc
  .array(state, { minLength: ALLERGEN_IDS.length, maxLength: ALLERGEN_IDS.length })
  .map((states) => allergenStates((id) => states[ALLERGEN_IDS.indexOf(id)]!));
const RANK = ["contains", "may", "unknown", "free"];

test("together: the order does not matter, nothing added makes a dish freer, and free is what all of them say", () => {
  fc.assert(
    fc.property(fc.array(allergens, { minLength: 1, maxLength: 5 }), allergens, (things, more) => {
      const one = allergensTogether(things);
      expect(allergensTogether(things.toReversed())).toEqual(one);
      expect(allergensTogether([one, one])).toEqual(one);
      const all = allergensTogether([...things, more]);
      for (const id of ALLERGEN_IDS) {
        expect(RANK.indexOf(all[id])).toBeLessThanOrEqual(RANK.indexOf(one[id]));
        expect(all[id] === "free").toBe([...things, more].every((thing) => thing[id] === "free"));
      }
    }),
  );
});

test("a label that was not read to the end frees nothing", () => {
  fc.assert(
    fc.property(fc.subarray([...ALLERGEN_IDS]), (contains) => {
      const [half, whole] = [allergensByLabel(contains, false), allergensByLabel(contains, true)];
      for (const id of ALLERGEN_IDS) {
        expect(half[id]).toBe(contains.includes(id) ? "contains" : "unknown");
        expect(whole[id]).toBe(contains.includes(id) ? "contains" : "free");
      }
    }),
  );
});

test("a part of an animal is one thing in the larder, whoever names it", () => {
  expect(partItemId("cod", "side", null)).toBe(partItemId("cod", "side", ""));
  expect(partItemId("cod", "side", "Belly")).not.toBe(partItemId("cod", "side", null));
});
