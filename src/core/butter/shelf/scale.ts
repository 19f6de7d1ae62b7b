import { said, type Said } from "@/core/shared";

/** How a line of a recipe grows with the covers. */
export const SCALE_RULES = ["straight", "salt", "strong", "cover", "piece"] as const;
export type ScaleRule = (typeof SCALE_RULES)[number];

export type ScaleLine = {
  readonly name: string;
  readonly massG: number;
  readonly rule: ScaleRule;
  /** Only with the rule `piece`. */
  readonly pieces?: number;
};

export type ScaledLine = {
  readonly name: string;
  readonly massG: number;
  readonly pieces?: number;
  readonly note: Said | null;
};

/** Twice the covers take so much of a strong spice; four times take about three times (common practice, low). */
const STRONG_PER_DOUBLING = 1.7;
/** Beyond four times, salt goes in at nine tenths and then to taste (common practice, medium). */
const SALT_STRAIGHT_TO = 4;
const SALT_BEYOND = 0.9;

export function scaleLine(line: ScaleLine, fromCovers: number, toCovers: number): ScaledLine {
  const { name, massG, rule } = line;
  const factor = toCovers / fromCovers;
  switch (rule) {
    case "straight":
      return { name, massG: massG * factor, note: null };
    case "salt":
      return factor <= SALT_STRAIGHT_TO
        ? { name, massG: massG * factor, note: null }
        : { name, massG: massG * SALT_BEYOND * factor, note: said("butter.thenToTaste") };
    case "strong":
      return { name, massG: massG * STRONG_PER_DOUBLING ** Math.log2(factor), note: said("butter.strongGrowsSlower") };
    case "cover":
      return { name, massG, note: said("butter.enoughToCover") };
    case "piece": {
      const before = line.pieces ?? 1;
      // 3 pieces from 4 to 20 covers are exactly 15, not one more for a last digit
      const pieces = Math.ceil((before * toCovers) / fromCovers - 1e-9);
      return { name, massG: (massG * pieces) / before, pieces, note: said("butter.wholePieces") };
    }
  }
}

/** Covers of each batch: as few batches as the most in one allows, as even as can be, the larger first. */
export function batchesOf(covers: number, most: number | null): readonly number[] {
  const count = most === null ? 1 : Math.ceil(covers / most);
  const least = Math.floor(covers / count);
  const larger = covers - least * count;
  return Array.from({ length: count }, (_, index) => (index < larger ? least + 1 : least));
}
