import { estimateSheet, planSheet, type CookEvent } from "@/core/cooking";
import { codQuestion } from "@/core/cooking/plan/question.testkit";
import { isOffPlan, liveQuestionOf, stageInHand } from "./liveQuestion";
import { planToKeep } from "./storedPlan";

const ask = codQuestion({ startC: 5, panId: "iron-26", goal: { kind: "centre", targetC: 52 } });
const found = planSheet(ask);
if (!found.ok) throw new Error(found.error.code);
const plan = planToKeep(ask, found.value);
const [panS] = plan.answer.stages.map(({ seconds }) => seconds) as [number];
const turned = (offS: number): CookEvent[] => [
  { kind: "started", atMs: 0 },
  { kind: "advanced", atMs: (panS + offS) * 1000 },
];

test("a turn on time leaves the plan alone; one that is late or early asks the clocks anew", () => {
  const off = (offS: number) => isOffPlan({ plan, events: turned(offS) }, (panS + offS) * 1000);
  expect(off(2)).toBe(false);
  expect(off(30)).toBe(true);
  expect(off(-30)).toBe(true);
});

test("the stage in hand is found among those of the method, and a late turn shortens it", () => {
  const at = stageInHand(plan, 1)!;
  const after = (offS: number) => {
    const answer = estimateSheet(liveQuestionOf({ plan, events: turned(offS) }, [], [], (panS + offS) * 1000));
    if (!answer.ok) throw new Error(answer.error.code);
    return answer.value;
  };
  const [onTime, late] = [after(0), after(45)];
  expect(onTime.seconds[at]!).toBeCloseTo(plan.answer.stageSeconds[at]!, -1);
  expect(late.seconds[at]!).toBeLessThan(onTime.seconds[at]! - 5);
  expect(Math.abs(late.peakC - plan.answer.peakC)).toBeLessThan(1);
});
