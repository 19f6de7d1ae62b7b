import { t } from "@/words/ice";

/** Why a lot is off the ice without being thrown away. */
export const FINISH_REASONS = ["used up", "sent back"] as const;
export type FinishReason = (typeof FINISH_REASONS)[number];
/** Offered; a cook may write another. The record keeps the words. */
export const WASTE_REASONS = [
  t("wasteSpoiled"),
  t("wasteWarmSpell"),
  t("wasteDeadOnIce"),
  t("wasteOverOrdered"),
  t("wasteCutWrong"),
  t("wasteDropped"),
];
