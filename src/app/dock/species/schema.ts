import { z } from "zod";
import { t } from "@/words/dock";

export const AddSpecies = z.strictObject({
  name: z.string().trim().min(2, t("whatIsItCalled")).max(80, t("atMost80Letters")),
  scientificName: z
    .string()
    .trim()
    .regex(/^[A-Z][a-z]+ ([a-z-]+|spp\.)( [a-z-]+)?$/, t("genusAndSpeciesAsInSalvelinus")),
  family: z
    .string(t("whichFamilyIsItOfIts"))
    .trim()
    .regex(/^[A-Z][a-z]+idae$/, t("theScientificNameOfTheFamily")),
  names: z.string().trim().max(400),
  likeId: z.string().min(1, t("whichFishOfTheTableIs")),
  iceLifeDays: z.number(t("howLongDoesItKeep")).min(1).max(40, t("over40DaysOnIceCheck")),
  skinlessPct: z.number(t("whatDoesItYield")).min(3).max(100),
  histamineFormer: z.enum(["yes", "some", "no"]),
  rawUse: z.enum(["usual", "seldom", "cured-only", "none"]),
});
