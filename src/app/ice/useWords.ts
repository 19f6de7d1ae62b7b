import type { LotLife } from "@/core/freshness";

/** What a lot is still good for, as said at the station. */
export const USE_WORDS: Readonly<Record<LotLife["use"], string>> = {
  raw: "Raw or any use",
  cook: "Cook, any method",
  "cook-today": "Cook at once, through",
  over: "Over: take off the ice",
};
