import { sumOf } from "@/core/numeric";
/** Something salted, or salty by itself, in a dish. */
export type SaltedPart = { readonly massG: number; readonly saltPct: number };

export type SaltSum = {
  readonly massG: number;
  readonly saltG: number;
  readonly saltPct: number;
  /** Grams of salt to add for the target, its own mass counted. */
  readonly addG: number;
  /** Grams of salt above the target's share. */
  readonly overByG: number;
  /** Grams of unsalted food that would bring it down. */
  readonly diluteG: number;
};

/** Salt of the parts together against a target, per cent by mass. `targetPct` above 0 and below 100. */
export function saltSum(parts: readonly SaltedPart[], targetPct: number): SaltSum {
  const massG = sumOf(parts, (part) => part.massG);
  const saltG = sumOf(parts, (part) => (part.massG * part.saltPct) / 100);
  const target = targetPct / 100;
  const missingG = target * massG - saltG;
  return {
    massG,
    saltG,
    saltPct: massG > 0 ? (100 * saltG) / massG : 0,
    addG: missingG > 0 ? missingG / (1 - target) : 0,
    overByG: missingG < 0 ? -missingG : 0,
    diluteG: missingG < 0 ? saltG / target - massG : 0,
  };
}
