import fc from "fast-check";
import {
  coolInIce,
  judgePot,
  liquorCapMl,
  planStock,
  potClock,
  POTS,
  stockBalance,
  waterToCoverMl,
  type IceBath,
} from "./broth";
import { NOTHING_IN_IT, volumeMl } from "./reduce/mixture";
import { reduce } from "./reduce/reduction";

const POT = POTS[0]!;
const ASK = { bonesG: 1000, waterMl: 1300, aromaticsG: 150, pot: POT, netPowerW: 2200, simmerMin: 22 };
const BATH: IceBath = { massG: 1100, fromC: 85, diameterMm: 200, stirred: true, iceG: 1100, bathWaterG: 500 };

it("a kilo of bones in the 4 l pot: 1.0 to 1.5 l to cover, about 6 min to the simmer, four skims, about 1.1 l (common practice)", () => {
  const water = waterToCoverMl(1000, POT);
  expect(water).toBeGreaterThan(1000);
  expect(water).toBeLessThan(1500);
  const plan = planStock(ASK);
  expect(Math.abs(plan.toSimmerMin - 6)).toBeLessThan(0.6);
  expect(plan.skimsAtMin).toEqual([5, 10, 15, 20]);
  expect(plan.yieldMl / 1300).toBeGreaterThan(0.75);
  expect(plan.yieldMl / 1300).toBeLessThan(0.88);
  expect(Math.abs(plan.yieldMl - 1100)).toBeLessThan(60);
  expect([plan.boilsOver, plan.tooLong, planStock({ ...ASK, simmerMin: 41 }).tooLong]).toEqual([false, false, true]);
});

it("runs the skims of a pot on the fire, each due for a minute, and says when it is strained and when it is over", () => {
  const plan = planStock(ASK);
  const at = (simmeredMin: number) => potClock(plan, 22, plan.toSimmerMin + simmeredMin);
  expect(at(-2)).toMatchObject({ phase: "heating", nextSkimInMin: 7 });
  expect(at(4)).toMatchObject({
    phase: "simmering",
    nextSkimInMin: expect.closeTo(1, 6) as number,
    strainInMin: expect.closeTo(18, 6) as number,
  });
  expect(at(5.5).nextSkimInMin).toBe(0);
  expect(at(6.5).nextSkimInMin).toBeCloseTo(3.5, 6);
  expect(at(21)).toMatchObject({ nextSkimInMin: null });
  expect(at(23)).toMatchObject({ phase: "over", strainInMin: expect.closeTo(-1, 6) as number });
});

it("cools in an ice bath that melts: 1.1 kg of ice passes, 0.4 kg does not, about a kilo a kilo is asked for (common practice)", () => {
  expect(judgePot(BATH, "eu-852").verdict.verdict).toBe("pass");
  const little = judgePot({ ...BATH, iceG: 400 }, "eu-852");
  expect(little.verdict.verdict).not.toBe("pass");
  expect(little.iceNeededG! / BATH.massG).toBeGreaterThan(0.6);
  expect(little.iceNeededG! / BATH.massG).toBeLessThan(1.3);
});

it("never ends below what the heat of melting allows, and never warms while it cools", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 3000, noNaN: true }),
      fc.double({ min: 300, max: 4000, noNaN: true }),
      (iceG, massG) => {
        const trace = coolInIce({ ...BATH, iceG, massG });
        expect(trace.every(([, celsius], index) => index === 0 || celsius <= trace[index - 1]![1] + 1e-9)).toBe(true);
        // stock, tap water and ice at one temperature: what is left when nothing is lost (heats of water and melting; memory, high)
        const even = (massG * 4.1 * 85 + 500 * 4.18 * 12 - iceG * 333.6) / (massG * 4.1 + (500 + iceG) * 4.18);
        expect(trace.at(-1)![1]).toBeGreaterThan(even - 0.2);
      },
    ),
    { numRuns: 40 },
  );
});

it("caps mussel liquor: 600 ml of 2.5 % down to 200 is 7.5 %", () => {
  const liquor = { ...NOTHING_IN_IT, waterG: 585, saltG: 15 };
  const found = reduce({
    mixture: liquor,
    toMl: volumeMl(liquor) / 3,
    pan: { diameterMm: 240 },
    netPowerW: 1850,
    startC: 20,
  });
  if (!found.ok) throw new Error(found.error.code);
  const { final } = found.value;
  expect((100 * final.saltG) / (final.saltG + final.waterG)).toBeCloseTo(7.4, 0);
  expect(liquorCapMl(200, 2.5)).toBeCloseTo(88, 0);
  expect(liquorCapMl(200, 0)).toBe(Infinity);
});

it("says what is short: cod 18 at 60 ml and turbot 14 at 30 ml against 1.1 l", () => {
  const draws = [
    { what: "cod", ml: 18 * 60 },
    { what: "turbot", ml: 14 * 30 },
  ];
  expect(stockBalance(draws, 1100)).toEqual({ drawnMl: 1500, shortMl: 400, overMl: 0 });
  expect(stockBalance(draws, 2000).overMl).toBe(500);
});
