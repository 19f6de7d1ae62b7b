import { z } from "zod";
import { t } from "@/words/dock";

export const RATINGS = ["best", "acceptable", "avoid"] as const;

export const AddAdvice = z.strictObject({
  speciesId: z.string().min(1, t("whichFish")),
  production: z.enum(["wild", "farmed"]).nullable(),
  area: z.string().trim().max(120),
  gear: z.string().trim().max(120),
  body: z.string().trim().min(1, t("whoSaysSo2")).max(120),
  rating: z.enum(RATINGS),
  issuedOn: z.iso.date(t("theDayItWasIssued")),
});

export const AdviceFile = z.strictObject({
  text: z.string().min(1, t("theFileIsEmpty")).max(2_000_000),
  goodOnly: z.boolean(),
});
