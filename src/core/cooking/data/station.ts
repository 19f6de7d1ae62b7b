/** A coefficient with the range it is known to and where it comes from. */
export type Coefficient = {
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly source: string;
};

const TEXTBOOKS =
  "heat-transfer chapters of food-engineering texts (Singh and Heldman, Introduction to Food Engineering; Rahman, Food Properties Handbook, 2009), memory";

/** Effective heat-transfer coefficients, W/m²K, with the real temperature of pan or medium. */
export const COEFFICIENTS = {
  panSkin: {
    value: 250,
    low: 170,
    high: 350,
    source: "oiled pan, skin side: chosen inside the handbook range 200-900 from the times cooks use (common practice)",
  },
  panFlesh: { value: 300, low: 150, high: 600, source: `oiled pan, flesh side: ${TEXTBOOKS}` },
  ovenDry: { value: 25, low: 20, high: 40, source: `fan oven, dry or oiled face: ${TEXTBOOKS}` },
  stillAir: { value: 15, low: 8, high: 20, source: `still air with radiation, rest: ${TEXTBOOKS}` },
} as const satisfies Record<string, Coefficient>;

export const STATION = {
  /** Air at the stove, °C (common practice). */
  kitchenC: 25,
  /** A wet face on the metal stays at the boiling point of its water, °C. */
  boilingC: 100,
  /** Heat of vaporisation of water at 100 °C, J/kg (steam tables). */
  latentJPerKg: 2.257e6,
  /** Dried skin or flesh, porous: estimate within 0.05-0.15 W/mK for fried crusts (memory, low). */
  crustConductivityWPerMK: 0.1,
  /** A pan at 220 °C loses 4-6 kW per m² of exposed face (memory, low): about 25 W/m²K over the room. */
  panLossWPerM2K: 25,
  /** An open restaurant burner of 5-8 kW gives 30-45 % to the pan (memory, medium), W. */
  burnerToPanW: 2200,
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

export const PANS = [
  { id: "steel-26", label: "Carbon steel, 26 cm", diameterMm: 260, heatCapacityJPerK: 870, source: WEIGHED },
  { id: "steel-30", label: "Carbon steel, 30 cm", diameterMm: 300, heatCapacityJPerK: 1180, source: WEIGHED },
  { id: "iron-26", label: "Cast iron, 26 cm", diameterMm: 260, heatCapacityJPerK: 1100, source: WEIGHED },
  { id: "aluminium-28", label: "Coated aluminium, 28 cm", diameterMm: 280, heatCapacityJPerK: 1000, source: WEIGHED },
  { id: "clad-24", label: "Clad steel, 24 cm", diameterMm: 240, heatCapacityJPerK: 800, source: WEIGHED },
  { id: "copper-24", label: "Copper, 24 cm", diameterMm: 240, heatCapacityJPerK: 780, source: WEIGHED },
] as const satisfies readonly Pan[];

export type PanId = (typeof PANS)[number]["id"];

export const PAN_IDS = PANS.map(({ id }) => id) as [PanId, ...PanId[]];
