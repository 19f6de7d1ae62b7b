import { drive, FLESH_DIFFUSIVITY_M2_PER_S, FREEZING_STEP_SHARE, mostSteps, USUAL_GROWTH, type Pace } from "./drive";
import type { Material } from "./material";
import { PuckConduction, type PuckFaces } from "./puck";

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

const FIRST_STEP_S = 0.01;
/** The two directions are split: a step stays a small share of the time heat takes through the shorter half. */
const SPLIT_SHARE = 0.02;

/** Cells of 23 rings and 41 layers, gone over three times a step in lines that are loaded and read anew: as dear as four times a slab's. */
const STEP_CELLS = 4 * 3 * 23 * 41;

const longestStepS = ({ diameterMm, heightMm, material }: Pick<PuckRun, "diameterMm" | "heightMm" | "material">) => {
  const halfM = Math.min(diameterMm, heightMm) / 2000;
  const share = material.freezingC === null ? SPLIT_SHARE : FREEZING_STEP_SHARE;
  return (share * halfM * halfM) / FLESH_DIFFUSIVITY_M2_PER_S;
};

const paceOf = (run: Pick<PuckRun, "diameterMm" | "heightMm" | "material" | "stepGrowth">): Pace => ({
  firstS: FIRST_STEP_S,
  growth: run.stepGrowth ?? USUAL_GROWTH,
  longestS: longestStepS(run),
});

type Asked = Pick<PuckRun, "diameterMm" | "heightMm" | "material" | "sampleEveryS"> & {
  readonly stages: readonly { readonly seconds: number }[];
};

/** Cells times steps a run will take at most, before it is begun. */
export const puckCellSteps = (run: Asked): number => STEP_CELLS * mostSteps(run.stages, paceOf(run), run.sampleEveryS);

/** Runs the stages one after the other and samples every `sampleEveryS` and at the very end. */
export function simulatePuck(run: PuckRun): PuckTrace {
  const body = new PuckConduction(run.diameterMm, run.heightMm, run.material, run.startC);
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
  const step = (stepS: number, faces: PuckFaces, reachedS: number) => {
    body.step(stepS, faces);
    run.each?.(reachedS, body);
  };
  drive(run.stages, paceOf(run), run.sampleEveryS, { step, sample });
  return { ...trace, heatTakenUpJ: body.heatTakenUpJ, enthalpyGainJ: body.enthalpyJ() - startJ };
}
