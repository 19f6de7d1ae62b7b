import { clamp } from "@/core/numeric";
import { propertiesOf } from "@/core/matter";
import { err, ok, type Result, inCelsius, inGrams, inMm, said, type Said, inFigures } from "@/core/shared";
import type { Species } from "@/core/species";
import { DAY_MS } from "@/core/units";
import { saltDiffusivity, sugarDiffusivity } from "./diffusivity";
import { SoluteSlab, type Bath } from "./slab";

export type CureMethod = "dry" | "brine" | "equilibrium";

export type CureRequest = {
  readonly species: Species;
  readonly massG: number;
  readonly thicknessMm: number;
  /** Skin shuts one face. */
  readonly skin: boolean;
  readonly method: CureMethod;
  /** Wanted in the flesh once even, g salt per 100 g of fish. */
  readonly targetSaltPct: number;
  /** Dry cure: all the salt laid on. */
  readonly saltG: number;
  readonly sugarG: number;
  /** Brines: water of the brine, and its salt in g per 100 g of brine (equilibrium: worked out). */
  readonly brineWaterG: number;
  readonly brinePct: number;
  readonly placeC: number;
};

export type CureSample = {
  readonly atH: number;
  readonly meanPct: number;
  readonly deepestPct: number;
  readonly nearFacePct: number;
  /** Salt through the slice from the deepest point to the face, g per 100 g. */
  readonly layersPct: readonly number[];
  readonly phase: "cure" | "rest";
};

export type CurePlan = {
  /** When the mean reaches the target and it comes out. */
  readonly stopH: number;
  /** Rest after that, until the deepest point has `EVEN_SHARE` of the mean, or until it must be used. */
  readonly restH: number;
  /** Whether it gets even while it keeps. */
  readonly even: boolean;
  readonly samples: readonly CureSample[];
  readonly meanPct: number;
  readonly evenness: number;
  /** Salt the whole needs: laid on, or dissolved in the water of the brine. */
  readonly saltNeededG: number;
  readonly sugarPct: number;
  readonly weightLossShare: number;
  /** Salt in the water of the flesh, %, after the loss: the mean, and where it is least. */
  readonly waterPhasePct: number;
  readonly deepestWaterPhasePct: number;
  readonly keepDays: number;
  readonly warnings: readonly Said[];
};

/** Saturated brine, g salt per g water (handbooks; memory, high). */
export const SATURATED = 0.36;
/** Dry salt makes its own brine on the face over about half a day (calibrated on the custom of 18-30 h for a side of 30 mm; low), s. */
const BRINE_BUILD_UP_S = 12 * 3600;
/** Even enough to slice: the deepest point has nine tenths of the mean. */
export const EVEN_SHARE = 0.9;
const LAYERS = 24;
const DAY_S = DAY_MS / 1000;
const LONGEST_H = 24 * 14;
const STEPS_A_RUN = 900;
const SAMPLES = 120;

/**
 * Water that leaves for each gram of salt that enters: 3.5 g in dry salt or strong brine, none in a brine of 6 % or less, straight between
 * (read off the usual 12 % loss of a 24-48 h cure at about 3.5 % salt; common practice, low).
 */
const WATER_PER_SALT = 3.5;
const MILD_BRINE_PCT = 6;
const SATURATED_PCT = 26.4;

export function waterLostPerSalt(method: CureMethod, brinePct: number): number {
  if (method === "dry") return WATER_PER_SALT;
  const strength = (brinePct - MILD_BRINE_PCT) / (SATURATED_PCT - MILD_BRINE_PCT);
  return WATER_PER_SALT * clamp(strength, 0, 1);
}

/** Salt of a brine that ends even with the fish: target × (fish + water), all in one (common practice, high). */
export const equilibriumSaltG = (targetPct: number, fishG: number, waterG: number): number =>
  (targetPct / 100) * (fishG + waterG);

/** Salt in the water phase, %: salt / (salt + water) × 100 (FDA hazards guidance, ch. 13; memory, high). */
export const waterPhaseSaltPct = (saltPct: number, waterPct: number): number => (100 * saltPct) / (saltPct + waterPct);

/** Days in the refrigerator by water-phase salt (common practice, low): the date mark of the rule set still ends it. */
export function keepingDays(waterPhasePct: number): number {
  if (waterPhasePct >= 5) return 7;
  return waterPhasePct >= 3.5 ? 5 : 3;
}

/** No model clears a pack without air: what has to be measured, and who allows it. */
export const VACUUM_WORDS = said("cure.neverIntoAVacuumPack");

/** Five days and more in the cold: Listeria can grow to what the law bars. */
export const LISTERIA_WORDS = said("cure.listeriaCountsAfterFiveDays");

/** What enters the fish, and how much water there is for it. */
type Solutes = {
  readonly salt: SoluteSlab;
  readonly sugar: SoluteSlab | null;
  readonly waterShare: number;
  readonly saltNeededG: number;
  /** Where the fish ends if it lies for ever, %. */
  readonly endPct: number;
};

function setUp(request: CureRequest): Result<Solutes, Said> {
  const { species, massG, thicknessMm, skin, method, targetSaltPct, placeC } = request;
  const waterShare = species.compositionPct.water / 100;
  const density = propertiesOf(species.compositionPct, Math.max(0, placeC)).densityKgPerM3;
  const faces = skin ? 1 : 2;
  const areaM2 = (faces * (massG / 1000)) / (density * (thicknessMm / 1000));
  const waterKgPerM3 = waterShare * density;
  const targetG = (targetSaltPct / 100) * massG;
  const slab = { thicknessMm, faces, waterKgPerM3 } as const;
  const perM2 = (grams: number) => grams / 1000 / areaM2;
  let bath: Bath;
  let saltNeededG: number;
  // even at last: the same salt in the water of the fish and in that of the brine
  const evenPct = (grams: number) => (100 * grams * waterShare) / (request.brineWaterG + massG * waterShare);
  if (method === "dry") {
    if (request.saltG < targetG)
      return err(
        said("cure.saltOfSaltCannotGiveTargetSalt", {
          salt: inGrams(request.saltG, 0),
          targetSalt: targetSaltPct,
          target: inGrams(targetG, 0),
        }),
      );
    saltNeededG = request.saltG;
    bath = {
      kind: "supply",
      concentration: SATURATED,
      soluteKgPerM2: perM2(request.saltG),
      buildUpS: BRINE_BUILD_UP_S,
    };
  } else if (method === "equilibrium") {
    saltNeededG = equilibriumSaltG(targetSaltPct, massG, request.brineWaterG);
    const concentration = saltNeededG / request.brineWaterG;
    if (concentration > SATURATED) return err(said("cure.thatMuchSaltDoesNotDissolve"));
    bath = { kind: "finite", concentration, waterKgPerM2: perM2(request.brineWaterG) };
  } else {
    const concentration = request.brinePct / (100 - request.brinePct);
    if (concentration > SATURATED) return err(said("cure.aBrineCannotHoldMoreThan"));
    saltNeededG = concentration * request.brineWaterG;
    if (evenPct(saltNeededG) < targetSaltPct)
      return err(said("cure.thisBrineEndsAtSaltNeededIn", { saltNeeded: inFigures(evenPct(saltNeededG), 1) }));
    bath = { kind: "finite", concentration, waterKgPerM2: perM2(request.brineWaterG) };
  }
  const salt = new SoluteSlab({ ...slab, diffusivityM2PerS: saltDiffusivity(species, placeC) }, bath);
  const sugarBath: Bath | null =
    request.sugarG <= 0
      ? null
      : method === "dry"
        ? { kind: "supply", concentration: 2, soluteKgPerM2: perM2(request.sugarG), buildUpS: BRINE_BUILD_UP_S }
        : {
            kind: "finite",
            concentration: request.sugarG / request.brineWaterG,
            waterKgPerM2: perM2(request.brineWaterG),
          };
  const sugar =
    sugarBath && new SoluteSlab({ ...slab, diffusivityM2PerS: sugarDiffusivity(species, placeC) }, sugarBath);
  const endPct = method === "equilibrium" ? evenPct(saltNeededG) : targetSaltPct;
  return ok({ salt, sugar, waterShare, saltNeededG, endPct });
}

/** A side in its cure, with what is noted of it on the way. */
class CureRun {
  readonly samples: CureSample[] = [];
  nowS = 0;
  private sampleS = 0;
  /** Time by which diffusion has evened out about the whole depth, s. */
  private readonly evenS: number;

  constructor(
    private readonly solutes: Solutes,
    request: CureRequest,
  ) {
    const depthM = request.thicknessMm / 1000 / (request.skin ? 1 : 2);
    this.evenS = (depthM * depthM) / solutes.salt.slab.diffusivityM2PerS;
  }

  pctOf(concentration: number): number {
    return concentration * this.solutes.waterShare * 100;
  }

  get meanPct(): number {
    return this.pctOf(this.solutes.salt.meanConcentration);
  }

  get isEven(): boolean {
    const { salt } = this.solutes;
    return salt.deepest >= EVEN_SHARE * salt.meanConcentration;
  }

  sample(phase: CureSample["phase"]): void {
    const { salt } = this.solutes;
    const cells = salt.concentration;
    this.samples.push({
      atH: this.nowS / 3600,
      meanPct: this.meanPct,
      deepestPct: this.pctOf(salt.deepest),
      nearFacePct: this.pctOf(salt.nearFace),
      layersPct: Array.from({ length: LAYERS }, (_, index) =>
        this.pctOf(cells[Math.floor(((index + 0.5) / LAYERS) * cells.length)]!),
      ),
      phase,
    });
  }

  advance(phase: CureSample["phase"]): void {
    const { salt, sugar } = this.solutes;
    // short steps while the face is steep, as long as the thickness allows later
    const stepS = clamp(0.02 * this.nowS, 1, this.evenS / STEPS_A_RUN);
    salt.step(stepS);
    sugar?.step(stepS);
    this.nowS += stepS;
    if (this.nowS < this.sampleS) return;
    this.sample(phase);
    const untilNextS =
      phase === "cure" ? Math.max(0.04 * this.nowS, this.evenS / 2000) : Math.min(this.evenS / SAMPLES, DAY_S / 24);
    this.sampleS = this.nowS + untilNextS;
  }

  lift(): void {
    this.solutes.salt.lift();
    this.solutes.sugar?.lift();
  }
}

/**
 * Follows salt (and sugar) into a slab until the mean is at the target, then through the rest until it is even. An equilibrium brine may
 * stay in: it comes out when it holds 95 % of what it can, and it cannot pass that. Its target is of fish and water together, as kitchens
 * reckon it; the fish alone ends a little below. Error: a message in the cook's words.
 */
export function planCure(request: CureRequest): Result<CurePlan, Said> {
  const set = setUp(request);
  if (!set.ok) return set;
  const { salt, sugar, waterShare, saltNeededG, endPct } = set.value;
  const run = new CureRun(set.value, request);
  const stopPct = request.method === "equilibrium" ? 0.95 * endPct : request.targetSaltPct;
  run.sample("cure");
  while (run.meanPct < stopPct) {
    if (run.nowS > LONGEST_H * 3600)
      return err(
        said("cure.afterLongesthDaysItIsStill", {
          longesth: LONGEST_H / 24,
          meanConcentration: inFigures(run.meanPct, 1),
        }),
      );
    run.advance("cure");
  }
  const stopS = run.nowS;
  run.sample("cure");
  run.lift();
  const { meanPct } = run;
  const lost = (meanPct / 100) * waterLostPerSalt(request.method, request.brinePct);
  const phasePct = (pct: number) => waterPhaseSaltPct(pct, 100 * (waterShare - lost));
  // the deepest point decides how long it keeps, and it gets saltier while it rests
  const deepestPhasePct = () => phasePct(run.pctOf(salt.deepest));
  while (!run.isEven && run.nowS - stopS < keepingDays(deepestPhasePct()) * DAY_S) run.advance("rest");
  run.sample("rest");
  return ok({
    stopH: stopS / 3600,
    restH: (run.nowS - stopS) / 3600,
    even: run.isEven,
    samples: run.samples,
    meanPct,
    evenness: salt.deepest / salt.meanConcentration,
    saltNeededG,
    sugarPct: sugar ? run.pctOf(sugar.meanConcentration) : 0,
    weightLossShare: Math.max(0, lost - meanPct / 100),
    waterPhasePct: phasePct(meanPct),
    deepestWaterPhasePct: deepestPhasePct(),
    keepDays: keepingDays(deepestPhasePct()),
    warnings: warningsOf(request, deepestPhasePct(), stopS / 3600, run.isEven),
  });
}

export type Soaked = {
  readonly meanPct: number;
  readonly deepestPct: number;
  readonly nearFacePct: number;
  readonly weightChangeShare: number;
};

/** What a brine of this strength has done after `minutes`, the piece lifted out and not yet even. */
export function soakInBrine(
  request: Omit<CureRequest, "method" | "targetSaltPct" | "saltG" | "sugarG">,
  minutes: number,
): Result<Soaked, Said> {
  const set = setUp({ ...request, method: "brine", targetSaltPct: 0, saltG: 0, sugarG: 0 });
  if (!set.ok) return set;
  const { salt, waterShare } = set.value;
  const steps = 600;
  for (let step = 0; step < steps; step++) salt.step((minutes * 60) / steps);
  const pctOf = (concentration: number) => concentration * waterShare * 100;
  const meanPct = pctOf(salt.meanConcentration);
  const lost = (meanPct / 100) * waterLostPerSalt("brine", request.brinePct);
  return ok({
    meanPct,
    deepestPct: pctOf(salt.deepest),
    nearFacePct: pctOf(salt.nearFace),
    weightChangeShare: meanPct / 100 - lost,
  });
}

function warningsOf(
  { placeC, thicknessMm, skin }: CureRequest,
  deepestPhasePct: number,
  stopH: number,
  even: boolean,
): Said[] {
  const warnings = [said("cure.saltSugarAndAcidDoNot")];
  if (placeC > 5) warnings.push(said("cure.cureAt5COrBelow", { bound: inCelsius(5), place: inCelsius(placeC, 0) }));
  warnings.push(VACUUM_WORDS);
  if (deepestPhasePct < 3.5)
    warnings.push(said("cure.theThickestPartHoldsAboutDeepestPhase", { deepestPhase: inFigures(deepestPhasePct, 1) }));
  if (keepingDays(deepestPhasePct) >= 5) warnings.push(LISTERIA_WORDS);
  if (!even)
    warnings.push(
      said("cure.atThicknessItDoesNotGet", {
        thickness: inMm(thicknessMm, 0),
        value: skin ? said("cure.skinOffItTakesAQuarter") : "",
      }),
    );
  if (stopH > 72) warnings.push(said("cure.overThreeDaysAtThicknessCut", { thickness: inMm(thicknessMm, 0) }));
  return warnings;
}
