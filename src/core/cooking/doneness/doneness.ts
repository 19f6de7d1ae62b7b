import type { DonenessGroup } from "@/core/species";
import { DONENESS_BANDS, TARGET_DONENESS, type DonenessId, type TargetDoneness } from "./data/bands";
import { decimalS, finalLossPct, KINETICS, temperatureOfLoss, type Kinetics } from "../model";

export type Band = { readonly id: DonenessId; readonly fromC: number; readonly toC: number };

/** The bands without gaps: each runs from where it is printed to begin to where the next one begins. */
export function bandsOf(group: DonenessGroup): readonly Band[] {
  const printed = DONENESS_BANDS[group];
  const starts: { id: DonenessId; fromC: number }[] = [
    { id: "translucent", fromC: -Infinity },
    ...TARGET_DONENESS.map((id) => ({ id, fromC: id === "mi-cuit" ? printed.translucentBelowC : printed[id][0] })),
    { id: "dry", fromC: printed.dryAboveC },
  ];
  return starts.map(({ id, fromC }, index) => ({ id, fromC, toC: starts[index + 1]?.fromC ?? Infinity }));
}

export function bandAt(group: DonenessGroup, centreC: number): Band {
  const bands = bandsOf(group);
  return bands.find(({ toC }) => centreC < toC) ?? bands.at(-1)!;
}

/** Middle of the printed band. */
export function targetCentreC(group: DonenessGroup, doneness: TargetDoneness): number {
  const [lowC, highC] = DONENESS_BANDS[group][doneness];
  return (lowC + highC) / 2;
}

/** What a layer has become; exposures in decades. */
export type LayerState = { readonly myosin: number; readonly flakeCollagen: number; readonly lossPct: number };

/**
 * The printed bands speak of a centre carried to its warmest at the stove's usual pace: about so long near the peak, s. A slower cook
 * (a bath) reaches the same state at a lower temperature.
 */
export const USUAL_PACE_S = 180;
const LOSS_AT_USUAL_PACE = 1 - Math.exp(-(USUAL_PACE_S + 60) / 150);

const likeAt = (kinetics: Kinetics, decades: number): number =>
  decades <= 0
    ? -Infinity
    : kinetics.referenceC +
      kinetics.zK * Math.log10((decades * decimalS(kinetics, kinetics.referenceC)) / USUAL_PACE_S);

/**
 * Doneness as the centre temperature that would have given the same state at the usual pace, °C: myosin tells raw from set, the collagen
 * between the flakes tells when they part, then water lost tells how far it is to done and dry.
 */
export function readsLikeC(group: DonenessGroup, { myosin, flakeCollagen, lossPct }: LayerState): number {
  const { "just-flaking": flaking } = DONENESS_BANDS[group];
  const dry = temperatureOfLoss(lossPct / LOSS_AT_USUAL_PACE);
  const flakes = likeAt(KINETICS.flakeCollagen, flakeCollagen);
  // once the flakes part, the water that has gone says how far it is on the way to done and dry
  if (flakes >= flaking[0]) return Math.max(flaking[0], Math.min(flakes, dry));
  return Math.max(0, Math.min(likeAt(KINETICS.myosin, myosin), flaking[0] - 1e-6));
}

/** State of a layer carried to `peakC` at the usual pace: the inverse of `readsLikeC`. */
export const stateAt = (peakC: number): LayerState => ({
  myosin: USUAL_PACE_S / decimalS(KINETICS.myosin, peakC),
  flakeCollagen: USUAL_PACE_S / decimalS(KINETICS.flakeCollagen, peakC),
  lossPct: finalLossPct(peakC) * LOSS_AT_USUAL_PACE,
});
