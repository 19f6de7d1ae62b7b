import { assertInOrder, timeAbove, type LogPoint } from "./trace";

/**
 * Histamine: hours above 4.4 °C (40 °F) a fish may spend ashore. FDA Fish and Fishery Products Hazards and Controls Guidance, 4th ed.,
 * ch. 7 (memory, high): 4 h if any part was above 21.1 °C (70 °F), else 8 h; once frozen or heat-treated 12 h and 24 h.
 */
export const HISTAMINE_EXPOSURE = {
  aboveC: 4.4,
  hotC: 21.1,
  freshH: { hot: 4, cool: 8 },
  frozenH: { hot: 12, cool: 24 },
  source: "FDA Fish and Fishery Products Hazards and Controls Guidance, 4th ed., ch. 7 (memory, high)",
} as const;

const ROUNDING_K = 0.05;

export type ExposureVerdict = {
  readonly ok: boolean;
  readonly hoursAbove: number;
  readonly limitH: number;
  readonly peakC: number;
  readonly source: string;
};

/** Judges the whole history of a histamine former (hours, °C). Past the limit no cooking, freezing or smoking makes it good. */
export function judgeHistamineExposure(log: readonly LogPoint[], previouslyFrozen: boolean): ExposureVerdict {
  assertInOrder(log);
  const { aboveC, hotC, freshH, frozenH, source } = HISTAMINE_EXPOSURE;
  const peakC = log.reduce((peak, [, celsius]) => Math.max(peak, celsius), -Infinity);
  const limits = previouslyFrozen ? frozenH : freshH;
  const limitH = peakC > hotC + ROUNDING_K ? limits.hot : limits.cool;
  const hoursAbove = timeAbove(log, aboveC + ROUNDING_K);
  return { ok: hoursAbove <= limitH + 1e-9, hoursAbove, limitH, peakC, source };
}
