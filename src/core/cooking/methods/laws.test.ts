import { CookRun, governingMm, resized, type Touch } from "../model";
import { findTimes, jobOf, planCook, Programme, type CookRequest } from "../plan";
import { bandAt } from "../doneness";
import { METHODS } from "./table";
import { fitting } from "./methods.testkit";

/** The hottest a face can become by what touches it, °C. */
function hottestOf(touch: Touch, vesselC: number): number {
  switch (touch.on) {
    case "nothing":
      return -Infinity;
    case "vessel":
      return vesselC;
    case "air":
      return touch.airC;
    case "baste":
      return touch.fatC;
    case "glow":
      return Math.max(touch.sourceC, touch.airC);
    case "steam":
      return touch.toC;
    case "mix":
      return Math.max(...touch.of.map(([, part]) => hottestOf(part, vesselC)));
  }
}

const all = METHODS.map((method) => [method.id, method] as const);
/** Those whose time is looked for: the others end by themselves or by the clock. */
const searched = all.filter(([, method]) => {
  const { stages, goal } = jobOf(fitting(method));
  return stages.some(({ until }) => until.by === "search") && goal.kind !== "tender";
});

const found = (request: CookRequest) => {
  const times = findTimes(jobOf(request), undefined, true);
  if (!times.ok) throw new Error(times.error.message.code);
  return times.value;
};
const heatS = (request: CookRequest): number => {
  const plan = planCook(request);
  if (!plan.ok) throw new Error(plan.error.message.code);
  return plan.value.pullS;
};

test.each(all)(
  "%s: no flesh is hotter than the hottest thing that ever touched it, nor colder than the coldest",
  (_, method) => {
    const { setup, stages } = jobOf(fitting(method));
    const { seconds } = found(fitting(method));
    const cook = new CookRun({ ...setup, wholeFlesh: true });
    let hottest = setup.piece.startC;
    for (const [index, stage] of stages.entries()) {
      if (seconds[index]! <= 0) continue;
      const vesselC = stage.vessel ? Math.max(stage.vessel.setC, stage.vessel.startC) : -Infinity;
      const oven = stage.heat.by === "oven" ? stage.heat.airC : -Infinity;
      const touches = [stage.under, stage.over, stage.around].map((touch) => hottestOf(touch, vesselC));
      hottest = Math.max(hottest, oven, ...touches);
      cook.enter(stage);
      for (let part = 0; part < 3; part++) {
        cook.run(seconds[index]! / 3);
        expect(Math.max(...cook.body.temperatureC)).toBeLessThanOrEqual(hottest + 1);
        // wet flesh cools by what evaporates, but not below the cold it came from or a kitchen's wet bulb
        expect(Math.min(...cook.body.temperatureC)).toBeGreaterThanOrEqual(Math.min(setup.piece.startC, 10) - 1);
      }
    }
  },
);

test.each(searched)(
  "%s: the longer it is on the heat, the hotter is its middle and the further it is done",
  (_, method) => {
    const request = fitting(method);
    const { setup, stages } = jobOf(request);
    const { seconds } = found(request);
    const programme = new Programme(setup, stages);
    const ends = [0.7, 0.85, 1, 1.2, 1.5].map((share) =>
      programme.outcome(stages.map(({ until }, index) => seconds[index]! * (until.by === "search" ? share : 1))),
    );
    for (const [at, end] of ends.entries()) {
      if (at === 0) continue;
      expect(end.peakC).toBeGreaterThan(ends[at - 1]!.peakC - 1e-6);
      expect(end.waterLossPct).toBeGreaterThanOrEqual(ends[at - 1]!.waterLossPct - 1e-6);
      const { group } = setup.piece;
      expect(bandAt(group, end.peakC).fromC).toBeGreaterThanOrEqual(bandAt(group, ends[at - 1]!.peakC).fromC);
    }
  },
);

test.each(
  searched.flatMap(([id, method]) =>
    [
      { from: "chilled", startC: 10, longer: 1 },
      { from: "frozen", startC: -18, longer: 2.2 },
    ].map((start) => [id, start.from, method, start] as const),
  ),
)(
  "%s, %s: a little longer on the heat ends a little warmer, nowhere by a leap",
  (_, __, method, { startC, longer }) => {
    const { seconds } = found(fitting(method));
    const { setup, stages } = jobOf({ ...fitting(method), startC });
    const programme = new Programme(setup, stages);
    const peaks = Array.from({ length: 14 }, (___, at) => longer * (0.6 + 0.05 * at)).map(
      (share) =>
        programme.outcome(stages.map(({ until }, index) => seconds[index]! * (until.by === "search" ? share : 1)))
          .peakC,
    );
    const rises = peaks.slice(1).map((peakC, at) => peakC - peaks[at]!);
    expect(Math.min(...rises)).toBeGreaterThan(-0.1);
    for (const [at, riseK] of rises.slice(1, -1).entries()) {
      const nearK = Math.max(rises[at]!, rises[at + 2]!);
      expect(riseK).toBeLessThan(1.5 * nearK + 0.5);
    }
  },
);

test.each(searched)("%s: a thinner piece takes less time, and a colder one more", (_, method) => {
  const request = fitting(method);
  const usual = heatS(request);
  const sizeMm = governingMm(request.shape);
  const thinner = { ...request, shape: resized(request.shape, sizeMm * 0.87), pieceG: request.pieceG! * 0.87 };
  expect(heatS(thinner)).toBeLessThan(usual);
  expect(heatS({ ...request, startC: 3 })).toBeGreaterThan(usual);
});

/** Ways in which one face lies on the metal first. */
const onMetal = all.filter(([, method]) => {
  const [first] = jobOf(fitting(method)).stages;
  return (
    first?.under.on === "vessel" &&
    first.over.on !== "vessel" &&
    jobOf(fitting(method)).setup.piece.shape.kind === "slab"
  );
});

test.each(onMetal)("%s: the face on the metal is the hotter one while it lies there", (_, method) => {
  const { setup, stages } = jobOf(fitting(method));
  const cook = new CookRun({ ...setup, wholeFlesh: true });
  cook.enter(stages[0]!);
  for (let minute = 0; minute < 3; minute++) {
    cook.run(45);
    const { layersC, firstC, secondC } = cook.snapshot();
    const down = stages[0]!.down === 0 ? [firstC, secondC] : [secondC, firstC];
    expect(down[0]!).toBeGreaterThan(down[1]! + 5);
    const inward = stages[0]!.down === 0 ? layersC : layersC.toReversed();
    // from the metal inwards it is colder, layer by layer, to the middle
    for (let at = 1; at < inward.length / 2; at++) expect(inward[at]!).toBeLessThanOrEqual(inward[at - 1]! + 1e-6);
  }
});

test.each(all)(
  "%s: the middle is never hotter than the hottest flesh around it, and the course ends with its rest",
  (_, method) => {
    const { stages } = jobOf(fitting(method));
    const { seconds, programme } = found(fitting(method));
    const outcome = programme.outcome(seconds);
    const trace = programme.trace(outcome.seconds, 5);
    expect(outcome.peakC).toBeLessThanOrEqual(Math.max(...trace.flatMap(({ layersC }) => layersC)) + 0.5);
    expect(trace.at(-1)!.stage).toBe(stages.length - 1);
    for (const [at, { timeS }] of trace.entries()) if (at > 0) expect(timeS).toBeGreaterThan(trace[at - 1]!.timeS);
  },
);
