import type { DonenessGroup } from "@/core/species";
import { DONENESS_BANDS, TARGET_DONENESS, type DonenessId, type TargetDoneness } from "./data/doneness";

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
