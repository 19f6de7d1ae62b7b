import type { CardSpec } from "@/core/cards";
import { liveCook, spotsOfMethod, type CookEvent, type CookPlan } from "@/core/cooking";
import { keptSeconds, type PanPart } from "@/core/line";
import type { PanStage } from "../stored/panStage";

/** The stages of a way of cooking over the spots of the station. `ratio`: what this station's hands make of the stove's minutes; `atC`: the oven's heat where it is not the usual one. */
export function panStages(card: CardSpec, plan: CookPlan, ratio = 1, atC?: number): readonly PanStage[] {
  const spots = new Map(spotsOfMethod(card.piece.methodId!).map((one) => [one.stageId, one]));
  return plan.stages.map(({ id, name, seconds }) => {
    const { spot = null, ovenC: usualC = null } = spots.get(id) ?? {};
    const ovenC = usualC === null ? null : (atC ?? usualC);
    const medianS = seconds * ratio;
    // nobody is late with letting something rest
    return { id, name, medianS, keptS: spot === null ? medianS : keptSeconds(medianS), spot, ovenC };
  });
}

export type BegunPan = {
  readonly id: string;
  readonly cardId: string;
  readonly parts: readonly PanPart[];
  readonly stages: readonly PanStage[];
  readonly events: readonly CookEvent[];
};
export type PanNow = {
  readonly stageIndex: number;
  readonly ranS: number;
  /** Of the stage in hand, as it was meant: negative once it is overdue. */
  readonly leftS: number;
  /** The clock of the stage in hand is so much longer than the plan, by hand or by the state of the piece. */
  readonly extraS: number;
  readonly state: "runs" | "ready" | "lost";
};

/** Where a begun pan stands: nothing but what hands did to it says so. */
export function panNow({ stages, events }: Pick<BegunPan, "stages" | "events">, nowMs: number): PanNow {
  const live = liveCook(
    stages.map(({ medianS }) => medianS),
    events,
    nowMs,
  );
  const state =
    live.status === "done" ? "ready" : live.status === "running" || live.status === "paused" ? "runs" : "lost";
  const extraS = live.plannedS - (stages[live.stageIndex]?.medianS ?? 0);
  return { stageIndex: live.stageIndex, ranS: live.elapsedS, leftS: live.remainingS, extraS, state };
}
