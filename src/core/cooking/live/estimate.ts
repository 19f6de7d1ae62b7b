import { sum, sumOf } from "@/core/numeric";
import { judgeCook } from "@/core/safety";
import { fitCooks, NOTHING_OFF, shifted, type Reading, type Unknown } from "./fit";
import { measureOf } from "../plan";
import { Programme, type CookOutcome } from "../plan";
import type { Job } from "../plan";
import { Rising, timeToReach } from "../plan";

/** A change of a clock smaller than this is no news to a cook, s. */
export const WORTH_A_CHANGE_S = 5;

/** So far from where it was to end, K, the plan no longer holds and the piece is probed. */
export const OFF_PLAN_K = 2;

/** What the readings so far make of a running cook. */
export type LiveEstimate = {
  /** Seconds of every stage now thought right; those that are over as they were. */
  readonly seconds: readonly number[];
  /** Left until the piece leaves the heat, s; negative: it should have left. */
  readonly leftS: number;
  readonly peakC: number;
  /** Whether its coldest point meets the rule so. */
  readonly meets: boolean;
  /** Centre through time under the new estimate, and as first planned, for drawing. */
  readonly predicted: readonly { readonly timeS: number; readonly centreC: number }[];
  readonly planned: readonly { readonly timeS: number; readonly centreC: number }[];
  /** Largest that is off, in words for the cook; null when the plan holds. */
  readonly because: string | null;
};

const LIVE_UNKNOWNS: readonly Unknown[] = ["vessel", "air", "thickness", "start"];
/** The slope of a search in a running cook: coarse enough to follow every reading. */
const CLOSE = { toleranceS: 2, toleranceValue: 0.1 } as const;
/** No cook is thought to go on for more than an hour from its last reading, s. */
const LONGEST_LEFT_S = 3600;
/** Between two points of the drawn line, and of the log the rule is judged by, s. */
const DRAW_S = 10;
const JUDGE_S = 4;
/** More readings than these are thinned before they are fitted. */
const MOST_READINGS = 24;

/** Many readings of a stream say hardly more than a few spread over it. */
function thinned(readings: readonly Reading[]): readonly Reading[] {
  if (readings.length <= MOST_READINGS) return readings;
  const every = (readings.length - 1) / (MOST_READINGS - 1);
  return Array.from({ length: MOST_READINGS }, (_, index) => readings[Math.round(index * every)]!);
}

/**
 * Fits what may be off to the readings and searches the rest of the cook anew. `taken` are the seconds of the stages so far, the one in
 * hand last; `plannedS` the seconds the plan gave.
 */
export function estimateLive(
  job: Job,
  plannedS: readonly number[],
  taken: readonly number[],
  readings: readonly Reading[],
): LiveEstimate {
  const current = Math.min(taken.length, job.stages.length) - 1;
  const pull = job.stages.length - 1;
  const sofar = job.stages.map((_, index) => taken[index] ?? plannedS[index]!);
  const estimate =
    readings.length === 0
      ? NOTHING_OFF
      : fitCooks([{ setup: job.setup, stages: job.stages, seconds: sofar, readings: thinned(readings) }], LIVE_UNKNOWNS)
          .estimate;
  const programme = new Programme(shifted(job.setup, estimate), job.stages);
  const seconds = secondsLeft(job, programme, plannedS, taken);
  const outcome = programme.outcome(seconds);
  const pullS = sum(seconds.slice(0, pull));
  const log = programme.trace(outcome.seconds, JUDGE_S);
  const { meets } = judgeCook(
    job.request.ruleSetId,
    log.map(({ timeS }) => timeS),
    log.map(({ coldestC }) => coldestC),
    job.as,
  );
  const asPlanned = new Programme(job.setup, job.stages);
  return {
    seconds: outcome.seconds,
    leftS: current >= pull ? 0 : pullS - sum(taken),
    peakC: outcome.peakC,
    meets,
    predicted: course(programme, seconds, outcome),
    planned: course(asPlanned, plannedS, asPlanned.outcome(plannedS)),
    because: wordsFor(estimate),
  };
}

/** Seconds of every stage: those that are over as they were, the rest searched anew where the method searches. */
function secondsLeft(
  job: Job,
  programme: Programme,
  plannedS: readonly number[],
  taken: readonly number[],
): readonly number[] {
  const current = Math.min(taken.length, job.stages.length) - 1;
  const searched = job.stages.flatMap(({ until }, index) => (until.by === "search" && index >= current ? [index] : []));
  const parts = sumOf(searched, (index) => partOf(job, index));
  const secondsFor = (leftS: number) =>
    job.stages.map(({ until }, index) => {
      if (index < current) return taken[index]!;
      const done = index === current ? taken[index]! : 0;
      if (until.by === "search") return done + (leftS * partOf(job, index)) / parts;
      return Math.max(done, plannedS[index]!);
    });
  if (searched.length === 0 || current >= job.stages.length - 1) return secondsFor(0);
  const { valueOf, wanted } = measureOf(job.goal, programme);
  const value = new Rising((leftS) => valueOf(programme.outcome(secondsFor(leftS))));
  const found = timeToReach(value, wanted, [0, LONGEST_LEFT_S], CLOSE, 60);
  return secondsFor(found.kind === "found" ? found.seconds : found.kind === "below" ? 0 : LONGEST_LEFT_S);
}

/** The centre through time, for drawing; the last stage as long as it rests. */
const course = (programme: Programme, seconds: readonly number[], { restS }: Pick<CookOutcome, "restS">) =>
  programme
    .trace(
      seconds.map((part, index) => (index === seconds.length - 1 ? restS : part)),
      DRAW_S,
    )
    .map(({ timeS, centreC }) => ({ timeS, centreC }));

function partOf(job: Job, index: number): number {
  const { until } = job.stages[index]!;
  return until.by === "search" ? until.part : 0;
}

/** Names what is most off, measured in what was thought possible. */
function wordsFor({ vessel, air, thickness, start }: Readonly<Record<Unknown, number>>): string | null {
  const words = [
    {
      off: Math.abs(vessel) / 0.3,
      say: vessel > 0 ? "better contact with the heat than planned" : "poorer contact with the heat than planned",
    },
    { off: Math.abs(air) / 0.2, say: air > 0 ? "hotter around it than planned" : "cooler around it than planned" },
    {
      off: Math.abs(thickness) / 0.05,
      say: thickness > 0 ? "it cooks like a thicker piece" : "it cooks like a thinner piece",
    },
    {
      off: Math.abs(start) / 1.5,
      say: start > 0 ? "it started warmer than planned" : "it started colder than planned",
    },
  ].sort((a, b) => b.off - a.off);
  return words[0]!.off > 0.3 ? words[0]!.say : null;
}
