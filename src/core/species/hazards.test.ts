import { findSpecies, SPECIES } from "./catalogue";
import { FAMILIES } from "./data/families";
import { carries, decidingFamily, familyOf, hazardsOf, histamineOf } from "./hazards";
import { houseSpecies, type HouseSpecies } from "./own";

const own = (part: Partial<HouseSpecies>): HouseSpecies => ({
  id: "own",
  name: "Own fish",
  scientificName: "Nomen novum",
  family: null,
  marketNames: [],
  likeId: "cod",
  iceLifeDays: 10,
  skinlessPct: 40,
  histamineFormer: "no",
  rawUse: "usual",
  ...part,
});
const asSeen = (part: Partial<HouseSpecies>) => houseSpecies(own(part), findSpecies(part.likeId ?? "cod")!);

test("of a family nobody knows nothing is known: no hazard is ruled out", () => {
  for (const family of [null, "Nobodyidae", "constructor", "__proto__"]) {
    expect(hazardsOf(family, "lean-round")).toBeNull();
    expect(familyOf({ family, scientificName: "Nomen novum" })).toBeUndefined();
  }
  expect(carries({ hazards: null }, "histamine")).toBe("unknown");
});

test("a likeness lends cuts and composition and never takes a hazard away", () => {
  for (const { id, hazards } of SPECIES) {
    const like = asSeen({ likeId: id, family: "Scombridae", scientificName: "Scomber novus" });
    for (const hazard of FAMILIES["Scombridae"]!.hazards) expect(like.hazards).toContain(hazard);
    expect(like.histamineFormer).toBe("yes");
    expect(hazards).not.toBeUndefined();
  }
});

test("what the house said of histamine stands unless its family forms more", () => {
  expect(histamineOf("Scombridae", "no")).toBe("yes");
  expect(histamineOf("Gadidae", "yes")).toBe("yes");
  expect(histamineOf(null, "some")).toBe("some");
  expect(histamineOf("Nobodyidae", "no")).toBe("no");
});

// Tetraodontidae carry tetrodotoxin (FDA Fish and Fishery Products Hazards and Controls Guidance, ch. 6; memory, high)
test.each(["Takifugu rubripes", "Lagocephalus sceleratus"])(
  "%s is what it is, whatever family was written beside it",
  (name) => {
    expect(decidingFamily("Gadidae", name)).toBe("Tetraodontidae");
    const seen = asSeen({ family: "Gadidae", scientificName: name });
    expect(carries(seen, "tetrodotoxin")).toBe("yes");
  },
);

test("every animal of the table knows its family, and its family knows its hazards", () => {
  for (const species of SPECIES) {
    expect([species.id, familyOf(species) !== undefined]).toEqual([species.id, true]);
    expect([species.id, species.hazards !== null]).toEqual([species.id, true]);
  }
});

// FDA Hazards Guide, ch. 3, tables of potential hazards by species (memory, high)
test.each([
  ["mackerel", "histamine", "yes"],
  ["yellowfin-tuna", "histamine", "yes"],
  ["cod", "histamine", "no"],
  ["cod", "parasites", "yes"],
  ["pacific-oyster", "vibrio", "yes"],
  ["pacific-oyster", "norovirus", "yes"],
  ["king-scallop", "histamine", "no"],
] as const)("%s, %s: %s", (id, hazard, answer) => {
  const species = findSpecies(id) ?? SPECIES.find(({ name }) => name.toLowerCase().includes(id))!;
  expect(carries(species, hazard)).toBe(answer);
});
