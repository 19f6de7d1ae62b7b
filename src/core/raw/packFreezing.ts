import { freezingMaterial, simulateHeat, type LineShape } from "@/core/heat";
import { FLESH_FREEZES_C, FLESH_G_PER_MM3, type Composition } from "@/core/matter";
import { optionWords, PARASITE_RULES, type ParasiteRuleId } from "@/core/safety";
import { err, ok, type Result, inCelsius, said, type Said } from "@/core/shared";
import { DAY_MS } from "@/core/units";
import { FREEZERS, WRAPS, type FreezePack } from "./freezePack";

export type FreezeRequest = FreezePack & {
  readonly composition: Composition;
  readonly airC: number;
  readonly ruleId: ParasiteRuleId;
};

export type FreezeOption = {
  readonly words: Said;
  readonly section: string;
  /** Hours until the centre is where time begins to count; null: this freezer never gets there. */
  readonly reachH: number | null;
  readonly holdH: number;
  readonly totalH: number | null;
};

export type FreezePlan = {
  readonly options: readonly FreezeOption[];
  /** The option over soonest. */
  readonly best: FreezeOption;
  /** Reach of the best with the poorest and the best air of its kind. */
  readonly spreadH: { readonly soonest: number; readonly latest: number | null };
  readonly reachC: number;
  readonly curve: readonly { readonly atH: number; readonly centreC: number; readonly surfaceC: number }[];
  readonly warnings: readonly Said[];
};

const LONGEST_DAYS = 10;
const CELLS = 41;
const CURVE_POINTS = 80;

export const shapeOf = ({ shape, thicknessMm, layers }: FreezePack): LineShape =>
  shape === "slab" ? { kind: "slab", thicknessMm: thicknessMm * layers } : { kind: shape, diameterMm: thicknessMm };

/** What freezing takes out of fish of 75 % water that is frozen to nine tenths, and how well it conducts then (common practice). */
const FREEZING_J_PER_KG = 250_000;
const FROZEN_W_PER_MK = 1.6;

/** Plank's time to freeze through, s: a first guess for how long to follow it. */
function plankS(request: FreezeRequest, hWPerM2K: number): number {
  const shape = shapeOf(request);
  const sizeM = (shape.kind === "slab" ? shape.thicknessMm : shape.diameterMm) / 1000;
  const [p, r] = { slab: [1 / 2, 1 / 8], cylinder: [1 / 4, 1 / 16], sphere: [1 / 6, 1 / 24] }[shape.kind] as [
    number,
    number,
  ];
  const jPerM3 = FLESH_G_PER_MM3 * 1e6 * FREEZING_J_PER_KG;
  return (
    (jPerM3 / Math.max(1, FLESH_FREEZES_C - request.airC)) *
    ((p * sizeM) / hWPerM2K + (r * sizeM * sizeM) / FROZEN_W_PER_MK)
  );
}

type Followed = { readonly reachS: readonly (number | null)[]; readonly curve: FreezePlan["curve"] };

function follow(request: FreezeRequest, airWPerM2K: number, reachC: readonly number[], withCurve: boolean): Followed {
  const hWPerM2K = 1 / (1 / airWPerM2K + WRAPS[request.wrap].resistance);
  const material = freezingMaterial(request.composition, FLESH_FREEZES_C);
  const air = { kind: "convection", hWPerM2K, ambientC: request.airC } as const;
  const lowest = Math.min(...reachC);
  for (
    let seconds = 2.5 * plankS(request, hWPerM2K) + 1800;
    ;
    seconds = Math.min(seconds * 2.5, LONGEST_DAYS * (DAY_MS / 1000))
  ) {
    const reachS = reachC.map((): number | null => null);
    let before = { timeS: 0, centreC: request.startC };
    const trace = simulateHeat({
      shape: shapeOf(request),
      material,
      startC: request.startC,
      stages: [{ seconds, bottom: air, outer: air }],
      sampleEveryS: seconds / CURVE_POINTS,
      cells: CELLS,
      each: (timeS, body) => {
        const centreC = body.centreC();
        for (const [index, wanted] of reachC.entries()) {
          if (reachS[index] !== null || centreC > wanted) continue;
          const part = before.centreC > centreC ? (before.centreC - wanted) / (before.centreC - centreC) : 0;
          reachS[index] = Math.max(0, before.timeS + part * (timeS - before.timeS));
        }
        before = { timeS, centreC };
      },
    });
    if (
      trace.centreC.at(-1)! <= lowest ||
      seconds >= LONGEST_DAYS * (DAY_MS / 1000) ||
      trace.centreC.at(-1)! <= request.airC + 0.2
    ) {
      const curve = trace.timesS.map((timeS, index) => ({
        atH: timeS / 3600,
        centreC: trace.centreC[index]!,
        surfaceC: trace.outerSurfaceC[index]!,
      }));
      return { reachS, curve: withCurve ? curve : [] };
    }
  }
}

/**
 * How long this pack takes in this freezer until its centre is where the rule begins to count, and when each option of the rule is over.
 * Error, in the cook's words, when the air is too warm for any option.
 */
export function planFreezing(request: FreezeRequest): Result<FreezePlan, Said> {
  const rule = PARASITE_RULES[request.ruleId];
  const countsFrom = rule.options.map(({ firstReachC, holdC }) => firstReachC ?? holdC);
  const possible = rule.options.filter(
    (option, index) => request.airC < countsFrom[index]! - 0.05 && request.airC <= option.holdC,
  );
  if (possible.length === 0) {
    const mildest = Math.max(...countsFrom);
    return err(
      said("raw.airOfAirNeverBringsThe", {
        air: inCelsius(request.airC, 0),
        mildest: inCelsius(mildest),
        edition: rule.edition,
      }),
    );
  }
  const freezer = FREEZERS[request.freezer];
  const { reachS, curve } = follow(request, freezer.hWPerM2K, countsFrom, true);
  const options = rule.options.map((option, index): FreezeOption => {
    const reach = possible.includes(option) ? reachS[index]! : null;
    const reachH = reach === null ? null : reach / 3600;
    return {
      words: optionWords(option),
      section: option.section,
      reachH,
      holdH: option.hours,
      totalH: reachH === null ? null : reachH + option.hours,
    };
  });
  const best = [...options].filter(({ totalH }) => totalH !== null).sort((a, b) => a.totalH! - b.totalH!)[0];
  if (!best) return err(said("raw.afterLongestdaysDaysTheCentreIs", { longestdays: LONGEST_DAYS }));
  const reachC = countsFrom[options.indexOf(best)]!;
  const [soonest] = follow(request, freezer.high, [reachC], false).reachS;
  const [latest] = follow(request, freezer.low, [reachC], false).reachS;
  return ok({
    options,
    best,
    reachC,
    spreadH: { soonest: soonest! / 3600, latest: latest === null || latest === undefined ? null : latest / 3600 },
    curve,
    warnings: warningsOf(request, best.reachH!),
  });
}

function warningsOf({ layers, wrap, shape, airC }: FreezeRequest, reachH: number): Said[] {
  const warnings = [said("raw.timeCountsFromTheCentreNot")];
  if (shape === "slab" && layers > 1) warnings.push(said("raw.layersLayersFreezeAsOneSlab", { layers }));
  if (wrap === "bag") warnings.push(said("raw.freezeItHardFirstAndBag"));
  if (wrap === "carton") warnings.push(said("raw.aCartonHoldsTheColdOut"));
  if (reachH > 12) warnings.push(said("raw.overTwelveHoursToFreezeMakes"));
  if (airC > -21.5 && airC <= -20) warnings.push(said("raw.soNearTheLimitEveryOpen"));
  return warnings;
}

export type StackRow = { readonly layers: number; readonly reachH: number | null };
export type ThicknessRow = { readonly thicknessMm: number; readonly reachH: number | null };

/** Reach time by layers and by thickness: what stacking costs, and how thick a pack may be. */
export function compareStacks(
  request: FreezeRequest,
  reachC: number,
): { readonly stacks: readonly StackRow[]; readonly thicknesses: readonly ThicknessRow[] } {
  const { hWPerM2K } = FREEZERS[request.freezer];
  const hours = (changed: FreezeRequest) => {
    const [reach] = follow(changed, hWPerM2K, [reachC], false).reachS;
    return reach === null || reach === undefined ? null : reach / 3600;
  };
  const stacks =
    request.shape === "slab" ? [1, 2, 3, 4].map((layers) => ({ layers, reachH: hours({ ...request, layers }) })) : [];
  const thicknesses = [15, 20, 30, 40, 60].map((thicknessMm) => ({
    thicknessMm,
    reachH: hours({ ...request, thicknessMm, layers: 1 }),
  }));
  return { stacks, thicknesses };
}
