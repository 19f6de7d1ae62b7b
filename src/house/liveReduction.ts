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

type Asked = Pick<ReductionFacts, "parts" | "toMl" | "panMm" | "netPowerW">;

/** Pans on the fire are drawn again and again: each is simulated once for the shelf it was filled from. */
const known = new WeakMap<Shelf, Map<string, Reduction | null>>();
/** More pans than any station has. */
const MOST_KNOWN = 40;

function simulated({ parts, toMl, panMm, netPowerW }: Asked, shelf: Shelf): Reduction | null {
  const found = reduce({ mixture: mixtureOfParts(parts, shelf), toMl, ...stoveOf({ panMm, netPowerW }) });
  return found.ok ? found.value : null;
}

/** The way the model has it go; null: it can no longer be worked out. */
export function reductionOf({ parts, toMl, panMm, netPowerW }: Asked, shelf: Shelf): Reduction | null {
  const asked = { parts, toMl, panMm, netPowerW };
  const key = JSON.stringify(asked);
  const ofShelf = known.get(shelf) ?? new Map<string, Reduction | null>();
  known.set(shelf, ofShelf);
  const before = ofShelf.get(key);
  if (before !== undefined) return before;
  if (ofShelf.size >= MOST_KNOWN) ofShelf.clear();
  const found = simulated(asked, shelf);
  ofShelf.set(key, found);
  return found;
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
