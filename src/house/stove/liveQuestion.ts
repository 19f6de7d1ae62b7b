import { sum } from "@/core/numeric";
import { liveCook, stageSecondsAt, type CookEvent, type LiveQuestion } from "@/core/cooking";
import type { Species } from "@/core/species";
import type { StoredPlan } from "./storedPlan";
import { templateSeconds, templateSoFar } from "./templateSeconds";

type RunningCook = { readonly plan: StoredPlan; readonly events: readonly CookEvent[] };
type ProbeReading = { readonly atMs: number; readonly celsius: number };

/** What the state of a cook is asked at a moment: its plan, what each stage really took, and what was read. */
export function liveQuestionOf(
  { plan, events }: RunningCook,
  streamed: readonly ProbeReading[],
  own: readonly Species[],
  nowMs: number,
): LiveQuestion {
  const { answer, ...question } = plan;
  const taken = stageSecondsAt(events, nowMs);
  const isOver = taken.length > answer.stages.length;
  const byHand = events.flatMap((event) =>
    event.kind === "probed" ? [{ atMs: event.atMs, celsius: event.centreC }] : [],
  );
  return {
    sheet: { ...question, own },
    plannedS: answer.stageSeconds,
    taken: isOver ? templateSeconds(plan, answer.stageSeconds.length, taken) : templateSoFar(plan, taken),
    readings: [...byHand, ...streamed]
      .sort((a, b) => a.atMs - b.atMs)
      .map(({ atMs, celsius }) => ({
        timeS: sum(stageSecondsAt(events, atMs)),
        centreC: celsius,
      })),
  };
}

/** A stage may be off by so much, or this share of it, before the clocks after it are asked anew. */
const OFF_S = 6;
const OFF_SHARE = 0.04;

/** Whether what was done is another thing than what was planned, so that the rest of the plan has to be looked at. */
export function isOffPlan({ plan, events }: RunningCook, nowMs: number): boolean {
  const seconds = plan.answer.stages.map((stage) => stage.seconds);
  const taken = stageSecondsAt(events, nowMs);
  const over = taken.slice(0, Math.min(taken.length - 1, seconds.length));
  return (
    liveCook(seconds, events, nowMs).foreseen !== null ||
    over.some((took, at) => Math.abs(took - seconds[at]!) > Math.max(OFF_S, OFF_SHARE * seconds[at]!))
  );
}

/** The place of the stage in hand among those of the method. */
export const stageInHand = ({ answer }: StoredPlan, stageIndex: number): number | undefined =>
  answer.stageSeconds.flatMap((seconds, index) => (seconds > 0 ? [index] : []))[stageIndex];
