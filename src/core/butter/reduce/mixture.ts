import { ETHANOL_G_PER_ML } from "./data/ethanolWater";
import { mixedVolumeMl } from "./ethanol";

/** What a liquid in a pan is made of, g each. */
export type Mixture = {
  readonly waterG: number;
  readonly ethanolG: number;
  /** Leaves with the vapour. */
  readonly aceticG: number;
  /** Tartaric, citric, lactic: stays. */
  readonly fixedAcidG: number;
  readonly saltG: number;
  /** Dissolved besides salt and acid: sugar, gelatin, extract. */
  readonly solidsG: number;
  readonly fatG: number;
};

const MIXTURE_PARTS = [
  "waterG",
  "ethanolG",
  "aceticG",
  "fixedAcidG",
  "saltG",
  "solidsG",
  "fatG",
] as const satisfies readonly (keyof Mixture)[];

export const NOTHING_IN_IT: Mixture = {
  waterG: 0,
  ethanolG: 0,
  aceticG: 0,
  fixedAcidG: 0,
  saltG: 0,
  solidsG: 0,
  fatG: 0,
};

// written out: a reduction asks for these thousands of times
export const massOf = ({ waterG, ethanolG, aceticG, fixedAcidG, saltG, solidsG, fatG }: Mixture): number =>
  waterG + ethanolG + aceticG + fixedAcidG + saltG + solidsG + fatG;

export const mixed = (mixtures: readonly Mixture[]): Mixture =>
  mixtures.reduce(
    (sum, one) =>
      Object.fromEntries(MIXTURE_PARTS.map((part) => [part, sum[part] + one[part]])) as Record<keyof Mixture, number>,
    NOTHING_IN_IT,
  );

/** What a gram of a dissolved part adds to the volume, ml (partial specific volumes; handbooks, memory, medium). */
const ADDS_ML_PER_G = { aceticG: 0.87, fixedAcidG: 0.6, saltG: 0.31, solidsG: 0.63 } as const;
/** Milk fat, g/cm³ at 20 °C (Choi and Okos 1986 give 0.917). */
const FAT_G_PER_ML = 0.917;

/** ml at 20 °C. */
export const volumeMl = ({ waterG, ethanolG, aceticG, fixedAcidG, saltG, solidsG, fatG }: Mixture): number =>
  mixedVolumeMl(ethanolG, waterG) +
  aceticG * ADDS_ML_PER_G.aceticG +
  fixedAcidG * ADDS_ML_PER_G.fixedAcidG +
  saltG * ADDS_ML_PER_G.saltG +
  solidsG * ADDS_ML_PER_G.solidsG +
  fatG / FAT_G_PER_ML;

/** kJ/kgK near the middle of the way to the boil (steam tables, Choi and Okos 1986, handbooks; memory, medium). */
const HEAT_KJ_PER_KG_K: Mixture = {
  waterG: 4.19,
  // in much water ethanol takes up more than alone (2.6): dilute mixtures need as much heat as water
  ethanolG: 4.3,
  aceticG: 2.1,
  fixedAcidG: 1.6,
  saltG: 0.9,
  solidsG: 1.7,
  fatG: 2.1,
};

/** J/K. */
export const heatCapacityJPerK = ({ waterG, ethanolG, aceticG, fixedAcidG, saltG, solidsG, fatG }: Mixture): number =>
  waterG * HEAT_KJ_PER_KG_K.waterG +
  ethanolG * HEAT_KJ_PER_KG_K.ethanolG +
  aceticG * HEAT_KJ_PER_KG_K.aceticG +
  fixedAcidG * HEAT_KJ_PER_KG_K.fixedAcidG +
  saltG * HEAT_KJ_PER_KG_K.saltG +
  solidsG * HEAT_KJ_PER_KG_K.solidsG +
  fatG * HEAT_KJ_PER_KG_K.fatG;

/** A part poured in, as its label says it: alcohol per cent by volume, the others by mass. */
export type Poured = {
  readonly volumeMl: number;
  readonly abvPct: number;
  readonly acidPct: number;
  readonly acetic: boolean;
  readonly saltPct: number;
  readonly solidsPct: number;
  readonly fatPct: number;
};

/** Grams of what was poured. `abvPct` counts ethanol by its volume at 20 °C; its mass follows from what the mixture then measures. */
export function mixtureOf(poured: Poured): Mixture {
  const ethanolG = (poured.volumeMl * poured.abvPct * ETHANOL_G_PER_ML) / 100;
  const at = (massG: number): Mixture => {
    const acidG = (massG * poured.acidPct) / 100;
    const others = {
      ethanolG,
      aceticG: poured.acetic ? acidG : 0,
      fixedAcidG: poured.acetic ? 0 : acidG,
      saltG: (massG * poured.saltPct) / 100,
      solidsG: (massG * poured.solidsPct) / 100,
      fatG: (massG * poured.fatPct) / 100,
    };
    return { ...others, waterG: Math.max(0, massG - massOf({ ...NOTHING_IN_IT, ...others })) };
  };
  // the volume grows with the mass, by nearly a millilitre a gram
  let massG = poured.volumeMl;
  for (let turn = 0; turn < 60; turn++) {
    const missing = poured.volumeMl - volumeMl(at(massG));
    if (Math.abs(missing) < 1e-9 * poured.volumeMl) break;
    massG += missing;
  }
  return at(massG);
}
