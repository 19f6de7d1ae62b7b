import { z } from "zod";
import { ALLERGEN_IDS } from "@/core/safety";
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
  taste: z
    .array(
      z.strictObject({
        ingredientId: z.string().min(1).max(80),
        massG: z.number().positive().max(5000),
      }),
    )
    .max(6)
    .default([]),
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

const part = z.strictObject({
  ingredientId: z.string().min(1).max(80),
  ml: z.number(t("howMuchOfIt")).positive(t("howMuchOfIt")).max(50_000),
});

export const StartReduction = z.strictObject({
  name: z.string().trim().min(1, t("nameIt")).max(80),
  parts: z.array(part).min(1).max(10),
  toMl: z.number().positive().max(50_000),
  panMm: z.number().min(100).max(600),
  netPowerW: z.number().min(100).max(20_000),
  panG: z.number().min(0).max(20_000).nullable(),
});

export const NoteReduction = z.strictObject({
  id: z.string().min(1).max(80),
  seen: z.union([
    z.strictObject({ weighedG: z.number(t("howMuchDoesItWeigh")).positive(t("howMuchDoesItWeigh")).max(80_000) }),
    z.strictObject({ levelMm: z.number(t("howDeepIsIt")).positive(t("howDeepIsIt")).max(400) }),
  ]),
});

export const EndReduction = z.strictObject({ id: z.string().min(1).max(80), as: z.enum(["done", "given-up"]) });

export const BuyStock = z.strictObject({
  name: z.string().trim().min(2, t("nameIt")).max(60),
  volumeMl: z.number(t("howMuchOfIt")).min(50, t("howMuchOfIt")).max(100_000),
  cents: z.number().int().min(0).max(1_000_000),
  days: z.number().int().min(1, t("howManyDays")).max(365, t("howManyDays")),
  contains: z.array(z.enum(ALLERGEN_IDS)),
  wholeLabelRead: z.boolean(),
});

export const ReadPot = z.strictObject({
  lotId: z.string().min(1).max(80),
  celsius: z.number(t("whatDoesItRead")).min(-5, t("whatDoesItRead")).max(100, t("whatDoesItRead")),
});

export const PrintLabel = z.strictObject({ lotId: z.string().min(1).max(80) });
