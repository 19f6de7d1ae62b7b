import type { ThawWay } from "@/core/coldchain";
import type { FreezePack } from "@/core/raw";
import type { ParasiteRuleId } from "@/core/safety";

/** What a hold was begun with; its readings stand in a table of their own. */
export type HoldFacts =
  | {
      readonly kind: "parasite";
      readonly ruleId: ParasiteRuleId;
      readonly stated: { readonly atMs: number; readonly celsius: number } | null;
      /** By the freezing planner. */
      readonly expected?: { readonly atMs: number; readonly celsius: number } | null;
      /** The pack as it was stated to the planner. */
      readonly pack?: FreezePack;
    }
  | { readonly kind: "cure"; readonly plannedH: number; readonly note: string }
  | {
      readonly kind: "thaw";
      readonly plannedH: number;
      readonly vacuumPack: boolean;
      readonly packOpened: boolean;
      /** Not written down by earlier releases: in the refrigerator. */
      readonly way?: ThawWay;
    }
  | { readonly kind: "tag"; readonly untilMs: number; readonly lastServedOn: string };
