import { liveCook } from "@/core/cooking";
import { HOLD_LABELS } from "@/core/coldchain";
import { nextAction } from "@/core/line";
import { hotHoldStatus } from "@/core/safety";
import { DAY_MS } from "@/core/units";
import { batchesToCook } from "@/db/block/batches";
import { db } from "@/db/connection";
import type { House } from "@/db/house/house";
import { alarmsOf, watchHouse } from "@/db/lots/excursions";
import { liveHolds, openHolds } from "@/db/lots/holds";
import { lotsReceivedSince } from "@/db/lots/lots";
import { stockOnIce } from "@/db/lots/stock";
import { openCooks } from "@/db/stove/cooks";
import { openHotHolds } from "@/db/stove/hotHolds";
import { clockOf, speciesName } from "../stove/clockOf";

/** What stands in the house now. */
function standing(house: House, nowMs: number) {
  const everything = stockOnIce(db(), nowMs);
  const stock = everything.filter(({ byProduct }) => !byProduct);
  const watched = watchHouse(db(), house.ruleSetId, nowMs);
  return {
    all: everything.length,
    stock,
    cooks: openCooks(db()).map(clockOf),
    batches: batchesToCook(db(), nowMs - 3 * DAY_MS).map(({ id, speciesId, portions }) => ({
      id,
      title: speciesName(speciesId),
      portions: portions.filter(({ cookId }) => cookId === null).length,
      firstG: portions[0]?.massG ?? 0,
    })),
    arrived: lotsReceivedSince(db(), nowMs - DAY_MS),
    holds: [...openHolds(db(), nowMs), ...liveHolds(stock, nowMs)],
    hot: openHotHolds(db()).map((hold) => ({ ...hold, status: hotHoldStatus(hold, nowMs) })),
    watched,
    alarms: alarmsOf(db(), watched, nowMs),
  };
}
type Standing = ReturnType<typeof standing>;

/** What asks for hands by a clock or a limit that is over. */
const askingNow = ({ alarms, hot, holds }: Standing) => ({
  // what is answered stays an alarm while the place is out, but it asks for hands only while fish lies there
  warm: alarms
    .filter(({ excursion: { state }, lotsThere }) => state === "out" || (state === "stillOut" && lotsThere > 0))
    .map(({ place: { id: placeId, name }, excursion: { extremeC: celsius, limitC } }) => ({
      placeId,
      name,
      celsius,
      limitC,
    })),
  hotDue: hot
    .filter(({ status }) => status.due)
    .map(({ id, title, lotId, status }) => ({ id, title, over: status.state === "over", sauce: lotId !== null })),
  holdsDue: holds
    .filter(({ status }) => status.state === "due" || status.state === "stopped")
    .map(({ id, lot, hold, status }) => ({
      id,
      lotId: lot.id,
      title: `${HOLD_LABELS[hold.kind]}: ${speciesName(lot.speciesId)}`,
      needs: status.needs,
    })),
});

/** Places with an alarm that has not ended, the worst of each, and places nobody read in time. */
function wantingOf({ watched, alarms }: Standing, nowMs: number) {
  const worst = alarms.filter(({ place }, index) => alarms.findIndex((one) => one.place.id === place.id) === index);
  const unread = watched.filter(
    ({ place, gaps }) => gaps.some(({ toMs }) => toMs === nowMs) && !worst.some((one) => one.place === place),
  );
  return { worst, unread };
}

/** Today: what stands in the house, which places want somebody, and what to do first. */
export function todayNow(house: House, nowMs: number) {
  const now = standing(house, nowMs);
  const running = now.cooks.map(({ id, title, stageSeconds, stageNames, events }) => {
    const { stageIndex, remainingS } = liveCook(stageSeconds, events, nowMs);
    return { id, title, stage: stageNames[stageIndex] ?? "", next: stageNames[stageIndex + 1] ?? null, remainingS };
  });
  const action = nextAction(running, now.stock, now.batches, askingNow(now));
  return { ...now, wanting: wantingOf(now, nowMs), action };
}
