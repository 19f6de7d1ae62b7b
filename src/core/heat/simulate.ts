import { sumOf } from "@/core/numeric";
import { assert } from "@/core/shared";
import { Conduction } from "./conduction";
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
const DEFAULT_GROWTH = 0.03;
const FIRST_STEP_S = 0.005;
/** While ice forms or melts a step may not outrun the front: this share of the time heat needs to the middle of the piece. */
const FREEZING_STEP_SHARE = 0.003;
/** Diffusivity of wet flesh, m²/s, for that time alone (computed from Choi and Okos 1986). */
const FLESH_DIFFUSIVITY = 1.3e-7;

function longestStepS({ material, shape }: Pick<HeatRun, "material" | "shape">): number {
  if (material.freezingC === null) return Infinity;
  const halfM = (shape.kind === "slab" ? shape.thicknessMm : shape.diameterMm) / 2000;
  return (FREEZING_STEP_SHARE * halfM * halfM) / FLESH_DIFFUSIVITY;
}

/** Next step: small just after the faces change, then a share of the time since, never past `untilS`. */
export function nextStepS(sinceChangeS: number, untilS: number, growth: number, firstS: number): number {
  const wanted = Math.max(firstS, growth * sinceChangeS);
  // two halves rather than one step and a sliver
  if (wanted >= untilS) return untilS;
  return wanted * 2 > untilS ? untilS / 2 : wanted;
}

type Asked = Pick<HeatRun, "material" | "sampleEveryS" | "cells"> & {
  readonly stages: readonly { readonly seconds: number }[];
};

/** Steps that growing from `firstS` takes at most, one more for every sample. */
export const grownSteps = (seconds: number, firstS: number, growth: number, sampleEveryS: number): number =>
  Math.log(Math.max(Math.E, seconds / firstS)) / growth + (2 * seconds) / sampleEveryS;

/** Cells times steps a run will take at most, before it is begun: what is too much can be refused instead of followed for ever. */
export function lineCellSteps(
  { material, stages, sampleEveryS, cells = DEFAULT_CELLS }: Asked,
  shape: LineShape,
): number {
  const longestS = longestStepS({ material, shape });
  return sumOf(
    stages,
    ({ seconds }) => cells * (seconds / longestS + grownSteps(seconds, FIRST_STEP_S, DEFAULT_GROWTH, sampleEveryS)),
  );
}

/** Runs the stages one after the other and samples every `sampleEveryS` and at the very end. */
export function simulateHeat(run: HeatRun): HeatTrace {
  assert(run.sampleEveryS > 0, `sampleEveryS must be above 0, got ${run.sampleEveryS} s`);
  const body = new Conduction(gridFor(run.shape, run.cells ?? DEFAULT_CELLS), run.material, run.startC);
  const growth = run.stepGrowth ?? DEFAULT_GROWTH;
  const longestS = longestStepS(run);
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
  sample(0);
  const totalS = sumOf(run.stages, (stage) => stage.seconds);
  let steps = 0;
  let samples = 1;
  let stageStartS = 0;
  for (const stage of run.stages) {
    const stageEndS = stageStartS + stage.seconds;
    let nowS = stageStartS;
    while (nowS < stageEndS) {
      const sampleS = samples * run.sampleEveryS;
      const stopS = Math.min(stageEndS, sampleS);
      while (nowS < stopS) {
        const stepS = Math.min(longestS, nextStepS(nowS - stageStartS, stopS - nowS, growth, FIRST_STEP_S));
        body.step(stepS, stage.bottom, stage.outer);
        run.each?.(Math.min(nowS + stepS, stopS), body);
        nowS = stepS >= stopS - nowS ? stopS : nowS + stepS;
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
  return { ...trace, heatTakenUpJ: body.heatTakenUpJ, enthalpyGainJ: body.enthalpyJ() - startJ, steps };
}
