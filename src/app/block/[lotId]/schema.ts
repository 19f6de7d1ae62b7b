import { z } from "zod";
import { TRIM_USE_IDS } from "@/core/block";
import { t } from "@/words/block";

const SideIn = z.strictObject({
  lengthMm: z.number().positive(t("howLongIsTheSide")).max(3000),
  massG: z.number().positive(t("weighTheSide")).max(100_000),
  profile: z
    .array(
      z.strictObject({
        atMm: z.number().min(0).max(3000),
        thicknessMm: z.number().min(0).max(300),
        widthMm: z.number().min(0).max(1500),
      }),
    )
    .min(3, t("measureAtLeastThreeStations"))
    .max(7, t("sevenStationsAreEnough")),
});

export const NewCut = z.strictObject({
  lotId: z.string().min(1),
  sides: z.array(SideIn).min(1).max(12, t("twelveSidesAtOnceAreEnough")),
  portionG: z.number().positive(t("howHeavyIsAPortion")).max(5000),
  toleranceG: z.number().min(0).max(1000),
  minPieceMm: z.number().min(0).max(1000),
  covers: z.number().int().min(1).max(500).nullable(),
  preference: z.enum(["even", "centre"]),
  leanDeg: z.number().min(0).max(60),
  tails: z.enum(["as-cut", "fold", "pair"]),
  trimUse: z.enum(TRIM_USE_IDS),
});
