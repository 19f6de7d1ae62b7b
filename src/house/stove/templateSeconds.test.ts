import type { StoredPlan } from "./storedPlan";
import { templateSeconds, templateSoFar } from "./templateSeconds";

const plan = (stageSeconds: readonly number[]) => ({ answer: { stageSeconds } }) as StoredPlan;

test("stages that fell away took none; those kept take their times in order", () => {
  expect(templateSeconds(plan([90, 0, 60]), 3, [80, 55])).toEqual([80, 0, 55]);
  expect(templateSeconds(plan([90, 120, 60]), 3, [80])).toEqual([80, 0, 0]);
});

test("so far ends with the stage in hand, which is not the rest until it is", () => {
  expect(templateSoFar(plan([300, 60]), [42])).toEqual([42]);
  expect(templateSoFar(plan([90, 0, 60]), [80, 10])).toEqual([80, 0, 10]);
  expect(templateSoFar(plan([90, 60]), [80, 10, 5])).toEqual([80, 10]);
});
