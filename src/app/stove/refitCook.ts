import { liveCook } from "@/core/cooking";
import { db } from "@/db/connection";
import { houseNowMs } from "@/db/houseClock";
import { listOwnSpecies } from "@/db/house/species";
import { findCook } from "@/db/stove/cooks";
import { readingsOf } from "@/db/stove/probes";
import { refit } from "@/db/stove/refits";
import { isOffPlan, liveQuestionOf, stageInHand } from "@/house/stove/liveQuestion";
import { tellCooks } from "@/server/cookNews";
import { workOut } from "@/server/pool";

/**
 * After a stage ended: what was done late or early goes into the clock of the next at once, through the state of the piece; at the end
 * the book keeps what the model makes of what was done.
 */
async function refitNow(cookId: string, requestId: string): Promise<void> {
  const cook = findCook(db(), cookId);
  const nowMs = houseNowMs();
  if (!cook) return;
  const seconds = cook.plan.answer.stages.map((stage) => stage.seconds);
  const before = liveCook(seconds, cook.events, nowMs);
  if (before.status !== "done" && (before.status !== "running" || !isOffPlan(cook, nowMs))) return;
  const question = liveQuestionOf(cook, readingsOf(db(), cookId), listOwnSpecies(db()), nowMs);
  const worked = await workOut("house", "estimate", question);
  if (!worked.ok || !worked.value.ok) return;
  const { seconds: wantedS, peakC, meets } = worked.value.value;
  const inHand = stageInHand(cook.plan, before.stageIndex);
  const changeS = inHand === undefined ? 0 : wantedS[inHand]! - before.plannedS;
  const found = { eventCount: cook.events.length, changeS, peakC, meets };
  if (refit(db(), cookId, found, { atMs: nowMs, requestId }).ok)
    tellCooks({ cookId, events: findCook(db(), cookId)!.events });
}

/** A tap waits no longer for what it makes of the clocks, ms: it is told after where that takes more. */
const WAIT_MS = 400;

/** A clock that could not be asked stands as planned. */
export const refitCook = (cookId: string, requestId: string): Promise<void> =>
  Promise.race([
    refitNow(cookId, requestId).catch(() => undefined),
    new Promise<void>((done) => setTimeout(done, WAIT_MS)),
  ]);
