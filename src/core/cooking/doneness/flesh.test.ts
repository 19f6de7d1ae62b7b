import fc from "fast-check";
import { evaporationKgPerM2S, saturationPa } from "@/core/matter";
import { DONENESS_BANDS, TARGET_DONENESS } from "./data/bands";
import { bandAt, bandsOf, readsLikeC, stateAt, targetCentreC } from "./doneness";
import { evaporationKgPerM2 } from "../model";
import { decimalS, finalLossPct, Flesh, KINETICS, setShare, temperatureOfLoss, type Kinetics } from "../model";

/** Heats one layer at a steady rate and answers where it sets fastest: the peak a calorimeter shows. */
function peakAt(kinetics: Kinetics, kelvinPerMin: number): number {
  const stepK = 0.02;
  let [decades, before, fastest, peakC] = [0, 0, 0, 0];
  for (let pointC = 20; pointC < 95; pointC += stepK) {
    decades += (stepK / kelvinPerMin) * (60 / decimalS(kinetics, pointC));
    const share = setShare(decades);
    if (share - before > fastest) [fastest, peakC] = [share - before, pointC];
    before = share;
  }
  return peakC;
}

// where calorimetry of fish muscle puts the peaks (memory, medium and low), at a slow scan of 1 K/min
test.each([
  ["myosin", [40, 47], "Hastings 1985; Skipnes et al. 2008: cold-water fish"],
  ["flakeCollagen", [30, 46], "Ofstad et al. 1993: collagen sheets shrink"],
  ["sarcoplasmic", [55, 67], "Skipnes et al. 2008"],
  ["actin", [72, 78], "Hastings 1985; Skipnes et al. 2008"],
] as const)("%s sets fastest at %j °C on a slow scan (%s)", (protein, [lowC, highC], _source) => {
  const peakC = peakAt(KINETICS[protein], 1);
  expect(peakC).toBeGreaterThanOrEqual(lowC);
  expect(peakC).toBeLessThanOrEqual(highC);
});

test("myosin sets tenfold faster at 51 °C than at 45: D at 50 °C is 0.88 min (computed from D45 6 min, z 6)", () => {
  expect(decimalS(KINETICS.myosin, 50) / 60).toBeCloseTo(0.88, 2);
  expect(decimalS(KINETICS.myosin, 45) / decimalS(KINETICS.myosin, 51)).toBeCloseTo(10, 9);
});

test("cook loss runs through the customary points and back (common practice, low)", () => {
  expect([45, 55, 65].map(finalLossPct)).toEqual([3, 8, 15]);
  expect(temperatureOfLoss(finalLossPct(58))).toBeCloseTo(58, 9);
});

describe("doneness from the state", () => {
  test.each(TARGET_DONENESS)("a layer brought to the middle of %s at the usual pace reads like it", (id) => {
    for (const group of ["salmonid", "white-flake", "scallop", "lobster"] as const) {
      const targetC = targetCentreC(group, id);
      expect(readsLikeC(group, stateAt(targetC))).toBeCloseTo(targetC, 6);
      expect(bandAt(group, readsLikeC(group, stateAt(targetC))).id).toBe(id);
    }
  });
  test("twenty minutes at 47 °C read further on than a minute, and never less with more time", () => {
    const held = (minutes: number) => {
      const flesh = new Flesh(1);
      for (let second = 0; second < minutes * 60; second++) flesh.advance(Float64Array.of(47), 1);
      const [myosin, flakeCollagen, lossPct] = [flesh.myosin[0]!, flesh.flakeCollagen[0]!, flesh.lossPct[0]!];
      return readsLikeC("salmonid", { myosin, flakeCollagen, lossPct });
    };
    expect(held(20)).toBeGreaterThan(held(1) + 2);
    expect(bandAt("salmonid", held(40)).id).not.toBe("dry");
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), (minutes) => held(minutes + 1) >= held(minutes) - 1e-9),
      { numRuns: 15, seed: 4 },
    );
  });
  test("bands run on without gaps, and the printed middle is the target", () => {
    const bands = bandsOf("salmonid");
    bands.slice(1).forEach((band, index) => expect(band.fromC).toBe(bands[index]!.toC));
    expect(targetCentreC("salmonid", "medium")).toBe(48);
    expect(bandAt("tuna", 34).id).toBe("translucent");
    expect(DONENESS_BANDS.salmonid.source).toMatch(/common practice/);
  });
});

test("one cell of the flesh ages as all of it does", () => {
  const [whole, one] = [new Flesh(3), new Flesh(3)];
  for (const pointC of [30, 44, 52, 58]) {
    whole.advance(Float64Array.of(pointC, pointC, pointC), 5);
    one.advanceCell(1, pointC, 5);
  }
  for (const key of ["myosin", "flakeCollagen", "lossPct"] as const)
    expect(one[key][1]).toBeCloseTo(whole[key][1]!, 12);
  expect(one.myosin[0]).toBe(0);
});

test("cephalopod collagen is tender after an hour at 92 °C, two at 85 and hardly at 70 (common practice, high and medium)", () => {
  const tenderAfter = (pointC: number, minutes: number) => {
    const flesh = new Flesh(1);
    for (let minute = 0; minute < minutes; minute++) flesh.advance(Float64Array.of(pointC), 60);
    return flesh.tender[0]!;
  };
  expect(tenderAfter(92, 60)).toBeCloseTo(1, 2);
  expect(tenderAfter(85, 127)).toBeCloseTo(1, 1);
  expect(tenderAfter(50, 600)).toBe(0);
});

test("evaporation from the table is the mass-transfer relation it tables", () => {
  const humidity = saturationPa(60) / saturationPa(180);
  for (const faceC of [30, 61.3, 88])
    expect(evaporationKgPerM2(faceC, 1, "oven", 180)).toBeCloseTo(
      evaporationKgPerM2S({ faceC, airC: 180, humidity, hWPerM2K: 15 }),
      5,
    );
  expect(evaporationKgPerM2(10, 1, "still", 25)).toBe(0);
  expect(evaporationKgPerM2(80, 1, "still", 25)).toBeGreaterThan(3 * evaporationKgPerM2(50, 1, "still", 25));
});
