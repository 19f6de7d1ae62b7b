import { planCure } from "@/core/cure";
import { findSpecies } from "@/core/species";
import { findTimes } from "@/core/cooking/plan";
import type { KnobId, MethodId } from "@/core/cooking/methods";
import type { PieceShape } from "@/core/cooking/model";
import { Programme, type CookOutcome } from "@/core/cooking/plan";
import { heatSecondsOf } from "@/core/cooking/plan";
import { jobOf, type CookRequest } from "@/core/cooking/plan";
import { inMetric } from "@/words/say";

/**
 * What cooks say, held against the model. `run` gives the customary times to the model and asks what comes out; `plan` asks the planner
 * for the customary result and looks at its times. All customs are common practice; the coefficients are the station's usual ones for
 * every line, chosen from published ranges and not by line.
 */
export type RealityCase = {
  readonly what: string;
  readonly custom: string;
  readonly speciesId: string;
  readonly shape: PieceShape;
  readonly startC: number;
  readonly methodId: MethodId;
  readonly schoolId?: string;
  readonly kit?: Partial<Record<KnobId, number>>;
  readonly skin?: boolean;
  readonly pieceG: number;
  readonly ask:
    | {
        readonly by: "run";
        /** Of every stage but the last. */
        readonly seconds: readonly number[];
        /** What the centre should reach, °C. */
        readonly peakC: readonly [number, number];
      }
    | {
        readonly by: "plan";
        readonly goal: CookRequest["goal"];
        /** Stages counted, all of them when left out; and the customary seconds together. */
        readonly stages?: readonly number[];
        readonly takesS: readonly [number, number];
      };
  /** What to say when it does not agree. */
  readonly miss?: string;
  /** The coefficient that was chosen from this very custom: agreeing with it proves nothing. */
  readonly calibrates?: string;
};

export type RealityLine = {
  readonly what: string;
  readonly custom: string;
  readonly found: string;
  readonly verdict: "agrees" | "near" | "misses" | "calibrated on";
  readonly note: string;
};

/** A quarter beside the custom is still near it: so far do cooks differ (estimate). */
const NEAR = 0.25;
const NEAR_K = 4;

const minutes = (seconds: number) => `${(seconds / 60).toFixed(1)} min`;

function judge(value: number, [low, high]: readonly [number, number], spread: (edge: number) => number) {
  if (value >= low && value <= high) return "agrees" as const;
  const edge = value < low ? low : high;
  return Math.abs(value - edge) <= spread(edge) ? ("near" as const) : ("misses" as const);
}

export function checkReality(one: RealityCase): RealityLine {
  const species = findSpecies(one.speciesId)!;
  const { ask } = one;
  const request: CookRequest = {
    species,
    shape: one.shape,
    skin: one.skin ?? false,
    startC: one.startC,
    methodId: one.methodId,
    ...(one.schoolId ? { schoolId: one.schoolId } : {}),
    ...(one.kit ? { kit: one.kit } : {}),
    pieceG: one.pieceG,
    goal: ask.by === "plan" ? ask.goal : { kind: "centre", targetC: 50 },
    ruleSetId: "fda-2022",
  };
  const job = jobOf(request);
  const line = (found: string, verdict: RealityLine["verdict"]): RealityLine => ({
    what: one.what,
    custom: one.custom,
    found,
    verdict: one.calibrates && verdict === "agrees" ? "calibrated on" : verdict,
    note: verdict === "agrees" ? (one.calibrates ?? "") : (one.miss ?? ""),
  });
  if (ask.by === "run") {
    const outcome: CookOutcome = new Programme(job.setup, job.stages).outcome([...ask.seconds, 0]);
    const found = `${outcome.pullC.toFixed(0)} °C off the heat, ${outcome.peakC.toFixed(0)} °C at its warmest`;
    return line(
      found,
      judge(outcome.peakC, ask.peakC, () => NEAR_K),
    );
  }
  const found = findTimes(job);
  if (!found.ok) return line(inMetric(found.error.message), "misses");
  const outcome = found.value.programme.outcome(found.value.seconds);
  const counted = ask.stages ?? outcome.seconds.map((_, index) => index).slice(0, -1);
  const takesS = counted.reduce((sum, index) => sum + outcome.seconds[index]!, 0);
  const parts = counted.map((index) => minutes(outcome.seconds[index]!)).join(" + ");
  const whole = counted.length > 1 ? `${parts} = ${minutes(takesS)}` : minutes(takesS || heatSecondsOf(outcome));
  return line(
    `${whole}, centre ${outcome.peakC.toFixed(0)} °C`,
    judge(takesS, ask.takesS, (edge) => NEAR * edge),
  );
}

const slab = (thicknessMm: number): PieceShape => ({ kind: "slab", thicknessMm });
const round = (diameterMm: number): PieceShape => ({ kind: "cylinder", diameterMm });
const puck = (diameterMm: number, heightMm: number): PieceShape => ({ kind: "puck", diameterMm, heightMm });
const SALMON = {
  speciesId: "atlantic-salmon",
  startC: 8,
  methodId: "skin-then-oven",
  skin: true,
  pieceG: 165,
} as const;
const SCALLOP = { speciesId: "king-scallop", methodId: "scallop-sear", pieceG: 33 } as const;

export const REALITY_CASES: readonly RealityCase[] = [
  ...[25, 28, 30].map((mm): RealityCase => ({
    ...SALMON,
    what: `Skin-crisp salmonid, ${mm} mm, 190 °C pan, 180 °C oven`,
    custom: "3.5 min, then 3.5 min in the oven: pink (42-54 °C)",
    shape: slab(mm),
    kit: { panC: 190 },
    ask: { by: "run", seconds: [210, 210], peakC: [42, 54] },
    calibrates: "contact of the skin side (panSkin)",
    miss: "one pair of minutes for 25 to 30 mm is a custom for the middle of that range: plan by the calliper",
  })),
  ...["hake", "cod"].map((speciesId): RealityCase => ({
    what: `${speciesId === "hake" ? "Hake" : "Cod"}, 30 mm, skin-crisp, 180 °C oven`,
    custom: "2-3 min, 2 min, 3-5 min in the oven, flakes: 7 to 10 min",
    speciesId,
    shape: slab(30),
    startC: 8,
    methodId: "skin-then-oven",
    skin: true,
    pieceG: 170,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 53 }, takesS: [420, 600] },
    calibrates: "contact of the skin side (panSkin)",
  })),
  {
    what: "Grilled slice of 150 g, 22 mm, floured, 230 °C bars",
    calibrates: "mean contact of bars (ridged)",
    custom: "3-4 min a side, flakes",
    speciesId: "cod",
    shape: slab(22),
    startC: 10,
    methodId: "floured-grill",
    pieceG: 150,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 53 }, takesS: [360, 480] },
  },
  {
    what: "Grilled slice, 25 mm",
    custom: "3-4 min a side, flakes",
    speciesId: "cod",
    shape: slab(25),
    startC: 10,
    methodId: "floured-grill",
    pieceG: 150,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 53 }, takesS: [360, 480] },
    miss: "the custom fits about 22 mm; charcoal is hotter than the bars assumed here",
  },
  {
    ...SCALLOP,
    what: "Scallop, school A, 20 mm, tempered to 18 °C, smoking oil",
    custom: "60-90 s, turn, 10-30 s: medium-rare, 1 to 2 min",
    schoolId: "smoking-oil",
    shape: puck(38, 20),
    startC: 18,
    pieceG: 25,
    ask: { by: "plan", goal: { kind: "centre", targetC: 42 }, takesS: [70, 120] },
    miss: "a dried face hands on no more than the boiling point: in that time the middle of 20 mm is warm and glassy, not set; the time fits 15-16 mm",
  },
  {
    ...SCALLOP,
    what: "Scallop, school A, 16 mm, tempered to 18 °C",
    custom: "60-90 s, turn, 10-30 s: medium-rare, 1 to 2 min",
    schoolId: "smoking-oil",
    shape: puck(36, 16),
    startC: 18,
    pieceG: 17,
    ask: { by: "plan", goal: { kind: "centre", targetC: 42 }, takesS: [70, 120] },
  },
  {
    ...SCALLOP,
    what: "Scallop, school A, 40 × 28 mm from 6 °C",
    custom: "60-120 s and 30 s: medium-rare (40-53 °C)",
    schoolId: "smoking-oil",
    shape: puck(40, 28),
    startC: 6,
    ask: { by: "run", seconds: [90, 30], peakC: [40, 53] },
    miss: "cannot be right for this size: the middle stays raw; temper it, take a smaller one, or another school",
  },
  {
    ...SCALLOP,
    what: "Scallop, school B, 40 × 25 mm, butter and oil at 155 °C",
    custom: "3 min untouched, 2-3 min basting: medium-rare",
    schoolId: "steaming-butter",
    shape: puck(40, 25),
    startC: 12,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 50 }, takesS: [300, 360] },
  },
  {
    ...SCALLOP,
    what: "Scallop, school C, 36 × 18 mm, dry plate at 220 °C",
    custom: "about 2 min, turn into butter, 1 min: medium-rare",
    schoolId: "dry-plate",
    shape: puck(36, 18),
    startC: 14,
    pieceG: 19,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 50 }, takesS: [120, 240] },
  },
  {
    what: "Raw lobster tail, 25 mm, butter at 85 °C",
    custom: "4-5 min",
    speciesId: "european-lobster",
    shape: round(25),
    startC: 8,
    methodId: "butter-poach",
    kit: { mediumC: 85 },
    pieceG: 90,
    ask: { by: "plan", goal: { kind: "centre", targetC: 52 }, takesS: [240, 300] },
  },
  {
    what: "Raw lobster tail, 35 mm, butter at 75 °C",
    custom: "4-5 min",
    speciesId: "european-lobster",
    shape: round(35),
    startC: 8,
    methodId: "butter-poach",
    kit: { mediumC: 75 },
    pieceG: 150,
    ask: { by: "plan", goal: { kind: "centre", targetC: 52 }, takesS: [240, 300] },
    miss: "cannot be right for a whole raw tail of this size: it fits one of about 25 mm, a split one, or one blanched first",
  },
  {
    what: "Parcel of scallops, 38 × 22 mm, 170 °C oven",
    custom: "about 8 min, with the table's minutes",
    speciesId: "king-scallop",
    shape: puck(38, 22),
    startC: 8,
    methodId: "parcel",
    pieceG: 28,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 55 }, takesS: [360, 600] },
    miss: "ours carries the parcel's own steam on for five minutes at the table; opened at once it takes the custom's eight",
  },
  {
    what: "Rare tuna, 60 mm, white-hot ridged pan, tempered",
    custom: "60-120 s all round: rare (below 35 °C)",
    speciesId: "yellowfin-tuna",
    shape: slab(60),
    startC: 15,
    methodId: "ridged-rare",
    pieceG: 250,
    ask: { by: "run", seconds: [90, 90], peakC: [15, 35] },
  },
  {
    what: "Rare tuna, 40 mm, a rim of 5 mm",
    custom: "60-90 s a face, tempered: warm and red between",
    speciesId: "yellowfin-tuna",
    shape: slab(40),
    startC: 18,
    methodId: "ridged-rare",
    pieceG: 150,
    ask: { by: "plan", goal: { kind: "rim", rimMm: 5 }, stages: [0], takesS: [60, 90] },
  },
  {
    what: "Brown crab, 90 mm through the body, boiled",
    custom: "15 min the first 500 g, 5 min more for each: about 25-30 min for 1.5-2 kg",
    speciesId: "brown-crab",
    shape: { kind: "sphere", diameterMm: 90 },
    startC: 8,
    methodId: "boil",
    pieceG: 1500,
    ask: { by: "plan", goal: { kind: "centre", targetC: 72.5 }, stages: [0], takesS: [1500, 1800] },
    miss: "a ball of flesh stands for a body with water between its walls, which carries heat in faster",
  },
  {
    what: "Lobster, 50 mm with its shell, steamed, rested, broiled",
    custom: "steam 10 min, rest 10 min, 7-8 min broiled: done, not dry (56-68 °C)",
    speciesId: "american-lobster",
    shape: round(50),
    startC: 10,
    methodId: "steam-broil",
    pieceG: 600,
    ask: { by: "run", seconds: [600, 600, 420], peakC: [56, 68] },
  },
  {
    what: "Lobster of 600 g, planned to 58 °C in the tail",
    custom: "the steam cooks: about 10 min; the broiler browns and warms",
    speciesId: "american-lobster",
    shape: round(50),
    startC: 10,
    methodId: "steam-broil",
    pieceG: 600,
    ask: { by: "plan", goal: { kind: "centre", targetC: 58 }, stages: [0], takesS: [480, 660] },
  },
  {
    what: "Octopus, arm 25 mm, simmered at 95 °C",
    custom: "about 40 min, 45-75 for a big one: tender",
    speciesId: "octopus",
    shape: round(25),
    startC: 8,
    methodId: "simmer-char",
    kit: { mediumC: 95 },
    pieceG: 120,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 55 }, stages: [0], takesS: [2400, 4500] },
  },
  {
    what: "Stuffed squid, tube 40 mm, braised at 93 °C",
    custom: "about 60 min: a knife slides in",
    speciesId: "squid",
    shape: { kind: "tube", diameterMm: 40, wallMm: 6 },
    startC: 8,
    methodId: "braise",
    pieceG: 180,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 55 }, stages: [1], takesS: [2700, 4200] },
  },
  {
    what: "Shrimp, 16 mm, butter at 80 °C",
    custom: "2-3 min: opaque, a little give",
    speciesId: "warm-water-prawn",
    shape: round(16),
    startC: 6,
    methodId: "butter-poach",
    kit: { mediumC: 80 },
    pieceG: 20,
    ask: { by: "plan", goal: { kind: "centre", targetC: 52 }, takesS: [120, 180] },
  },
  {
    what: "Mussels, meat 18 mm, hard steam",
    custom: "3-5 min with the pot's own heating, 1-3 min in full steam",
    speciesId: "mussel",
    shape: { kind: "sphere", diameterMm: 18 },
    startC: 6,
    methodId: "open-shells",
    pieceG: 16,
    ask: { by: "plan", goal: { kind: "centre", targetC: 62 }, takesS: [60, 240] },
  },
  {
    what: "Cod in batter, 20 mm, 180 °C",
    custom: "4-6 min",
    speciesId: "cod",
    shape: slab(20),
    startC: 6,
    methodId: "deep-fry",
    pieceG: 150,
    ask: { by: "plan", goal: { kind: "doneness", targetC: 58 }, takesS: [240, 360] },
  },
  {
    what: "Salmonid, 25 mm, 50 °C bath",
    custom: "35-45 min to an even middle",
    speciesId: "atlantic-salmon",
    shape: slab(25),
    startC: 5,
    methodId: "bath-sear",
    kit: { mediumC: 50 },
    pieceG: 165,
    ask: { by: "plan", goal: { kind: "centre", targetC: 49 }, stages: [0], takesS: [2100, 2700] },
  },
];

/** Cures against custom; salt follows `cure`, in hours until the mean is at its target. */
type CureCase = {
  readonly what: string;
  readonly custom: string;
  readonly speciesId: string;
  readonly thicknessMm: number;
  readonly saltGPerKg: number;
  readonly targetPct: number;
  readonly hours: readonly [number, number];
  readonly calibrates?: string;
  readonly miss?: string;
};

export const CURE_CASES: readonly CureCase[] = [
  {
    what: "Dry cure, salmon side of 30 mm, skin on, 40 g of salt a kilo, to 2.5 %",
    custom: "18-30 h",
    speciesId: "atlantic-salmon",
    thicknessMm: 30,
    saltGPerKg: 40,
    targetPct: 2.5,
    hours: [18, 30],
    calibrates: "how fast dry salt makes its brine on the face",
  },
  {
    what: "Dry cure, salmon side of 20 mm, skin on, 35 g a kilo, to 2.2 %",
    custom: "light cure, 6-12 h",
    speciesId: "atlantic-salmon",
    thicknessMm: 20,
    saltGPerKg: 35,
    targetPct: 2.2,
    hours: [6, 12],
  },
  {
    what: "Dry cure, salmon side of 30 mm, skin on, 80 g a kilo, to 3.5 %",
    custom: "24-48 h",
    speciesId: "atlantic-salmon",
    thicknessMm: 30,
    saltGPerKg: 80,
    targetPct: 3.5,
    hours: [24, 48],
  },
];

export function checkCure(one: CureCase): RealityLine {
  const planned = planCure({
    species: findSpecies(one.speciesId)!,
    massG: 1000,
    thicknessMm: one.thicknessMm,
    skin: true,
    method: "dry",
    targetSaltPct: one.targetPct,
    saltG: one.saltGPerKg,
    sugarG: 0,
    brineWaterG: 0,
    brinePct: 0,
    placeC: 3,
  });
  if (!planned.ok) return { ...one, found: inMetric(planned.error), verdict: "misses", note: "" };
  const { stopH } = planned.value;
  const verdict = judge(stopH, one.hours, (edge) => NEAR * edge);
  return {
    what: one.what,
    custom: one.custom,
    found: `${stopH.toFixed(0)} h`,
    verdict: one.calibrates && verdict === "agrees" ? "calibrated on" : verdict,
    note: verdict === "agrees" ? (one.calibrates ?? "") : (one.miss ?? ""),
  };
}
