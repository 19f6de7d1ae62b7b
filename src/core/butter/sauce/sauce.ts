import { bisect, sumOf } from "@/core/numeric";
import { err, ok, said, type Result, type Said } from "@/core/shared";
import { massOf, mixed, NOTHING_IN_IT, volumeMl, type Mixture } from "../reduce/mixture";
import { mountedSauce, type Mounted, type MountedQuestion } from "../mount/mounted";
import { addedGrams, pouredGrams, type Portion } from "../shelf/pour";
import { reduce, type Pan, type Reduction } from "../reduce/reduction";
import { batchesOf } from "../shelf/scale";
import { COMMON_SHELF, ingredientOf, type Shelf } from "../shelf/shelf";

/** How a sauce of the house is made: the base is poured and reduced, the rest whisked in. All for `covers`. */
export type SauceSpec = {
  readonly name: string;
  readonly covers: number;
  /** Species of the dishes it goes with. */
  readonly goesWith: readonly string[];
  readonly base: readonly Portion[];
  /** ml to reduce the base to, for `covers`; null: it is not reduced. */
  readonly reduceToMl: number | null;
  readonly mount: readonly Portion[];
  readonly servedC: number;
  /** Meant thin: its body is cream, purée or starch. */
  readonly light?: boolean | undefined;
  /** Shallot and the like are strained out of the reduced base and keep back some of it. */
  readonly strained: boolean;
  /** Days the strained base keeps at 0 to 5 °C. */
  readonly baseKeepsDays: number;
};

/** A mounted sauce above this is two: it neither takes the butter evenly nor cools evenly (common practice, medium). */
export const BATCH_MOST_COVERS = 12;
/** ml of reduced base that a gram of strained shallot keeps: 50 g some 20 to 25 ml (common practice, medium). */
const SHALLOT_KEEPS_ML_PER_G = 0.45;
const SOLID_IN_BASE = ["shallot", "dill", "chives", "parsley", "garlic", "lemon-zest", "capers"] as const;

export type SaucePlan = {
  readonly covers: number;
  readonly batches: readonly number[];
  /** Of the first, largest batch. */
  readonly batch: SauceBatch;
};

export type SauceBatch = {
  readonly covers: number;
  readonly poured: readonly Portion[];
  readonly mounted: readonly Portion[];
  readonly reduction: Reduction | null;
  /** What of the base goes on, after straining. */
  readonly base: Mixture;
  readonly strainedG: number;
  readonly question: MountedQuestion;
  readonly sauce: Mounted;
};

export type Stove = { readonly pan: Pan; readonly netPowerW: number; readonly startC: number };

const scaled = (portions: readonly Portion[], factor: number): readonly Portion[] =>
  portions.map(({ ingredientId, massG }) => ({ ingredientId, massG: massG * factor }));

const isSolid = ({ ingredientId }: Portion) => SOLID_IN_BASE.some((id) => id === ingredientId);

/** The reduced base as a sauce's base: per cents by mass. */
const baseOf = (mixture: Mixture, creamG: number): MountedQuestion["base"] => {
  const massG = massOf(mixture);
  const pct = (partG: number) => (massG > 0 ? (100 * partG) / massG : 0);
  return {
    massG,
    waterPct: pct(mixture.waterG),
    acidPct: pct(mixture.aceticG + mixture.fixedAcidG),
    alcoholPct: pct(mixture.ethanolG),
    saltPct: pct(mixture.saltG),
    fatPct: pct(mixture.fatG),
    creamG,
  };
};

/** A sauce for so many covers in this pan: batches, minutes, what is in it, and whether it holds. Error: the base cannot be reduced so far. */
export function planSauce(
  spec: SauceSpec,
  covers: number,
  stove: Stove,
  shelf: Shelf = COMMON_SHELF,
): Result<SaucePlan, Said> {
  if ([...spec.base, ...spec.mount].some(({ ingredientId }) => !shelf.has(ingredientId)))
    return err(said("butter.goodIsNotOnTheShelf"));
  const batches = batchesOf(covers, spec.mount.length > 0 ? BATCH_MOST_COVERS : null);
  const batch = planBatch(spec, batches[0]!, stove, shelf);
  return batch.ok ? ok({ covers, batches, batch: batch.value }) : batch;
}

function planBatch(spec: SauceSpec, covers: number, stove: Stove, shelf: Shelf): Result<SauceBatch, Said> {
  const factor = covers / spec.covers;
  const poured = scaled(spec.base, factor);
  const liquid = mixed(poured.filter((portion) => !isSolid(portion)).map((one) => pouredGrams(one, shelf)));
  const solids = poured.filter(isSolid);
  let reduction: Reduction | null = null;
  if (spec.reduceToMl !== null) {
    const found = reduce({ mixture: liquid, toMl: spec.reduceToMl * factor, ...stove });
    if (!found.ok) return err(found.error);
    reduction = found.value;
  }
  const reduced = reduction?.final ?? liquid;
  const { base, strainedG } = spec.strained
    ? strain(reduced, solids)
    : { base: mixed([reduced, ...solids.map((one) => pouredGrams(one, shelf))]), strainedG: 0 };
  const mounted = scaled(spec.mount, factor);
  const creamG = poured.reduce((sum, one) => {
    const { mountsAs } = ingredientOf(one.ingredientId, shelf);
    return mountsAs === "cream" || mountsAs === "creme-fraiche" ? sum + one.massG : sum;
  }, 0);
  const question = {
    base: baseOf(base, creamG),
    add: mounted.map((one) => addedGrams(one, shelf)),
    servedC: spec.servedC,
    light: spec.light ?? false,
  };
  return ok({ covers, poured, mounted, reduction, base, strainedG, question, sauce: mountedSauce(question) });
}

/** Strained-out solids keep back liquid, at most half of it. */
function strain(reduced: Mixture, solids: readonly Portion[]): { readonly base: Mixture; readonly strainedG: number } {
  const solidsG = sumOf(solids, ({ massG }) => massG);
  const haveMl = volumeMl(reduced);
  if (solidsG === 0 || haveMl === 0) return { base: reduced, strainedG: 0 };
  const kept = Math.min(0.5, (solidsG * SHALLOT_KEEPS_ML_PER_G) / haveMl);
  const base = Object.fromEntries(
    Object.keys(NOTHING_IN_IT).map((part) => [part, reduced[part as keyof Mixture] * (1 - kept)]),
  ) as Mixture;
  return { base, strainedG: solidsG + massOf(reduced) * kept };
}

/** Acid that cooks like in a sauce, per cent (common practice, medium). */
export const LIKED_ACID_PCT = 1;

/**
 * Grams of vinegar or juice, for the covers of the spec, that bring a sharp sauce to the acid that is liked, everything else as it is.
 * Null where it is not sharp, has none, or is sharp without them.
 */
export function milderAcidG(
  spec: SauceSpec,
  stove: Stove,
  shelf: Shelf = COMMON_SHELF,
): { readonly nowG: number; readonly milderG: number } | null {
  const isSour = ({ ingredientId }: Portion) => ingredientOf(ingredientId, shelf).use === "acid";
  const nowG = sumOf(spec.base.filter(isSour), ({ massG }) => massG);
  const acidPct = (share: number): number => {
    const base = spec.base
      .map((one) => (isSour(one) ? { ...one, massG: one.massG * share } : one))
      .filter(({ massG }) => massG > 0);
    const plan = planBatch({ ...spec, base }, spec.covers, stove, shelf);
    return plan.ok ? (100 * plan.value.sauce.acidG) / plan.value.sauce.massG : Infinity;
  };
  if (nowG === 0 || !(acidPct(1) > LIKED_ACID_PCT * 1.2)) return null;
  const least = 0.05;
  if (!(acidPct(least) < LIKED_ACID_PCT)) return null;
  const [share] = bisect((some) => acidPct(some) > LIKED_ACID_PCT, [least, 1], 12);
  return { nowG, milderG: nowG * share };
}
