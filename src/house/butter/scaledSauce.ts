import { ingredientOf, planSauce, scaleLine, type SauceSpec, type ScaledLine, type Shelf } from "@/core/butter";
import { stoveOf } from "../stove/panBody";
import { usualStove } from "./tonight";

/** The ladle of a sauce station (common practice). */
export const LADLE_ML = 45;

export type ScaledSauce = {
  readonly lines: readonly ScaledLine[];
  readonly batches: number;
  readonly gPerCover: number;
  /** Ladles of `LADLE_ML` a cover. */
  readonly ladles: number;
  readonly panMm: number;
  /** Of one batch's base; null: none is reduced. */
  readonly seconds: number | null;
};

/** A mounted sauce, half fat, g/ml (estimate). */
export const SAUCE_G_PER_ML = 0.95;

/** A sauce for so many covers: lines by their rules, batches, the pan that fits and its minutes. Null where it cannot be made. */
export function scaledSauce(spec: SauceSpec, covers: number, shelf: Shelf): ScaledSauce | null {
  const stove = usualStove(covers);
  const plan = planSauce(spec, covers, stoveOf(stove), shelf);
  if (!plan.ok) return null;
  const { batch, batches } = plan.value;
  const lines = [...spec.base, ...spec.mount].map(({ ingredientId, massG }) => {
    const rule = ingredientId === "salt" ? "salt" : ingredientId === "garlic" ? "strong" : "straight";
    return scaleLine({ name: ingredientOf(ingredientId, shelf).label, massG, rule }, spec.covers, covers);
  });
  const gPerCover = batch.sauce.massG / batch.covers;
  return {
    lines,
    batches: batches.length,
    gPerCover,
    ladles: gPerCover / SAUCE_G_PER_ML / LADLE_ML,
    panMm: stove.panMm,
    seconds: batch.reduction ? batch.reduction.secondsToBoil + batch.reduction.secondsReducing : null,
  };
}
