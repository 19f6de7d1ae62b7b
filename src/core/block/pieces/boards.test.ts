import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { boardAllergen, boardUseFor, BOARD_COLOUR_IDS, crossContacts, USUAL_BOARDS, type BoardWork } from "./boards";

const colour = fc.constantFrom(...BOARD_COLOUR_IDS.slice(0, 3));
const allergen = fc.constantFrom("fish" as const, "crustaceans" as const, "molluscs" as const, null);
const work: fc.Arbitrary<BoardWork> = fc.record({
  atMs: fc.nat(1000),
  colour,
  allergen,
  what: fc.constantFrom("cod", "lobster", "scallop"),
});
const wash = fc.record({ atMs: fc.nat(1000), colour });

test("a board that was just washed carries nothing over", () => {
  fc.assert(
    fc.property(fc.array(work), fc.array(wash), colour, allergen, (works, washes, next, on) => {
      const washed = [...washes, { atMs: 1000, colour: next }];
      expect(crossContacts(works, washed, { colour: next, allergen: on, atMs: 1000 })).toEqual([]);
    }),
  );
});

test("what is carried over lay on that very board since its last wash, is another allergen, and is named once", () => {
  fc.assert(
    fc.property(fc.array(work), fc.array(wash), colour, allergen, (works, washes, next, on) => {
      const found = crossContacts(works, washes, { colour: next, allergen: on, atMs: 1000 });
      expect(new Set(found.map((one) => one.allergen)).size).toBe(found.length);
      const lastWash = Math.max(-1, ...washes.filter((one) => one.colour === next).map(({ atMs }) => atMs));
      for (const contact of found) {
        expect(contact.allergen).not.toBe(on);
        expect(contact.atMs).toBeGreaterThan(lastWash);
        expect(works).toContainEqual(expect.objectContaining({ ...contact, colour: next }));
      }
      // and nothing that was there is passed over
      const there = works.filter(
        (one) => one.colour === next && one.atMs > lastWash && one.allergen !== null && one.allergen !== on,
      );
      expect(found.map((one) => one.allergen).sort()).toEqual([...new Set(there.map((one) => one.allergen!))].sort());
    }),
  );
});

test("a second wash never makes it worse", () => {
  fc.assert(
    fc.property(fc.array(work), fc.array(wash), wash, colour, (works, washes, more, next) => {
      const asked = { colour: next, allergen: null, atMs: 1000 } as const;
      expect(crossContacts(works, [...washes, more], asked).length).toBeLessThanOrEqual(
        crossContacts(works, washes, asked).length,
      );
    }),
  );
});

test.each([
  ["cod", "side", false, "raw-fish", "fish"],
  ["king-scallop", "shucked", false, "raw-shellfish", "molluscs"],
  ["european-lobster", "cooked", false, "cooked-fish", "crustaceans"],
  ["brown-crab", "picked", false, "cooked-fish", "crustaceans"],
  ["arctic-char", "side", true, "raw-plates", "fish"],
  ["arctic-char", "smoked", false, "cooked-fish", "fish"],
] as const)("%s as %s, served raw %s: the board for it is %s and it leaves %s", (id, form, raw, use, leaves) => {
  const species = findSpecies(id)!;
  expect(boardUseFor(species, form, raw)).toBe(use);
  expect(boardAllergen(species)).toBe(leaves);
  expect(BOARD_COLOUR_IDS).toContain(USUAL_BOARDS[use]);
});
