import { findSpecies } from "@/core/species";
import { allergensOf, namedAllergens } from "./allergens";
import { adviceFor, completeness, type TraceFacts } from "./provenance";

const cod: TraceFacts = {
  species: findSpecies("cod")!,
  form: "whole-gutted",
  production: "wild",
  area: "FAO 27.4.a",
  gear: "Longline",
  source: "Nattkrok",
  caughtOn: "2026-05-10",
  frozen: false,
  provenance: {
    subArea: "27.4.a",
    landingPlace: "Skarvholmen",
    supplierLot: "L-77",
    byCatch: false,
    defrosted: false,
    freezingStatement: false,
    clearedGround: false,
  },
};
const missing = (rule: "fda-2022" | "eu-853", facts: TraceFacts) =>
  completeness(rule, facts).missing.map(({ id }) => id);

test("a whole set of papers misses nothing under any rule set", () => {
  for (const rule of ["fda-2022", "eu-853"] as const) expect(missing(rule, cod)).toEqual([]);
});

test.each([
  // Reg. (EU) 1379/2013, Art. 35; Reg. (EC) 853/2004; FDA Food Code 2022, 3-202.18 (memory, high)
  {
    what: "EU asks whether it was frozen",
    rule: "eu-853",
    facts: { ...cod, provenance: { ...cod.provenance, defrosted: undefined } },
    lacks: "defrosted",
  },
  {
    what: "a shellfish without its tag",
    rule: "fda-2022",
    facts: { ...cod, species: findSpecies("mussel")!, form: "live" },
    lacks: "tag",
  },
  {
    what: "a shellfish without its label",
    rule: "eu-853",
    facts: { ...cod, species: findSpecies("mussel")!, form: "live" },
    lacks: "tag",
  },
  {
    what: "lobster: dipped or not",
    rule: "eu-853",
    facts: { ...cod, species: findSpecies("european-lobster")!, form: "live" },
    lacks: "additives",
  },
  { what: "smoked fish without its date", rule: "fda-2022", facts: { ...cod, form: "smoked" }, lacks: "useBy" },
  {
    what: "farmed fish without the letter on feed",
    rule: "fda-2022",
    facts: { ...cod, production: "farmed" },
    lacks: "feedStatement",
  },
  { what: "no catch date", rule: "fda-2022", facts: { ...cod, caughtOn: null }, lacks: "date" },
] as const)("$what", ({ rule, facts, lacks }) => {
  const found = completeness(rule, facts as TraceFacts).missing.find(({ id }) => id === lacks);
  expect(found).toMatchObject({ why: expect.stringMatching(/.{10}/), source: expect.stringMatching(/.{5}/) });
});

test("the US code does not ask whether it was frozen, and asks for area as good practice only", () => {
  expect(missing("fda-2022", { ...cod, provenance: {} })).not.toContain("defrosted");
  const area = completeness("fda-2022", { ...cod, area: "" }).missing.find(({ id }) => id === "area");
  expect(area?.weight).toBe("wise");
});

test("allergens: what it is, and what was put on it", () => {
  expect(allergensOf(findSpecies("mussel")!, {})).toEqual(["molluscs"]);
  expect(allergensOf(findSpecies("langoustine")!, { additives: ["E223"] })).toEqual(["crustaceans", "sulphites"]);
  expect(allergensOf(findSpecies("cod")!, { additives: [] })).toEqual(["fish"]);
});

test("the list of the rule set names them: no molluscs in the US, but the species of fish and crustacean (memory, high)", () => {
  const [mussel, cod] = [findSpecies("mussel")!, findSpecies("cod")!];
  expect(namedAllergens("fda-2022", mussel, ["molluscs", "milk"]).words).toEqual(["milk"]);
  expect(namedAllergens("eu-853", mussel, ["molluscs", "milk"]).words).toEqual(["molluscs", "milk"]);
  expect(namedAllergens("fda-2022", cod, ["fish", "gluten"]).words).toEqual(["fish (Atlantic cod)", "wheat"]);
});

test("advice: the closest entry wins, then the newest; none where area or gear do not fit", () => {
  const entry = (part: object) => ({
    speciesId: "cod",
    production: null,
    area: "",
    gear: "",
    issuedOn: "2026-01-01",
    ...part,
  });
  const lot = { speciesId: "cod", production: "wild", area: "FAO 27.4.a, Skarv Bank", gear: "Longline" };
  const any = entry({});
  const close = entry({ area: "27.4.a", gear: "longline" });
  const newer = entry({ area: "27.4.a", gear: "longline", issuedOn: "2026-02-01" });
  expect(adviceFor([any, close, newer], lot)).toBe(newer);
  expect(adviceFor([entry({ gear: "Trawl" })], lot)).toBeNull();
  expect(adviceFor([entry({ production: "farmed" }), any], lot)).toBe(any);
});
