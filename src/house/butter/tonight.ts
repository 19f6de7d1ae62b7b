import {
  afterWaiting,
  mountedSauce,
  rescuesFor,
  SERVICE_MIN,
  waitThrough,
  type Rescue,
  type SauceSpec,
  type SauceState,
  type Shelf,
} from "@/core/butter";
import { hotHoldStatus, type RuleSetId } from "@/core/safety";
import { MINUTE_MS } from "@/core/units";
import { plannedSauce } from "./plannedSauce";
import { mountedAs, type MountFacts } from "./sauceSpec";

/** A sauce that waits in the bain. */
export type SauceInBain = {
  readonly lotId: string;
  readonly code: string;
  readonly remainingG: number;
  readonly madeAtMs: number;
  readonly spec: SauceSpec;
  readonly mount: MountFacts;
};

export type BainStatus = {
  readonly minutes: number;
  readonly state: SauceState;
  /** Until it splits as it stands; null: not within the hours a service has. */
  readonly splitsInMin: number | null;
  readonly rescue: Rescue | null;
  /** When the rule set has it out. */
  readonly outAtMs: number | null;
  readonly over: boolean;
};

/** Where a waiting sauce stands: by its own water, and by the clock of the rule set, which runs from its first minute. */
export function bainStatus(sauce: SauceInBain, ruleSetId: RuleSetId, nowMs: number, shelf: Shelf): BainStatus {
  const { spec, mount, madeAtMs } = sauce;
  const minutes = Math.max(0, Math.floor((nowMs - madeAtMs) / MINUTE_MS));
  const question = mountedAs(spec, mount, shelf);
  const { outAtMs, state: clock } = hotHoldStatus(
    { ruleSetId, startedAtMs: madeAtMs, fromC: mount.servedC, usedMin: 0, readings: [] },
    nowMs,
  );
  const hold = { minutes, outAtMs, over: clock === "over" };
  if (!question) return { ...hold, state: "holds", splitsInMin: null, rescue: null };
  const now = afterWaiting(question, mount, minutes);
  const { holdsUntilMin } = waitThrough(question, mount, SERVICE_MIN);
  return {
    ...hold,
    state: mountedSauce(now).state,
    splitsInMin: holdsUntilMin === null ? null : Math.max(0, holdsUntilMin - minutes),
    rescue: rescuesFor(now)[0] ?? null,
  };
}

export type SauceNeed = {
  readonly specId: string;
  readonly name: string;
  readonly covers: number;
  readonly gPerCover: number;
  readonly batches: number;
  /** Of all batches one after the other in the usual pan; null: no base, or none that can be reduced so far. */
  readonly baseMin: number | null;
  /** Grams of base that are there, and that these covers want. */
  readonly baseHaveG: number;
  readonly baseNeedG: number;
  readonly hasBase: boolean;
};

/** The usual pan and burner for so many covers. */
export const usualStove = (covers: number): Pick<MountFacts, "panMm" | "netPowerW"> =>
  covers > 8 ? { panMm: 280, netPowerW: 1850 } : { panMm: 200, netPowerW: 900 };

/** What a sauce wants tonight, for the covers of the dishes it goes with. */
export function sauceNeed(specId: string, spec: SauceSpec, covers: number, baseHaveG: number, shelf: Shelf): SauceNeed {
  const plan = plannedSauce(spec, Math.max(1, covers), usualStove(covers), shelf);
  const need = { specId, name: spec.name, covers, baseHaveG, hasBase: spec.base.length > 0 };
  if (!plan.ok) return { ...need, gPerCover: 0, batches: 1, baseMin: null, baseNeedG: 0 };
  const { batch, batches } = plan.value;
  const minutes = batch.reduction ? (batch.reduction.secondsToBoil + batch.reduction.secondsReducing) / 60 : null;
  return {
    ...need,
    gPerCover: batch.sauce.massG / batch.covers,
    batches: batches.length,
    baseMin: minutes === null ? null : minutes * batches.length,
    baseNeedG: !need.hasBase ? 0 : (batch.question.base.massG / batch.covers) * covers,
  };
}

/** What is booked, by its fish or by its card. */
export type BookedLine = {
  readonly speciesId: string;
  readonly covers: number;
  /** The sauce its card serves ("" none); null: whatever goes with that fish. */
  readonly sauceId: string | null;
};

/** Covers that want a sauce: of the cards that serve it, and of the fish it goes with where no card says more. */
export const coversOfSauce = (
  specId: string,
  spec: Pick<SauceSpec, "goesWith">,
  booked: readonly BookedLine[],
): number =>
  booked.reduce(
    (sum, line) =>
      (line.sauceId === null ? spec.goesWith.includes(line.speciesId) : line.sauceId === specId)
        ? sum + line.covers
        : sum,
    0,
  );
