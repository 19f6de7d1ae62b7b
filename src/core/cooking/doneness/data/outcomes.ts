import { keyed } from "@/core/shared";
import type { DonenessGroup } from "@/core/species";
import { DONENESS_LABELS, type DonenessId } from "./bands";

/** How a cook can end: a band of doneness, or what the method is for. */
export type OutcomeId = DonenessId | "tender" | "open" | "hot";

export const OUTCOME_LABELS: Readonly<Record<OutcomeId, string>> = keyed(
  "outcomes",
  {
    ...DONENESS_LABELS,
    tender: "Tender",
    open: "Open",
    hot: "Hot through",
  },
  [],
);

/** Tuna that is glassy in the middle is what it is bought for. */
export const outcomeLabel = (id: OutcomeId, group: DonenessGroup): string =>
  group === "tuna" && id === "translucent" ? "Rare" : OUTCOME_LABELS[id];
