import { LATENT_BOILING_J_PER_KG } from "@/core/matter";
import { err, inMillilitres, ok, said, type Result, type Said } from "@/core/shared";
import { boilsAtC, vapourMassShare } from "./ethanol";
import { heatCapacityJPerK, massOf, volumeMl, type Mixture } from "./mixture";

/** What a boiling surface lets off at most, W/m²: a rolling boil (common practice, low). */
const SURFACE_LIMIT_W_PER_M2 = 30_000;
/** Acetic acid in the vapour over its share in a dilute boiling liquid, by mass (ethanoic acid and water at 1 atm; memory, medium). */
const ACETIC_VOLATILITY = 0.7;
/** Heats of vaporisation at the boil, J/g: steam tables; handbooks (memory, high; acetic acid leaves half in pairs, medium). */
const LATENT_J_PER_G = { water: LATENT_BOILING_J_PER_KG / 1000, ethanol: 846, acetic: 395 } as const;
/** Each step of the way down takes off this share of what can still boil away. */
const STEP_SHARE = 0.004;

export type Pan = {
  readonly diameterMm: number;
  /** Of the empty pan, which is heated with what is in it, J/K; left out: none. */
  readonly bodyJPerK?: number | undefined;
};

export type ReduceQuestion = {
  readonly mixture: Mixture;
  /** ml at 20 °C to stop at. */
  readonly toMl: number;
  readonly pan: Pan;
  /** What reaches the liquid, W. */
  readonly netPowerW: number;
  readonly startC: number;
};

/** A moment of a reduction: seconds since it boiled and what is in the pan. */
export type ReductionPoint = { readonly seconds: number; readonly mixture: Mixture };

export type Reduction = {
  readonly secondsToBoil: number;
  readonly secondsReducing: number;
  readonly evaporatedG: number;
  readonly final: Mixture;
  readonly limitedBy: "power" | "surface";
  readonly boilsAtC: number;
  readonly course: readonly ReductionPoint[];
};

/** Heat that boils liquid away, W: the burner's, or what the open surface lets off. */
export function boilingPowerW(
  { diameterMm }: Pan,
  netPowerW: number,
): { readonly w: number; readonly by: "power" | "surface" } {
  const surfaceW = SURFACE_LIMIT_W_PER_M2 * (Math.PI / 4) * (diameterMm / 1000) ** 2;
  return netPowerW <= surfaceW ? { w: netPowerW, by: "power" } : { w: surfaceW, by: "surface" };
}

/** How deep so much liquid stands in a pan with straight walls, mm. */
export const panLevelMm = (ml: number, diameterMm: number): number => (ml * 1000) / ((Math.PI / 4) * diameterMm ** 2);

/** What never boils away: the volume a reduction can only come near. */
const driedMl = (mixture: Mixture) => volumeMl({ ...mixture, waterG: 0, ethanolG: 0, aceticG: 0 });

/**
 * An open pan from its start to the boil and down to a volume. Alcohol by Rayleigh distillation over the ethanol-water equilibrium at
 * 1 atm, acetic acid at its own volatility, everything else stays. Errors: more than is in the pan, or less than can stay in it.
 */
export function reduce(question: ReduceQuestion): Result<Reduction, Said> {
  const { mixture, toMl, pan, netPowerW, startC } = question;
  const startMl = volumeMl(mixture);
  if (toMl > startMl * (1 + 1e-9))
    return err(said("butter.moreThanIsInThePan", { has: inMillilitres(Math.round(startMl)) }));
  const leastMl = driedMl(mixture);
  if (toMl <= leastMl * 1.02)
    return err(said("butter.burntBeforeThen", { dry: inMillilitres(Math.ceil(leastMl * 1.02)) }));
  const boilC = boilsAtC(mixture.ethanolG, mixture.waterG);
  const bodyJPerK = heatCapacityJPerK(mixture) + (pan.bodyJPerK ?? 0);
  const secondsToBoil = (bodyJPerK * Math.max(0, boilC - startC)) / netPowerW;
  const { w, by } = boilingPowerW(pan, netPowerW);
  const course = boiledDown(mixture, toMl, w);
  const last = course.at(-1)!;
  return ok({
    secondsToBoil,
    secondsReducing: last.seconds,
    evaporatedG: massOf(mixture) - massOf(last.mixture),
    final: last.mixture,
    limitedBy: by,
    boilsAtC: boilC,
    course,
  });
}

/** The way down step by step, the last one shortened to end at the volume. */
function boiledDown(mixture: Mixture, toMl: number, powerW: number): readonly ReductionPoint[] {
  const course: ReductionPoint[] = [{ seconds: 0, mixture }];
  while (volumeMl(course.at(-1)!.mixture) > toMl) {
    const before = course.at(-1)!;
    const beforeMl = volumeMl(before.mixture);
    const { waterG, ethanolG, aceticG } = before.mixture;
    const stepG = STEP_SHARE * (waterG + ethanolG + aceticG);
    const whole = boiledOff(before, stepG, powerW);
    const overshot = toMl - volumeMl(whole.mixture);
    // within a step the volume falls in a straight line with the mass
    const share = overshot <= 0 ? 1 : (beforeMl - toMl) / (beforeMl - volumeMl(whole.mixture));
    course.push(share === 1 ? whole : boiledOff(before, stepG * share, powerW));
    if (share < 1) break;
  }
  return course;
}

/** `massG` of vapour off, its make-up taken in the middle of the step. */
function boiledOff({ seconds, mixture }: ReductionPoint, massG: number, powerW: number): ReductionPoint {
  const halfway = less(mixture, vapourOf(mixture, massG / 2));
  const vapour = vapourOf(halfway, massG);
  const after = less(mixture, vapour);
  const joules =
    vapour.waterG * LATENT_J_PER_G.water +
    vapour.ethanolG * LATENT_J_PER_G.ethanol +
    vapour.aceticG * LATENT_J_PER_G.acetic +
    // the boiling point climbs as the alcohol leaves
    heatCapacityJPerK(after) *
      Math.max(0, boilsAtC(after.ethanolG, after.waterG) - boilsAtC(mixture.ethanolG, mixture.waterG));
  return { seconds: seconds + joules / powerW, mixture: after };
}

type Vapour = Pick<Mixture, "waterG" | "ethanolG" | "aceticG">;

function vapourOf(mixture: Mixture, massG: number): Vapour {
  // fat lies apart from the liquid that boils
  const liquidG = massOf(mixture) - mixture.fatG;
  const aceticG = Math.min(mixture.aceticG, (ACETIC_VOLATILITY * mixture.aceticG * massG) / liquidG);
  const restG = massG - aceticG;
  const ethanolG = Math.min(mixture.ethanolG, restG * vapourMassShare(mixture.ethanolG, mixture.waterG));
  return { waterG: restG - ethanolG, ethanolG, aceticG };
}

const less = (mixture: Mixture, vapour: Vapour): Mixture => ({
  ...mixture,
  waterG: Math.max(0, mixture.waterG - vapour.waterG),
  ethanolG: mixture.ethanolG - vapour.ethanolG,
  aceticG: mixture.aceticG - vapour.aceticG,
});
