import { assert } from "@/core/shared";
import { Conduction } from "./conduction";
import { drive, FLESH_DIFFUSIVITY_M2_PER_S, FREEZING_STEP_SHARE, mostSteps, USUAL_GROWTH, type Pace } from "./drive";
import type { Face } from "./face";
import { gridFor, type LineShape } from "./grid";
import type { Material } from "./material";

export type HeatStage = {
  readonly seconds: number;
  /** Bottom of a slab; ignored for cylinder and sphere. */
  readonly bottom: Face;
  /** Top of a slab; side of a cylinder or sphere. */
  readonly outer: Face;
};

export type HeatRun = {
  readonly shape: LineShape;
  readonly material: Material;
  readonly startC: number;
  readonly stages: readonly HeatStage[];
  readonly sampleEveryS: number;
  readonly cells?: number;
  /** Longest step as a share of the time since the last change of faces. */
  readonly stepGrowth?: number;
  /** Called after every step. */
  readonly each?: (timeS: number, body: Conduction) => void;
};

export type HeatTrace = {
  readonly timesS: readonly number[];
  readonly centreC: readonly number[];
  readonly coldestC: readonly number[];
  readonly meanC: readonly number[];
  readonly innerSurfaceC: readonly number[];
  readonly outerSurfaceC: readonly number[];
  readonly heatTakenUpJ: number;
  readonly enthalpyGainJ: number;
  readonly steps: number;
};

const DEFAULT_CELLS = 81;
const FIRST_STEP_S = 0.005;

function longestStepS({ material, shape }: Pick<HeatRun, "material" | "shape">): number {
  if (material.freezingC === null) return Infinity;
  const halfM = (shape.kind === "slab" ? shape.thicknessMm : shape.diameterMm) / 2000;
  return (FREEZING_STEP_SHARE * halfM * halfM) / FLESH_DIFFUSIVITY_M2_PER_S;
}

const paceOf = (run: Pick<HeatRun, "material" | "shape" | "stepGrowth">): Pace => ({
  firstS: FIRST_STEP_S,
  growth: run.stepGrowth ?? USUAL_GROWTH,
  longestS: longestStepS(run),
});

type Asked = Pick<HeatRun, "material" | "sampleEveryS" | "cells"> & {
  readonly stages: readonly { readonly seconds: number }[];
};

/** Cells times steps a run will take at most, before it is begun: what is too much can be refused instead of followed for ever. */
export const lineCellSteps = (
  { material, stages, sampleEveryS, cells = DEFAULT_CELLS }: Asked,
  shape: LineShape,
): number => cells * mostSteps(stages, paceOf({ material, shape }), sampleEveryS);

/** Runs the stages one after the other and samples every `sampleEveryS` and at the very end. */
export function simulateHeat(run: HeatRun): HeatTrace {
  assert(run.sampleEveryS > 0, `sampleEveryS must be above 0, got ${run.sampleEveryS} s`);
  const body = new Conduction(gridFor(run.shape, run.cells ?? DEFAULT_CELLS), run.material, run.startC);
  const startJ = body.enthalpyJ();
  const trace = {
    timesS: [] as number[],
    centreC: [] as number[],
    coldestC: [] as number[],
    meanC: [] as number[],
    innerSurfaceC: [] as number[],
    outerSurfaceC: [] as number[],
  };
  const sample = (timeS: number) => {
    trace.timesS.push(timeS);
    trace.centreC.push(body.centreC());
    trace.coldestC.push(body.coldestC());
    trace.meanC.push(body.meanC());
    trace.innerSurfaceC.push(body.inner.surfaceC);
    trace.outerSurfaceC.push(body.outer.surfaceC);
  };
  const step = (stepS: number, { bottom, outer }: HeatStage, reachedS: number) => {
    body.step(stepS, bottom, outer);
    run.each?.(reachedS, body);
  };
  const steps = drive(run.stages, paceOf(run), run.sampleEveryS, { step, sample });
  return { ...trace, heatTakenUpJ: body.heatTakenUpJ, enthalpyGainJ: body.enthalpyJ() - startJ, steps };
}
