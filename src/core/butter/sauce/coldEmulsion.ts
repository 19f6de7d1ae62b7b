import { said, type Said, inFigures } from "@/core/shared";

/** Yolk to a stiff cold emulsion: one of 18 g binds a quarter of a litre of oil with room to spare (common practice, medium). */
const OIL_PER_YOLK = 14;
/** Oil to water by mass: over it the drops have no water left between them (common practice, low). */
const MOST_OIL_TO_WATER = 9;
/** Acid that holds back what a yolk may carry: pH 4.2 and under, about so much acetic or citric acid in its water (memory, low). */
const ACID_IN_WATER_PCT = 1.4;

export type EggSchool = "pasteurised" | "raw" | "none";
export type ColdAsk = {
  readonly oilG: number;
  readonly yolkG: number;
  /** Water with the vinegar, juice, mustard and herbs. */
  readonly waterG: number;
  readonly acidG: number;
  readonly egg: EggSchool;
};

export type ColdEmulsion = {
  readonly oilToWater: number;
  readonly state: "holds" | "breaks" | "loose";
  readonly waterG: number;
  readonly because: readonly Said[];
  /** The least water that brings it back, g; 0: it needs none. */
  readonly rescueWaterG: number;
  /** Hours it keeps at 5 °C or colder. */
  readonly keepsHours: number;
};

/** Pasteurised egg or none, made for service; raw egg for the day only (common practice and usual guidance; memory, medium). */
const KEEPS_H: Readonly<Record<EggSchool, number>> = { pasteurised: 72, raw: 24, none: 72 };
const YOLK_WATER = 0.52;
const LOOSE_UNDER = 1.8;

/** A cold emulsion: whether it holds, what brings it back, and the rule of its egg. */
export function coldEmulsion({ oilG, yolkG, waterG, acidG, egg }: ColdAsk): ColdEmulsion {
  const water = waterG + yolkG * YOLK_WATER;
  const oilToWater = water > 0 ? oilG / water : Infinity;
  const tooMuch = oilToWater > MOST_OIL_TO_WATER;
  const unbound = egg !== "none" && oilG > yolkG * OIL_PER_YOLK;
  const state = tooMuch || unbound ? "breaks" : oilToWater < LOOSE_UNDER ? "loose" : "holds";
  const acidPct = water > 0 ? (100 * acidG) / (water + acidG) : 0;
  return {
    oilToWater,
    state,
    waterG: water,
    because: [
      tooMuch ? said("butter.coldTooMuchOil") : unbound ? said("butter.coldUnbound") : said("butter.coldHolds"),
      ...(egg === "raw" ? [said("butter.rawEggRule")] : []),
      ...(egg !== "none" && acidPct < ACID_IN_WATER_PCT
        ? [said("butter.coldNotSour", { pct: inFigures(acidPct, 1) })]
        : []),
    ],
    rescueWaterG: tooMuch ? oilG / (MOST_OIL_TO_WATER - 0.5) - water : 0,
    keepsHours: KEEPS_H[egg],
  };
}
