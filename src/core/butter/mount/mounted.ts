import { sumOf } from "@/core/numeric";
import { inCelsius, said, type Said, inFigures } from "@/core/shared";

/** What is whisked into a base. */
export const ADDITION_KINDS = [
  "butter",
  "clarified-butter",
  "cream",
  "creme-fraiche",
  "oil",
  "stock",
  "water",
  "egg-yolk",
  "mustard",
  "puree",
  "lecithin",
] as const;
export type AdditionKind = (typeof ADDITION_KINDS)[number];

export type Share = { readonly fatPct: number; readonly waterPct: number; readonly saltPct: number };

/**
 * What an addition of each kind usually is, by mass. Butter and cream: Reg. (EU) 1308/2013, Annex VII, and the usual trade grades;
 * the others from food tables (memory, medium).
 */
export const USUAL_ADDITIONS: Readonly<Record<AdditionKind, Share>> = {
  butter: { fatPct: 82, waterPct: 16, saltPct: 0 },
  "clarified-butter": { fatPct: 99.5, waterPct: 0.3, saltPct: 0 },
  cream: { fatPct: 36, waterPct: 58, saltPct: 0.1 },
  "creme-fraiche": { fatPct: 32, waterPct: 62, saltPct: 0.1 },
  oil: { fatPct: 100, waterPct: 0, saltPct: 0 },
  stock: { fatPct: 0, waterPct: 97, saltPct: 0.2 },
  water: { fatPct: 0, waterPct: 100, saltPct: 0 },
  "egg-yolk": { fatPct: 27, waterPct: 52, saltPct: 0.1 },
  mustard: { fatPct: 10, waterPct: 66, saltPct: 6 },
  puree: { fatPct: 0.3, waterPct: 90, saltPct: 0 },
  lecithin: { fatPct: 95, waterPct: 1, saltPct: 0 },
};

export type Base = {
  readonly massG: number;
  readonly waterPct: number;
  readonly acidPct: number;
  readonly alcoholPct: number;
  readonly saltPct: number;
  readonly fatPct: number;
  /** Cream that was reduced with it, g as poured. */
  readonly creamG: number;
};
export type Addition = Share & { readonly kind: AdditionKind; readonly massG: number };

export type MountedQuestion = {
  readonly base: Base;
  readonly add: readonly Addition[];
  readonly servedC: number;
  /** Meant thin: its body is cream, purée or starch, and little fat is no fault. */
  readonly light?: boolean | undefined;
};

export type SauceState = "holds" | "thin" | "greasy" | "too-hot" | "sets" | "curdles";

export type Rescue =
  | { readonly add: AdditionKind; readonly massG: number; readonly why: Said }
  | { readonly bringToC: number; readonly why: Said };

export type Mounted = {
  readonly massG: number;
  readonly fatG: number;
  readonly waterG: number;
  readonly saltG: number;
  readonly acidG: number;
  readonly alcoholG: number;
  /** By mass; null where there is no water at all. */
  readonly fatToWater: number | null;
  readonly fatVolumeFraction: number;
  readonly holdC: { readonly from: number; readonly to: number };
  readonly state: SauceState;
  readonly because: readonly Said[];
};

/** Fat to water by mass: thin below, greasy above (common practice, low). */
export const RATIO = { thin: 1.5, greasy: 6 } as const;
/** Butter stiffens under it, whatever binds it (common practice; McGee 2004, memory, medium). */
export const SETS_UNDER_C = 30;
/**
 * Warmest that holds: butter alone (McGee 2004: it breaks at about 58), with a tenth of the butter in cream, with egg yolk; over the
 * last one egg is cooked for good (common practice; memory, medium).
 */
export const WARMEST_C = { alone: 55, cream: 60, yolk: 68, curdled: 70 } as const;
const CREAM_PER_BUTTER = 0.1;
/** In the water of the sauce, by mass: common practice likes about one per cent in the sauce. */
const SHARP_SAUCE_PCT = 1.2;

/** Warm milk fat or oil, and water with what is dissolved in it, g/cm³ near 50 °C (Choi and Okos 1986). */
export const WARM_FAT_G_PER_ML = 0.905;
const WATERY_G_PER_ML = 1;

const total = (add: readonly Addition[], ...kinds: readonly AdditionKind[]) =>
  add.reduce((sum, { kind, massG }) => (kinds.includes(kind) ? sum + massG : sum), 0);

/** Where a sauce of these additions holds, °C. */
export function holdRangeC(add: readonly Addition[], creamInBaseG = 0): { readonly from: number; readonly to: number } {
  const butterG = total(add, "butter", "clarified-butter");
  const creamG = creamInBaseG + total(add, "cream", "creme-fraiche");
  const to =
    total(add, "egg-yolk") > 0
      ? WARMEST_C.yolk
      : creamG > 0 && creamG >= CREAM_PER_BUTTER * butterG * (1 - 1e-9)
        ? WARMEST_C.cream
        : WARMEST_C.alone;
  return { from: SETS_UNDER_C, to };
}

/** What is in a mounted sauce, in what state it is where it is served, and why. Mass of every part is conserved. */
export function mountedSauce({ base, add, servedC, light = false }: MountedQuestion): Mounted {
  const of = (field: keyof Share) => sumOf(add, (one) => (one.massG * one[field]) / 100);
  const fatG = (base.massG * base.fatPct) / 100 + of("fatPct");
  const waterG = (base.massG * base.waterPct) / 100 + of("waterPct");
  const saltG = (base.massG * base.saltPct) / 100 + of("saltPct");
  const massG = base.massG + sumOf(add, (one) => one.massG);
  const acidG = (base.massG * base.acidPct) / 100;
  const alcoholG = (base.massG * base.alcoholPct) / 100;
  const fatMl = fatG / WARM_FAT_G_PER_ML;
  const holdC = holdRangeC(add, base.creamG);
  const fatToWater = waterG > 0 ? fatG / waterG : null;
  const yolk = total(add, "egg-yolk") > 0;
  const state = stateOf({ fatToWater, hasFat: fatG > 0, yolk, servedC, to: holdC.to, light });
  return {
    massG,
    fatG,
    waterG,
    saltG,
    acidG,
    alcoholG,
    fatToWater,
    fatVolumeFraction: fatMl === 0 ? 0 : fatMl / (fatMl + (massG - fatG) / WATERY_G_PER_ML),
    holdC,
    state,
    because: reasons({ state, fatToWater, servedC, holdC, acidPct: (100 * acidG) / massG }),
  };
}

type Looked = {
  readonly fatToWater: number | null;
  readonly hasFat: boolean;
  readonly yolk: boolean;
  readonly servedC: number;
  readonly to: number;
  readonly light: boolean;
};

/** What cannot be undone comes first, then what is in it, then the heat. */
function stateOf({ fatToWater, hasFat, yolk, servedC, to, light }: Looked): SauceState {
  if (yolk && servedC > WARMEST_C.curdled) return "curdles";
  if (fatToWater === null ? hasFat : fatToWater > RATIO.greasy) return "greasy";
  if (!light && (fatToWater === null || fatToWater < RATIO.thin)) return "thin";
  if (servedC > to) return "too-hot";
  return servedC < SETS_UNDER_C ? "sets" : "holds";
}

type Told = Pick<Mounted, "state" | "fatToWater" | "holdC"> & { readonly servedC: number; readonly acidPct: number };

function reasons({ state, fatToWater, servedC, holdC, acidPct }: Told): readonly Said[] {
  const ratio = fatToWater === null ? said("butter.noWater") : said("butter.ratio", { to: inFigures(fatToWater, 1) });
  const [served, from, to] = [inCelsius(servedC), inCelsius(holdC.from), inCelsius(holdC.to)];
  const why: Readonly<Record<SauceState, Said>> = {
    holds: said("butter.holdsBecause", { ratio, served, from, to }),
    thin: said("butter.thinBecause", { ratio, least: inFigures(RATIO.thin, 1) }),
    greasy: said("butter.greasyBecause", { ratio }),
    "too-hot": said("butter.tooHotBecause", { served, to }),
    sets: said("butter.setsBecause", { served, from }),
    curdles: said("butter.curdlesBecause", { served, to }),
  };
  return acidPct > SHARP_SAUCE_PCT ? [why[state], said("butter.sharp", { pct: inFigures(acidPct, 1) })] : [why[state]];
}
