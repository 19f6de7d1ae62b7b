import { HAZARDS_GUIDE } from "./data/editions";
import { ROUNDING_K } from "./rounding";
import { assertInOrder, splitAt, timeAbove, type LogPoint } from "./trace";

/**
 * Histamine: hours above 4.4 °C (40 °F) a fish may spend ashore. FDA Fish and Fishery Products Hazards and Controls Guidance, June 2022,
 * ch. 7 (memory, high): 4 h if any part was above 21.1 °C (70 °F), else 8 h; once frozen or heat-treated 12 h and 24 h.
 */
export const HISTAMINE_EXPOSURE = {
  aboveC: 4.4,
  hotC: 21.1,
  freshH: { hot: 4, cool: 8 },
  frozenH: { hot: 12, cool: 24 },
  source: `${HAZARDS_GUIDE}, ch. 7 (memory, high)`,
} as const;

/** Longest stretch without a reading for a fish that forms histamine, h: half the shortest limit (ours). */
export const HISTAMINE_GAP_H = HISTAMINE_EXPOSURE.freshH.hot / 2;

/** The hours on board and on the quay, before the door, are in the supplier's record and nowhere else. */
export const ONBOARD_UNKNOWN = "hours above 4.4 °C before the door are not known: ask for the supplier's record";

/** When it was frozen in its life ashore: `bought` before the door, a time of the log in the house's own freezer. */
export type FrozenSince =
  { readonly kind: "never" } | { readonly kind: "bought" } | { readonly kind: "own"; readonly fromH: number };

export type ExposureVerdict = {
  readonly ok: boolean;
  readonly hoursAbove: number;
  readonly limitH: number;
  readonly peakC: number;
  readonly source: string;
};

const peakOf = (log: readonly LogPoint[]) => log.reduce((peak, [, celsius]) => Math.max(peak, celsius), -Infinity);

function judge(log: readonly LogPoint[], limits: { readonly hot: number; readonly cool: number }): ExposureVerdict {
  const { aboveC, hotC, source } = HISTAMINE_EXPOSURE;
  const peakC = peakOf(log);
  const limitH = peakC > hotC + ROUNDING_K ? limits.hot : limits.cool;
  const hoursAbove = timeAbove(log, aboveC + ROUNDING_K);
  return { ok: hoursAbove <= limitH + 1e-9, hoursAbove, limitH, peakC, source };
}

/**
 * Judges the history of a histamine former since the door (hours, °C). Past the limit no cooking, freezing or smoking makes it good: the
 * hours before the house froze it count by the fresh limits, all hours together by those of fish once frozen.
 */
export function judgeHistamineExposure(log: readonly LogPoint[], frozen: FrozenSince): ExposureVerdict {
  assertInOrder(log);
  const { freshH, frozenH } = HISTAMINE_EXPOSURE;
  switch (frozen.kind) {
    case "never":
      return judge(log, freshH);
    case "bought":
      return judge(log, frozenH);
    case "own": {
      const [before] = splitAt(log, frozen.fromH);
      const fresh = judge(before, freshH);
      return fresh.ok ? judge(log, frozenH) : fresh;
    }
  }
}
