import { stillToCome } from "./livePlan";
import { nextStep, STEP_MS } from "./step";

test("a plan begins with the step that is still to come", () => {
  expect([0, 1, STEP_MS - 1, STEP_MS].map(nextStep)).toEqual([0, 1, 1, 1]);
});

test("a pan whose moment is just now moves along whole; one that is later than that is planned afresh", () => {
  const work = ["now.0", "now.1", "late.0", "late.1", "soon.0"].map((id) => ({ panId: id.slice(0, -2), id }));
  const absolute = new Map([
    ["now.0", 99],
    ["now.1", 107],
    ["late.0", 98],
    ["late.1", 106],
    ["soon.0", 103],
  ]);
  const before = stillToCome(absolute, { work }, 100);
  expect([...before]).toEqual([
    ["now.0", 0],
    ["now.1", 8],
    ["soon.0", 3],
  ]);
});
