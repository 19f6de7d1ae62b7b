import type { CookForm } from "@/core/cooking";
import { t } from "@/words/stove";

/** How an animal is dressed for the heat, as a cook says it. */
export const FORM_WORDS: Readonly<Record<CookForm, string>> = {
  piece: t("aPieceOfFlesh"),
  whole: t("wholeOnTheBoneOrIn"),
  tails: t("outOfTheShell"),
  shells: t("inItsShell"),
  cake: t("mincedAndShapedCakes"),
  stuffed: t("stuffedTube"),
};
