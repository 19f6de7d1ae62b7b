import { LATENT_BOILING_J_PER_KG } from "@/core/matter";
import { clamp, leastThatDoes, sumOf } from "@/core/numeric";
import { judgeCooling, type CoolingRuleId, type CoolingVerdict } from "@/core/safety";
import { panLevelMm } from "./reduce/reduction";

/** A pot with straight walls. */
export type Pot = { readonly id: string; readonly litres: number; readonly diameterMm: number; readonly rimMm: number };

/** Pots of a station (trade catalogues; common practice, medium). */
export const POTS: readonly Pot[] = [
  { id: "4l", litres: 4, diameterMm: 200, rimMm: 130 },
  { id: "8l", litres: 8, diameterMm: 240, rimMm: 180 },
  { id: "15l", litres: 15, diameterMm: 280, rimMm: 250 },
];

export type StockAsk = {
  readonly bonesG: number;
  readonly waterMl: number;
  readonly aromaticsG: number;
  readonly pot: Pot;
  readonly netPowerW: number;
  readonly simmerMin: number;
};

/** Fish stock: 20 to 22 min, never over 40, skimmed every five (common practice, medium). */
export const SIMMER_MIN = { usual: 22, most: 40, skimEvery: 5 } as const;
const SIMMER_C = 95;
const COLD_C = 10;
/** Bones with the flesh that clings to them, aromatics and water, kJ/kgK (Choi and Okos 1986, rounded). */
const HEAT = { bones: 3.4, aromatics: 3.9, water: 4.18 } as const;
/** What a simmering surface lets off, W/m² (5 to 10 kW/m²; common practice, low). */
const SIMMER_W_PER_M2 = 7500;
const LATENT_J_PER_G = LATENT_BOILING_J_PER_KG / 1000;
/** Bones hold back some of the water they lay in (common practice, low). */
const BONES_KEEP = 0.06;
/** Heaped bones: solid density and the share of the heap that is solid (estimate). */
const [BONE_G_PER_ML, HEAP_SOLID] = [1.1, 0.5];
/** Water stands over the bones by so much (common practice: 1 to 2 cm). */
const OVER_MM = 15;
/** Gelatin a kilo of white-fish bones gives to a litre in 20 min, per cent (memory, low). */
const GELATIN_PCT = 0.8;
/** Bones bring a little of the sea (memory, low). */
const SALT_PCT = 0.15;

export type StockPlan = {
  readonly toSimmerMin: number;
  readonly skimsAtMin: readonly number[];
  readonly evaporatedG: number;
  readonly yieldMl: number;
  readonly gelatinPct: number;
  readonly saltPct: number;
  /** Of bones and water in the pot, mm. */
  readonly levelMm: number;
  readonly boilsOver: boolean;
  readonly tooLong: boolean;
};

const areaM2 = ({ diameterMm }: Pot) => (Math.PI / 4) * (diameterMm / 1000) ** 2;

/** Water that just covers so many bones in this pot, ml. */
export function waterToCoverMl(bonesG: number, pot: Pot): number {
  const solidMl = bonesG / BONE_G_PER_ML;
  const heapMm = panLevelMm(solidMl / HEAP_SOLID, pot.diameterMm);
  return (heapMm + OVER_MM) * areaM2(pot) * 1000 - solidMl;
}

/** A pot of fish stock from cold: when it simmers, when it is skimmed, and what it yields. */
export function planStock({ bonesG, waterMl, aromaticsG, pot, netPowerW, simmerMin }: StockAsk): StockPlan {
  const joulesPerK = bonesG * HEAT.bones + aromaticsG * HEAT.aromatics + waterMl * HEAT.water;
  const evaporatedG = (Math.min(netPowerW, SIMMER_W_PER_M2 * areaM2(pot)) * simmerMin * 60) / LATENT_J_PER_G;
  const yieldMl = Math.max(0, waterMl - evaporatedG - bonesG * BONES_KEEP);
  const levelMm = panLevelMm(bonesG / BONE_G_PER_ML + waterMl + aromaticsG, pot.diameterMm);
  const skims = Math.floor((simmerMin - 0.1) / SIMMER_MIN.skimEvery);
  const strength = waterMl > 0 ? bonesG / waterMl : 0;
  return {
    toSimmerMin: (joulesPerK * (SIMMER_C - COLD_C)) / netPowerW / 60,
    skimsAtMin: Array.from({ length: skims }, (_, index) => (index + 1) * SIMMER_MIN.skimEvery),
    evaporatedG,
    yieldMl,
    gelatinPct: GELATIN_PCT * strength * (yieldMl > 0 ? waterMl / yieldMl : 0),
    saltPct: SALT_PCT * strength,
    levelMm,
    boilsOver: levelMm > (2 / 3) * pot.rimMm && levelMm > pot.rimMm - 40,
    tooLong: simmerMin > SIMMER_MIN.most,
  };
}

/** Where a pot on the fire stands: minutes until the next skim and until it is strained; a skim is due for a minute. */
export type PotClock = {
  readonly phase: "heating" | "simmering" | "over";
  readonly nextSkimInMin: number | null;
  readonly strainInMin: number;
};

export function potClock(
  { toSimmerMin, skimsAtMin }: Pick<StockPlan, "toSimmerMin" | "skimsAtMin">,
  simmerMin: number,
  elapsedMin: number,
): PotClock {
  const simmered = elapsedMin - toSimmerMin;
  const next = skimsAtMin.find((atMin) => atMin > simmered - 1);
  return {
    phase: simmered < 0 ? "heating" : simmered < simmerMin ? "simmering" : "over",
    nextSkimInMin: next === undefined ? null : Math.max(0, next - simmered),
    strainInMin: simmerMin - simmered,
  };
}

export type IceBath = {
  readonly massG: number;
  readonly fromC: number;
  readonly diameterMm: number;
  readonly stirred: boolean;
  readonly iceG: number;
  /** Water the ice lies in, from the tap. */
  readonly bathWaterG: number;
};

const MELT_J_PER_G = 333.6;
const WATER_J_PER_G_K = 4.18;
const STOCK_J_PER_G_K = 4.1;
const TAP_C = 12;
/** Wall between stock and bath, W/m²K: stirred both sides, or left to stand (300-500 and 80-250; memory, medium). */
const WALL = { stirred: 400, standing: 150 } as const;
const STEP_S = 10;
const LONGEST_S = 8 * 3600;
const CHILLED_C = 4.5;
const TENTH_G = 100;

/** How a pot cools in an ice bath whose ice melts, minutes and °C of the stock; it stops when cold, or after eight hours. */
export function coolInIce({
  massG,
  fromC,
  diameterMm,
  stirred,
  iceG,
  bathWaterG,
}: IceBath): readonly (readonly [number, number])[] {
  const wallM2 =
    (Math.PI / 4) * (diameterMm / 1000) ** 2 + Math.PI * (diameterMm / 1000) * (panLevelMm(massG, diameterMm) / 1000);
  const wallWPerK = wallM2 * (stirred ? WALL.stirred : WALL.standing);
  let stockC = fromC;
  let bathC = TAP_C;
  let ice = iceG;
  const trace: [number, number][] = [[0, fromC]];
  for (let seconds = STEP_S; seconds <= LONGEST_S; seconds += STEP_S) {
    const joules = wallWPerK * (stockC - bathC) * STEP_S;
    stockC -= joules / (massG * STOCK_J_PER_G_K);
    const waterG = bathWaterG + iceG - ice;
    // what the bath takes up warms it, and then melts ice until it is back at nought or the ice is gone
    bathC += joules / Math.max(1, waterG * WATER_J_PER_G_K);
    const melted = clamp((bathC * waterG * WATER_J_PER_G_K) / MELT_J_PER_G, 0, ice);
    ice -= melted;
    bathC = Math.max(
      0,
      (bathC * waterG * WATER_J_PER_G_K - melted * MELT_J_PER_G) / Math.max(1, (waterG + melted) * WATER_J_PER_G_K),
    );
    if (seconds % 60 === 0) trace.push([seconds / 60, stockC]);
    if (stockC <= CHILLED_C) break;
  }
  const last = trace.at(-1)!;
  if (last[1] !== stockC) trace.push([last[0] + 0.5, stockC]);
  return trace;
}

export type PotCooling = {
  readonly verdict: CoolingVerdict;
  readonly trace: readonly (readonly [number, number])[];
  /** Ice that would pass, g, to the tenth of a kilo; null: none up to five times the stock. */
  readonly iceNeededG: number | null;
};

/** A pot judged before it is begun: by the cooling rule, with the ice it would need. */
export function judgePot(bath: IceBath, ruleId: CoolingRuleId): PotCooling {
  const trace = coolInIce(bath);
  const passes = (iceG: number) => judgeCooling(ruleId, coolInIce({ ...bath, iceG })).verdict === "pass";
  // more ice never cools later: halve the stretch between too little and enough
  const most = Math.ceil((bath.massG * 5) / TENTH_G);
  const iceNeededG = passes(most * TENTH_G)
    ? TENTH_G * leastThatDoes((tenths) => passes(tenths * TENTH_G), [0, most])
    : null;
  return { verdict: judgeCooling(ruleId, trace), trace, iceNeededG };
}

/** A draw on the stock of the day, ml. */
export type Draw = { readonly what: string; readonly ml: number };

/** What the dishes of the day draw against what is there and what is on the fire, ml; `shortMl` above 0: another pot. */
export function stockBalance(
  draws: readonly Draw[],
  haveMl: number,
): { readonly drawnMl: number; readonly shortMl: number; readonly overMl: number } {
  const drawnMl = sumOf(draws, ({ ml }) => ml);
  return { drawnMl, shortMl: Math.max(0, drawnMl - haveMl), overMl: Math.max(0, haveMl - drawnMl) };
}

/** Salt of a sauce that takes shellfish liquor, at most, % (common practice, medium). */
export const LIQUOR_SAUCE_MOST_PCT = 1.1;

/** The most of a salty liquor that may go into a sauce unreduced, ml: the salt alone then reaches the most a sauce carries. */
export const liquorCapMl = (sauceG: number, liquorSaltPct: number, mostPct = LIQUOR_SAUCE_MOST_PCT): number =>
  liquorSaltPct <= 0 ? Infinity : (sauceG * mostPct) / liquorSaltPct;
