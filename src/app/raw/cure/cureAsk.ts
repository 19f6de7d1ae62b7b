import type { CureAsk } from "@/house/raw/cureAsk";
import { t } from "@/words/raw";

/** A lot that can be cured, as the bench takes it over. */
export type CureLot = {
  readonly id: string;
  readonly title: string;
  readonly speciesId: string;
  readonly massG: number;
  readonly thicknessMm: number;
};

/** What goes on, for the record of the hold. */
export function recipeOf({ method, saltPerKg, sugarPerKg, brinePct, waterPerFish, targetSaltPct }: CureAsk): string {
  switch (method) {
    case "dry":
      return t("saltPerKgGSaltSugarPerKgGSugar", { saltPerKg, sugarPerKg });
    case "brine":
      return t("brinePctBrineWaterPerFishTimesIts", { brinePct, waterPerFish });
    case "equilibrium":
      return t("equilibriumTargetSaltPct", { targetSaltPct });
  }
}
