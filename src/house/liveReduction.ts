import {
  panLevelMm,
  reduce,
  reductionClock,
  type PanNote,
  type Reduction,
  type ReductionClock,
  type Shelf,
} from "@/core/butter";
import { mixtureOfParts } from "./reduceBench";
import { stoveOf } from "./sauceSpec";
import type { ReductionFacts } from "./stored/reductionFacts";

/** The way the model has it go; null: it can no longer be worked out. */
export function reductionOf(
  facts: Pick<ReductionFacts, "parts" | "toMl" | "panMm" | "netPowerW">,
  shelf: Shelf,
): Reduction | null {
  const { parts, toMl, panMm, netPowerW } = facts;
  const mixture = mixtureOfParts(parts, shelf);
  const found = reduce({ mixture, toMl, ...stoveOf({ panMm, netPowerW }) });
  return found.ok ? found.value : null;
}

export const clockAt = (
  reduction: Reduction,
  { panMm, notes, pace }: Pick<ReductionFacts, "panMm" | "pace"> & { readonly notes: readonly PanNote[] },
  seconds: number,
): ReductionClock => reductionClock(reduction, panMm, seconds, notes, pace);

/** What a pan should show while so much is in it: its weight, pan and all, and its depth. A reduction weighs about a gram a millilitre. */
export const panExpects = (
  { panG, panMm }: Pick<ReductionFacts, "panG" | "panMm">,
  nowMl: number,
): { readonly weighedG: number; readonly levelMm: number } => ({
  weighedG: Math.round((panG ?? 0) + nowMl),
  levelMm: Math.max(1, Math.round(panLevelMm(nowMl, panMm))),
});
