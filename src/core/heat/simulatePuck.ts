import { sumOf } from "@/core/numeric";
import type { Material } from "./material";
import { PuckConduction, type PuckFaces } from "./puck";
import { grownSteps, nextStepS } from "./simulate";

export type PuckRun = {
  readonly diameterMm: number;
  readonly heightMm: number;
  readonly material: Material;
  readonly startC: number;
  readonly stages: readonly (PuckFaces & { readonly seconds: number })[];
  readonly sampleEveryS: number;
  readonly stepGrowth?: number;
  /** Called after every step. */
  readonly each?: (timeS: number, body: PuckConduction) => void;
};

export type PuckTrace = {
  readonly timesS: readonly number[];
  readonly centreC: readonly number[];
  readonly coldestC: readonly number[];
  readonly meanC: readonly number[];
  readonly bottomC: readonly number[];
  readonly topC: readonly number[];
  readonly sideC: readonly number[];
  readonly heatTakenUpJ: number;
  readonly enthalpyGainJ: number;
};

const GROWTH = 0.03;
const FIRST_STEP_S = 0.01;
/** The two directions are split: a step stays a small share of the time heat takes through the shorter half. */
const SPLIT_SHARE = 0.02;
/** While ice forms a step may not outrun the front. */
const FREEZING_SHARE = 0.003;
/** Diffusivity of wet flesh, m²/s, for that time alone (computed from Choi and Okos 1986). */
const FLESH_DIFFUSIVITY = 1.3e-7;

/** Cells of 23 rings and 41 layers, gone over three times a step in lines that are loaded and read anew: as dear as four times a slab's. */
const STEP_CELLS = 4 * 3 * 23 * 41;

const longestStepS = ({ diameterMm, heightMm, material }: Pick<PuckRun, "diameterMm" | "heightMm" | "material">) => {
  const halfM = Math.min(diameterMm, heightMm) / 2000;
  const share = material.freezingC === null ? SPLIT_SHARE : FREEZING_SHARE;
  return (share * halfM * halfM) / FLESH_DIFFUSIVITY;
};

type Asked = Pick<PuckRun, "diameterMm" | "heightMm" | "material" | "sampleEveryS"> & {
  readonly stages: readonly { readonly seconds: number }[];
};

/** Cells times steps a run will take at most, before it is begun. */
export const puckCellSteps = (run: Asked): number =>
  sumOf(
    run.stages,
    ({ seconds }) =>
      STEP_CELLS * (seconds / longestStepS(run) + grownSteps(seconds, FIRST_STEP_S, GROWTH, run.sampleEveryS)),
  );

/** Runs the stages one after the other and samples every `sampleEveryS` and at the very end. */
export function simulatePuck(run: PuckRun): PuckTrace {
  const body = new PuckConduction(run.diameterMm, run.heightMm, run.material, run.startC);
  const longestS = longestStepS(run);
  const startJ = body.enthalpyJ();
  const trace = {
    timesS: [] as number[],
    centreC: [] as number[],
    coldestC: [] as number[],
    meanC: [] as number[],
    bottomC: [] as number[],
    topC: [] as number[],
    sideC: [] as number[],
  };
  const sample = (timeS: number) => {
    trace.timesS.push(timeS);
    trace.centreC.push(body.centreC());
    trace.coldestC.push(body.coldestC());
    trace.meanC.push(body.meanC());
    trace.bottomC.push(body.bottomC);
    trace.topC.push(body.topC);
    trace.sideC.push(body.sideC);
  };
  sample(0);
  let [nowS, samples] = [0, 1];
  const totalS = sumOf(run.stages, ({ seconds }) => seconds);
  let stageStartS = 0;
  for (const { seconds, ...faces } of run.stages) {
    const endS = stageStartS + seconds;
    while (nowS < endS) {
      const sampleS = samples * run.sampleEveryS;
      const stopS = Math.min(endS, sampleS);
      while (nowS < stopS) {
        const wanted = nextStepS(nowS - stageStartS, stopS - nowS, run.stepGrowth ?? GROWTH, FIRST_STEP_S);
        const stepS = Math.min(longestS, wanted);
        body.step(stepS, faces);
        nowS = stepS >= stopS - nowS ? stopS : nowS + stepS;
        run.each?.(nowS, body);
      }
      if (nowS === sampleS && nowS < totalS) {
        sample(nowS);
        samples++;
      }
    }
    stageStartS = endS;
  }
  sample(totalS);
  return { ...trace, heatTakenUpJ: body.heatTakenUpJ, enthalpyGainJ: body.enthalpyJ() - startJ };
}
