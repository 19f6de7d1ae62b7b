import { keyed } from "@/core/shared";
import { RULE_SETS, type RuleSetId } from "@/core/safety";
import type { Limits } from "./excursions";

export type PlaceKind = "cold-room" | "drawer" | "ice-bin" | "freezer" | "tank";

/** Set points are common practice; a house sets its own. */
export const PLACE_KINDS: readonly { readonly id: PlaceKind; readonly label: string; readonly usualC: number }[] =
  keyed(
    "places",
    [
      { id: "cold-room", label: "Cold room", usualC: 1.5 },
      { id: "drawer", label: "Drawer", usualC: 2 },
      { id: "ice-bin", label: "Ice bin", usualC: 0 },
      { id: "freezer", label: "Freezer", usualC: -20 },
      { id: "tank", label: "Live tank", usualC: 7 },
    ],
    ["label"],
  );

/** Live tanks run at 4-10 °C (memory, medium). */
const TANK: Limits = { minC: 4, maxC: 10 };

/** The limits a place is watched by: the rule set's holding limit, unless the house has set stricter ones. */
export function placeLimits(kind: PlaceKind, ruleSetId: RuleSetId, own: Limits): Limits & { readonly source: string } {
  const { holding } = RULE_SETS[ruleSetId];
  if (kind === "tank")
    return {
      minC: own.minC ?? TANK.minC,
      maxC: own.maxC ?? TANK.maxC,
      source: "live tanks at 4-10 °C (memory, medium)",
    };
  const ruleMaxC = kind === "freezer" ? holding.frozenMaxC : holding.chilledMaxC;
  const maxC = own.maxC === null ? ruleMaxC : Math.min(own.maxC, ruleMaxC);
  const source = own.maxC !== null && own.maxC < ruleMaxC ? "the house's own limit" : holding.source;
  return { minC: own.minC, maxC, source };
}
