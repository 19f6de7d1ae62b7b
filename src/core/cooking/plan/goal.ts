import { judgeCook, type CookedAs, type RuleSetId } from "@/core/safety";
import { assertNever } from "@/core/shared";
import type { CookOutcome, Programme } from "./programme";

/** What a cook is planned to reach. */
export type Goal =
  /** Centre at its warmest, when eaten. */
  | { readonly kind: "centre"; readonly targetC: number }
  /** The state a centre of `targetC` has at the usual pace. */
  | { readonly kind: "doneness"; readonly targetC: number }
  /** The rule in force, everywhere in the piece. */
  | { readonly kind: "safe"; readonly ruleSetId: RuleSetId; readonly as: CookedAs }
  /** Depth of set flesh at the faces, mm; the middle stays as it was tempered. */
  | { readonly kind: "rim"; readonly rimMm: number }
  /** Collagen of a cephalopod softened through. */
  | { readonly kind: "tender" };

/** Shells gape when the muscle inside has reached about this (estimate from 3-5 min in hard steam, common practice). */
export const OPENS_AT_C = 62;

/** How closely a cook is looked at where a rule decides, s. */
export const SAFE_STEP_S = 2;

/** A number that rises with time, and the value wanted of it. */
export function measureOf(
  goal: Goal,
  programme: Programme,
): { valueOf: (outcome: CookOutcome) => number; wanted: number } {
  switch (goal.kind) {
    case "centre":
      return { valueOf: ({ peakC }) => peakC, wanted: goal.targetC };
    case "doneness":
      return { valueOf: (outcome) => outcome.readsLikeC, wanted: goal.targetC };
    case "rim":
      return { valueOf: ({ rimMm }) => rimMm, wanted: goal.rimMm };
    case "tender":
      return { valueOf: ({ tender }) => tender, wanted: 1 };
    case "safe":
      return {
        valueOf: (outcome) => {
          const trace = programme.trace(outcome.seconds, SAFE_STEP_S);
          const times = trace.map(({ timeS }) => timeS);
          const coldest = trace.map(({ coldestC }) => coldestC);
          return judgeCook(goal.ruleSetId, times, coldest, goal.as).reached ? 1 : -1;
        },
        wanted: 0,
      };
    default:
      return assertNever(goal);
  }
}
