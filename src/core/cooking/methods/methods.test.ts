import { findSpecies, isCooked, isFinfish, SPECIES } from "@/core/species";
import { cutFace } from "../plan";
import { WAYS } from "./data/ways";
import { findTimes } from "../plan";
import { METHODS, methodOf } from "./table";
import { fitting } from "./methods.testkit";
import { cookFormsOf, usualPiece } from "../plan";
import { shapeFor } from "../model";
import { planCook } from "../plan";
import { rankMethods, waysAtSight } from "../plan";
import { usualCookForm, waysFor } from "./ways";
import { jobOf } from "../plan";
import { sheetThicknesses, stageColumns, stationSheet } from "../plan";
import { english } from "@/words/english.testkit";

test.each(METHODS.map((method) => [method.id, method] as const))(
  "%s: a fitting piece has a plan in order, with cues, a window, a chance and a cut face",
  (_, method) => {
    const request = fitting(method);
    const planned = planCook(request);
    if (!planned.ok) throw new Error(planned.error.message.code);
    const { stages, window, chance, sensitivity, peakC, waterLossPct, stageSeconds } = english(planned.value);
    expect(stages.length).toBeGreaterThan(1);
    expect(stages.every(({ seconds, cue, do: task }) => seconds > 0 && cue.length > 8 && task.length > 8)).toBe(true);
    expect(window.earlyS).toBeGreaterThanOrEqual(0);
    expect(window.lateS).toBeGreaterThan(0);
    // what is planned is what nine trials of ten lie around
    expect(chance.lowC).toBeLessThanOrEqual(peakC + 0.05);
    expect(chance.highC).toBeGreaterThanOrEqual(peakC - 0.05);
    expect(sensitivity.find(({ what }) => what.includes("thicker"))!.peakC).toBeLessThanOrEqual(peakC + 0.05);
    expect(waterLossPct).toBeGreaterThan(0);
    expect(waterLossPct).toBeLessThan(30);
    const found = findTimes(jobOf(request));
    if (!found.ok) throw new Error(found.error.message.code);
    const face = cutFace(found.value.programme, stageSeconds);
    expect(face.opaque).toHaveLength(face.columns * face.rows);
    expect(face.opaque.some((share) => share !== null && share > 0.5)).toBe(true);
  },
);

test("the gentler the heat, the surer the state: a bath and warm oil before a pan, a pan before a fryer", () => {
  const chanceOf = (id: string): number => {
    const plan = planCook(fitting(METHODS.find((method) => method.id === id)!));
    if (!plan.ok) throw new Error(plan.error.message.code);
    return plan.value.chance.inBand;
  };
  for (const gentle of ["bath-sear", "butter-poach", "oil-confit"])
    expect(chanceOf(gentle)).toBeGreaterThan(chanceOf("skin-then-oven"));
  expect(chanceOf("skin-then-oven")).toBeGreaterThan(chanceOf("deep-fry"));
});

test("three schools of one scallop: all reach the middle, in their own heat and time, each with its reason", () => {
  const { schools } = METHODS.find(({ id }) => id === "scallop-sear")!;
  const species = findSpecies("king-scallop")!;
  const times = schools.map(({ id, why }) => {
    expect(english(why).length).toBeGreaterThan(20);
    const planned = planCook({
      species,
      shape: { kind: "puck", diameterMm: 36, heightMm: 18 },
      skin: false,
      startC: 14,
      methodId: "scallop-sear",
      schoolId: id,
      goal: { kind: "doneness", targetC: 48 },
      ruleSetId: "eu-853",
      pieceG: 19,
    });
    if (!planned.ok) throw new Error(planned.error.message.code);
    return Math.round(planned.value.pullS);
  });
  expect(new Set(times).size).toBe(3);
});

test("a big cold scallop in smoking oil burns before it sets: refused, with the size the cooks' minutes fit", () => {
  const species = findSpecies("king-scallop")!;
  const planned = planCook({
    species,
    shape: { kind: "puck", diameterMm: 40, heightMm: 28 },
    skin: false,
    startC: 6,
    methodId: "scallop-sear",
    schoolId: "smoking-oil",
    goal: { kind: "doneness", targetC: 50 },
    ruleSetId: "eu-853",
    pieceG: 36,
  });
  if (!planned.ok) throw new Error(planned.error.message.code);
  const { refusal, practice } = planned.value;
  expect(english(refusal?.why)).toMatch(/burns before the middle/);
  expect(practice?.agrees).toBe(false);
  expect(practice?.fitsMm).toBeGreaterThan(7);
  expect(practice?.fitsMm).toBeLessThan(20);
});

test("ways are ordered by fit and say why; what cannot be done stands last", () => {
  const char = fitting(METHODS[0]!);
  const ranked = rankMethods({ ...char, shape: { kind: "slab", thicknessMm: 26 }, skin: true });
  expect(ranked.slice(0, 4).map(({ methodId }) => methodId)).toContain("skin-then-oven");
  expect(english(ranked[0]!.reason)).toMatch(/usual for this fish/);
  const thin = rankMethods({ ...char, shape: { kind: "slab", thicknessMm: 9 }, skin: true });
  const crisp = thin.findIndex(({ methodId }) => methodId === "skin-then-oven");
  expect(english(thin[crisp]!.refusal)).toMatch(/before the skin is crisp/);
  expect(crisp).toBeGreaterThan(thin.length / 2);
  expect(ranked.every(({ methodId }) => methodOf(methodId).suits.shapes.includes("slab"))).toBe(true);
});

test.each([
  ["octopus", "simmer-char"],
  ["king-scallop", "scallop-sear"],
  ["mussel", "open-shells"],
  ["arctic-char", "skin-then-oven"],
])("the bench opens for %s on %s", (speciesId, methodId) => {
  const species = findSpecies(speciesId)!;
  const shape = shapeFor(
    species.portion.shape,
    species.portion.thicknessMm,
    species.portion.massG,
    species.compositionPct,
  );
  expect(waysAtSight({ species, shape, skin: isFinfish(species.group), form: usualCookForm(species) })[0]).toBe(
    methodId,
  );
});

test("a station sheet rises with thickness and names what is too thin", () => {
  const request = { ...fitting(METHODS[0]!), skin: true };
  const rows = [...stationSheet(request, sheetThicknesses({ from: 8, to: 44, step: 6 }))];
  expect(rows.map(({ thicknessMm }) => thicknessMm)).toEqual([8, 14, 20, 26, 32, 38, 44]);
  expect(english(rows[0]!.refusal)).toMatch(/crisp/);
  expect(stageColumns(rows)).toEqual(["Skin down", "Turn and oven", "Rest"]);
  const heat = rows.slice(1).map(({ stages }) => stages.slice(0, -1).reduce((sum, { seconds }) => sum + seconds, 0));
  heat.slice(1).forEach((seconds, index) => expect(seconds).toBeGreaterThan(heat[index]!));
});

test("frozen, a steak takes longer than thawed and ends at the same centre", () => {
  const steam = {
    ...fitting(METHODS.find(({ id }) => id === "steam")!),
    skin: false,
    goal: { kind: "centre", targetC: 54 },
  } as const;
  const [thawed, frozen] = [planCook(steam), planCook({ ...steam, startC: -18 })];
  if (!thawed.ok || !frozen.ok) throw new Error("both can be steamed");
  expect(frozen.value.pullS).toBeGreaterThan(1.4 * thawed.value.pullS);
  expect(Math.abs(frozen.value.peakC - 54)).toBeLessThan(0.5);
  expect(english(frozen.value.warnings).join()).toMatch(/From frozen/);
});

test("ways offered are ways: no ridged pan for a lobster, no whole fish that is a crustacean, and no animal without any", () => {
  for (const species of SPECIES.filter(({ group }) => isCooked(group))) {
    for (const form of cookFormsOf(species)) {
      const { shape, sizeMm, massG } = usualPiece(species, form);
      const body = shapeFor(shape, sizeMm, massG, species.compositionPct);
      const ways = waysFor({ species, shape: body, form }).map(({ id }) => id);
      expect({ species: species.id, form, ways: ways.length }).not.toMatchObject({ ways: 0 });
      if (species.group === "crustacean") {
        expect(ways).not.toContain("ridged-rare");
        expect(ways).not.toContain("roast-whole");
      }
      // what has a floor of its own is not offered rare
      if (species.least) expect(ways.filter((id) => methodOf(id).rare)).toEqual([]);
    }
  }
});

test("every way the species table names is a word the stove knows, whole", () => {
  const words = SPECIES.flatMap(({ usualMethods }) => usualMethods);
  expect(words.filter((word) => !Object.hasOwn(WAYS, word))).toEqual([]);
  // words that hold another: none is read out of its parts
  expect(WAYS["blacken"]).not.toContain("ridged-rare");
  expect(WAYS["escabeche"]).not.toContain("hot-plate");
  expect(WAYS["salt crust"]).toEqual(["salt-crust"]);
  expect(WAYS["quenelle"]).not.toContain("crab-cake");
});
