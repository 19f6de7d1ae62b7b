import { FORMS, formsFor } from "@/core/freshness";
import { findSpecies, SPECIES } from "@/core/species";
import fc from "fast-check";
import { PART_USE_IDS } from "./anatomy";
import { allocateBill, edibleCost, edibleShare, portionCost, skinOnShare } from "./cost";

test.each([
  // Torry Advisory Note 17 and FAO Fisheries Technical Paper 309 (memory, high), Crapo et al. 1993 (memory, high)
  { id: "cod", form: "whole-gutted", share: 0.45, room: 0.03 },
  { id: "atlantic-salmon", form: "whole-gutted", share: 0.57, room: 0.035 },
  { id: "atlantic-salmon", form: "side", share: 0.89, room: 0.04 },
  { id: "american-lobster", form: "live", share: 0.25, room: 0.03 },
  { id: "king-scallop", form: "live", share: 0.14, room: 0.04 },
  { id: "warm-water-prawn", form: "tails", share: 0.8, room: 0.06 },
  { id: "cod", form: "whole-ungutted", share: 0.3825, room: 0.03 },
] as const)("$id $form: $share of what was bought", ({ id, form, share, room }) => {
  expect(Math.abs(edibleShare(findSpecies(id)!, form) - share)).toBeLessThanOrEqual(room);
});

test.each([
  { id: "sea-bass", form: "whole-ungutted", share: 0.44, room: 0.04 },
  { id: "cod", form: "whole-gutted", share: 0.5, room: 0.035 },
  { id: "arctic-char", form: "whole-gutted", share: 0.62, room: 0.04 },
  { id: "mackerel", form: "whole-ungutted", share: 0.52, room: 0.04 },
] as const)("$id $form with its skin on: $share (common practice, Torry Advisory Note 17; memory)", (row) => {
  const species = findSpecies(row.id)!;
  expect(Math.abs(skinOnShare(species, row.form) - row.share)).toBeLessThanOrEqual(row.room);
  expect(skinOnShare(species, row.form)).toBeGreaterThan(edibleShare(species, row.form));
});

test("cost of an edible kilo is price over yield: cod at 11.50 and 45 % is 25.56 (arithmetic)", () => {
  const cost = edibleCost(findSpecies("cod")!, "whole-gutted", 1150)!;
  expect(cost.centsPerEdibleKg).toBeCloseTo(2555.6, 1);
  expect(cost.centsPerPortion).toBeCloseTo(434.4, 1);
});

test("no form yields nothing or more than itself, and cutting never raises the share of a whole", () => {
  for (const species of SPECIES) {
    for (const { id } of formsFor(species.group)) {
      const share = edibleShare(species, id);
      expect(share).toBeGreaterThan(0.03);
      expect(share).toBeLessThanOrEqual(1);
    }
  }
  // only what is cut here never comes through the door
  expect(FORMS.filter(({ kinds }) => kinds.length === 0).map(({ id }) => id)).toEqual(["by-product"]);
  expect(edibleCost(SPECIES[0]!, "by-product", 1000)).toBeNull();
});

test("cod, 6.0 kg gutted at 11.50: the usual worked example of costing (arithmetic; memory, high)", () => {
  const readyG = 6000 * 0.5 * 0.94;
  expect(readyG).toBeCloseTo(2820, 6);
  const cost = portionCost({
    billCents: 6900,
    readyG,
    portions: 16,
    credits: [
      { massG: 235.5, centsPerKg: 500 },
      { massG: 2700, centsPerKg: 80 },
    ],
  })!;
  expect(cost.centsPerReadyKg).toBeCloseTo(2446.8, 1);
  expect(cost.creditCents).toBeCloseTo(333.75, 2);
  expect(cost.centsPerPortionWithCredit / 100).toBeCloseTo(4.1, 2);
  expect(cost.centsPerPortion / 100).toBeCloseTo(4.31, 2);
  expect(portionCost({ billCents: 1, readyG: 0, portions: 0, credits: [] })).toBeNull();
});

test("whole against fillet: 11.50 at 47 % and 23.00 at 94 % cost the same (arithmetic)", () => {
  const perKg = (billCents: number, readyG: number) =>
    portionCost({ billCents, readyG, portions: 1, credits: [] })!.centsPerReadyKg;
  expect(perKg(1150, 470)).toBeCloseTo(perKg(2300, 940), 6);
});

test("a bill shared over parts loses no cent, and nothing used is free", () => {
  const one = fc.record({
    massG: fc.double({ min: 1, max: 9000, noNaN: true }),
    use: fc.constantFrom(...PART_USE_IDS),
  });
  fc.assert(
    fc.property(
      fc.array(one, { minLength: 1, maxLength: 8 }),
      fc.double({ min: 0, max: 1e6, noNaN: true }),
      (parts, bill) => {
        const shares = allocateBill(parts, bill);
        expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(bill, 3);
        for (const [index, share] of shares.entries())
          if (parts[index]!.use !== "waste" && bill > 1) expect(share).toBeGreaterThan(0);
      },
    ),
  );
});
