import { crossing } from "@/core/numeric";
import { keyed } from "@/core/shared";
import { constantMaterial, gridFor, QuickLine, type Face, type Material } from "@/core/heat";
import type { Composition } from "@/core/matter";
import { judgeCooling, type CoolingRuleId, type CoolingVerdict } from "@/core/safety";
import { STATION, USUAL_FILMS, type FilmId } from "../model";
import { governingMm, materialFor, resized, type PieceShape } from "../model";

/** Where something hot is cooled. */
export type ChillWay = {
  readonly id: string;
  readonly label: string;
  readonly film: FilmId;
  readonly ambientC: number;
};

export const CHILL_WAYS: readonly ChillWay[] = keyed(
  "chillWays",
  [
    { id: "ice-bath", label: "Ice bath, stirred", film: "iceBath", ambientC: 0.5 },
    { id: "ice-bag", label: "Ice bath, bagged or left to stand", film: "iceStill", ambientC: 0.5 },
    { id: "blast", label: "Blast chiller", film: "blast", ambientC: -5 },
    { id: "refrigerator", label: "Refrigerator, uncovered", film: "refrigerator", ambientC: 3 },
  ],
  ["label"],
);

/** What is cooled: a piece, or a liquid so deep in its pan or pot. A liquid that stands cools through its depth like a slab. */
export type Chilled =
  | { readonly kind: "piece"; readonly shape: PieceShape; readonly composition: Composition }
  | { readonly kind: "liquid"; readonly depthMm: number; readonly stirred: boolean };

export type Chilling = {
  readonly way: ChillWay;
  /** Warmest point, minutes and °C. */
  readonly trace: readonly (readonly [minutes: number, celsius: number])[];
  readonly verdict: CoolingVerdict;
  /** Until 21 and 5 °C, minutes; null: not within the hours looked at. */
  readonly to21Min: number | null;
  readonly to5Min: number | null;
  /** Thickest piece or depth that passes this way, mm. */
  readonly passesToMm: number | null;
};

/** In plain data, for the worker. */
export type ChillQuestion = { readonly chilled: Chilled; readonly fromC: number; readonly ruleId: CoolingRuleId };

const LONGEST_H = 14;
const STEP_S = 20;
const SAMPLE_MIN = 5;
const WATER_W_PER_MK = 0.6;
const water = constantMaterial({ conductivityWPerMK: WATER_W_PER_MK, densityKgPerM3: 1000, heatCapacityJPerKgK: 4180 });
/** Stock that turns over by itself while it cools carries heat some times better than still water (estimate). */
const TURNOVER = 6;
const stirredWater = constantMaterial({
  conductivityWPerMK: WATER_W_PER_MK * TURNOVER,
  densityKgPerM3: 1000,
  heatCapacityJPerKgK: 4180,
});
const SIZES_MM = [10, 15, 20, 25, 30, 40, 50, 60, 80, 100, 130, 160] as const;

const materialOf = (chilled: Chilled): Material =>
  chilled.kind === "piece" ? materialFor(chilled.composition, false) : chilled.stirred ? stirredWater : water;

const sizeOf = (chilled: Chilled): number => (chilled.kind === "piece" ? governingMm(chilled.shape) : chilled.depthMm);

const sized = (chilled: Chilled, sizeMm: number): Chilled =>
  chilled.kind === "piece" ? { ...chilled, shape: resized(chilled.shape, sizeMm) } : { ...chilled, depthMm: sizeMm };

/** Warmest point through the hours; a short cylinder is taken as the slab of its shorter way, which is slower. */
function follow(chilled: Chilled, fromC: number, way: ChillWay): readonly (readonly [number, number])[] {
  const sizeMm = sizeOf(chilled);
  const round = chilled.kind === "piece" && (chilled.shape.kind === "cylinder" || chilled.shape.kind === "tube");
  const ball = chilled.kind === "piece" && chilled.shape.kind === "sphere";
  const shape = round
    ? ({ kind: "cylinder", diameterMm: sizeMm } as const)
    : ball
      ? ({ kind: "sphere", diameterMm: sizeMm } as const)
      : ({ kind: "slab", thicknessMm: sizeMm } as const);
  const line = new QuickLine(gridFor(shape, 25, 0.7), materialOf(chilled), fromC);
  const face: Face = { kind: "convection", hWPerM2K: USUAL_FILMS[way.film], ambientC: way.ambientC };
  const trace: [number, number][] = [[0, fromC]];
  for (let seconds = STEP_S; seconds <= LONGEST_H * 3600; seconds += STEP_S) {
    line.step(STEP_S, face, face);
    if (seconds % (SAMPLE_MIN * 60) === 0) trace.push([seconds / 60, Math.max(...line.temperatureC)]);
    if (line.centreC() < Math.max(way.ambientC + 1, STATION.chilledC)) {
      trace.push([seconds / 60, Math.max(...line.temperatureC)]);
      break;
    }
  }
  return trace;
}

function until(trace: Chilling["trace"], toC: number): number | null {
  const at = trace.findIndex(([, celsius]) => celsius <= toC);
  if (at < 0) return null;
  if (at === 0) return 0;
  return crossing(trace[at - 1]!, trace[at]!, toC);
}

/** Predicts how something hot cools in every way of the house and judges it by the cooling rule. */
export function chillAfterCooking(chilled: Chilled, fromC: number, ruleId: CoolingRuleId): readonly Chilling[] {
  return CHILL_WAYS.map((way) => {
    const trace = follow(chilled, fromC, way);
    const passes = (sizeMm: number) =>
      judgeCooling(ruleId, follow(sized(chilled, sizeMm), fromC, way)).verdict === "pass";
    return {
      way,
      trace,
      verdict: judgeCooling(ruleId, trace),
      to21Min: until(trace, 21),
      to5Min: until(trace, 5),
      passesToMm: SIZES_MM.findLast(passes) ?? null,
    };
  });
}
