import {
  panLevelMm,
  reduce,
  reductionClock,
  type Mixture,
  type PanNote,
  type Reduction,
  type ReductionClock,
} from "@/core/butter";
import { stoveOf } from "../stove/panBody";
import type { ReductionFacts } from "../stored/reductionFacts";

/** What a pan on the fire holds and where it is to go; the goods themselves are not needed to follow it. */
export type FilledPan = Pick<ReductionFacts, "toMl" | "panMm" | "netPowerW"> & { readonly mixture: Mixture };

/** Pans on the fire are drawn again and again: each is simulated once. */
const known = new Map<string, Reduction | null>();
/** More pans than any station has. */
const MOST_KNOWN = 40;

/** The way the model has it go; null: it can no longer be worked out. */
export function wayDown({ mixture, toMl, panMm, netPowerW }: FilledPan): Reduction | null {
  const key = JSON.stringify([mixture, toMl, panMm, netPowerW]);
  const before = known.get(key);
  if (before !== undefined) return before;
  if (known.size >= MOST_KNOWN) known.clear();
  const found = reduce({ mixture, toMl, ...stoveOf({ panMm, netPowerW }) });
  const way = found.ok ? found.value : null;
  known.set(key, way);
  return way;
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
