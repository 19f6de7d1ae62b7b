import type { CardSpec } from "@/core/cards";

/** A plate of the house, mm across its well (common practice). */
export const PLATE_MM = 270;
/** Flesh, g/cm³; a piece is about two and a half times as long as wide (estimate). */
const FLESH_G_PER_MM3 = 0.00106;
const LENGTH_TO_WIDTH = 2.5;
/** A sauce stands two millimetres deep on a plate (common practice). */
const SAUCE_DEEP_MM = 2;
const SAUCE_G_PER_ML = 0.95;
/** A garnish heaps to about this, mm, and weighs so much (common practice, low). */
const HEAP_MM = 18;
const HEAP_G_PER_ML = 0.6;

export type PlateShapes = {
  readonly piece: { readonly lengthMm: number; readonly widthMm: number };
  /** The pool it makes, mm across; null: no sauce, or it stands apart. */
  readonly sauceMm: number | null;
  readonly garnishes: readonly { readonly label: string; readonly acrossMm: number; readonly angleDeg: number }[];
};

/** The shapes of a plate at scale, from grams: the piece by its thickness, the sauce by its pool, garnishes by their heap. */
export function plateShapes(card: CardSpec, sauceG: number, labels: readonly string[]): PlateShapes {
  const { massG, thicknessMm } = card.piece;
  const areaMm2 = massG / FLESH_G_PER_MM3 / thicknessMm;
  const widthMm = Math.sqrt(areaMm2 / LENGTH_TO_WIDTH);
  const poolMm2 = (sauceG / SAUCE_G_PER_ML) * (1000 / SAUCE_DEEP_MM);
  return {
    piece: { lengthMm: widthMm * LENGTH_TO_WIDTH, widthMm },
    sauceMm: !card.sauce || card.sauce.apart || sauceG <= 0 ? null : 2 * Math.sqrt(poolMm2 / Math.PI),
    garnishes: card.garnishes.map(({ massG: heapG }, index) => ({
      label: labels[index] ?? "",
      acrossMm: 2 * Math.sqrt(((heapG / HEAP_G_PER_ML) * (1000 / HEAP_MM)) / Math.PI),
      angleDeg: 200 + index * 70,
    })),
  };
}
