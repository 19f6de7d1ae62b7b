import fc from "fast-check";
import { FAMILIES } from "@/core/butter";
import { METHOD_IDS, spotsOfMethod } from "@/core/cooking";
import { DEMO_CARDS } from "@/demo/data/cards";
import { forMany, USUAL_STATION } from "./forMany";
import { menuParts } from "./menuWords";

const SAUCE = { ...FAMILIES[0]!.spec, name: "White butter", goesWith: [] };
const loads = (id: string, covers: number, station = USUAL_STATION) =>
  forMany(DEMO_CARDS[id]!, SAUCE, covers, station).loads;

test("from four to twenty a second pan and a third, a second batch, and raw wants no pan", () => {
  expect(loads("char", 4)).toMatchObject([{ kind: "pan", spot: "burner", count: 1, rounds: 1 }]);
  expect(loads("char", 20)).toMatchObject([{ kind: "pan", count: 3, eachHolds: 7, rounds: 1 }]);
  expect(forMany(DEMO_CARDS["char"]!, SAUCE, 20, USUAL_STATION).batches).toBe(2);
  expect(loads("crudo", 20)).toEqual([]);
});

test("mussels want another pot, a roast another tray and, past the racks of the oven, another round", () => {
  expect(loads("mussels", 20)).toMatchObject([{ kind: "pot", spot: "burner", count: 4, eachHolds: 5 }]);
  const [few] = loads("monkfish", 8);
  const [many] = loads("monkfish", 60);
  expect(few).toMatchObject({ kind: "tray", spot: "oven", count: 1, rounds: 1 });
  expect(many!.count).toBeGreaterThan(2);
  expect(many!.rounds).toBe(Math.ceil(many!.count / 2));
  expect(loads("monkfish", 60, { ...USUAL_STATION, racks: 6 })[0]!.rounds).toBe(1);
});

test("every way of cooking that heats holds a spot of the station, and rests hold none", () => {
  for (const methodId of METHOD_IDS) {
    const spots = spotsOfMethod(methodId);
    expect([methodId, spots.some(({ spot }) => spot !== null)]).toEqual([methodId, true]);
    expect(spots.filter(({ stageId }) => stageId === "rest").every(({ spot }) => spot === null)).toBe(true);
    expect(spots.every(({ spot, ovenC }) => (spot === "oven") === (ovenC !== null))).toBe(true);
  }
});

test("more covers never want fewer pans, pots or rounds", () => {
  fc.assert(
    fc.property(
      fc.constantFrom("char", "mussels", "monkfish", "turbot"),
      fc.integer({ min: 1, max: 199 }),
      (id, covers) => {
        const [before, after] = [loads(id, covers), loads(id, covers + 1)];
        return before.every((one, index) => one.count <= after[index]!.count && one.count * one.eachHolds >= covers);
      },
    ),
  );
});

test("a menu names the fish, its sauce and what leans on it, never the salt", () => {
  const from = { kind: "good", ingredientId: "salt" } as const;
  const part = {
    massG: 1,
    fatG: 0,
    proteinG: 0,
    sugarG: 0,
    saltG: 0,
    alcoholG: 0,
    cents: null,
    allergens: {} as never,
  };
  expect(
    menuParts([
      { ...part, role: "finish", label: "Fine salt", from },
      { ...part, role: "garnish", label: "Fennel, blanched", from: { kind: "preparation", preparationId: "f" } },
      { ...part, role: "medium", label: "Butter, unsalted", from },
      { ...part, role: "piece", label: "Arctic char", from: { kind: "species", speciesId: "arctic-char" } },
      { ...part, role: "sauce", label: "White butter", from: { kind: "sauce", specId: "w" } },
    ]),
  ).toEqual(["Arctic char", "white butter", "blanched fennel"]);
});
