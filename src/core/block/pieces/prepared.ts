import { bisect } from "@/core/numeric";
import { equilibriumSaltG, soakInBrine } from "@/core/cure";
import { materialOf, simulateHeat } from "@/core/heat";
import { evaporationKgPerM2S, FLESH_G_PER_MM3, wetBulbC, type Composition } from "@/core/matter";
import { keyed, err, ok, type Result, said, type Said, inFigures } from "@/core/shared";
import type { Species } from "@/core/species";
import { rollUp } from "./rounds";

/** A piece as it goes to the stove: everything the planner there starts from. */
export type PreparedPiece = {
  readonly shape: "slab" | "cylinder";
  /** Thickness of a slab, diameter of a cylinder. */
  readonly thicknessMm: number;
  readonly massG: number;
  readonly composition: Composition;
  readonly startC: number;
  /** Cook it by the rule for stuffed fish. */
  readonly stuffed: boolean;
  /** Minutes it lay out to temper: they count towards its time in the danger zone. */
  readonly temperedMin?: number;
  /** What to say at the stove and on the ticket. */
  readonly notes: readonly Said[];
};

export type PreparationStep =
  | { readonly kind: "brined"; readonly brinePct: number; readonly minutes: number }
  /** As much salt as the fish and its water share; it lies until it is even. */
  | { readonly kind: "evened"; readonly targetPct: number; readonly waterPerFish: number }
  | { readonly kind: "stuffed"; readonly stuffingG: number }
  | { readonly kind: "rolled"; readonly lengthMm: number; readonly widthMm: number }
  | { readonly kind: "tied"; readonly widthMm: number }
  | { readonly kind: "skewered" }
  | { readonly kind: "breaded"; readonly coatMm: number }
  | { readonly kind: "dried"; readonly minutes: number }
  | { readonly kind: "tempered"; readonly roomC: number; readonly minutes: number };

export const PREPARATION_LABELS: Readonly<Record<PreparationStep["kind"], string>> = keyed(
  "preparations",
  {
    brined: "Brined",
    evened: "Equilibrium brine",
    stuffed: "Stuffed",
    rolled: "Rolled",
    tied: "Tied round",
    skewered: "Skewered straight",
    breaded: "Breaded",
    dried: "Dried for the pan",
    tempered: "Tempered",
  },
  [],
);

/** Crumb with egg, g/mm² and mm of coat (common practice, low). */
const COAT_G_PER_MM3 = 0.5e-3;
const REFRIGERATOR_C = 3;

/** A piece just cut, cold from the refrigerator. */
export const plainPiece = (species: Species, massG: number, thicknessMm: number): PreparedPiece => ({
  shape: "slab",
  thicknessMm,
  massG,
  composition: species.compositionPct,
  startC: REFRIGERATOR_C,
  stuffed: false,
  notes: [],
});

/** Carries a piece through its preparations in order. Error: a message in the cook's words. */
export function prepare(
  species: Species,
  piece: PreparedPiece,
  steps: readonly PreparationStep[],
): Result<PreparedPiece, Said> {
  let now = piece;
  for (const one of steps) {
    const done = after(species, now, one);
    if (!done.ok) return done;
    now = done.value;
  }
  return ok(now);
}

type Step<Kind extends PreparationStep["kind"]> = Extract<PreparationStep, { readonly kind: Kind }>;

/** The piece with what is to be said of it. */
const noted = (piece: PreparedPiece, changed: Partial<PreparedPiece>, note: Said): PreparedPiece => ({
  ...piece,
  ...changed,
  notes: [...piece.notes, note],
});

function brined(species: Species, piece: PreparedPiece, { brinePct, minutes }: Step<"brined">) {
  const soaked = soakInBrine(
    {
      species,
      massG: piece.massG,
      thicknessMm: piece.thicknessMm,
      skin: false,
      brineWaterG: 3 * piece.massG,
      brinePct,
      placeC: Math.max(0, piece.startC),
    },
    minutes,
  );
  if (!soaked.ok) return soaked;
  const { meanPct, weightChangeShare } = soaked.value;
  const massG = piece.massG * (1 + weightChangeShare);
  const composition = salted(piece.composition, meanPct);
  const note = said("block.brinedMeanSaltSeasonNoMore", { mean: inFigures(meanPct, 1) });
  return ok(noted(piece, { massG, composition }, note));
}

function evened(piece: PreparedPiece, { targetPct, waterPerFish }: Step<"evened">): PreparedPiece {
  const waterG = waterPerFish * piece.massG;
  const saltG = equilibriumSaltG(targetPct, piece.massG, waterG);
  const waterShare = piece.composition.water / 100;
  const saltPct = (100 * saltG * waterShare) / (waterG + piece.massG * waterShare);
  const note = said("block.equilibriumBrineSaltSaltSeasonNo", { salt: inFigures(saltPct, 1) });
  return noted(piece, { composition: salted(piece.composition, saltPct) }, note);
}

function stuffed(piece: PreparedPiece, { stuffingG }: Step<"stuffed">): Result<PreparedPiece, Said> {
  if (stuffingG > piece.massG) return err(said("block.moreStuffingThanFishItWill"));
  const thicknessMm = piece.thicknessMm * (1 + stuffingG / piece.massG);
  const changed = { massG: piece.massG + stuffingG, thicknessMm, stuffed: true };
  return ok(noted(piece, changed, said("block.stuffedTheRuleForStuffedFish")));
}

function breaded(piece: PreparedPiece, { coatMm }: Step<"breaded">): PreparedPiece {
  const faceMm2 = piece.massG / (FLESH_G_PER_MM3 * piece.thicknessMm);
  const thicknessMm = piece.thicknessMm + 2 * coatMm;
  const massG = piece.massG + 2 * coatMm * faceMm2 * COAT_G_PER_MM3;
  return noted(piece, { thicknessMm, massG }, said("block.breadedGlutenEgg"));
}

function tempered(piece: PreparedPiece, { roomC, minutes }: Step<"tempered">): PreparedPiece {
  const { meanC } = temperAfter(piece, roomC, minutes);
  const note = said("block.temperedMinutesMin", { minutes: Math.round(minutes) });
  return noted(piece, { startC: meanC, temperedMin: (piece.temperedMin ?? 0) + minutes }, note);
}

/** The piece after one preparation. */
function after(species: Species, piece: PreparedPiece, one: PreparationStep): Result<PreparedPiece, Said> {
  switch (one.kind) {
    case "brined":
      return brined(species, piece, one);
    case "evened":
      return ok(evened(piece, one));
    case "stuffed":
      return stuffed(piece, one);
    case "rolled": {
      const { diameterMm } = rollUp(one.lengthMm, one.widthMm, piece.thicknessMm);
      return ok(noted(piece, { shape: "cylinder", thicknessMm: diameterMm }, said("block.rolledSeamDown")));
    }
    case "tied": {
      // the same cross-section, pulled round
      const thicknessMm = Math.sqrt((4 * piece.thicknessMm * one.widthMm) / Math.PI);
      return ok(noted(piece, { shape: "cylinder", thicknessMm }, said("block.tiedStringOffBeforeItIs")));
    }
    case "skewered":
      return ok(noted(piece, {}, said("block.skewerInsideDrawItBeforeIt")));
    case "breaded":
      return ok(breaded(piece, one));
    case "dried":
      return ok(noted(piece, {}, said("block.driedMinutesMinSkinSideLast", { minutes: Math.round(one.minutes) })));
    case "tempered":
      return ok(tempered(piece, one));
  }
}

/** Salt counts as ash; all parts stay a hundred. */
function salted(composition: Composition, saltPct: number): Composition {
  const factor = 100 / (100 + saltPct);
  const { water, protein, fat, carbohydrate, ash } = composition;
  return {
    water: water * factor,
    protein: protein * factor,
    fat: fat * factor,
    carbohydrate: carbohydrate * factor,
    ash: (ash + saltPct) * factor,
  };
}

/** Still air of a kitchen around a piece on a rack, W/m²K (memory). */
const STILL_AIR_H = 12;

export type Tempering = { readonly meanC: number; readonly centreC: number; readonly surfaceC: number };

/** A piece left out at room temperature on a rack: heat from the air at both faces. */
export function temperAfter(piece: PreparedPiece, roomC: number, minutes: number): Tempering {
  if (minutes <= 0) return { meanC: piece.startC, centreC: piece.startC, surfaceC: piece.startC };
  const air = { kind: "convection", hWPerM2K: STILL_AIR_H, ambientC: roomC } as const;
  const shape =
    piece.shape === "slab"
      ? ({ kind: "slab", thicknessMm: piece.thicknessMm } as const)
      : ({ kind: "cylinder", diameterMm: piece.thicknessMm } as const);
  const trace = simulateHeat({
    shape,
    material: materialOf(piece.composition),
    startC: piece.startC,
    stages: [{ seconds: minutes * 60, bottom: air, outer: air }],
    sampleEveryS: minutes * 60,
    cells: 41,
  });
  return { meanC: trace.meanC.at(-1)!, centreC: trace.centreC.at(-1)!, surfaceC: trace.outerSurfaceC.at(-1)! };
}

/** No more than this out of the cold before it goes back or into the pan (common practice, medium). */
export const LONGEST_TEMPER_MIN = 30;
/** A kitchen, and a centre from which the chill is taken off (common practice). */
export const USUAL_ROOM_C = 20;
export const CHILL_OFF_C = 8;

/** Minutes until the piece is `wantedC` on average; null when it takes longer than two hours. */
export function temperTime(piece: PreparedPiece, roomC: number, wantedC: number): number | null {
  if (wantedC <= piece.startC) return 0;
  const longest = 120;
  if (temperAfter(piece, roomC, longest).meanC < wantedC) return null;
  return bisect((minutes) => temperAfter(piece, roomC, minutes).meanC >= wantedC, [0, longest], 12)[1];
}

/** Water clinging to a face after rinsing, and after a cloth, g/m² (estimate: films of 0.1 and 0.03 mm). */
export const FILM_G_PER_M2 = { rinsed: 100, patted: 30 } as const;

/** Convection over an open tray, W/m²K (memory): still refrigerator, fan-cooled, in front of a table fan. */
export const DRYING_AIR = keyed(
  "dryingAir",
  {
    still: { label: "Refrigerator, still air", hWPerM2K: 5, airC: 3, humidity: 0.8 },
    fan: { label: "Refrigerator with a fan", hWPerM2K: 15, airC: 3, humidity: 0.75 },
    room: { label: "Room, by a table fan", hWPerM2K: 20, airC: 20, humidity: 0.55 },
  } as const,
  ["label"],
);
export type DryingAir = keyof typeof DRYING_AIR;

/** Minutes of air until a face has lost its film of water; the face lies at the wet bulb meanwhile. */
export function airDryMin(film: keyof typeof FILM_G_PER_M2, air: DryingAir): number {
  const { hWPerM2K, airC, humidity } = DRYING_AIR[air];
  const rate = evaporationKgPerM2S({ faceC: wetBulbC(airC, humidity), airC, humidity, hWPerM2K });
  return FILM_G_PER_M2[film] / 1000 / rate / 60;
}
