import { clamp } from "@/core/numeric";
import { STATION, type Pan } from "./station";

/** What gives the heat: a pan as a body, a pot, a bath or a fryer. Temperatures °C. */
export type Vessel = {
  readonly id: string;
  readonly label: string;
  readonly heatCapacityJPerK: number;
  readonly lossWPerK: number;
  /** What reaches it at full flame. */
  readonly powerW: number;
  readonly startC: number;
  /** What the cook keeps it at. */
  readonly setC: number;
  /** Base of a pan, m²; 0 where nothing lies on metal. */
  readonly baseM2: number;
};

const WATER_J_PER_L = 4180;
/** Oil 2.0 kJ/kgK at 0.88 kg/l (memory, medium). */
const OIL_J_PER_L = 1760;
/** A pot of some 24 cm loses about so much over the room, W/K (memory, low). */
const POT_LOSS_W_PER_K = 4;

export function panVessel(pan: Omit<Pan, "source">, setC: number, startC = setC): Vessel {
  const baseM2 = (Math.PI / 4) * (pan.diameterMm / 1000) ** 2;
  return {
    id: pan.id,
    label: pan.label,
    heatCapacityJPerK: pan.heatCapacityJPerK,
    lossWPerK: baseM2 * STATION.panLossWPerM2K,
    powerW: STATION.burnerToPanW,
    startC,
    setC,
    baseM2,
  };
}

/** Stoneware of some 0.8 kg at 0.9 kJ/kgK (handbooks; memory, low). */
const PLATE_J_PER_K = 700;

/** A warm plate: as wide as a pan, with the heat of its stoneware. */
export const plateVessel = (diameterMm: number, setC: number): Vessel =>
  panVessel({ id: "plate", label: "warm plate", diameterMm, heatCapacityJPerK: PLATE_J_PER_K }, setC);

export const potVessel = (litres: number, setC: number, startC = setC): Vessel => ({
  id: "pot",
  label: `${litres} l pot`,
  heatCapacityJPerK: litres * WATER_J_PER_L,
  lossWPerK: POT_LOSS_W_PER_K,
  powerW: STATION.burnerToPanW,
  startC,
  setC,
  baseM2: 0,
});

export const bathVessel = (litres: number, setC: number): Vessel => ({
  ...potVessel(litres, setC),
  id: "bath",
  label: `${litres} l bath`,
  powerW: STATION.liquidPowerW,
});

export const fryerVessel = (litres: number, setC: number): Vessel => ({
  ...potVessel(litres, setC),
  id: "fryer",
  label: `${litres} l fryer`,
  heatCapacityJPerK: litres * OIL_J_PER_L,
  powerW: STATION.fryerPowerW,
});

/** Who heats the vessel during a stage. */
export type VesselHeat =
  | { readonly by: "burner"; readonly setC?: number }
  | { readonly by: "oven"; readonly airC: number; readonly filmWPerM2K: number }
  | { readonly by: "nobody" };

/** A flame that is turned up makes good what is missing in about so many seconds (estimate). */
const ANSWER_S = 10;

/**
 * The vessel after `stepS` with fish taking `fishW` at a conductance `fishWPerK`. The burner brings it back to the wanted temperature as
 * far as its power goes, so the metal sags when the fish lands; implicit in what the vessel loses, so that a long step cannot swing it.
 */
export function vesselAfter(
  vessel: Vessel,
  nowC: number,
  heat: VesselHeat,
  fishW: number,
  fishWPerK: number,
  stepS: number,
): number {
  const { heatCapacityJPerK: capacity, lossWPerK } = vessel;
  if (heat.by === "oven") {
    const exchange = 2 * vessel.baseM2 * heat.filmWPerM2K + (vessel.baseM2 === 0 ? lossWPerK : 0);
    return nowC + (stepS * (exchange * (heat.airC - nowC) - fishW)) / (capacity + stepS * (exchange + fishWPerK));
  }
  const lossW = lossWPerK * (nowC - STATION.kitchenC);
  const wantedC = heat.by === "burner" ? (heat.setC ?? vessel.setC) : nowC;
  const needW = lossW + (capacity * (wantedC - nowC)) / Math.max(stepS, ANSWER_S);
  const burnerW = heat.by === "burner" ? clamp(needW, 0, vessel.powerW) : 0;
  return nowC + (stepS * (burnerW - lossW - fishW)) / (capacity + stepS * (lossWPerK + fishWPerK));
}
