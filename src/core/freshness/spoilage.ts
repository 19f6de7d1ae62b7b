import { assert } from "@/core/shared";
import type { SpoilageModel } from "@/core/species";

/** Hours since the start and the temperature then; straight lines between points, a jump where two share an hour. */
export type TemperaturePoint = readonly [hours: number, celsius: number];

/**
 * Where fish begins to freeze and the spoilage models end. ASHRAE composition table, most fish and shellfish
 * (memory, high); measured lean fish begins at -0.9 to -1.2 °C (Riedel 1956, memory), so between the two this is cautious.
 */
export const INITIAL_FREEZING_C = -2.2;

/**
 * Spoilage rate relative to 0 °C.
 * temperate: (1 + 0.1 T)², Olley and Ratkowsky 1973; Ratkowsky et al. 1982 (memory, high).
 * tropical: exp(0.12 T), Dalgaard and Huss 1997 (memory, high).
 * Measured over -3 to 15 °C (temperate) and 0 to 30 °C (tropical); outside it the formula is carried on, which above 15 °C flatters no fish.
 * At and below the initial freezing point 0: neither model speaks of frozen fish.
 */
export function spoilageRate(model: SpoilageModel, pointC: number): number {
  if (pointC <= INITIAL_FREEZING_C) return 0;
  return model === "temperate" ? (1 + 0.1 * pointC) ** 2 : Math.exp(0.12 * pointC);
}

/** Where the two models cross, °C: from here on the tropical one is the faster, and the temperate one is past what it was measured on. */
export const MODELS_CROSS_C = 15.77;

/** Rate by which a lot's life is reckoned: its own model, or the faster of the two once it is warm. */
export const lifeRate = (model: SpoilageModel, pointC: number): number =>
  pointC > MODELS_CROSS_C
    ? Math.max(spoilageRate(model, pointC), spoilageRate("tropical", pointC))
    : spoilageRate(model, pointC);

/** ∫ rate dT from the freezing point, so that a straight line in time integrates exactly. */
function rateIntegral(model: SpoilageModel, pointC: number): number {
  const upper = Math.max(pointC, INITIAL_FREEZING_C);
  const primitive = (value: number) =>
    model === "temperate" ? (1 + 0.1 * value) ** 3 / 0.3 : Math.exp(0.12 * value) / 0.12;
  return primitive(upper) - primitive(INITIAL_FREEZING_C);
}

/** As `rateIntegral`, of `lifeRate`. */
const lifeIntegral = (model: SpoilageModel, pointC: number): number =>
  pointC <= MODELS_CROSS_C
    ? rateIntegral(model, pointC)
    : rateIntegral(model, MODELS_CROSS_C) + rateIntegral("tropical", pointC) - rateIntegral("tropical", MODELS_CROSS_C);

type Integral = (model: SpoilageModel, pointC: number) => number;

function daysBy(rate: Integral, integral: Integral, model: SpoilageModel, trace: readonly TemperaturePoint[]): number {
  let hours = 0;
  for (const [index, [toH, toC]] of trace.entries()) {
    const from = trace[index - 1];
    if (!from) continue;
    const [fromH, fromC] = from;
    assert(toH >= fromH, `readings must be in time order, at ${toH} h`);
    const risen = toC - fromC;
    const meanRate =
      Math.abs(risen) < 1e-6 ? rate(model, (fromC + toC) / 2) : (integral(model, toC) - integral(model, fromC)) / risen;
    hours += (toH - fromH) * meanRate;
  }
  return hours / 24;
}

/** Days on ice that the trace was worth by one model. Points must be in time order. */
export const iceDaysUsed = (model: SpoilageModel, trace: readonly TemperaturePoint[]): number =>
  daysBy(spoilageRate, rateIntegral, model, trace);

/** Days on ice that the trace cost a lot: the faster of the two models where it was warm. */
export const lifeDaysUsed = (model: SpoilageModel, trace: readonly TemperaturePoint[]): number =>
  daysBy(lifeRate, lifeIntegral, model, trace);

/** Days left at a steady temperature; null where spoilage stands still. */
export function daysLeftAt(model: SpoilageModel, iceDaysLeft: number, pointC: number): number | null {
  const rate = lifeRate(model, pointC);
  return rate === 0 ? null : Math.max(0, iceDaysLeft) / rate;
}
