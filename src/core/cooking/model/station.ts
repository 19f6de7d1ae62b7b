import { LATENT_BOILING_J_PER_KG } from "@/core/matter";
import { keyed } from "@/core/shared";

/** A coefficient with the range it is known to and where it comes from. */
export type Coefficient = {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly source: string;
};

const TEXTBOOKS =
  "heat-transfer chapters of food-engineering texts (Singh and Heldman, Introduction to Food Engineering; Rahman, Food Properties Handbook, 2009), memory";

const NOTES = "food-engineering heat-transfer chapters and kitchen trials, memory";

/** Effective heat-transfer coefficients, W/m²K, with the real temperature of pan or medium. Ranges are what is published. */
export const COEFFICIENTS = {
  panSkin: {
    value: 250,
    low: 170,
    high: 350,
    source: "oiled pan, skin side: chosen inside the handbook range 200-900 from the times cooks use (common practice)",
  },
  panFlesh: { value: 300, low: 150, high: 600, source: `oiled pan, flesh side: ${TEXTBOOKS}` },
  panDry: { value: 200, low: 80, high: 400, source: `dry metal, no fat: ${NOTES}, confidence low` },
  ridged: { value: 130, low: 60, high: 165, source: "ridged plate or bars, mean of the face: from grill practice" },
  baste: { value: 120, low: 80, high: 250, source: `fat spooned over the top, while spooning: ${NOTES}, low` },
  ovenDry: { value: 25, low: 20, high: 40, source: `fan oven, dry or oiled face: ${TEXTBOOKS}` },
  ovenStill: { value: 15, low: 10, high: 20, source: `still oven with its radiation: ${NOTES}, medium` },
  stillAir: { value: 15, low: 8, high: 20, source: `still air with radiation, rest: ${TEXTBOOKS}` },
  simmer: { value: 800, low: 400, high: 1500, source: `simmering water: ${NOTES}, medium` },
  poach: { value: 400, low: 300, high: 600, source: `water or stock below a simmer: ${NOTES}, medium` },
  butter: { value: 200, low: 150, high: 300, source: `poaching butter or oil: ${NOTES}, low` },
  deepFat: {
    value: 250,
    low: 100,
    high: 500,
    source: "deep fat, mean of bubbling and after: Costa et al. 1999; Hubbard and Farkas 1999 (memory, medium)",
  },
  steam: { value: 1500, low: 800, high: 5000, source: `condensing steam with a little air: ${NOTES}, medium` },
  lid: { value: 300, low: 200, high: 500, source: `steam with air under a lid or paper: ${NOTES}, low` },
  parcel: { value: 80, low: 40, high: 150, source: `inside a closed parcel: ${NOTES}, low` },
  bath: { value: 200, low: 100, high: 400, source: `circulated bath, bagged: ${NOTES}, medium` },
  broilerAir: { value: 15, low: 10, high: 25, source: `air under a broiler, besides its glow: ${NOTES}, low` },
  warmPlate: { value: 150, low: 80, high: 300, source: `fish on a warm plate: ${NOTES}, low` },
  iceBath: { value: 400, low: 200, high: 600, source: `ice bath, stirred: ${NOTES}, medium` },
  iceStill: { value: 150, low: 100, high: 250, source: `ice bath, still or bagged: ${NOTES}, medium` },
  blast: { value: 30, low: 20, high: 60, source: `blast chiller, moving air: ${NOTES}, medium` },
  refrigerator: { value: 10, low: 6, high: 15, source: `air of a refrigerator: ${NOTES}, medium` },
} as const satisfies Record<string, Coefficient>;

export type FilmId = keyof typeof COEFFICIENTS;
/** The coefficients a cook is computed with, W/m²K. */
export type Films = Readonly<Record<FilmId, number>>;

export const USUAL_FILMS: Films = Object.fromEntries(
  Object.entries(COEFFICIENTS).map(([id, { value }]) => [id, value]),
) as Record<FilmId, number>;

export const STATION = {
  /** Heat a hotel-kitchen simmer, fryer or bath can put into its liquid, W (trade data, memory, medium). */
  liquidPowerW: 3500,
  fryerPowerW: 7000,
  /** Air at the stove, °C (common practice). */
  kitchenC: 25,
  /** A wet face on the metal stays at the boiling point of its water, °C. */
  boilingC: 100,
  latentJPerKg: LATENT_BOILING_J_PER_KG,
  /** Dried skin or flesh, porous: estimate within 0.05-0.15 W/mK for fried crusts (memory, low). */
  crustConductivityWPerMK: 0.1,
  /** A pan at 220 °C loses 4-6 kW per m² of exposed face (memory, low): about 25 W/m²K over the room. */
  panLossWPerM2K: 25,
  /** An open restaurant burner of 5-8 kW gives 30-45 % to the pan (memory, medium), W. */
  burnerToPanW: 2200,
  /** Chilled through: what cooling rules end at, °C. */
  chilledC: 2.5,
  /** Cover at most two thirds of the base (common practice). */
  crowdedShare: 2 / 3,
} as const;

export type Pan = {
  readonly id: string;
  readonly label: string;
  readonly diameterMm: number;
  /** Mass times specific heat, J/K. */
  readonly heatCapacityJPerK: number;
  readonly source: string;
};

const WEIGHED = "mass common practice (medium), specific heat from handbooks (memory, high)";

export const PANS = keyed(
  "pans",
  [
    { id: "steel-26", label: "Carbon steel, 26 cm", diameterMm: 260, heatCapacityJPerK: 870, source: WEIGHED },
    { id: "steel-30", label: "Carbon steel, 30 cm", diameterMm: 300, heatCapacityJPerK: 1180, source: WEIGHED },
    { id: "iron-26", label: "Cast iron, 26 cm", diameterMm: 260, heatCapacityJPerK: 1100, source: WEIGHED },
    { id: "aluminium-28", label: "Coated aluminium, 28 cm", diameterMm: 280, heatCapacityJPerK: 1000, source: WEIGHED },
    { id: "clad-24", label: "Clad steel, 24 cm", diameterMm: 240, heatCapacityJPerK: 800, source: WEIGHED },
    { id: "copper-24", label: "Copper, 24 cm", diameterMm: 240, heatCapacityJPerK: 780, source: WEIGHED },
  ] as const satisfies readonly Pan[],
  ["label"],
);

export type PanId = (typeof PANS)[number]["id"];

export const PAN_IDS = PANS.map(({ id }) => id) as [PanId, ...PanId[]];
