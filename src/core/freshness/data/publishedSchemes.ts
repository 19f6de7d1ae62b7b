/**
 * Quality Index Method: totals and ice lives of published schemes. The slope is a working one, 0.75 × maximum / ice life with no
 * intercept (computed, confidence low): a house replaces it with its own trials. Where the species has no scheme of its own, the share
 * of the points of our own check stands in.
 */
export type PublishedScheme = {
  readonly speciesId: string;
  readonly maximum: number;
  readonly iceLifeDays: readonly [number, number];
  readonly source: string;
};

const MANUAL = "Martinsdottir, Sveinsdottir, Luten, Schelvis-Smit and Hyldig, QIM manual, 2001";

export const PUBLISHED_SCHEMES: readonly PublishedScheme[] = [
  {
    speciesId: "atlantic-salmon",
    maximum: 24,
    iceLifeDays: [20, 21],
    source: "Sveinsdottir et al. 2002 J. Food Sci., 2003 Food Qual. Pref. (memory, high maximum, medium life)",
  },
  { speciesId: "cod", maximum: 23, iceLifeDays: [13, 15], source: `Larsen et al. 1992; ${MANUAL} (memory, medium)` },
  { speciesId: "haddock", maximum: 25, iceLifeDays: [12, 15], source: `${MANUAL} (memory, low maximum)` },
  { speciesId: "saithe", maximum: 25, iceLifeDays: [16, 18], source: `${MANUAL} (memory, low)` },
  { speciesId: "plaice", maximum: 24, iceLifeDays: [12, 15], source: `${MANUAL} (memory, low maximum)` },
  { speciesId: "dover-sole", maximum: 28, iceLifeDays: [13, 15], source: `${MANUAL} (memory, low maximum)` },
  { speciesId: "turbot", maximum: 22, iceLifeDays: [13, 16], source: `${MANUAL} (memory, low maximum)` },
  { speciesId: "brill", maximum: 20, iceLifeDays: [13, 15], source: `${MANUAL} (memory, low maximum)` },
  {
    speciesId: "herring",
    maximum: 20,
    iceLifeDays: [8, 8],
    source: "Jonsdottir 1992, in Huss, FAO Fisheries Technical Paper 348, 1995 (memory, high maximum, medium life)",
  },
  {
    speciesId: "halibut",
    maximum: 22,
    iceLifeDays: [24, 26],
    source: "Guillerm-Regost et al. 2006, farmed (memory, low maximum, medium life)",
  },
  {
    speciesId: "gilthead-bream",
    maximum: 15,
    iceLifeDays: [14, 16],
    source: "Huidobro, Pastor and Tejada 2000 J. Food Sci. (memory, medium)",
  },
  { speciesId: "cold-water-shrimp", maximum: 8, iceLifeDays: [5, 6], source: `${MANUAL} (memory, low)` },
  {
    speciesId: "cuttlefish",
    maximum: 17,
    iceLifeDays: [10, 10],
    source: "Vaz-Pires and Seixas 2006 Food Control (memory, medium)",
  },
  {
    speciesId: "illex-squid",
    maximum: 16,
    iceLifeDays: [9, 9],
    source: "Vaz-Pires and Seixas 2006, shortfin squid (memory, medium)",
  },
  {
    speciesId: "octopus",
    maximum: 16,
    iceLifeDays: [8, 8],
    source: "Barbosa and Vaz-Pires 2004 Food Control (memory, medium)",
  },
];

/** At rejection the sum stands at three quarters of the maximum (working slope; computed, confidence low). */
export const REJECTION_SHARE = 0.75;

/** Points gained a day on ice; the middle of the published life. */
export const slopePerDay = ({ maximum, iceLifeDays: [low, high] }: PublishedScheme): number =>
  (REJECTION_SHARE * maximum) / ((low + high) / 2);

/** Days on ice a published sum stands for, QI = slope × days, and days left at 0 °C until rejection at `limit` points. */
export function daysFromQualityIndex(
  qualityIndex: number,
  slope: number,
  limit: number,
): { readonly ageDays: number; readonly leftDays: number } {
  return { ageDays: qualityIndex / slope, leftDays: Math.max(0, (limit - qualityIndex) / slope) };
}
