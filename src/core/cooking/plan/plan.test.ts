import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { CookRun } from "../model";
import { STATION } from "../model";
import { bandAt } from "../doneness";
import { planCook } from "./plan";
import { Programme } from "./programme";
import { jobOf, type CookRequest } from "./request";
import { Rising, timeToReach } from "./search";
import { english } from "@/words/english.testkit";

const char = findSpecies("arctic-char")!;
const slab = (thicknessMm: number) => ({ kind: "slab", thicknessMm }) as const;
const request = (part: Partial<CookRequest> = {}): CookRequest => ({
  species: char,
  shape: slab(26),
  skin: true,
  startC: 8,
  methodId: "skin-then-oven",
  goal: { kind: "centre", targetC: 48 },
  ruleSetId: "fda-2022",
  ...part,
});
const centre = (targetC: number) => ({ goal: { kind: "centre", targetC } }) as const;
const plan = (part: Partial<CookRequest> = {}) => {
  const planned = planCook(request(part));
  if (!planned.ok) throw new Error(planned.error.message.code);
  return english(planned.value);
};
const outcomeOf = (part: Partial<CookRequest>, seconds: readonly number[]) => {
  const job = jobOf(request(part));
  return new Programme(job.setup, job.stages).outcome(seconds);
};

test("salmonid 28 mm, 190 °C pan 3.5 min, 180 °C oven 3.5 min: leaves at about 34, ends at 45-52 (common practice)", () => {
  const outcome = outcomeOf(
    { species: findSpecies("atlantic-salmon")!, shape: slab(28), kit: { panC: 190 } },
    [210, 210, 0],
  );
  expect(Math.abs(outcome.pullC - 34)).toBeLessThan(4);
  expect(outcome.peakC).toBeGreaterThan(45);
  expect(outcome.peakC).toBeLessThan(52);
});

test("the plan ends at the target and inside its band, early and late alike", () => {
  const found = plan();
  expect(Math.abs(found.peakC - 48)).toBeLessThan(0.3);
  expect(found.band).toBe("medium");
  const [panS, ovenS] = found.stageSeconds as [number, number, number];
  const band = bandAt("salmonid", 48);
  const late = outcomeOf({}, [panS, ovenS + found.window.lateS * 0.95, 0]).peakC;
  const early = outcomeOf({}, [panS, ovenS - found.window.earlyS * 0.95, 0]).peakC;
  expect(late).toBeLessThan(band.toC + 0.3);
  expect(early).toBeGreaterThan(band.fromC - 0.3);
  expect(found.uncertainty.lowC).toBeLessThan(found.peakC);
  expect(found.uncertainty.highC).toBeGreaterThan(found.peakC);
});

test("aimed at a doneness the state ends there, whatever the pace", () => {
  const salmon = { species: findSpecies("atlantic-salmon")!, goal: { kind: "doneness", targetC: 48 } } as const;
  const [pan, bath] = [plan(salmon), plan({ ...salmon, methodId: "bath-sear", kit: { mediumC: 50 } })];
  expect(pan.readsLikeC).toBeCloseTo(48, 0);
  expect(bath.readsLikeC).toBeCloseTo(48, 0);
  expect(bath.peakC).toBeLessThan(pan.peakC);
});

test("while a crust closes over the flesh two seconds more are a fraction of a degree more", () => {
  // four of them from frozen: their skin face dries through just as they are done
  const four = { startC: -18, pieces: 4, pieceG: 160, kit: { panC: 200, ovenC: 180 } } as const;
  const peaks = Array.from({ length: 25 }, (_, at) => outcomeOf(four, [360, 580 + 2 * at, 0]).peakC);
  for (const [at, peakC] of peaks.slice(1).entries()) {
    expect(peakC - peaks[at]!).toBeGreaterThan(0);
    expect(peakC - peaks[at]!).toBeLessThan(0.3);
  }
});

test("the chance of the band is what it is for: high in a wide band, low in a narrow one; nine of ten lie round the plan", () => {
  const wide = plan({ ...centre(59) });
  const narrow = plan({ species: findSpecies("european-lobster")!, skin: false, ...centre(59) });
  expect(wide.chance.inBand).toBeGreaterThan(narrow.chance.inBand);
  expect(wide.chance.lowC).toBeLessThan(59);
  expect(wide.chance.highC).toBeGreaterThan(59);
  const bath = plan({ methodId: "bath-sear", kit: { mediumC: 52 } });
  expect(bath.chance.highC - bath.chance.lowC).toBeLessThan(wide.chance.highC - wide.chance.lowC);
});

test("thinnest and thickest lie on either side of the plan; the thin one goes in later, and then they are ready together", () => {
  const { spread, peakC, stageSeconds } = plan({ thinnestMm: 23, thickestMm: 29 });
  const { thinnest, thickest } = spread!;
  expect(thinnest.peakC).toBeGreaterThan(peakC);
  expect(thickest.peakC).toBeLessThan(peakC);
  const heatS = (mm: number) => plan({ shape: slab(mm) }).pullS;
  expect(thinnest.afterThickestS).toBeGreaterThan(10);
  expect(Math.abs(thinnest.afterThickestS - (heatS(29) - heatS(23)))).toBeLessThan(25);
  expect(stageSeconds.length).toBe(3);
});

test("a thin fillet cannot have a crisp skin: refused, with what to change, and the nearest times", () => {
  const found = plan({ species: findSpecies("plaice")!, shape: slab(9), ...centre(54) });
  expect(found.refusal?.why).toMatch(/9 mm .* before the skin is crisp/);
  expect(found.refusal?.change.join()).toMatch(/fold or pair/);
  expect(found.skinCrisp).toBe(false);
  expect(found.stages.map(({ id }) => id)).toEqual(["pan", "rest"]);
  expect(plan().refusal).toBeNull();
});

test("what cannot be reached is said, with what can", () => {
  const cold = planCook(request({ kit: { ovenC: 60 }, shape: slab(40), ...centre(75) }));
  expect(cold).toMatchObject({ ok: false, error: { kind: "unreachable" } });
  const warm = planCook(request({ startC: 40, methodId: "bath-sear", skin: false, shape: slab(12), ...centre(42) }));
  expect(english(warm)).toMatchObject({
    ok: false,
    error: { message: expect.stringMatching(/carries it past 42 °C/) },
  });
});

test("a crowded pan is named, with how many fit", () => {
  expect(plan({ pieces: 8 }).warnings.join()).toMatch(/crowded .* cook \d at a time/);
  expect(plan({ pieces: 1 }).warnings.join()).not.toMatch(/crowded/);
});

describe("safety along the way", () => {
  test("under the code at 48 °C, meeting it at 68; planned by the rule it meets it and not by much", () => {
    expect(plan().safety).toMatchObject({ meets: false, edition: "FDA Food Code 2022 with its supplement" });
    expect(plan(centre(68)).safety.meets).toBe(true);
    const safe = plan({ goal: { kind: "safe" }, skin: false });
    expect(safe.safety.meets).toBe(true);
    expect(safe.peakC).toBeLessThan(70);
    expect(plan({ goal: { kind: "safe" }, skin: false, ruleSetId: "uk-2013" }).pullS).toBeGreaterThan(safe.pullS);
  });
  test("minced fish is judged by its own line of the code, stuffed tubes by theirs", () => {
    const cake = plan({ methodId: "crab-cake", skin: false, ...centre(55) });
    expect(cake.safety.rule).toMatch(/68 °C for 17 s .*comminuted/);
    const tube = plan({
      species: findSpecies("squid")!,
      shape: { kind: "tube", diameterMm: 40, wallMm: 6 },
      methodId: "braise",
    });
    expect(tube.safety).toMatchObject({ meets: true });
    expect(tube.safety.rule).toMatch(/stuffed/);
    expect(tube.lethality[0]!.logReduction).toBeGreaterThan(6);
  });
  test("a bath below the pasteurising line makes no claim and says so", () => {
    const bath = plan({ methodId: "bath-sear", kit: { mediumC: 45 }, ...centre(43) });
    expect(bath.lethality.every(({ logReduction }) => logReduction === 0)).toBe(true);
    expect(bath.warnings.join()).toMatch(/54.5 °C/);
    expect(bath.dangerMin).toBeGreaterThan(15);
    const lain = plan({ methodId: "bath-sear", kit: { mediumC: 45 }, ...centre(43), temperedMin: 230 });
    expect(lain.dangerMin - bath.dangerMin).toBeCloseTo(230, 6);
    expect(lain.warnings.join()).toMatch(/more than the four hours/);
    expect(bath.warnings.join()).not.toMatch(/more than the four hours/);
  });
});

describe("laws", () => {
  const times = fc.record({ panS: fc.integer({ min: 60, max: 300 }), ovenS: fc.integer({ min: 0, max: 400 }) });
  test("thicker never cooks faster; a hotter oven never gives a colder centre; a hotter pan never a colder one off the pan", () => {
    fc.assert(
      fc.property(
        times,
        fc.integer({ min: 12, max: 40 }),
        fc.integer({ min: 150, max: 230 }),
        ({ panS, ovenS }, thicknessMm, panC) => {
          const base = { shape: slab(thicknessMm), kit: { panC } };
          const run = (part: Partial<CookRequest>) => outcomeOf({ ...base, ...part }, [panS, ovenS, 0]);
          const plain = run({}).peakC;
          expect(run({ shape: slab(thicknessMm + 2) }).peakC).toBeLessThanOrEqual(plain + 0.1);
          expect(run({ kit: { panC, ovenC: 200 } }).peakC).toBeGreaterThanOrEqual(plain - 0.1);
          expect(run({ startC: 12 }).peakC).toBeGreaterThanOrEqual(plain - 0.1);
          const turned = (part: Partial<CookRequest>) => run(part).ends[0]!.centreC;
          expect(turned({ kit: { panC: panC + 20 } })).toBeGreaterThanOrEqual(turned({}) - 0.1);
        },
      ),
      { numRuns: 25, seed: 3 },
    );
  });
  test("the plan takes longer for a thicker piece and a higher target", () => {
    fc.assert(
      fc.property(fc.integer({ min: 16, max: 36 }), fc.integer({ min: 43, max: 54 }), (thicknessMm, targetC) => {
        const total = (mm: number, aimC: number) => plan({ shape: slab(mm), ...centre(aimC) }).pullS;
        expect(total(thicknessMm + 3, targetC)).toBeGreaterThan(total(thicknessMm, targetC));
        expect(total(thicknessMm, targetC + 2)).toBeGreaterThan(total(thicknessMm, targetC));
      }),
      { numRuns: 10, seed: 5 },
    );
  });
});

test("the face on the metal stays at the boiling point while it is wet and passes it only behind a crust; the pan pays", () => {
  const job = jobOf(request({ pieces: 6 }));
  const cook = new CookRun(job.setup);
  cook.enter(job.stages[0]!);
  let hottestWet = 0;
  cook.run(240, (now) => {
    hottestWet = Math.max(hottestWet, now.body.temperatureC[0]!);
    return false;
  });
  expect(hottestWet).toBeLessThanOrEqual(STATION.boilingC + 0.2);
  expect(cook.faces[0].surfaceC).toBeGreaterThan(130);
  expect(cook.faces[0].crustMm).toBeGreaterThan(0.4);
  expect(cook.lowestVesselC).toBeLessThan(199);
});

test("a fork goes its own way", () => {
  const job = jobOf(request());
  const cook = new CookRun(job.setup);
  cook.enter(job.stages[0]!);
  cook.run(100);
  const copy = cook.fork();
  copy.run(60);
  const here = cook.centreC;
  cook.run(60);
  expect(here).toBeLessThan(copy.centreC);
  // the copy begins its next step without a past
  expect(Math.abs(cook.centreC - copy.centreC)).toBeLessThan(0.1);
});

test("the search says how it ended: found, already past, never reached", () => {
  const close = { toleranceS: 0.01, toleranceValue: 1e-9 };
  expect(timeToReach(new Rising((s) => s * s), 400, [0, 100], close)).toMatchObject({
    kind: "found",
    seconds: expect.closeTo(20, 2),
  });
  expect(timeToReach(new Rising((s) => s + 5), 1, [0, 100], close)).toMatchObject({ kind: "below" });
  expect(timeToReach(new Rising((s) => Math.min(s, 10)), 50, [0, 100], close)).toMatchObject({
    kind: "above",
    valueAtHigh: 10,
  });
});

test("a search begins with what is known: the same moment is found again for nothing, another one near it for little", () => {
  let runs = 0;
  const rising = new Rising((s) => {
    runs++;
    return Math.sqrt(s);
  });
  const close = { toleranceS: 0.1, toleranceValue: 1e-3 };
  const runsFor = (wanted: number, firstGuessS?: number) => {
    runs = 0;
    const found = timeToReach(rising, wanted, [1, 3600], close, firstGuessS);
    expect(found).toMatchObject({ kind: "found", seconds: expect.closeTo(wanted ** 2, 0) });
    return runs;
  };
  expect(runsFor(20, 240)).toBeLessThan(8);
  expect(runsFor(20)).toBe(0);
  expect(runsFor(20.5)).toBeLessThan(5);
});

test.each([
  [8, 5],
  [2, 3],
  [-1, null],
  [-18, 5],
])(
  "of fish at %d °C what a colder start does is told for %p °C: chilled fish does not freeze for it",
  (startC, byK) => {
    const { sensitivity, peakC } = plan({ startC });
    const colder = sensitivity.find(({ what }) => what.includes("colder at the start"));
    expect(colder?.what ?? null).toBe(byK === null ? null : `${byK} °C colder at the start`);
    if (!colder) return;
    expect(colder.peakC).toBeLessThan(peakC);
    // what is not frozen ends less colder than it began
    if (startC > 0) expect(peakC - colder.peakC).toBeLessThan(byK!);
  },
);
