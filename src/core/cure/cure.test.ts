import fc from "fast-check";
import { findSpecies } from "@/core/species";
import { saltDiffusivity } from "./diffusivity";
import { minutesToWhiten, whiteningAt } from "./acid";
import { equilibriumSaltG, planCure, waterPhaseSaltPct, type CureRequest } from "./salting";
import { SoluteSlab, type Bath, type Slab } from "./slab";
import { adviseSmoke } from "./smoke";
import { english } from "@/words/english.testkit";

const cod = findSpecies("cod")!;
const salmon = findSpecies("atlantic-salmon")!;
const HOUR_S = 3600;

function run(slab: Slab, bath: Bath, seconds: number, steps = 2000): SoluteSlab {
  const body = new SoluteSlab(slab, bath);
  for (let step = 0; step < steps; step++) body.step(seconds / steps);
  return body;
}

/** Crank 1975, The Mathematics of Diffusion, eq. 4.18: share taken up by a slab of half-thickness `halfM`, surface held. */
function crankConstant(diffusivity: number, seconds: number, halfM: number): number {
  let left = 0;
  for (let n = 0; n < 200; n++) {
    const odd = 2 * n + 1;
    left +=
      (8 / (odd * Math.PI) ** 2) * Math.exp((-diffusivity * odd ** 2 * Math.PI ** 2 * seconds) / (4 * halfM ** 2));
  }
  return 1 - left;
}

/** Crank 1975, eq. 4.37: a stirred bath of limited volume; `alpha` is solute capacity of the bath over that of the slab. */
function crankFinite(diffusivity: number, seconds: number, halfM: number, alpha: number): number {
  let left = 0;
  for (let n = 0; n < 60; n++) {
    // tan q = -alpha q has one root in each (π/2 + nπ, π + nπ)
    let [low, high] = [Math.PI / 2 + n * Math.PI + 1e-9, Math.PI + n * Math.PI];
    for (let halving = 0; halving < 80; halving++) {
      const middle = (low + high) / 2;
      if (Math.tan(middle) + alpha * middle < 0) low = middle;
      else high = middle;
    }
    const q = (low + high) / 2;
    left +=
      ((2 * alpha * (1 + alpha)) / (1 + alpha + (alpha * q) ** 2)) *
      Math.exp((-diffusivity * q * q * seconds) / halfM ** 2);
  }
  return 1 - left;
}

describe("diffusion against exact solutions", () => {
  test.each([
    // times to 50, 80 and 90 % of equilibrium, both faces, D 5e-10 m²/s: computed from Crank 1975
    { thicknessMm: 10, hours: [2.7, 7.9, 11.8] },
    { thicknessMm: 15, hours: [6.1, 17.7, 26.5] },
    { thicknessMm: 20, hours: [10.9, 31.5, 47.1] },
    { thicknessMm: 25, hours: [17, 49, 73.6] },
    { thicknessMm: 30, hours: [24.5, 71, 106] },
  ])("$thicknessMm mm: 50, 80 and 90 % after $hours h", ({ thicknessMm, hours }) => {
    for (const [index, share] of [0.5, 0.8, 0.9].entries()) {
      const slab = { thicknessMm, faces: 2, diffusivityM2PerS: 5e-10, waterKgPerM3: 800 } as const;
      const body = run(slab, { kind: "constant", concentration: 1 }, hours[index]! * HOUR_S);
      expect(Math.abs(body.meanConcentration - share)).toBeLessThan(0.006);
    }
  });

  test.each([0.5, 2, 8, 30, 90])("mean uptake against the series after %s h: within 0.3 % of the whole", (hours) => {
    const slab = { thicknessMm: 20, faces: 2, diffusivityM2PerS: 4e-10, waterKgPerM3: 800 } as const;
    const body = run(slab, { kind: "constant", concentration: 1 }, hours * HOUR_S);
    expect(Math.abs(body.meanConcentration - crankConstant(4e-10, hours * HOUR_S, 0.01))).toBeLessThan(0.003);
  });

  test.each([0.5, 1, 3])("limited bath, capacity %s times the slab: within 0.4 %", (alpha) => {
    const slab = { thicknessMm: 20, faces: 2, diffusivityM2PerS: 5e-10, waterKgPerM3: 800 } as const;
    const waterKgPerM2 = alpha * 800 * 0.01;
    const even = alpha / (1 + alpha);
    for (const hours of [1, 6, 24]) {
      const body = run(slab, { kind: "finite", concentration: 1, waterKgPerM2 }, hours * HOUR_S);
      const exact = even * crankFinite(5e-10, hours * HOUR_S, 0.01, alpha);
      expect(Math.abs(body.meanConcentration - exact)).toBeLessThan(0.004);
    }
  });

  test("one face is half of a slab twice as thick", () => {
    const common = { diffusivityM2PerS: 5e-10, waterKgPerM3: 800 };
    const one = run({ ...common, thicknessMm: 10, faces: 1 }, { kind: "constant", concentration: 1 }, 20 * HOUR_S);
    const two = run({ ...common, thicknessMm: 20, faces: 2 }, { kind: "constant", concentration: 1 }, 20 * HOUR_S);
    expect(one.meanConcentration).toBeCloseTo(two.meanConcentration, 10);
  });

  test("no salt is made or lost: what the bath gave is in the flesh, and a lifted slab keeps it", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 60, noNaN: true }),
        fc.constantFrom(1 as const, 2 as const),
        fc.double({ min: 1, max: 40, noNaN: true }),
        (thicknessMm, faces, waterKgPerM2) => {
          const slab = { thicknessMm, faces, diffusivityM2PerS: 5e-10, waterKgPerM3: 800 };
          const body = run(slab, { kind: "finite", concentration: 0.1, waterKgPerM2 }, 10 * HOUR_S, 300);
          const inFlesh = body.meanConcentration * 800 * (thicknessMm / 1000 / faces);
          expect(inFlesh).toBeCloseTo(body.takenKgPerM2, 9);
          expect((0.1 - body.bathConcentration) * waterKgPerM2).toBeCloseTo(body.takenKgPerM2, 9);
          body.lift();
          for (let step = 0; step < 50; step++) body.step(600);
          expect(body.takenKgPerM2).toBeCloseTo(inFlesh, 9);
        },
      ),
      { numRuns: 30, seed: 3 },
    );
  });
});

test("salt in flesh: lean at 25 °C near 0.8-1.5e-9 (Del Valle and Nickerson 1967; memory, medium), fat at 5-10 °C within 2-9e-10 (Wang et al. 2000; memory, low)", () => {
  expect(saltDiffusivity(cod, 25)).toBeGreaterThan(0.75e-9);
  expect(saltDiffusivity(cod, 25)).toBeLessThan(1.5e-9);
  for (const pointC of [5, 10]) {
    expect(saltDiffusivity(salmon, pointC)).toBeGreaterThan(2e-10);
    expect(saltDiffusivity(salmon, pointC)).toBeLessThan(9e-10);
  }
  expect(saltDiffusivity(cod, 8)).toBeGreaterThan(saltDiffusivity(cod, 2));
});

const dry: CureRequest = {
  species: salmon,
  massG: 900,
  thicknessMm: 25,
  skin: true,
  method: "dry",
  targetSaltPct: 2.5,
  saltG: 45,
  sugarG: 25,
  brineWaterG: 1000,
  brinePct: 8,
  placeC: 3,
};
const plan = (part: Partial<CureRequest>) => {
  const planned = planCure({ ...dry, ...part });
  if (!planned.ok) throw new Error(planned.error.code);
  return planned.value;
};

describe("cures", () => {
  test("a skin-on salmonid side in dry salt: within the usual day or two, and a loss within the usual 8-16 % (common practice)", () => {
    const cured = plan({ targetSaltPct: 4, saltG: 80 });
    expect(cured.stopH).toBeGreaterThan(6);
    expect(cured.stopH).toBeLessThan(48);
    expect(cured.weightLossShare).toBeGreaterThan(0.08);
    expect(cured.weightLossShare).toBeLessThan(0.16);
    expect(cured.meanPct).toBeCloseTo(4, 1);
  });

  test("equilibrium brine: 1000 g and 1000 g at 1.5 % take 30 g of salt (common practice), and it cannot go past the target", () => {
    expect(equilibriumSaltG(1.5, 1000, 1000)).toBeCloseTo(30, 9);
    const cured = plan({ method: "equilibrium", species: cod, targetSaltPct: 1.5, massG: 1000, skin: false });
    expect(cured.saltNeededG).toBeCloseTo(30, 9);
    // 30 g over all the water there is, 1000 g and 81 % of 1000 g: 1.34 % of the fish (arithmetic)
    const most = Math.max(...cured.samples.map(({ meanPct }) => meanPct));
    expect(most).toBeGreaterThan(0.95 * 1.34 - 0.01);
    expect(most).toBeLessThan(1.345);
  });

  test("3.0 % salt in 67 % water is 4.29 % water-phase: passes 3.5 (FDA hazards guidance, ch. 13, memory)", () => {
    expect(waterPhaseSaltPct(3, 67)).toBeCloseTo(4.286, 2);
  });

  test("refusals in words: too little salt, a brine too weak, one too strong", () => {
    const refused = (part: Partial<CureRequest>) => {
      const planned = planCure({ ...dry, ...part });
      return planned.ok ? "planned" : english(planned.error);
    };
    expect(refused({ saltG: 10 })).toMatch(/cannot give 2.5 %: it takes 23 g/);
    expect(refused({ method: "brine", brinePct: 1.5 })).toMatch(/however long it lies/);
    expect(refused({ method: "brine", brinePct: 30 })).toMatch(/26 %/);
  });

  test("a quick brine of ten minutes at 10 % salts a 25 mm fillet lightly, to about 0.5-0.9 % (common practice: seasoned, not salted)", () => {
    const cured = plan({
      method: "brine",
      species: cod,
      skin: false,
      brinePct: 10,
      brineWaterG: 3000,
      targetSaltPct: 0.6,
    });
    expect(cured.stopH * 60).toBeGreaterThan(4);
    expect(cured.stopH * 60).toBeLessThan(30);
    expect(cured.restH).toBeGreaterThan(1);
  });

  test("laws: thicker takes longer to the target and to even; stronger brine is sooner; salt stays between 0 and saturation", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 40, noNaN: true }),
        fc.double({ min: 1, max: 4, noNaN: true }),
        (thicknessMm, targetSaltPct) => {
          const one = plan({ thicknessMm, targetSaltPct, saltG: 90 });
          const thicker = plan({ thicknessMm: thicknessMm * 1.3, targetSaltPct, saltG: 90 });
          expect(thicker.stopH).toBeGreaterThan(one.stopH);
          if (thicker.even) expect(thicker.restH).toBeGreaterThan(one.restH);
          expect(thicker.even && !one.even).toBe(false);
          for (const { restH, keepDays } of [one, thicker]) expect(restH).toBeLessThan(keepDays * 24 + 8);
          for (const { layersPct } of one.samples)
            for (const pct of layersPct) {
              expect(pct).toBeGreaterThan(-0.05);
              expect(pct).toBeLessThan(36);
            }
          const brine = (brinePct: number) =>
            plan({ method: "brine", thicknessMm, targetSaltPct, brinePct, brineWaterG: 6000 }).stopH;
          expect(brine(20)).toBeLessThan(brine(12));
        },
      ),
      { numRuns: 12, seed: 5 },
    );
  });
});

test("a thick skin-on side does not get even while it keeps, and says what to do; a thin skinless one does", () => {
  const thick = plan({ thicknessMm: 28, skin: true });
  expect(thick.even).toBe(false);
  expect(english(thick.warnings).join()).toMatch(/quarter of the time/);
  const thin = plan({ thicknessMm: 12, skin: false });
  expect(thin).toMatchObject({ even: true });
  expect(thin.evenness).toBeGreaterThanOrEqual(0.9);
});

test.each([
  // common practice scaled (low): 0.3 mm × √min
  { minutes: 5, depthMm: 0.7 },
  { minutes: 10, depthMm: 0.95 },
  { minutes: 30, depthMm: 1.6 },
  { minutes: 60, depthMm: 2.3 },
  { minutes: 120, depthMm: 3.3 },
  { minutes: 240, depthMm: 4.6 },
])("acid whitens $depthMm mm in $minutes min", ({ minutes, depthMm }) => {
  expect(Math.abs(whiteningAt(12, minutes).depthMm - depthMm)).toBeLessThan(0.06);
});

test("10-12 mm cubes: white through in about two to seven hours, a raw middle at half an hour (common practice 2-4 h)", () => {
  const through = minutesToWhiten(11, 0);
  expect(through.low).toBeGreaterThan(100);
  expect(through.low).toBeLessThan(240);
  expect(through.usual).toBeLessThan(7 * 60);
  expect(whiteningAt(11, 30).rawShare).toBeGreaterThan(0.6);
});

describe("cold smoke", () => {
  const light = { boxC: 6, minutes: 8, waterPhasePct: 2, cleared: true, vacuumPacked: false };
  const levels = (part: Partial<typeof light>) => adviseSmoke({ ...light, ...part }).map(({ level }) => level);
  test("a few minutes over ice with a cleared lot goes ahead, with care", () => {
    expect(levels({})).toEqual(["ok", "care"]);
  });
  test.each([
    ["not cleared of parasites", { cleared: false }],
    ["a box at 34 °C", { boxC: 34 }],
    ["a long smoke without salt", { minutes: 240 }],
    ["a vacuum pack without salt", { vacuumPacked: true }],
  ] as const)("stops: %s", (_, part) => {
    expect(levels(part)).toContain("stop");
    expect(levels(part)).not.toContain("ok");
  });
});
