import { findSpecies, SPECIES, type Form } from "@/core/species";
import { daysFromQualityIndex, PUBLISHED_SCHEMES, slopePerDay } from "./data/publishedSchemes";
import { SCHEMES } from "./data/schemes";
import { lifeOnIceDays, liveStorageOf } from "./inspection";
import type { Grade } from "./attribute";
import { formsFor, schemeFor, usualForm } from "./scheme";
import { deathGrade, judgeAtDoor as judge, type DoorFacts } from "./verdict";
import { english } from "@/words/english.testkit";

const judgeAtDoor = (facts: DoorFacts) => english(judge(facts));

test.each([
  { id: "cod", form: "whole-gutted", frozen: false, scheme: "whole-round" },
  { id: "turbot", form: "whole-gutted", frozen: false, scheme: "flatfish" },
  { id: "arctic-char", form: "whole-gutted", frozen: false, scheme: "salmonid" },
  { id: "arctic-char", form: "side", frozen: false, scheme: "fillet" },
  { id: "arctic-char", form: "smoked", frozen: false, scheme: "smoked" },
  { id: "yellowfin-tuna", form: "loin", frozen: false, scheme: "tuna-loin" },
  { id: "european-lobster", form: "live", frozen: false, scheme: "live-crustacean" },
  { id: "langoustine", form: "raw-whole", frozen: false, scheme: "raw-shrimp" },
  { id: "brown-crab", form: "picked", frozen: false, scheme: "cooked-crustacean" },
  { id: "mussel", form: "live", frozen: false, scheme: "live-bivalve" },
  { id: "king-scallop", form: "shucked", frozen: false, scheme: "shucked-bivalve" },
  { id: "squid", form: "raw-whole", frozen: false, scheme: "cephalopod" },
  { id: "trout-roe", form: "loose-eggs", frozen: false, scheme: "roe" },
  { id: "sea-urchin", form: "live", frozen: false, scheme: "urchin" },
  { id: "octopus", form: "cleaned", frozen: true, scheme: "frozen" },
] as const)("$id, $form, frozen $frozen: looked at as $scheme", ({ id, form, frozen, scheme }) => {
  expect(schemeFor(findSpecies(id)!, form, frozen).id).toBe(scheme);
});

test("every scheme has words of its own for every grade and at least one sign that decides alone, unless nothing smells", () => {
  for (const { id, attributes } of Object.values(SCHEMES)) {
    expect(new Set(attributes.map((attribute) => attribute.id)).size).toBe(attributes.length);
    for (const { words } of attributes) expect(new Set(words).size).toBe(4);
    expect([id, attributes.some(({ decisive }) => decisive)]).toEqual([id, true]);
  }
});

test("every species has a usual form among its own, and a life in each", () => {
  for (const species of SPECIES) {
    const forms = formsFor(species.group).map(({ id }) => id);
    expect(forms).toContain(usualForm(species));
    for (const form of forms) expect(lifeOnIceDays(species, form)).toBeGreaterThan(0);
  }
});

describe("published schemes (quality index; sources and marks stand in the table)", () => {
  test.each(PUBLISHED_SCHEMES.map((scheme) => [scheme.speciesId, scheme] as const))(
    "%s: known species, plausible total, source",
    (id, scheme) => {
      expect(findSpecies(id)).toBeDefined();
      expect(scheme.maximum).toBeGreaterThanOrEqual(8);
      expect(scheme.maximum).toBeLessThanOrEqual(28);
      expect(scheme.source).toMatch(/memory/);
    },
  );
  test.each([
    // working slopes, 0.75 × maximum / life, as the handbook table prints them rounded
    { id: "atlantic-salmon", slope: 0.9, tol: 0.03 },
    { id: "cod", slope: 1.15, tol: 0.1 },
    { id: "herring", slope: 1.9, tol: 0.03 },
    { id: "halibut", slope: 0.66, tol: 0.01 },
    { id: "octopus", slope: 1.5, tol: 0.01 },
  ])("$id gains $slope points a day", ({ id, slope, tol }) => {
    expect(
      Math.abs(slopePerDay(PUBLISHED_SCHEMES.find(({ speciesId }) => speciesId === id)!) - slope),
    ).toBeLessThanOrEqual(tol);
  });
  test("salmon at 9 points, 0.9 a day, limit 18: 10 days old, 10 left", () => {
    expect(daysFromQualityIndex(9, 0.9, 18)).toEqual({ ageDays: 10, leftDays: 10 });
  });
});

describe("live animals", () => {
  test.each([
    { dead: 2, counted: 100, grade: 0 },
    { dead: 5, counted: 100, grade: 1 },
    { dead: 7, counted: 100, grade: 2 },
    { dead: 12, counted: 100, grade: 3 },
  ])("$dead dead of $counted: grade $grade (common practice)", ({ dead, counted, grade }) => {
    expect(deathGrade(dead, counted)).toBe(grade);
  });
  const mussels = (dead: number) => {
    const species = findSpecies("mussel")!;
    const grades = Object.fromEntries(schemeFor(species, "live").attributes.map(({ id }) => [id, 0 as Grade]));
    return judgeAtDoor({
      species,
      form: "live" as Form,
      grades,
      receiptC: 5,
      daysSinceCatch: 1,
      ruleSetId: "fda-2022",
      deaths: { dead, counted: 100 },
    });
  };
  test("12 of 100 go back, 7 are for today's pot, 2 pass; the count is in the reason", () => {
    expect(mussels(12)).toMatchObject({ verdict: "refuse" });
    expect(mussels(7)).toMatchObject({ verdict: "cook-only" });
    expect(mussels(2)).toMatchObject({ verdict: "accept" });
    expect(
      mussels(12)
        .reasons.map(({ text }) => text)
        .join(),
    ).toMatch(/12 dead of 100/);
  });
  test("a lobster that does not move is refused by that alone", () => {
    const species = findSpecies("european-lobster")!;
    const grades = { lift: 3, antenna: 0, shell: 0, smell: 0, joints: 0 } as const;
    const judged = judgeAtDoor({ species, form: "live", grades, receiptC: 4, daysSinceCatch: 1, ruleSetId: "eu-853" });
    expect(judged).toMatchObject({
      verdict: "refuse",
      reasons: [{ text: "Lift test: does not move" }, ...judged.reasons.slice(1)],
    });
  });
  test("each live species has its store and its days", () => {
    for (const species of SPECIES.filter(({ group }) => group === "bivalve")) {
      expect(liveStorageOf(species).maxC).toBeGreaterThan(liveStorageOf(species).minC);
    }
  });
});

test("frozen and soft is refused by the smell of its thawed piece, and its catch date does not age it", () => {
  const species = findSpecies("octopus")!;
  const grades = { hardness: 0, ice: 0, burn: 0, pack: 0, "smell-thawed": 0 } as const;
  const facts = {
    species,
    form: "cleaned",
    frozen: true,
    receiptC: -19,
    daysSinceCatch: 90,
    ruleSetId: "eu-853",
  } as const;
  expect(judgeAtDoor({ ...facts, grades }).verdict).toBe("accept");
  expect(judgeAtDoor({ ...facts, grades: { ...grades, "smell-thawed": 3 } }).verdict).toBe("refuse");
  expect(judgeAtDoor({ ...facts, grades, receiptC: -8 }).verdict).toBe("refuse");
});
