import { keyed } from "@/core/shared";
import { WHITENING } from "@/core/cure";
import { materialOf, simulateHeat } from "@/core/heat";
import { propertiesOf, type Composition } from "@/core/matter";
import { DANGER_ZONE_C, HISTAMINE_EXPOSURE } from "@/core/safety";
import type { Species, SpeciesGroup } from "@/core/species";

/** How thick raw fish is cut (common practice, medium): firm fish thin, soft fish thicker. */
export const SLICE_MM: Readonly<
  Record<
    SpeciesGroup,
    {
      readonly thin: number;
      readonly usual: number;
      readonly thick: number;
      /** Lean of the knife from upright. */ readonly leanDeg: number;
      readonly knife: string;
    }
  >
> = keyed(
  "slices",
  {
    flat: {
      thin: 1.5,
      usual: 2.5,
      thick: 4,
      leanDeg: 65,
      knife: "almost flat, across the grain, so thin that the plate shows",
    },
    "lean-round": { thin: 2, usual: 3.5, thick: 5, leanDeg: 45, knife: "on the slant, across the grain, one pull" },
    salmonid: { thin: 3, usual: 5, thick: 8, leanDeg: 45, knife: "on the slant, across the lines of fat, one pull" },
    "oily-round": { thin: 4, usual: 6, thick: 8, leanDeg: 0, knife: "upright, skin side up, a shallow score between" },
    "large-pelagic": { thin: 4, usual: 7, thick: 10, leanDeg: 0, knife: "upright, across the grain of the block" },
    crustacean: { thin: 4, usual: 6, thick: 10, leanDeg: 45, knife: "along the back, then on the slant" },
    bivalve: { thin: 3, usual: 5, thick: 8, leanDeg: 0, knife: "across the muscle, like coins" },
    gastropod: { thin: 1, usual: 2, thick: 3, leanDeg: 45, knife: "thin across the foot, after it has been pounded" },
    cephalopod: { thin: 2, usual: 3, thick: 4, leanDeg: 0, knife: "scored on both sides, then thin strips" },
    echinoderm: { thin: 10, usual: 15, thick: 20, leanDeg: 0, knife: "not cut: whole tongues" },
    roe: { thin: 4, usual: 6, thick: 8, leanDeg: 0, knife: "not cut: by the spoon" },
  },
  ["knife"],
);

/** Fish is sliced before it is warmer than this, °C: the histamine rule's figure where it forms any, else the cold end of the danger zone. */
export const slicedBelowC = ({ histamineFormer }: Pick<Species, "histamineFormer">): number =>
  histamineFormer === "no" ? DANGER_ZONE_C.from : HISTAMINE_EXPOSURE.aboveC;

/** A plate of raw fish is no longer cold from here on, °C (common practice). */
export const WARM_PLATE_C = 10;
/** Hands that are used to it (common practice): a slice, and laying out a plate, s. */
export const SLICING_S = { slice: 5, plate: 25 } as const;
/** A live oyster with its shell, g, until somebody weighs theirs (common practice, medium: 70 to 110). */
export const USUAL_SHELL_G = 90;

/** A first course of raw fish, g (common practice). */
export const FIRST_COURSE_G = 70;

export type SliceRequest = {
  readonly species: Species;
  readonly blockG: number;
  /** The face the knife leaves, upright. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly sliceMm: number;
  /** Lean of the knife from upright. */
  readonly leanDeg: number;
  readonly portionG: number;
};

export type SlicePlan = {
  readonly sliceG: number;
  readonly faceMm: number;
  readonly slicesPerCover: number;
  readonly gramsPerCover: number;
  readonly lengthMm: number;
  readonly slices: number;
  readonly covers: number;
  /** Both end wedges of a leaned knife, and what is left of the last slice: for tartare. */
  readonly endsG: number;
  readonly yieldShare: number;
};

/** Slices off a block: weight from thickness and face (measured across the slice), the two end wedges given away. */
export function planSlices({
  species,
  blockG,
  widthMm,
  heightMm,
  sliceMm,
  leanDeg,
  portionG,
}: SliceRequest): SlicePlan {
  const gPerMm3 = propertiesOf(species.compositionPct, 4).densityKgPerM3 / 1e6;
  const lean = (leanDeg * Math.PI) / 180;
  const faceMm = heightMm / Math.cos(lean);
  const sliceG = gPerMm3 * widthMm * faceMm * sliceMm;
  const wedgeG = 0.5 * gPerMm3 * widthMm * heightMm * heightMm * Math.tan(lean);
  const usableG = Math.max(0, blockG - 2 * wedgeG);
  const slices = Math.floor(usableG / sliceG + 1e-9);
  const slicesPerCover = Math.max(1, Math.round(portionG / sliceG));
  return {
    sliceG,
    faceMm,
    slicesPerCover,
    gramsPerCover: slicesPerCover * sliceG,
    lengthMm: blockG / (gPerMm3 * widthMm * heightMm),
    slices,
    covers: Math.floor(slices / slicesPerCover),
    endsG: blockG - slices * sliceG,
    yieldShare: (slices * sliceG) / blockG,
  };
}

/** Heat from the room to a plate with its slices, both faces, W/m²K, radiation within (memory, medium). */
const ROOM_H = 9;
const PLATE = { massKg: 0.7, heatCapacity: 850, areaM2: 0.055 } as const;

/** Minutes until a dressed plate has warmed from `startC` to `limitC` in the room; plate and slices as one body. */
export function plateHoldMin(grams: number, startC: number, plateC: number, roomC: number, limitC: number): number {
  const fish = (grams / 1000) * 3600;
  const plate = PLATE.massKg * PLATE.heatCapacity;
  const mixedC = (fish * startC + plate * plateC) / (fish + plate);
  if (mixedC >= limitC) return 0;
  if (roomC <= limitC) return Infinity;
  const seconds = ((fish + plate) / (ROOM_H * PLATE.areaM2 * 2)) * Math.log((roomC - mixedC) / (roomC - limitC));
  return seconds / 60;
}

/** Minutes a slice may lie in citrus before more than a quarter of it is white, from both faces (common practice scaled, low). */
export const dressedHoldMin = (sliceMm: number): number => ((0.25 * sliceMm) / 2 / WHITENING.mmPerRootMin) ** 2;

export type BatchRequest = {
  readonly composition: Composition;
  readonly blockMm: number;
  readonly startC: number;
  readonly roomC: number;
  /** Surface of the block may not pass this. */
  readonly limitC: number;
  readonly slicesPerCover: number;
  readonly secondsPerSlice: number;
  readonly secondsPerPlate: number;
  readonly covers: number;
};

export type BatchPlan = {
  /** Minutes the block may lie out. */
  readonly budgetMin: number;
  readonly coversPerTrip: number;
  readonly trips: number;
  readonly workMin: number;
};

const LONGEST_OUT_MIN = 60;

/** How many covers one trip off the ice allows: the block warms on the board until its face is at the limit, then it goes back. */
export function planBatch(request: BatchRequest): BatchPlan {
  const { composition, blockMm, startC, roomC, limitC, slicesPerCover, secondsPerSlice, secondsPerPlate, covers } =
    request;
  const perCoverMin = (slicesPerCover * secondsPerSlice + secondsPerPlate) / 60;
  const budgetMin = outMin(composition, blockMm, startC, roomC, limitC);
  const coversPerTrip = Math.max(1, Math.floor(budgetMin / perCoverMin));
  return { budgetMin, coversPerTrip, trips: Math.ceil(covers / coversPerTrip), workMin: covers * perCoverMin };
}

/** Minutes until the face of a block on a cold board has warmed from `startC` to `limitC`. */
function outMin(composition: Composition, blockMm: number, startC: number, roomC: number, limitC: number): number {
  if (startC >= limitC) return 0;
  let reached = LONGEST_OUT_MIN;
  simulateHeat({
    shape: { kind: "slab", thicknessMm: blockMm },
    material: materialOf(composition),
    startC,
    stages: [
      {
        seconds: LONGEST_OUT_MIN * 60,
        bottom: { kind: "insulated" },
        outer: { kind: "convection", hWPerM2K: ROOM_H, ambientC: roomC },
      },
    ],
    sampleEveryS: LONGEST_OUT_MIN * 60,
    cells: 31,
    each: (timeS, body) => {
      if (body.outer.surfaceC >= limitC) reached = Math.min(reached, timeS / 60);
    },
  });
  return reached;
}
