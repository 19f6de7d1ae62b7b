import { z } from "zod";
import { t } from "@/words/ice";

export const SetCovers = z.strictObject({
  day: z.iso.date(t("aDayAsIn202603")),
  speciesId: z.string().min(1, t("whichFish")),
  use: z.enum(["raw", "cook"]),
  covers: z.number(t("howManyCovers")).int().min(0).max(5000, t("over5000CoversCheck")),
  portionG: z.number(t("howBigIsAPortion")).positive(t("howBigIsAPortion")).max(5000, t("checkThePortion")),
});
