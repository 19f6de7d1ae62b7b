import { keyed } from "@/core/shared";

export type StarchId = "wheat-flour" | "maize-starch" | "potato-starch" | "tapioca-starch" | "arrowroot";
export type Body = "coats" | "gravy" | "binds";

type StarchRow = {
  readonly id: StarchId;
  readonly label: string;
  /** Thickens from, to, °C. */
  readonly gelsC: readonly [number, number];
  /** Must boil, min; null: it thins when boiled on. */
  readonly boilsMin: number | null;
  /** Grams of it that do the work of one gram of maize starch. */
  readonly perMaize: number;
  readonly weeps: boolean;
  readonly note: string;
};

/** Gelatinisation ranges of starches in water (handbooks of starch; memory, medium); strengths by common practice (memory, medium). */
export const STARCHES: readonly StarchRow[] = keyed(
  "starches",
  [
    {
      id: "wheat-flour",
      label: "Wheat flour",
      gelsC: [58, 64],
      boilsMin: 10,
      perMaize: 2,
      weeps: true,
      note: "It must boil, or it tastes raw and stays lumpy; cloudy, and it holds gluten.",
    },
    {
      id: "maize-starch",
      label: "Maize starch",
      gelsC: [62, 72],
      boilsMin: 1,
      perMaize: 1,
      weeps: true,
      note: "It must come to the boil, or it stays floury; it weeps when it is frozen.",
    },
    {
      id: "potato-starch",
      label: "Potato starch",
      gelsC: [56, 66],
      boilsMin: null,
      perMaize: 0.8,
      weeps: true,
      note: "Off at the first bubble: boiled on it thins.",
    },
    {
      id: "tapioca-starch",
      label: "Tapioca starch",
      gelsC: [58, 70],
      boilsMin: null,
      perMaize: 0.9,
      weeps: false,
      note: "Off at the first bubble: boiled on it thins and strings. It stands being frozen.",
    },
    {
      id: "arrowroot",
      label: "Arrowroot",
      gelsC: [62, 75],
      boilsMin: null,
      perMaize: 0.9,
      weeps: false,
      note: "Clear; off at the first bubble, boiled on it thins. With much milk it turns slimy.",
    },
  ] as const,
  ["label", "note"],
);

/** Maize starch in the finished liquid, per cent by mass, for each body (common practice, low). */
const MAIZE_PCT: Readonly<Record<Body, number>> = { coats: 1.5, gravy: 3, binds: 5 };
/** Under about pH 4 starch comes apart: acid sauces want more of it (common practice, low). */
const ACID_FROM_PCT = 0.8;
const ACID_FACTOR = 1.25;

export type Slurry = {
  readonly starch: StarchRow;
  readonly starchG: number;
  /** Cold water it is stirred into. */
  readonly waterG: number;
};

/** Starch that gives so much liquid a body, stirred into twice its mass of cold water. */
export function slurryOf(liquidG: number, body: Body, id: StarchId, acidPct = 0): Slurry {
  const starch = STARCHES.find((row) => row.id === id)!;
  const share = (MAIZE_PCT[body] / 100) * (acidPct > ACID_FROM_PCT ? ACID_FACTOR : 1);
  const starchG = liquidG * share * starch.perMaize;
  return { starch, starchG, waterG: starchG * 2 };
}
