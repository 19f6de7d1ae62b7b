import { normalBelow, normalQuantile } from "@/core/numeric";
import { err, ok, type Result, said, type Said } from "@/core/shared";

export type OrderRequest = {
  readonly covers: number;
  readonly walkIns: number;
  /** Share of the covers that take the dish. */
  readonly takeShare: number;
  /** Kept over: 10 %, 5 % for dear live things, 15 % for a new dish (common practice, medium). */
  readonly bufferShare: number;
  readonly portionG: number;
  /** A portion may be this much lighter. */
  readonly toleranceG: number;
  /** Of the weight bought: usual share that is ready to cut, and its spread from one delivery to the next. */
  readonly readyShare: number;
  readonly readySpread: number;
  /** Weight of one animal, and how many pieces (sides, loins) it gives; null: bought by weight alone. */
  readonly animal: { readonly massG: number; readonly sides: number } | null;
  /** Usable stock on the ice already, ready to cut. */
  readonly onIceG: number;
  readonly lifeDays: number;
  readonly daysToLastService: number;
};

export type Order = {
  readonly portions: number;
  /** Weight at the usual yield, and the weight that is enough on 19 of 20 days. */
  readonly usualG: number;
  readonly sureG: number;
  /** Chance that the usual weight is enough. */
  readonly usualChance: number;
  readonly animals: {
    /** By weight alone. */
    readonly byWeight: number;
    /** By cutting: whole portions out of each side. */
    readonly byCutting: number;
    readonly portionsPerAnimal: number;
    readonly tailsG: number;
    /** Enough on 19 of 20 days, by cutting. */
    readonly sure: number;
    readonly chances: readonly { readonly animals: number; readonly chance: number }[];
    /** A portion a little lighter that wins one more from a side; null when the tolerance holds none. */
    readonly lighter: { readonly portionG: number; readonly animals: number; readonly portions: number } | null;
  } | null;
  readonly warnings: readonly Said[];
};

/** 19 of 20: the usual measure of "nearly always". */
const SURE = 0.95;
/** Standard normal quantile of 0.95. */
const SURE_SPREADS = 1.6449;
/** Fish of one box differ by about this share (estimate). */
const SIZE_SPREAD = 0.06;
const YIELD_POINTS = 41;
const MOST_ANIMALS = 400;

/**
 * From covers to weight: portions = covers that take the dish with the buffer, rounded up; weight = portions over yield. The yield of a
 * delivery is taken as normal; by cutting, every side gives whole portions only, sizes differ within the box, and the portions of all
 * sides are added up exactly (convolution) for each yield.
 */
export function planOrder(request: OrderRequest): Result<Order, Said> {
  const { covers, walkIns, takeShare, bufferShare, portionG, readyShare, readySpread, animal, onIceG } = request;
  if (!(readyShare > 0)) return err(said("block.theYieldMustBeAboveNothing"));
  const portions = Math.ceil((covers + walkIns) * takeShare * (1 + bufferShare) - 1e-9);
  const needG = Math.max(0, portions * portionG - onIceG);
  const usualG = needG / readyShare;
  const sureShare = Math.max(readyShare - SURE_SPREADS * readySpread, 0.2 * readyShare);
  const sureG = needG / sureShare;
  return ok({
    portions,
    usualG,
    sureG,
    usualChance: chanceByWeight(usualG, needG, readyShare, readySpread),
    animals: animal && needG > 0 ? byAnimals(request, animal, needG, usualG) : null,
    warnings: warningsOf(request),
  });
}

/** Chance that `boughtG` gives `needG` ready to cut. */
export function chanceByWeight(boughtG: number, needG: number, readyShare: number, readySpread: number): number {
  if (needG <= 0) return 1;
  if (readySpread <= 0) return boughtG * readyShare >= needG - 1e-9 ? 1 : 0;
  return normalBelow((readyShare - needG / boughtG) / readySpread);
}

function byAnimals(
  request: OrderRequest,
  animal: NonNullable<OrderRequest["animal"]>,
  needG: number,
  usualG: number,
): NonNullable<Order["animals"]> {
  const { portionG, toleranceG, readyShare } = request;
  const wanted = Math.ceil(needG / portionG - 1e-9);
  const lightest = portionG - toleranceG;
  const sideG = (animal.massG * readyShare) / animal.sides;
  const perSide = Math.floor(sideG / lightest + 1e-9);
  const portionsPerAnimal = perSide * animal.sides;
  const byWeight = Math.ceil(usualG / animal.massG - 1e-9);
  const byCutting = portionsPerAnimal > 0 ? Math.ceil(wanted / portionsPerAnimal) : byWeight;
  const cutG = Math.min(sideG, perSide * portionG);
  const tailsG = byCutting * animal.sides * (sideG - cutG);
  const chances: { animals: number; chance: number }[] = [];
  const from = Math.max(1, Math.min(byWeight, byCutting) - 1);
  let sure = byCutting;
  for (const { animals, chance } of chancesByCutting(request, animal, wanted)) {
    if (animals < from) continue;
    chances.push({ animals, chance });
    sure = animals;
    if (chance >= SURE || animals >= MOST_ANIMALS) break;
  }
  return {
    byWeight,
    byCutting,
    portionsPerAnimal,
    tailsG,
    sure,
    chances,
    lighter: lighterPortion(request, animal, wanted),
  };
}

/** Up to 8 % lighter (the usual example: 160 less 8 % is 147 g), when that wins another portion from every side. */
const LIGHTER_SHARE = 0.92;

function lighterPortion(
  { portionG, toleranceG, readyShare }: OrderRequest,
  animal: NonNullable<OrderRequest["animal"]>,
  wanted: number,
) {
  const sideG = (animal.massG * readyShare) / animal.sides;
  const before = Math.floor(sideG / (portionG - toleranceG) + 1e-9);
  const after = Math.floor(sideG / (portionG * LIGHTER_SHARE) + 1e-9);
  if (after <= before) return null;
  const animals = Math.ceil(wanted / (after * animal.sides));
  return { portionG: Math.min(portionG, sideG / after), animals, portions: animals * after * animal.sides };
}

/** Chance that one, two, three ... animals give `wanted` whole portions; each step adds one more to the sums so far. */
export function* chancesByCutting(
  { portionG, toleranceG, readyShare, readySpread }: OrderRequest,
  animal: NonNullable<OrderRequest["animal"]>,
  wanted: number,
): Generator<{ readonly animals: number; readonly chance: number }> {
  // equal shares of the normal yield, each at its middle
  const points = Array.from({ length: YIELD_POINTS }, (_, point) => {
    const share =
      readySpread > 0 ? readyShare + readySpread * normalQuantile((point + 0.5) / YIELD_POINTS) : readyShare;
    const meanSideG = (animal.massG * Math.max(0.01, share)) / animal.sides;
    return {
      one: portionsOfAnimal(meanSideG, portionG - toleranceG, animal.sides),
      short: [1, ...new Array<number>(Math.max(0, wanted - 1)).fill(0)],
      reached: wanted <= 0 ? 1 : 0,
    };
  });
  for (let animals = 1; ; animals++) {
    let chance = 0;
    for (const point of points) {
      addOne(point, wanted);
      chance += point.reached / YIELD_POINTS;
    }
    yield { animals, chance: Math.min(1, chance) };
  }
}

/** One more animal: the sums still short of `wanted`, and the chance that has got there. */
function addOne(
  point: {
    readonly one: readonly { readonly count: number; readonly chance: number }[];
    short: number[];
    reached: number;
  },
  wanted: number,
): void {
  const next = new Array<number>(point.short.length).fill(0);
  for (const [have, chance] of point.short.entries()) {
    if (chance === 0) continue;
    for (const { count, chance: share } of point.one) {
      if (have + count >= wanted) point.reached += chance * share;
      else next[have + count] = next[have + count]! + chance * share;
    }
  }
  point.short = next;
}

/** Distribution of whole portions from one animal whose sides share its size. */
function portionsOfAnimal(meanSideG: number, lightestG: number, sides: number) {
  const most = Math.floor((meanSideG * (1 + 5 * SIZE_SPREAD)) / lightestG);
  const below = (limitG: number) => normalBelow((limitG / meanSideG - 1) / SIZE_SPREAD);
  return Array.from({ length: most + 1 }, (_, each) => ({
    count: each * sides,
    chance: below((each + 1) * lightestG) - (each === 0 ? 0 : below(each * lightestG)),
  })).filter(({ chance }) => chance > 1e-12);
}

function warningsOf({ lifeDays, daysToLastService, onIceG, portionG, covers, takeShare }: OrderRequest): Said[] {
  const warnings: Said[] = [];
  if (daysToLastService > lifeDays / 2)
    warnings.push(said("block.lastServiceIsFar", { days: daysToLastService, life: lifeDays }));
  if (onIceG >= covers * takeShare * portionG && onIceG > 0) warnings.push(said("block.whatIsOnTheIceCovers"));
  return warnings;
}
