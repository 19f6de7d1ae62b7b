import { METHODS, planCook, type CookRequest, type AskedGoal } from "@/core/cooking";
import { fitting } from "@/core/cooking/methods/methods.testkit";
import { planToKeep } from "../stove/storedPlan";
import { readForm, writeForm } from "./form";
import { PLAN } from "./planForm";

const planned = (request: CookRequest) => {
  const { species, composition, ...asked } = request;
  const answer = planCook(request);
  if (!answer.ok) return null;
  const question = {
    ...asked,
    speciesId: species.id,
    composition: composition ?? species.compositionPct,
    kit: {},
    thinnestMm: 20,
    thickestMm: 24,
    panId: "steel-26" as const,
    pieces: 2,
    pieceG: 150,
  };
  return planToKeep(question, answer.value);
};

test.each(METHODS.map((method) => [method.id, method] as const))(
  "%s: whatever is planned can be kept and is read as it was",
  (_, method) => {
    const goals: readonly AskedGoal[] = [fitting(method).goal, { kind: "safe" }];
    for (const goal of goals) {
      const plan = planned({ ...fitting(method), goal });
      if (plan) expect(readForm(PLAN, writeForm(PLAN, plan))).toEqual(JSON.parse(JSON.stringify(plan), backAgain));
    }
    expect(planned(fitting(method))).not.toBeNull();
  },
);

/** An endless figure has no name in JSON. */
const backAgain = (key: string, value: unknown) => (key === "usualMostK" && value === null ? Infinity : value);
