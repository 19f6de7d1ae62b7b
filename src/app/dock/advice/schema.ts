import { z } from "zod";

export const RATINGS = ["best", "acceptable", "avoid"] as const;

export const AddAdvice = z.strictObject({
  speciesId: z.string().min(1, "Which fish?"),
  production: z.enum(["wild", "farmed"]).nullable(),
  area: z.string().trim().max(120),
  gear: z.string().trim().max(120),
  body: z.string().trim().min(1, "Who says so?").max(120),
  rating: z.enum(RATINGS),
  issuedOn: z.iso.date("The day it was issued."),
});

export const AdviceFile = z.strictObject({
  text: z.string().min(1, "The file is empty.").max(2_000_000),
  goodOnly: z.boolean(),
});
