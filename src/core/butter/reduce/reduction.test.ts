import fc from "fast-check";
import { USUAL_LIQUIDS } from "./data/liquids";
import { vapourFraction } from "./ethanol";
import { massOf, mixed, mixtureOf, NOTHING_IN_IT, volumeMl, type Mixture } from "./mixture";
import { reduce, type Reduction, type ReduceQuestion } from "./reduction";

const water = (waterG: number): Mixture => ({ ...NOTHING_IN_IT, waterG });
const WIDE = { diameterMm: 400 };
const down = (question: Partial<ReduceQuestion> & Pick<ReduceQuestion, "mixture" | "toMl">): Reduction => {
  const found = reduce({ pan: WIDE, netPowerW: 1000, startC: 20, ...question });
  if (!found.ok) throw new Error(found.error.code);
  return found.value;
};
const wine = (volume: number, abvPct = 12.5) => mixtureOf({ ...USUAL_LIQUIDS.wine, volumeMl: volume, abvPct });

describe("the pan against the steam tables", () => {
  it("heats a kilo of water from 20 °C and boils half of it away (steam tables: 335 kJ, 2257 kJ/kg; memory, high)", () => {
    const { secondsToBoil, secondsReducing } = down({ mixture: water(1000), toMl: volumeMl(water(500)) });
    expect(secondsToBoil / 335.2).toBeCloseTo(1, 2);
    expect(secondsReducing / 1128.5).toBeCloseTo(1, 3);
  });

  it("takes 4.7 min from 250 g to 100 g at 1.2 kW, and is held back by the surface of a small pan (common practice)", () => {
    const ask = { mixture: water(250), toMl: volumeMl(water(100)) };
    expect(down({ ...ask, netPowerW: 1200, pan: { diameterMm: 240 } }).secondsReducing / 60).toBeCloseTo(4.7, 1);
    const small = down({ ...ask, netPowerW: 2000, pan: { diameterMm: 200 } });
    expect([small.limitedBy, Math.round(small.secondsReducing / 60)]).toEqual(["surface", 6]);
  });

  it("needs twice the time for twice the volume in the same pan", () => {
    const [one, two] = [wine(200), wine(400)].map((mixture) => down({ mixture, toMl: volumeMl(mixture) / 3 }));
    expect(two!.secondsReducing / one!.secondsReducing).toBeCloseTo(2, 3);
  });
});

describe("alcohol and acid", () => {
  // smoothed ethanol-water equilibrium at 1 atm, as textbooks of distillation print it (memory, medium)
  it.each([
    [0.05, 0.332],
    [0.1, 0.442],
    [0.2, 0.531],
    [0.4, 0.614],
    [0.6, 0.699],
    [0.8, 0.818],
  ])("over %d mol the vapour holds %d", (x, y) => {
    expect(Math.abs(vapourFraction(x) - y)).toBeLessThan(0.02);
  });

  it("weighs wine and spirits as the tables of alcohol do: 0.982 and 0.948 g/ml without extract (OIML; memory, high)", () => {
    const plain = { ...USUAL_LIQUIDS.water, volumeMl: 1000 };
    expect(massOf(mixtureOf({ ...plain, abvPct: 12.5 })) / 1000).toBeCloseTo(0.9822, 3);
    expect(massOf(mixtureOf({ ...plain, abvPct: 40 })) / 1000).toBeCloseTo(0.948, 3);
  });

  it("follows the exact solution for acetic acid in water: what is left is the mass ratio to the power 0.7 (Rayleigh 1902)", () => {
    const start = { ...NOTHING_IN_IT, waterG: 940, aceticG: 60 };
    const { final } = down({ mixture: start, toMl: 200 });
    expect(final.aceticG / 60).toBeCloseTo((massOf(final) / 1000) ** 0.7, 3);
  });

  it("boils wine below water, and by a third of its volume nearly all alcohol has gone (common practice)", () => {
    const { boilsAtC, final } = down({ mixture: wine(300), toMl: 100 });
    expect(boilsAtC).toBeGreaterThan(90);
    expect(boilsAtC).toBeLessThan(95);
    expect(final.ethanolG / wine(300).ethanolG).toBeLessThan(0.001);
  });

  it("a beurre blanc base of 150 ml wine and 150 ml vinegar to 45 ml: about 1.8 and 10.2 min, a quarter of the acetic acid", () => {
    const base = mixed([wine(150), mixtureOf({ ...USUAL_LIQUIDS.vinegar, volumeMl: 150 })]);
    const found = down({ mixture: base, toMl: 45, pan: { diameterMm: 200 }, netPowerW: 900 });
    expect(found.secondsToBoil / 60).toBeCloseTo(1.75, 1);
    expect(Math.abs(found.secondsReducing / 60 - 10.2)).toBeLessThan(0.3);
    expect(found.final.aceticG / base.aceticG).toBeCloseTo(0.26, 1);
  });
});

describe("laws", () => {
  const poured = fc.record({
    volumeMl: fc.double({ min: 20, max: 20_000, noNaN: true }),
    abvPct: fc.double({ min: 0, max: 60, noNaN: true }),
    acidPct: fc.double({ min: 0, max: 8, noNaN: true }),
    acetic: fc.boolean(),
    saltPct: fc.double({ min: 0, max: 4, noNaN: true }),
    solidsPct: fc.double({ min: 0, max: 10, noNaN: true }),
    fatPct: fc.constant(0),
  });

  it("pours the volume it was told", () => {
    fc.assert(fc.property(poured, (part) => expect(volumeMl(mixtureOf(part)) / part.volumeMl).toBeCloseTo(1, 6)));
  });

  it("loses only what boils away: mass is kept, salt and solids stay, acid and alcohol never grow, the volume is the one asked", () => {
    fc.assert(
      fc.property(poured, fc.double({ min: 0.3, max: 0.98, noNaN: true }), (part, fraction) => {
        const mixture = mixtureOf(part);
        const found = down({ mixture, toMl: volumeMl(mixture) * fraction });
        const { final, evaporatedG, course } = found;
        expect(massOf(final) + evaporatedG).toBeCloseTo(massOf(mixture), 6);
        expect([final.saltG, final.solidsG, final.fixedAcidG]).toEqual([
          mixture.saltG,
          mixture.solidsG,
          mixture.fixedAcidG,
        ]);
        expect(final.aceticG).toBeLessThanOrEqual(mixture.aceticG);
        expect(volumeMl(final) / volumeMl(mixture)).toBeCloseTo(fraction, 3);
        expect(course.every(({ seconds }, index) => index === 0 || seconds > course[index - 1]!.seconds)).toBe(true);
      }),
    );
  });

  it("refuses more than is in the pan, and less than can stay in it", () => {
    const ask = { mixture: wine(300), pan: WIDE, netPowerW: 900, startC: 20 };
    expect(reduce({ ...ask, toMl: 301 })).toMatchObject({
      error: { code: "butter.moreThanIsInThePan", values: { has: { unit: "ml", value: 300 } } },
    });
    expect(reduce({ ...ask, toMl: 3 })).toMatchObject({ error: { code: "butter.burntBeforeThen" } });
  });
});
