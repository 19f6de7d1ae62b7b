import { isFinfish, type Anatomy, type Species } from "@/core/species";
import { PANS, STATION } from "../model";
import { kitOf, methodOf, type CookForm, type MethodId } from "../methods";
import { facesM2, shapeFor, USUAL_FILLING, type PieceShape } from "../model";
import { canBeDone, waysAtSight } from "./rank";
import type { AskedGoal } from "./request";
import { usualCookForm } from "../methods";

/** One piece of an animal as it goes to the heat when nobody measured it. */
export type UsualPiece = {
  readonly form: CookForm;
  readonly shape: PieceShape["kind"];
  readonly sizeMm: number;
  readonly massG: number;
  readonly startC: number;
  readonly skin: boolean;
};

/** What the stove opens with: the animal's everyday way, its own doneness, as many as go in together. */
export type Opening = UsualPiece & {
  readonly methodId: MethodId;
  readonly schoolId: string | null;
  readonly goal: AskedGoal;
  readonly pieces: number;
};

/** From the refrigerator to the pan a piece has lost some of its chill. */
export const AT_THE_PAN_C = 8;
/** Taken out to temper, for what is left raw in the middle: warm, not cold (common practice). */
export const TEMPERED_C = 18;
/** Depth of the seared rim of rare fish, mm: 3-5 (common practice). */
export const USUAL_RIM_MM = 5;

/** What usually goes in together at most (common practice). */
const MOST_AT_ONCE: Readonly<Record<PieceShape["kind"], number>> = {
  slab: 4,
  cylinder: 6,
  puck: 6,
  tube: 4,
  sphere: 40,
};

/** Whole animals by the pot, not by the handful. */
const MOST_OF_BUILD: Partial<Readonly<Record<Anatomy, number>>> = {
  crab: 2,
  "leg-crab": 4,
  lobster: 4,
  "spiny-lobster": 4,
};

/** A whole fish is about twice its fillet thick; a lobster in its shell of some 600 g (common practice). */
const WHOLE = { fishTimes: 2.1, lobsterMm: 50, lobsterG: 600 } as const;
/** A cake as stations shape it: some 65 mm across (common practice). */
const CAKE = { thicknessMm: 24, massG: 90 } as const;
/** A squid tube filled and closed (common practice). */
const STUFFED = { diameterMm: 40, massG: 180 } as const;
/** Ways tried before the first is taken as it is. */
const TRIED = 4;
const BONELESS = ["tuna", "dense"] as const;

/** One shell, tail or muscle, where the table's portion is a plateful of them, g. */
function singleG({ portion, anatomy, donenessGroup }: Species): number {
  const { shape, thicknessMm, massG } = portion;
  if (shape === "sphere" && massG > 60 && anatomy !== "crab" && anatomy !== "leg-crab")
    return 0.9e-3 * thicknessMm ** 3 * 4;
  if (shape === "cylinder" && anatomy === "clam") return 6.6e-3 * thicknessMm ** 3;
  // a tail is some four times as long as it is thick
  if (donenessGroup === "shrimp") return 3.3e-3 * thicknessMm ** 3;
  // a fish this small is cooked opened flat, one by one
  if (anatomy === "round" && thicknessMm <= 8) return 15;
  return anatomy === "scallop" ? massG / 3 : massG;
}

/** The usual piece of an animal, dressed as asked or as is usual. */
export function usualPiece(species: Species, asked?: CookForm): UsualPiece {
  const form = asked ?? usualCookForm(species);
  const { portion, group, donenessGroup, anatomy } = species;
  const startC = AT_THE_PAN_C;
  if (form === "cake") return { form, shape: "puck", sizeMm: CAKE.thicknessMm, massG: CAKE.massG, startC, skin: false };
  if (form === "stuffed")
    return { form, shape: "tube", sizeMm: STUFFED.diameterMm, massG: STUFFED.massG, startC, skin: false };
  if (form === "whole" && isFinfish(group)) {
    const share = (species.yield.skinOnFilletPct ?? 50) / 100;
    const sizeMm = Math.min(80, Math.round(portion.thicknessMm * WHOLE.fishTimes));
    return { form, shape: "slab", sizeMm, massG: Math.round(portion.massG / share), startC, skin: true };
  }
  if (form === "whole" && (anatomy === "lobster" || anatomy === "spiny-lobster"))
    return { form, shape: "cylinder", sizeMm: WHOLE.lobsterMm, massG: WHOLE.lobsterG, startC, skin: false };
  const skin =
    isFinfish(group) &&
    portion.shape === "slab" &&
    ["round", "flat", "large"].includes(anatomy) &&
    !BONELESS.some((one) => one === donenessGroup);
  return { form, shape: portion.shape, sizeMm: portion.thicknessMm, massG: singleG(species), startC, skin };
}

/** Ways an animal can be dressed for the heat, the usual one first. */
export function cookFormsOf(species: Species): readonly CookForm[] {
  const usual = usualCookForm(species);
  const { anatomy, group } = species;
  const others: readonly CookForm[] = isFinfish(group)
    ? anatomy === "round" || anatomy === "flat"
      ? ["whole", "cake"]
      : ["cake"]
    : anatomy === "crab" || anatomy === "leg-crab"
      ? ["cake"]
      : group === "crustacean"
        ? ["whole", "tails"]
        : anatomy === "squid"
          ? ["stuffed"]
          : [];
  return [usual, ...others.filter((form) => form !== usual)];
}

/** The doneness an animal opens at with a method: its own centre, the rim of rare fish, or the rule where it is minced. */
export function usualGoal(species: Species, methodId: MethodId, form: CookForm): AskedGoal {
  if (form === "cake") return { kind: "safe" };
  if (methodOf(methodId).rare && species.donenessGroup === "tuna") return { kind: "rim", rimMm: USUAL_RIM_MM };
  const [low, high] = species.usualCentreC ?? [50, 55];
  return { kind: "centre", targetC: Math.max(species.least?.centreC ?? 0, (low + high) / 2) };
}

/** The hot pan where the size allows it; a thick one is cooked more gently (common practice; the sizes from the model). */
export function usualSchool(methodId: MethodId, sizeMm: number): string | null {
  if (methodId !== "scallop-sear") return methodOf(methodId).schools[0]?.id ?? null;
  if (sizeMm <= 18) return "smoking-oil";
  return sizeMm <= 22 ? "dry-plate" : "steaming-butter";
}

/** How many of these the method's pan takes without crowding; as many as are usual where nothing lies on metal. */
function fitting(species: Species, piece: UsualPiece, methodId: MethodId, shape: PieceShape): number {
  const method = methodOf(methodId);
  const body = {
    shape,
    group: species.donenessGroup,
    composition: species.compositionPct,
    filling: shape.kind === "tube" ? USUAL_FILLING : null,
    skin: piece.skin,
    startC: piece.startC,
    massG: piece.massG,
    coatMm: 0,
  };
  const school = method.schools[0]?.id ?? "";
  const stages = method.build({ piece: body, kit: kitOf(method, school), pan: PANS[0], school });
  const base = Math.max(...stages.map(({ vessel }) => vessel?.baseM2 ?? 0));
  const most = MOST_OF_BUILD[species.anatomy] ?? MOST_AT_ONCE[shape.kind];
  if (base === 0) return most;
  const [face, , around] = facesM2(body);
  const coveredM2 = face > 0 ? face : around / Math.PI;
  return Math.max(1, Math.min(most, Math.floor((STATION.crowdedShare * base) / coveredM2)));
}

/** What the stove opens with for this animal, or for this very piece of it. */
export function openingOf(species: Species, known: Partial<UsualPiece> = {}, available = Infinity): Opening {
  const said = Object.fromEntries(Object.entries(known).filter(([, value]) => value !== undefined));
  const piece: UsualPiece = { ...usualPiece(species, known.form), ...said };
  const shape = shapeFor(piece.shape, piece.sizeMm, piece.massG, species.compositionPct);
  const asked = { species, shape, skin: piece.skin, form: piece.form };
  const ways = waysAtSight(asked);
  const wayWith = (methodId: MethodId) => {
    const goal = usualGoal(species, methodId, piece.form);
    const startC = known.startC ?? (goal.kind === "rim" ? TEMPERED_C : piece.startC);
    return { methodId, goal, startC, schoolId: usualSchool(methodId, piece.sizeMm) };
  };
  const done = ways.slice(0, TRIED).find((id) => {
    const { schoolId, ...way } = wayWith(id);
    const school = schoolId === null ? {} : { schoolId };
    // which rule set judges it has no part in whether it can be done
    return canBeDone({ ...asked, ...way, ...school, pieceG: piece.massG, ruleSetId: "fda-2022" });
  });
  const { methodId, ...way } = wayWith(done ?? ways[0]);
  return {
    ...piece,
    ...way,
    methodId,
    pieces: Math.min(available, fitting(species, piece, methodId, shape)),
  };
}
