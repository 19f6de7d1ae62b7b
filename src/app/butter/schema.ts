import { z } from "zod";
import { t } from "@/words/butter";

const covers = z
  .number(t("howManyCovers"))
  .int(t("howManyCovers"))
  .min(1, t("howManyCovers"))
  .max(200, t("checkTheCovers"));
const stove = {
  specId: z.string().min(1).max(80),
  covers,
  panMm: z.number().min(100).max(600),
  netPowerW: z.number().min(100).max(20_000),
};

export const MakeBase = z.strictObject(stove);

export const Mount = z.strictObject({
  ...stove,
  servedC: z.number(t("howWarm")).min(0, t("howWarm")).max(90, t("howWarm")),
  surfaceMm: z.number().min(50).max(600),
  lid: z.boolean(),
  baseLotId: z.string().max(80).nullable(),
});

export const StartPot = z.strictObject({
  bones: z.array(z.string().min(1).max(80)).min(1, t("chooseBonesFirst")).max(30),
  waterMl: z.number(t("howMuchWater")).min(100, t("howMuchWater")).max(100_000, t("howMuchWater")),
  aromaticsG: z.number().min(0).max(20_000),
  potId: z.string().max(20),
  netPowerW: z.number().min(100).max(20_000),
  simmerMin: z.number().int().min(5, t("atLeastFiveMinutes")).max(240),
});

export const Strain = z.strictObject({
  makeId: z.string().min(1).max(80),
  iceG: z.number().min(0).max(200_000),
  stirred: z.boolean(),
  yieldMl: z.number(t("howMuchCameOut")).positive(t("howMuchCameOut")).max(100_000),
});

export const PourAway = z.strictObject({
  lotId: z.string().min(1).max(80),
  massG: z.number(t("howMuchIsLeft")).min(0, t("howMuchIsLeft")).max(200_000, t("howMuchIsLeft")),
});
