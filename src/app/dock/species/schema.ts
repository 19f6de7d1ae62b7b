import { z } from "zod";

export const AddSpecies = z.strictObject({
  name: z.string().trim().min(2, "What is it called?").max(80, "At most 80 letters."),
  scientificName: z
    .string()
    .trim()
    .regex(/^[A-Z][a-z]+ ([a-z-]+|spp\.)( [a-z-]+)?$/, "Genus and species, as in Salvelinus alpinus."),
  family: z
    .string("Which family is it of? Its hazards hang on it.")
    .trim()
    .regex(/^[A-Z][a-z]+idae$/, "The scientific name of the family, as in Sparidae."),
  names: z.string().trim().max(400),
  likeId: z.string().min(1, "Which fish of the table is it most like?"),
  iceLifeDays: z.number("How long does it keep?").min(1).max(40, "Over 40 days on ice: check."),
  skinlessPct: z.number("What does it yield?").min(3).max(100),
  histamineFormer: z.enum(["yes", "some", "no"]),
  rawUse: z.enum(["usual", "seldom", "cured-only", "none"]),
});
