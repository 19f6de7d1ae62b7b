import fc from "fast-check";
import { findSpecies, SPECIES } from "@/core/species";
import { lifeOnIceDays, readFreshness } from "./inspection";
import { goneAfterCut, lifeSegments, lotLife } from "./life";
import { legalEnds } from "./legalEnds";
import type { Grade } from "./attribute";
import { schemeFor } from "./scheme";
import { daysLeftAt, iceDaysUsed, spoilageRate, type TemperaturePoint } from "./spoilage";
import { judgeAtDoor as judge, type DoorFacts } from "./verdict";
import { english } from "@/words/english.testkit";
import { said } from "@/core/shared";

const judgeAtDoor = (facts: DoorFacts) => english(judge(facts));

const cod = findSpecies("cod")!;
const mackerel = findSpecies("mackerel")!;
const even = (species: typeof cod, grade: Grade, but: Record<string, Grade> = {}) =>
  Object.fromEntries(schemeFor(species, "whole-gutted").attributes.map(({ id }) => [id, but[id] ?? grade]));
const facts = (part: Partial<DoorFacts> = {}): DoorFacts => ({
  species: cod,
  form: "whole-gutted",
  grades: even(cod, 0),
  receiptC: 1,
  daysSinceCatch: 2,
  ruleSetId: "fda-2022",
  ...part,
});

describe("spoilage rate", () => {
  test.each([
    // Ratkowsky et al. 1982 and Dalgaard and Huss 1997, computed from the published formulas
    { model: "temperate", atC: 5, rate: 2.25, tol: 0.01 },
    { model: "temperate", atC: -2, rate: 0.64, tol: 0.01 },
    { model: "tropical", atC: 10, rate: 3.32, tol: 0.01 },
    { model: "tropical", atC: 20, rate: 11.02, tol: 0.02 },
    { model: "temperate", atC: 20, rate: 9, tol: 0.02 },
  ] as const)("$model at $atC °C is $rate", ({ model, atC, rate, tol }) => {
    expect(Math.abs(spoilageRate(model, atC) - rate)).toBeLessThanOrEqual(tol);
  });
  test("the two curves cross at 15.8 °C", () => {
    const gap = (pointC: number) => spoilageRate("temperate", pointC) - spoilageRate("tropical", pointC);
    expect(gap(15.7) * gap(15.9)).toBeLessThan(0);
  });
  test("stands still in the freezer", () => {
    expect(
      iceDaysUsed("temperate", [
        [0, -20],
        [500, -20],
      ]),
    ).toBe(0);
    expect(daysLeftAt("temperate", 5, -18)).toBeNull();
  });
});

test("cod 2 d at 0, 1 d at 4, 12 h at 8 °C is 5.58 ice days; of 14, 8.42 are left at 0 and 4.30 at 4 °C", () => {
  const trace: TemperaturePoint[] = [
    [0, 0],
    [48, 0],
    [48, 4],
    [72, 4],
    [72, 8],
    [84, 8],
  ];
  const used = iceDaysUsed("temperate", trace);
  expect(used).toBeCloseTo(5.58, 2);
  expect(daysLeftAt("temperate", 14 - used, 0)).toBeCloseTo(8.42, 2);
  expect(daysLeftAt("temperate", 14 - used, 4)).toBeCloseTo(4.3, 2);
  expect(daysLeftAt("temperate", 14, 5)).toBeCloseTo(6.2, 1);
});

test("a straight ramp integrates exactly: against 100,000 small steps", () => {
  for (const model of ["temperate", "tropical"] as const) {
    let sum = 0;
    for (let step = 0; step < 100_000; step++) sum += spoilageRate(model, -4 + (16 * (step + 0.5)) / 100_000) / 100_000;
    expect(
      iceDaysUsed(model, [
        [0, -4],
        [24, 12],
      ]),
    ).toBeCloseTo(sum, 6);
  }
});

describe("at the door", () => {
  test("as caught and cold: accept", () => {
    expect(judgeAtDoor(facts())).toMatchObject({ verdict: "accept", complete: true });
  });
  test("every sign good but gill smell at 3: refuse, whatever the sum (common practice)", () => {
    const judged = judgeAtDoor(facts({ grades: even(cod, 0, { "gill-smell": 3 }) }));
    expect(judged.verdict).toBe("refuse");
    expect(judged.reasons[0]!.text).toMatch(/Gill smell: sour/);
  });
  test("mackerel looking well at 12 °C: the histamine rule beats the score", () => {
    const judged = judgeAtDoor(
      facts({ species: mackerel, form: "whole-ungutted", grades: even(mackerel, 0), receiptC: 12 }),
    );
    expect(judged.verdict).toBe("refuse");
    expect(judged.reasons.map(({ text }) => text).join()).toMatch(/histamine/);
  });
  test.each([
    { ruleSetId: "fda-2022", species: cod, receiptC: 5, ok: true },
    { ruleSetId: "fda-2022", species: mackerel, receiptC: 5, ok: false },
    { ruleSetId: "fda-2022", species: mackerel, receiptC: 4.4, ok: true },
    { ruleSetId: "eu-853", species: cod, receiptC: 5, ok: false },
    // 8 °C is the general limit in England; fresh fish stands near melting ice, 5 °C by house rule
    { ruleSetId: "uk-2013", species: cod, receiptC: 7.9, ok: false },
    { ruleSetId: "uk-2013", species: cod, receiptC: 4.9, ok: true },
  ] as const)("$ruleSetId takes $species.id at $receiptC °C: $ok", ({ ruleSetId, species, receiptC, ok }) => {
    const judged = judgeAtDoor(facts({ species, form: "whole-gutted", grades: even(species, 0), receiptC, ruleSetId }));
    expect(judged.verdict !== "refuse").toBe(ok);
  });
  test("a third of the points: cooking only; two thirds and more: refuse", () => {
    expect(judgeAtDoor(facts({ grades: even(cod, 1) })).verdict).toBe("cook-only");
    expect(judgeAtDoor(facts({ grades: even(cod, 2) })).verdict).toBe("refuse");
  });
  test("reads older than its label: said, with both figures", () => {
    const judged = judgeAtDoor(facts({ grades: even(cod, 1), daysSinceCatch: 1 }));
    expect(judged.reasons.map(({ text }) => text).join()).toMatch(/Reads like 6 days on ice, label says 1/);
  });
  test("one demerit more: the points never fall, the days on ice never fall, the verdict never softens", () => {
    const severity = { accept: 0, "cook-only": 1, refuse: 2 };
    const attributes = schemeFor(cod, "whole-gutted").attributes;
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 3 }), { minLength: 8, maxLength: 8 }),
        fc.nat(7),
        (given, worse) => {
          const grades = Object.fromEntries(attributes.map(({ id }, index) => [id, given[index] as Grade]));
          const id = attributes[worse]!.id;
          const more = { ...grades, [id]: Math.min(3, grades[id]! + 1) as Grade };
          const [before, after] = [judgeAtDoor(facts({ grades })), judgeAtDoor(facts({ grades: more }))];
          expect(after.reading.points).toBeGreaterThanOrEqual(before.reading.points);
          expect(after.reading.impliedIceDays).toBeGreaterThanOrEqual(before.reading.impliedIceDays);
          expect(severity[after.verdict]).toBeGreaterThanOrEqual(severity[before.verdict]);
        },
      ),
      { seed: 17 },
    );
  });
});

test("salmon at 9 of 24 points over a 20-day life reads 10 days old (working slope 0.9 a day)", () => {
  const scheme = schemeFor(findSpecies("arctic-char")!, "whole-gutted");
  const grades = Object.fromEntries(scheme.attributes.map(({ id }, index) => [id, index === 0 ? 2 : 1] as const));
  expect(readFreshness(scheme, grades, 20).points).toBe(9);
  expect(readFreshness(scheme, grades, 20).impliedIceDays).toBeCloseTo(10, 1);
});

describe("life of a lot", () => {
  const life = (part: Partial<Parameters<typeof lotLife>[0]> = {}) =>
    lotLife({
      species: cod,
      form: "whole-gutted",
      rawAllowed: true,
      impliedIceDays: 1,
      daysSinceCatch: 3,
      state: "chilled",
      inheritedIceDays: null,
      usedIceDays: 1.44,
      placeC: 2,
      legalEnds: [],
      nowMs: 0,
      ...part,
    });
  test("starts from the older of reading and label, and the house adds its own days", () => {
    const found = life();
    expect(found).toMatchObject({ startIceDays: 3, startFrom: "catch-date" });
    expect(found.usedIceDays).toBeCloseTo(1.44, 6);
    expect(found.daysLeft).toBeCloseTo((14 - 4.44) / 1.44, 6);
  });
  test("cut fish goes by the reading alone and keeps less", () => {
    expect(life({ form: "fillet" })).toMatchObject({ startIceDays: 1, startFrom: "inspection", lifeDays: 7.5 });
    for (const species of SPECIES) expect(lifeOnIceDays(species, "fillet")).toBeLessThanOrEqual(species.iceLifeDays);
  });
  test("the uses end one after the other and the bar is whole", () => {
    const uses = [0, 6, 9, 15].map(
      (impliedIceDays) => life({ impliedIceDays, daysSinceCatch: null, usedIceDays: 0, placeC: 0 }).use,
    );
    expect(uses).toEqual(["raw", "cook", "cook-today", "over"]);
    const total = lifeSegments(life(), true).reduce((sum, { share }) => sum + share, 0);
    expect(total).toBeCloseTo(1, 9);
  });
  test("frozen stands still, alive goes by the calendar, a part carries its age over", () => {
    expect(life({ state: "frozen" })).toMatchObject({ daysLeft: null, cookDaysLeft: null });
    const mussel = findSpecies("mussel")!;
    const live = { species: mussel, form: "live", state: "live", impliedIceDays: 0, daysSinceCatch: null } as const;
    // three days, the cautious end, and from the harvest where it is known
    expect(life({ ...live, usedIceDays: 2 }).daysLeft).toBeCloseTo(1, 9);
    expect(life({ ...live, usedIceDays: 1, daysSinceCatch: 1.5 }).daysLeft).toBeCloseTo(0.5, 9);
    expect(life({ ...live, usedIceDays: 6 }).use).toBe("over");
    expect(life({ inheritedIceDays: 5 })).toMatchObject({ startIceDays: 5, startFrom: "parent" });
    expect(goneAfterCut(7, cod, "whole-gutted", "fillet")).toBeCloseTo(3.75, 9);
  });
  test("the earliest legal end cuts the life short, whatever the fish still looks like", () => {
    const day = 86_400_000;
    const at = (kind: "use-by" | "date-mark", days: number) => ({
      kind,
      atMs: days * day,
      label: said("freshness.useByDate", { day: kind }),
      source: "",
    });
    expect(life({ legalEnds: [at("date-mark", 3), at("use-by", 1.5)] })).toMatchObject({
      daysLeft: 1.5,
      legalEnd: { kind: "use-by" },
    });
    const barred = lifeSegments(life({ legalEnds: [at("use-by", 1.5)] }), true);
    expect(barred.at(-1)!.use).toBe("barred");
    expect(barred.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    expect(lifeSegments(life({ legalEnds: [at("use-by", 30)] }), true).some(({ use }) => use === "barred")).toBe(false);
    expect(life({ legalEnds: [at("use-by", -1)] }).use).toBe("over");
  });
  test("legal ends: date mark for what is eaten as it comes, thawed two days, none while frozen", () => {
    const facts = {
      ruleSetId: "fda-2022",
      form: "picked",
      state: "chilled",
      openedOn: "2026-06-01",
      openDays: null,
      useBy: null,
      thawedOn: null,
      frozen: [],
      startOfDayMs: (day: string) => Date.parse(`${day}T00:00:00Z`),
    } as const;
    // FDA Food Code 2022, 3-501.17: made 1 June, last day 7 June (memory, high)
    expect(legalEnds(facts)).toMatchObject([{ kind: "date-mark", atMs: Date.parse("2026-06-08T00:00:00Z") }]);
    expect(legalEnds({ ...facts, openDays: 3 })[1]).toMatchObject({ kind: "after-opening", source: "the pack" });
    expect(legalEnds({ ...facts, openDays: 3 })[1]!.atMs).toBe(Date.parse("2026-06-04T00:00:00Z"));
    expect(legalEnds({ ...facts, form: "fillet" })).toEqual([]);
    expect(legalEnds({ ...facts, state: "frozen" })).toEqual([]);
    const thawed = legalEnds({ ...facts, form: "fillet", state: "thawed", openedOn: null, thawedOn: "2026-06-03" });
    expect(thawed).toMatchObject([{ kind: "thawed", atMs: Date.parse("2026-06-05T00:00:00Z") }]);
  });
});
