import type { PotClock } from "@/core/butter";
import { t } from "@/words/fire";

/** How a pot on the fire stands, in a word and its colour. */
export function potWord({ phase, nextSkimInMin }: PotClock): {
  readonly word: string;
  readonly state: "bad" | "soon" | "good";
} {
  if (phase === "over") return { word: t("strainNow"), state: "bad" };
  if (nextSkimInMin === 0) return { word: t("skimNow"), state: "soon" };
  return { word: phase === "heating" ? t("heating") : t("simmering"), state: "good" };
}
