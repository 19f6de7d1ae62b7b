import { clamp, sum } from "@/core/numeric";
import { centresAt, findTimesOf, shiftedSetup, type Estimate, type Job } from "@/core/cooking";

/** Centre of the piece so many seconds after it went in, in a kitchen that is off its plan by an estimate. */
export function centreAfter(job: Job, off: Estimate): (seconds: number) => number {
  const seconds = findTimesOf(job);
  const setup = shiftedSetup(job.setup, off);
  const wholeS = sum(seconds);
  const times = Array.from({ length: Math.ceil(wholeS) + 1 }, (_, second) => second);
  const readings = times.map((timeS) => ({ timeS, centreC: 0 }));
  const centres = centresAt({ setup, stages: job.stages, seconds, readings });
  return (at) => centres[clamp(Math.round(at), 0, centres.length - 1)]!;
}
