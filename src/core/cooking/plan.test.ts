import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { STATION } from "./data/station";
import { bandAt, bandsOf, targetCentreC } from "./doneness";
import { evaporationWPerM2 } from "./evaporation";
import { planCook, setupOf, type CookRequest } from "./plan";
import { myosinDS } from "./protein";
import { timeToReach } from "./search";
import { SkinCrispCook } from "./skinCrisp";
import { outcomeOf } from "./times";

const char = findSpecies("arctic-char")!;
const request = (part: Partial<CookRequest> = {}): CookRequest => ({
  species: char,
  thicknessMm: 26,
  skin: true,
  startC: 8,
  panC: 200,
  ovenC: 180,
  targetC: 48,
  ruleSetId: "fda-2022",
  ...part,
});
const plan = (part: Partial<CookRequest> = {}) => {
  const planned = planCook(request(part));
  if (!planned.ok) throw new Error(planned.error.message);
  return planned.value;
};

describe("skin-crisp with oven finish against the practice of the station", () => {
  test("salmonid 28 mm, 190 °C pan 3.5 min, 180 °C oven 3.5 min: leaves at about 34, ends at 45-52 (common practice)", () => {
    const salmon = findSpecies("atlantic-salmon")!;
    const setup = setupOf(request({ species: salmon, thicknessMm: 28, panC: 190 }));
    const outcome = outcomeOf(setup, { panS: 210, ovenS: 210 });
    expect(Math.abs(outcome.pullC - 34)).toBeLessThan(4);
    expect(outcome.peakC).toBeGreaterThan(45);
    expect(outcome.peakC).toBeLessThan(52);
  });
  test("the pan takes 2-5 minutes and the oven up to 5 for 20-30 mm (common practice)", () => {
    for (const thicknessMm of [20, 24, 28, 30]) {
      const { times } = plan({ thicknessMm });
      expect(times.panS).toBeGreaterThan(100);
      expect(times.panS).toBeLessThan(320);
      expect(times.ovenS).toBeLessThan(320);
    }
  });
});

test("the plan ends at the target and inside its band, early and late alike", () => {
  const found = plan();
  expect(Math.abs(found.peakC - 48)).toBeLessThan(0.3);
  expect(found.band).toBe("medium");
  const setup = setupOf(request());
  const band = bandAt("salmonid", 48);
  const late = outcomeOf(setup, { ...found.times, ovenS: found.times.ovenS + found.window.lateS * 0.95 }).peakC;
  const early = outcomeOf(setup, { ...found.times, ovenS: found.times.ovenS - found.window.earlyS * 0.95 }).peakC;
  expect(late).toBeLessThan(band.toC + 0.3);
  expect(early).toBeGreaterThan(band.fromC - 0.3);
  expect(found.uncertainty.lowC).toBeLessThan(found.peakC);
  expect(found.uncertainty.highC).toBeGreaterThan(found.peakC);
});

test("thinnest and thickest piece of the batch lie on either side of the plan", () => {
  const { spread, peakC } = plan({ thinnestMm: 23, thickestMm: 29 });
  expect(spread!.thinnest.peakC).toBeGreaterThan(peakC);
  expect(spread!.thickest.peakC).toBeLessThan(peakC);
});

test("a thin fillet skips the oven and says that the skin will be soft", () => {
  const found = plan({ species: findSpecies("plaice")!, thicknessMm: 8, targetC: 54 });
  expect(found.times.ovenS).toBe(0);
  expect(found.skinCrisp).toBe(false);
  expect(found.stages.map(({ id }) => id)).toEqual(["pan", "rest"]);
});

test("what cannot be reached is said, with what can", () => {
  const cold = planCook(request({ ovenC: 60, targetC: 75, thicknessMm: 40 }));
  expect(cold).toMatchObject({ ok: false, error: { kind: "unreachable" } });
});

test("a crowded pan is named, with how many fit", () => {
  expect(plan({ pieces: 8 }).warnings.join()).toMatch(/crowded .* cook \d at a time/);
  expect(plan({ pieces: 1 }).warnings.join()).not.toMatch(/crowded/);
});

test("under the code at 48 °C, meeting it at 66", () => {
  expect(plan().safety).toMatchObject({ meets: false, edition: "FDA Food Code 2022" });
  expect(plan({ targetC: 68 }).safety.meets).toBe(true);
});

describe("laws", () => {
  const times = fc.record({ panS: fc.integer({ min: 60, max: 300 }), ovenS: fc.integer({ min: 0, max: 400 }) });
  test("thicker never cooks faster; a hotter oven never gives a colder centre; a hotter pan never a colder one off the pan", () => {
    fc.assert(
      fc.property(
        times,
        fc.integer({ min: 12, max: 40 }),
        fc.integer({ min: 150, max: 230 }),
        (given, thicknessMm, panC) => {
          const base = request({ thicknessMm, panC });
          const peak = (part: Partial<CookRequest>) => outcomeOf(setupOf({ ...base, ...part }), given).peakC;
          const plain = peak({});
          expect(peak({ thicknessMm: thicknessMm + 2 })).toBeLessThanOrEqual(plain + 0.05);
          expect(peak({ ovenC: 200 })).toBeGreaterThanOrEqual(plain - 0.05);
          expect(peak({ startC: 12 })).toBeGreaterThanOrEqual(plain - 0.05);
          const turn = (part: Partial<CookRequest>) => outcomeOf(setupOf({ ...base, ...part }), given).turnCentreC;
          expect(turn({ panC: panC + 20 })).toBeGreaterThanOrEqual(turn({}) - 0.05);
          expect(peak({ panC: panC + 20 })).toBeGreaterThanOrEqual(plain - 0.3);
        },
      ),
      { numRuns: 25, seed: 3 },
    );
  });
  test("the plan takes longer for a thicker piece and a higher target", () => {
    fc.assert(
      fc.property(fc.integer({ min: 16, max: 36 }), fc.integer({ min: 43, max: 54 }), (thicknessMm, targetC) => {
        const total = (part: Partial<CookRequest>) => {
          const { panS, ovenS } = plan({ thicknessMm, targetC, ...part }).times;
          return panS + ovenS;
        };
        expect(total({ thicknessMm: thicknessMm + 3 })).toBeGreaterThan(total({}));
        expect(total({ targetC: targetC + 2 })).toBeGreaterThan(total({}));
      }),
      { numRuns: 12, seed: 5 },
    );
  });
});

test("the face on the metal stays at the boiling point while it is wet and passes it only behind a crust", () => {
  const cook = new SkinCrispCook(setupOf(request()));
  let hottestWet = 0;
  cook.run(240, (now) => {
    hottestWet = Math.max(hottestWet, now.body.inner.surfaceC);
    return false;
  });
  expect(hottestWet).toBeLessThanOrEqual(STATION.boilingC + 1e-6);
  expect(cook.skinC).toBeGreaterThan(130);
  expect(cook.skinCrustMm).toBeGreaterThan(0.4);
});

test("a wet face gives off nothing when cold and far more when hot", () => {
  expect(evaporationWPerM2(10, 1)).toBe(0);
  expect(evaporationWPerM2(80, 1)).toBeGreaterThan(3 * evaporationWPerM2(50, 1));
});

test("myosin sets tenfold faster at 50 °C: D 0.88 min (computed from D45 6 min, z 6)", () => {
  expect(myosinDS(50) / 60).toBeCloseTo(0.88, 2);
});

test("bands run on without gaps and the target is the middle of the printed band", () => {
  const bands = bandsOf("salmonid");
  bands.slice(1).forEach((band, index) => expect(band.fromC).toBe(bands[index]!.toC));
  expect(targetCentreC("salmonid", "medium")).toBe(48);
  expect(bandAt("tuna", 34).id).toBe("translucent");
});

test("the search says how it ended: found, already past, never reached", () => {
  const close = { toleranceS: 0.01, toleranceValue: 1e-9 };
  expect(timeToReach((s) => s * s, 400, [0, 100], close)).toMatchObject({
    kind: "found",
    seconds: expect.closeTo(20, 2),
  });
  expect(timeToReach((s) => s + 5, 1, [0, 100], close)).toMatchObject({ kind: "below" });
  expect(timeToReach((s) => Math.min(s, 10), 50, [0, 100], close)).toMatchObject({ kind: "above", valueAtHigh: 10 });
});
