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

/** What an animal says instead: shellfish do not flake, and tuna that is glassy in the middle is what it is bought for. */
const FIRM = { "just-flaking": "Opaque, firm" } as const;
const OWN_WORDS: Partial<Readonly<Record<DonenessGroup, Partial<Readonly<Record<OutcomeId, string>>>>>> = {
  tuna: { translucent: "Rare" },
  scallop: FIRM,
  lobster: FIRM,
  shrimp: FIRM,
  squid: FIRM,
  octopus: FIRM,
};

export const outcomeLabel = (id: OutcomeId, group: DonenessGroup): string =>
  OWN_WORDS[group]?.[id] ?? OUTCOME_LABELS[id];
