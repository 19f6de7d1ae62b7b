import { SkinCrispCook, type SkinCrispSetup, type Snapshot } from "./skinCrisp";

export type CookTimes = { readonly panS: number; readonly ovenS: number };

/** What a piece gets from given times. */
export type CookOutcome = {
  readonly pullC: number;
  readonly peakC: number;
  /** From pull until the centre is within a degree of its peak. */
  readonly restS: number;
  readonly turnCentreC: number;
  readonly turnLineMm: number;
  readonly skinCrustMm: number;
  readonly hottestSkinC: number;
  readonly lowestPanC: number;
};

/** Skin counts as crisp when half a millimetre has dried through: about the skin itself (estimate). */
export const CRISP_CRUST_MM = 0.5;
const SHORTEST_REST_S = 60;
const LONGEST_REST_S = 300;
const SEARCH_REST_S = 900;
const NEAR_PEAK_K = 1;

/** Follows the centre in the rest up to its peak; the cook given is used up. */
function restToPeak(cook: SkinCrispCook): { peakC: number; restS: number } {
  cook.enter("rest");
  const pulledS = cook.timeS;
  let peakC = cook.centreC;
  const path: [number, number][] = [[0, peakC]];
  cook.run(SEARCH_REST_S, (now) => {
    path.push([now.timeS - pulledS, now.centreC]);
    if (now.centreC < peakC - 1e-3) return true;
    peakC = Math.max(peakC, now.centreC);
    return false;
  });
  const near = path.find(([, centreC]) => centreC >= peakC - NEAR_PEAK_K)!;
  return { peakC, restS: Math.min(LONGEST_REST_S, Math.max(SHORTEST_REST_S, near[0])) };
}

/** Peak of the centre after `ovenS` more in the oven (0: none) and a rest, from a piece already through the pan. */
export function peakAfter(throughPan: SkinCrispCook, ovenS: number): number {
  const cook = throughPan.fork();
  if (ovenS > 0) {
    cook.enter("oven");
    cook.run(ovenS);
  }
  return restToPeak(cook).peakC;
}

export function outcomeOf(setup: SkinCrispSetup, { panS, ovenS }: CookTimes): CookOutcome {
  const cook = new SkinCrispCook(setup);
  let hottestSkinC = setup.startC;
  cook.run(panS, (now) => {
    hottestSkinC = Math.max(hottestSkinC, now.skinC);
    return false;
  });
  const [turnCentreC, turnLineMm, skinCrustMm] = [cook.centreC, cook.opaqueLineMm, cook.skinCrustMm];
  if (ovenS > 0) {
    cook.enter("oven");
    cook.run(ovenS);
  }
  const pullC = cook.centreC;
  const rest = restToPeak(cook);
  return { pullC, ...rest, turnCentreC, turnLineMm, skinCrustMm, hottestSkinC, lowestPanC: cook.lowestPanC };
}

/** The whole cook as it goes, for drawing: a snapshot every `everyS`, through `restS` of rest. */
export function traceCook(setup: SkinCrispSetup, times: CookTimes, restS: number, everyS: number): readonly Snapshot[] {
  const cook = new SkinCrispCook(setup);
  const snapshots = [cook.snapshot()];
  const phases = [
    { phase: "pan", seconds: times.panS },
    { phase: "oven", seconds: times.ovenS },
    { phase: "rest", seconds: restS },
  ] as const;
  for (const { phase, seconds } of phases) {
    if (seconds <= 0) continue;
    cook.enter(phase);
    for (let left = seconds; left > 1e-9; left -= everyS) {
      cook.run(Math.min(everyS, left));
      snapshots.push(cook.snapshot());
    }
  }
  return snapshots;
}
