import { sumOf } from "@/core/numeric";

/** How time is stepped: small just after the faces change, then a share of the time since, never longer than `longestS`. */
export type Pace = { readonly firstS: number; readonly growth: number; readonly longestS: number };

/** Thermal diffusivity of wet flesh, m²/s, where only the pace of a run hangs on it (computed from Choi and Okos 1986). */
export const FLESH_DIFFUSIVITY_M2_PER_S = 1.3e-7;
/** While ice forms or melts a step may not outrun the front: this share of the time heat needs to the middle of the piece. */
export const FREEZING_STEP_SHARE = 0.003;
/** Longest step as a share of the time since the faces changed, where nobody says otherwise. */
export const USUAL_GROWTH = 0.03;

/** Next step: small just after the faces change, then a share of the time since, never past `untilS`. */
export function nextStepS(sinceChangeS: number, untilS: number, growth: number, firstS: number): number {
  const wanted = Math.max(firstS, growth * sinceChangeS);
  // two halves rather than one step and a sliver
  if (wanted >= untilS) return untilS;
  return wanted * 2 > untilS ? untilS / 2 : wanted;
}

type Timed = { readonly seconds: number };

/** Steps that a run of stages takes at most, one more for every sample. */
export const mostSteps = (stages: readonly Timed[], { firstS, growth, longestS }: Pace, sampleEveryS: number): number =>
  sumOf(
    stages,
    ({ seconds }) =>
      seconds / longestS + Math.log(Math.max(Math.E, seconds / firstS)) / growth + (2 * seconds) / sampleEveryS,
  );

/** What is driven: one step of a body in a stage, and what is kept of it now and then. */
export type Driven<Stage> = {
  readonly step: (stepS: number, stage: Stage, reachedS: number) => void;
  readonly sample: (timeS: number) => void;
};

/** Runs the stages one after the other and samples at the start, every `sampleEveryS` and at the very end; answers with the steps taken. */
export function drive<Stage extends Timed>(
  stages: readonly Stage[],
  { firstS, growth, longestS }: Pace,
  sampleEveryS: number,
  { step, sample }: Driven<Stage>,
): number {
  sample(0);
  const totalS = sumOf(stages, ({ seconds }) => seconds);
  let [steps, samples, stageStartS] = [0, 1, 0];
  for (const stage of stages) {
    const stageEndS = stageStartS + stage.seconds;
    let nowS = stageStartS;
    while (nowS < stageEndS) {
      const sampleS = samples * sampleEveryS;
      const stopS = Math.min(stageEndS, sampleS);
      while (nowS < stopS) {
        const stepS = Math.min(longestS, nextStepS(nowS - stageStartS, stopS - nowS, growth, firstS));
        nowS = stepS >= stopS - nowS ? stopS : nowS + stepS;
        step(stepS, stage, nowS);
        steps++;
      }
      if (nowS === sampleS && nowS < totalS) {
        sample(nowS);
        samples++;
      }
    }
    stageStartS = stageEndS;
  }
  sample(totalS);
  return steps;
}
