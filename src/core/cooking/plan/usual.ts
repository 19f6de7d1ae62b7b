import { isFinfish, type Species } from "@/core/species";
import { methodOf, usualCookForm, type CookForm, type MethodId } from "../methods";
import type { PieceShape } from "../model";
import type { AskedGoal } from "./request";

/** One piece of an animal as it goes to the heat when nobody measured it. */
export type UsualPiece = {
  readonly form: CookForm;
  readonly shape: PieceShape["kind"];
  readonly sizeMm: number;
  readonly massG: number;
  readonly startC: number;
  readonly skin: boolean;
};

/** From the refrigerator to the pan a piece has lost some of its chill. */
const AT_THE_PAN_C = 8;
/** Taken out to temper, for what is left raw in the middle: warm, not cold (common practice). */
export const TEMPERED_C = 18;
/** Depth of the seared rim of rare fish, mm: 3-5 (common practice). */
export const USUAL_RIM_MM = 5;

/** A whole fish is about twice its fillet thick; a lobster in its shell of some 600 g (common practice). */
const WHOLE = { fishTimes: 2.1, lobsterMm: 50, lobsterG: 600 } as const;
/** A cake as stations shape it: some 65 mm across (common practice). */
const CAKE = { thicknessMm: 24, massG: 90 } as const;
/** A squid tube filled and closed (common practice). */
const STUFFED = { diameterMm: 40, massG: 180 } as const;
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
