import { governingMm, type CookPlan, type SheetRequest } from "@/core/cooking";

/** What a cook was started with: the question and the whole answer, as they stood then. */
export type StoredPlan = Omit<SheetRequest, "own"> & {
  /** What the pan saw, mm. */
  readonly thicknessMm: number;
  /** Centre aimed at; null where the aim is another. */
  readonly targetC: number | null;
  readonly answer: CookPlan;
};

/** What is kept of a question with its answer. */
export function planToKeep({ own: _own, ...question }: SheetRequest, answer: CookPlan): StoredPlan {
  const { goal } = question;
  return {
    ...question,
    thicknessMm: governingMm(question.shape),
    targetC:
      goal.kind === "safe" || goal.kind === "rim" || answer.band === "tender" || answer.band === "open"
        ? null
        : goal.targetC,
    answer,
  };
}
