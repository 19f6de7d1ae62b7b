import { FORMS, formsFor } from "@/core/freshness";
import { findSpecies, SPECIES } from "@/core/species";
import { edibleCost, edibleShare } from "./cost";

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

test("cost of an edible kilo is price over yield: cod at 11.50 and 45 % is 25.56 (arithmetic)", () => {
  const cost = edibleCost(findSpecies("cod")!, "whole-gutted", 1150);
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
  expect(FORMS.every(({ kinds }) => kinds.length > 0)).toBe(true);
});
