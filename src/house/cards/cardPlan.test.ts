import { planSheet } from "@/core/cooking";
import { findSpecies } from "@/core/species";
import { DEMO_CARDS } from "@/demo/data/cards";
import { cardQuestion } from "./cardPlan";

const HOUSE = { ruleSetId: "eu-853" } as const;
const questionOf = (id: string) => {
  const { piece } = DEMO_CARDS[id]!;
  return cardQuestion(piece, findSpecies(piece.speciesIds[0]!)!, HOUSE);
};

test("a raw card asks the stove nothing", () => {
  expect(questionOf("crudo")).toBeNull();
});

test("change a thickness and the card's minutes move: thicker takes longer", () => {
  const { piece } = DEMO_CARDS["char"]!;
  const seconds = [16, 24, 32].map((thicknessMm) => {
    const plan = planSheet(cardQuestion({ ...piece, thicknessMm }, findSpecies("arctic-char")!, HOUSE)!);
    return plan.ok ? plan.value.stages.reduce((sum, stage) => sum + stage.seconds, 0) : NaN;
  });
  expect(seconds.every((one, index) => index === 0 || one > seconds[index - 1]!)).toBe(true);
});

test("a card that does not say its middle is under-cooked is planned to what the rule wants, or the stove says it cannot", () => {
  const mussels = questionOf("mussels")!;
  expect(mussels.goal).toEqual({ kind: "safe" });
  const plan = planSheet(mussels);
  expect(plan.ok && plan.value.safety.reached).toBe(true);
  const { piece } = DEMO_CARDS["cod"]!;
  const thick = cardQuestion({ ...piece, underCooked: false }, findSpecies("cod")!, HOUSE)!;
  expect(planSheet(thick)).toMatchObject({ ok: false, error: { code: "plan.theCentreStopsAtBestWith" } });
  expect(questionOf("cod")!.goal).toMatchObject({ kind: "centre" });
});
