import type { StoredPlan } from "./storedPlan";

const keptStages = ({ answer }: StoredPlan) =>
  answer.stageSeconds.flatMap((seconds, index) => (seconds > 0 ? [index] : []));

/** Seconds of every stage of the method from those of the stages the plan kept; a stage that fell away took none. */
export function templateSeconds(plan: StoredPlan, count: number, taken: readonly number[]): readonly number[] {
  const seconds = new Array<number>(count).fill(0);
  for (const [place, index] of keptStages(plan).entries()) if (index < count) seconds[index] = taken[place] ?? 0;
  return seconds;
}

/** The same up to the stage in hand, which stands last. */
export function templateSoFar(plan: StoredPlan, taken: readonly number[]): readonly number[] {
  const kept = keptStages(plan);
  const current = kept[Math.min(taken.length, kept.length) - 1] ?? 0;
  return templateSeconds(plan, current + 1, taken);
}
