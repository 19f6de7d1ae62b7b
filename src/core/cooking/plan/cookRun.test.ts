import { CookRun } from "../model";
import { findTimes } from "./findTimes";
import { METHODS } from "../methods";
import { fitting } from "../methods/methods.testkit";
import { jobOf } from "./request";

test.each(METHODS.map((method) => [method.id, method] as const))(
  "%s: proteins only set, water only leaves, and the opaque line only climbs",
  (_, method) => {
    const job = jobOf(fitting(method));
    const found = findTimes(job, undefined, true);
    if (!found.ok) throw new Error(found.error.message.code);
    const { seconds } = found.value;
    const cook = new CookRun({ ...job.setup, wholeFlesh: true });
    const before = { myosin: 0, loss: 0, line: 0, evaporatedG: 0, centreC: job.setup.piece.startC };
    for (const [index, stage] of job.stages.entries()) {
      if (seconds[index]! <= 0) continue;
      cook.enter(stage);
      for (let part = 0; part < 4; part++) {
        cook.run(seconds[index]! / 4);
        const { flesh, body } = cook;
        const now = {
          myosin: flesh.myosin.reduce((sum, decades) => sum + decades, 0),
          loss: cook.waterLossPct,
          line: cook.opaqueShare,
          evaporatedG: cook.evaporatedG,
        };
        expect(now.myosin).toBeGreaterThanOrEqual(before.myosin);
        expect(now.loss).toBeGreaterThanOrEqual(before.loss);
        expect(now.line).toBeGreaterThanOrEqual(before.line - 1e-9);
        expect(now.evaporatedG).toBeGreaterThanOrEqual(before.evaporatedG);
        Object.assign(before, now);
        for (const cellC of body.temperatureC) {
          expect(cellC).toBeGreaterThan(0);
        }
        expect(cook.coldestC).toBeLessThanOrEqual(Math.max(...body.temperatureC));
      }
    }
    expect(before.loss).toBeLessThan(30);
    expect(cook.evaporatedG).toBeLessThan(0.3 * job.setup.piece.massG);
  },
);

test.each(METHODS.filter(({ suits }) => suits.shapes.includes("slab")).map((method) => [method.id, method] as const))(
  "%s: a snapshot is the piece as it is: its ends are its faces' side, its middle the centre",
  (_, method) => {
    const job = jobOf({ ...fitting(method), shape: { kind: "slab", thicknessMm: 28 } });
    const cook = new CookRun({ ...job.setup, wholeFlesh: true });
    cook.enter(job.stages[0]!);
    cook.run(90);
    const { layersC, layersOpaque, layersDry, centreC, timeS } = cook.snapshot();
    expect(timeS).toBeCloseTo(90, 6);
    const { temperatureC } = cook.body;
    // layers lie between the cells they are read from
    expect(Math.min(...layersC)).toBeGreaterThanOrEqual(Math.min(...temperatureC) - 1e-9);
    expect(Math.max(...layersC)).toBeLessThanOrEqual(Math.max(...temperatureC) + 1e-9);
    const middle = (layersC[layersC.length / 2 - 1]! + layersC[layersC.length / 2]!) / 2;
    expect(Math.abs(middle - centreC)).toBeLessThan(1.5);
    for (const share of [...layersOpaque, ...layersDry]) {
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1);
    }
  },
);

test("twice the pieces draw the pan down further and cook no faster", () => {
  const method = METHODS.find(({ id }) => id === "skin-then-oven")!;
  const sear = (pieces: number) => {
    const job = jobOf({ ...fitting(method), pieces });
    const cook = new CookRun(job.setup);
    cook.enter(job.stages[0]!);
    cook.run(120);
    return cook;
  };
  const [few, many] = [sear(2), sear(4)];
  expect(many.lowestVesselC).toBeLessThan(few.lowestVesselC - 2);
  expect(many.centreC).toBeLessThan(few.centreC);
  expect(many.faces[0].crustMm).toBeLessThan(few.faces[0].crustMm);
});

test("water that dried the skin is what its crust once held: latent heat of the crust is heat the pan gave", () => {
  const method = METHODS.find(({ id }) => id === "skin-then-oven")!;
  const job = jobOf({ ...fitting(method), pieces: 1 });
  const cook = new CookRun(job.setup);
  cook.enter(job.stages[0]!);
  let excessJPerM2 = 0;
  let beforeS = 0;
  cook.run(180, (now) => {
    excessJPerM2 += now.body.flux[0].excessWPerM2 * (now.timeS - beforeS);
    beforeS = now.timeS;
    return false;
  });
  // crust × water per volume × heat of vaporisation (steam tables, 2257 kJ/kg at 100 °C)
  const waterShare = job.setup.piece.composition.water / 100;
  const crustM = cook.faces[0].crustMm / 1000;
  const perKg = excessJPerM2 / (crustM * waterShare);
  // density of flesh 1030-1090 kg/m³
  expect(perKg / 2.257e6).toBeGreaterThan(1000);
  expect(perKg / 2.257e6).toBeLessThan(1120);
});
