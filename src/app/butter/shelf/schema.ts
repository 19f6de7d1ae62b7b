import { z } from "zod";
import { t } from "@/words/shelf";

export const MakePreparation = z.strictObject({
  preparationId: z.string().min(1).max(80),
  covers: z.number(t("howManyCovers")).int(t("howManyCovers")).min(1, t("howManyCovers")).max(200, t("howManyCovers")),
  frozen: z.boolean(),
});

export const TakePortions = z.strictObject({
  lotId: z.string().min(1).max(80),
  massG: z.number(t("howMuchIsTaken")).positive(t("howMuchIsTaken")).max(100_000),
});

export const SetPar = z.strictObject({
  preparationId: z.string().min(1).max(80),
  par: z.number().int().min(0).max(100_000).nullable(),
});

export const OilStrip = z.strictObject({
  fryerId: z.string().min(1).max(80),
  polarPct: z.number(t("whatDoesTheStripSay")).min(0, t("whatDoesTheStripSay")).max(60, t("whatDoesTheStripSay")),
});

export const FreshOil = z.strictObject({ fryerId: z.string().min(1).max(80) });
