import { sum } from "@/core/numeric";
import type { Practice } from "../methods";
import { governingMm } from "../model";
import type { CookOutcome } from "./programme";
import { jobFor, type Job } from "./request";
import { findTimes } from "./findTimes";

/** How the plan stands to the minutes cooks give for this method, and the size those minutes fit where it is another. */
export type PracticeFit = Practice & {
  readonly agrees: boolean;
  /** Governing size, mm, that is done in the longer of the customary times from this start; null where none is near. */
  readonly fitsMm: number | null;
};

/** Custom and plan may differ by so much before it is worth saying (estimate). */
const SPREAD = 1.25;
/** Time grows with about this power of the size once drying and carry-over are in it (computed). */
const POWER = 1.6;
const TRIES = 4;

export function practiceOf(job: Job): Practice | null {
  return job.method.schools.find(({ id }) => id === job.school)?.practice ?? job.method.practice ?? null;
}

export function heatSecondsOf({ seconds, restS }: CookOutcome): number {
  return sum(seconds) - restS;
}

export function practiceFit(job: Job, heatS: number): PracticeFit | null {
  const practice = practiceOf(job);
  if (!practice) return null;
  const agrees = heatS <= practice.toS * SPREAD && heatS >= practice.fromS / SPREAD;
  if (agrees) return { ...practice, agrees, fitsMm: null };
  const wantedS = heatS > practice.toS ? practice.toS : practice.fromS;
  let sizeMm = governingMm(job.request.shape);
  let takenS = heatS;
  for (let attempt = 0; attempt < TRIES && Math.abs(takenS / wantedS - 1) > 0.05; attempt++) {
    sizeMm = Math.max(4, sizeMm * (wantedS / takenS) ** (1 / POWER));
    const found = findTimes(jobFor(job, sizeMm), wantedS, true);
    if (!found.ok) return { ...practice, agrees, fitsMm: null };
    takenS = heatSecondsOf(found.value.programme.outcome(found.value.seconds));
  }
  return { ...practice, agrees, fitsMm: Math.abs(takenS / wantedS - 1) < 0.15 ? sizeMm : null };
}
