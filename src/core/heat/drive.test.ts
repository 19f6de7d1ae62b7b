import fc from "fast-check";
import { drive, mostSteps, nextStepS, type Pace } from "./drive";

type Stage = { readonly seconds: number; readonly name: string };
/** Quarters of a second: sums of them are exact. */
const quarters = (most: number) => fc.integer({ min: 2, max: 4 * most }).map((count) => count / 4);
const stages = fc
  .array(quarters(900), { minLength: 1, maxLength: 5 })
  .map((all) => all.map((seconds, at): Stage => ({ seconds, name: `stage ${at}` })));
const paces: fc.Arbitrary<Pace> = fc.record({
  firstS: fc.double({ min: 0.005, max: 0.5, noNaN: true }),
  growth: fc.double({ min: 0.02, max: 0.3, noNaN: true }),
  longestS: fc.constantFrom(Infinity, 0.7, 3, 20),
});
const every = quarters(120);

/** Everything a body would be told on the way. */
function driven(of: readonly Stage[], pace: Pace, sampleEveryS: number) {
  const told: { readonly stepS: number; readonly stage: string; readonly reachedS: number }[] = [];
  const samples: number[] = [];
  const steps = drive(of, pace, sampleEveryS, {
    step: (stepS, { name }, reachedS) => void told.push({ stepS, stage: name, reachedS }),
    sample: (timeS) => void samples.push(timeS),
  });
  return { told, samples, steps, totalS: of.reduce((sum, { seconds }) => sum + seconds, 0) };
}

test("law: the steps are all of the time and no more, each within one stage and none longer than allowed", () => {
  fc.assert(
    fc.property(stages, paces, every, (of, pace, sampleEveryS) => {
      const { told, totalS, steps } = driven(of, pace, sampleEveryS);
      expect(steps).toBe(told.length);
      expect(told.reduce((sum, { stepS }) => sum + stepS, 0)).toBeCloseTo(totalS, 6);
      expect(told.at(-1)!.reachedS).toBeCloseTo(totalS, 9);
      for (const { stepS } of told) expect(stepS > 0 && stepS <= pace.longestS).toBe(true);
      for (const { seconds, name } of of) {
        const own = told.filter(({ stage }) => stage === name);
        expect(own.reduce((sum, { stepS }) => sum + stepS, 0)).toBeCloseTo(seconds, 6);
      }
    }),
    { numRuns: 60 },
  );
});

test("law: sampled at the start, whenever it was asked for, and at the very end", () => {
  fc.assert(
    fc.property(stages, paces, every, (of, pace, sampleEveryS) => {
      const { samples, totalS } = driven(of, pace, sampleEveryS);
      expect(samples[0]).toBe(0);
      expect(samples.at(-1)).toBeCloseTo(totalS, 9);
      for (const [at, timeS] of samples.slice(0, -1).entries()) expect(timeS).toBeCloseTo(at * sampleEveryS, 6);
      expect(samples.length).toBe(Math.ceil(totalS / sampleEveryS - 1e-9) + 1);
    }),
    { numRuns: 60 },
  );
});

test("law: a run never takes more steps than were reckoned before it was begun", () => {
  fc.assert(
    fc.property(stages, paces, every, (of, pace, sampleEveryS) => {
      // every sample and every stage may cost a step besides
      const spare = 2 * of.length + of.reduce((sum, { seconds }) => sum + seconds, 0) / sampleEveryS;
      expect(driven(of, pace, sampleEveryS).steps).toBeLessThanOrEqual(mostSteps(of, pace, sampleEveryS) + spare + 40);
    }),
    { numRuns: 60 },
  );
});

test("a step grows with the time since the faces changed, and two halves end it rather than one step and a sliver", () => {
  expect(nextStepS(0, 100, 0.03, 0.01)).toBe(0.01);
  expect(nextStepS(50, 100, 0.03, 0.01)).toBe(1.5);
  expect(nextStepS(50, 1.2, 0.03, 0.01)).toBe(1.2);
  expect(nextStepS(50, 2, 0.03, 0.01)).toBe(1);
});
