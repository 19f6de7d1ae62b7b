import fc from "fast-check";
import { learnedPace, massOf, reduce, reductionClock, volumeMl, type Reduction } from "@/core/butter";
import { mixed } from "./mixture";
import { pouredGrams } from "../shelf/pour";

const PAN = 200;
const mixture = mixed([
  pouredGrams({ ingredientId: "white-wine", massG: 148 }),
  pouredGrams({ ingredientId: "wine-vinegar", massG: 151 }),
]);
const found = reduce({ mixture, toMl: 45, pan: { diameterMm: PAN }, netPowerW: 900, startC: 20 });
const model: Reduction = found.ok ? found.value : (undefined as never);
const whole = model.secondsToBoil + model.secondsReducing;
const middle = model.course[Math.floor(model.course.length / 2)]!;
const middleS = model.secondsToBoil + middle.seconds;

test("unseen, the clock is the model's", () => {
  expect(reductionClock(model, PAN, 0, []).secondsLeft).toBeCloseTo(whole, 6);
  expect(reductionClock(model, PAN, middleS, [])).toMatchObject({ phase: "reducing", by: "model" });
  expect(reductionClock(model, PAN, middleS, []).nowMl).toBeCloseTo(volumeMl(middle.mixture), 3);
  expect(reductionClock(model, PAN, whole + 1, []).phase).toBe("over");
});

test("a pan on the scale that is where the model has it changes nothing; one that is slower has longer to go", () => {
  const massG = massOf(middle.mixture);
  const same = reductionClock(model, PAN, middleS, [{ seconds: middleS, massG }]);
  expect(same.by).toBe("weight");
  expect(same.secondsLeft).toBeCloseTo(whole - middleS, 0);
  const slow = reductionClock(model, PAN, middleS * 1.5, [{ seconds: middleS * 1.5, massG }]);
  expect(slow.pace).toBeCloseTo(1 / 1.5, 2);
  expect(slow.secondsLeft).toBeCloseTo((whole - middleS) * 1.5, 0);
});

test("a level on straight walls says the same as the weight", () => {
  const levelMm = (volumeMl(middle.mixture) * 1000) / ((Math.PI / 4) * PAN ** 2);
  const { by, secondsLeft } = reductionClock(model, PAN, middleS, [{ seconds: middleS, levelMm }]);
  expect(by).toBe("level");
  expect(secondsLeft).toBeCloseTo(whole - middleS, 0);
});

test("before anything has boiled away the scale says nothing yet", () => {
  expect(reductionClock(model, PAN, 60, [{ seconds: 60, massG: massOf(mixture) }]).by).toBe("model");
});

test("later is never further away", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 2, noNaN: true }),
      fc.double({ min: 0, max: 200, noNaN: true }),
      fc.double({ min: 60, max: 250, noNaN: true }),
      (share, later, massG) => {
        const at = whole * share;
        const notes = [{ seconds: at * 0.7, massG }];
        const left = (seconds: number) => reductionClock(model, PAN, seconds, notes).secondsLeft;
        return left(at + later) <= left(at) + 1e-6;
      },
    ),
  );
});

test("a pan is learned slowly: one slow evening counts half, ten the whole", () => {
  const slow = { modelSeconds: 600, tookSeconds: 900 };
  expect(learnedPace([])).toBe(1);
  expect(learnedPace([slow])).toBeCloseTo(Math.sqrt(2 / 3), 6);
  expect(learnedPace(Array.from({ length: 10 }, () => slow))).toBeCloseTo((2 / 3) ** (10 / 11), 6);
  // a forgotten pan teaches no more than the bounds
  expect(learnedPace([{ modelSeconds: 600, tookSeconds: 60_000 }])).toBeGreaterThan(0.6);
});
