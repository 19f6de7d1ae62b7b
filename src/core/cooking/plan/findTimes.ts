import { assert, err, ok, type Result, inCelsius, inMm, said, type Said } from "@/core/shared";
import { measureOf } from "./goal";
import { Programme } from "./programme";
import type { Job } from "./request";
import { Rising, timeToReach } from "./search";

export type PlanFailure = { readonly kind: "unreachable"; readonly message: Said; readonly bestC: number };

const FINE = { toleranceS: 0.5, toleranceValue: 0.03 } as const;
export const ROUGH = { toleranceS: 2, toleranceValue: 0.2 } as const;
const FINE_TENDER = { toleranceS: 20, toleranceValue: 0.005 } as const;
const LONGEST_PAN_S = 360;
/** A rule is met or not: the search ends within half a second of the border, on either side. */
const SAFE_MARGIN_S = 2;

/** What a plan says, or what it is drawn and compared from. */
export type Planned = {
  readonly job: Job;
  readonly programme: Programme;
  readonly seconds: readonly number[];
  /** What the goal measures by the total time; without the searched stages: what it measures when those fall away. */
  readonly reached: Reached;
};
type Reached = { readonly whole: Rising; readonly skipping: Rising };

function reachedBy({ goal }: Job, programme: Programme): Reached {
  const { valueOf } = measureOf(goal, programme);
  const rising = (skipping: boolean) =>
    new Rising((totalS) => valueOf(programme.outcome(programme.secondsFor(totalS, skipping))));
  return { whole: rising(false), skipping: rising(true) };
}

/** Finds the times alone: the heart of a plan, without what is said about it. */
export function findTimes(job: Job, guessS?: number, rough = false): Result<Planned, PlanFailure> {
  const programme = new Programme(job.setup, job.stages);
  const reached = reachedBy(job, programme);
  const { wanted } = measureOf(job.goal, programme);
  const tolerance = job.goal.kind === "tender" ? FINE_TENDER : rough ? ROUGH : FINE;
  const { beforeS } = programme;
  const { longestS, shortestS = 0 } = job.method;
  const highS = beforeS + programme.leastS + longestS;
  const found = timeToReach(
    reached.whole,
    wanted,
    [programme.leastS + 1, highS],
    tolerance,
    guessS ?? beforeS + programme.leastS + Math.min(240, longestS / 3),
  );
  if (found.kind === "above") return err(tooLittle(job, programme, highS));
  if (found.kind === "below") return err(tooMuch(job, found.valueAtLow));
  const finished = (totalS: number, skipping: boolean) =>
    ok({ job, programme, seconds: programme.secondsFor(totalS, skipping), reached });
  if (beforeS > 0 && shortestS > 0 && found.seconds < beforeS + shortestS) {
    // too little left for a stage of its own: the heat before it does the rest
    const alone = timeToReach(reached.skipping, wanted, [1, Math.max(LONGEST_PAN_S, beforeS)], tolerance, beforeS);
    if (alone.kind === "found") return finished(alone.seconds, true);
  }
  return finished(found.seconds + (job.goal.kind === "safe" ? SAFE_MARGIN_S : 0), false);
}

/** Seconds of every stage, rest included; the job must be one that can be done. */
export function secondsOf(job: Job): readonly number[] {
  const found = findTimes(job);
  assert(found.ok, found.ok ? "" : found.error.message.code);
  return found.value.programme.outcome(found.value.seconds).seconds;
}

function tooLittle(job: Job, programme: Programme, highS: number): PlanFailure {
  const { peakC: bestC, tender } = programme.outcome(programme.secondsFor(highS));
  const message =
    job.goal.kind === "rim"
      ? said("plan.theRimStopsShortOfRim", { rim: inMm(job.goal.rimMm) })
      : job.goal.kind === "tender"
        ? said("plan.itIsNotTenderAfterHigh", { high: Math.round(highS / 60), tender: Math.round(tender * 100) })
        : said("plan.theCentreStopsAtBestWith", { best: inCelsius(bestC, 0) });
  return { kind: "unreachable", message, bestC };
}

function tooMuch(job: Job, bestC: number): PlanFailure {
  const start = Math.round(job.request.startC);
  const message =
    job.goal.kind === "rim"
      ? said("plan.theFirstMomentAlreadySetsMore", { rim: inMm(job.goal.rimMm) })
      : job.goal.kind === "centre" || job.goal.kind === "doneness"
        ? said("plan.whatFollowsTheHeatCarriesIt", { target: inCelsius(job.goal.targetC, 0), start: inCelsius(start) })
        : said("plan.itIsThereBeforeItStarts");
  return { kind: "unreachable", message, bestC };
}
