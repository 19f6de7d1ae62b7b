import { z } from "zod";
import { t } from "@/words/raw";

const lotId = z.string().min(1);

export const LotNote = z.discriminatedUnion("kind", [
  z.strictObject({
    lotId,
    kind: z.literal("probed"),
    amount: z.number(t("whatDoesTheProbeRead")).min(-40, t("checkTheProbe")).max(40, t("checkTheProbe")),
    outOf: z.null(),
  }),
  z
    .strictObject({
      lotId,
      kind: z.literal("tapped"),
      amount: z.number(t("howManyAreDead")).int().min(0),
      outOf: z.number(t("howManyDidYouTap")).int().min(1, t("howManyDidYouTap")).max(10_000),
    })
    .refine(({ amount, outOf }) => amount <= outOf, {
      message: t("moreDeadThanTappedCountAgain"),
      path: ["amount"],
    }),
  z.strictObject({
    lotId,
    kind: z.literal("water"),
    amount: z.number(t("howWarmWasTheWater")).min(-2).max(40, t("checkTheWaterTemperature")),
    outOf: z.null(),
  }),
  z.strictObject({ lotId, kind: z.literal("roe"), amount: z.union([z.literal(0), z.literal(1)]), outOf: z.null() }),
  z.strictObject({ lotId, kind: z.literal("opened"), amount: z.literal(1), outOf: z.null() }),
  z.strictObject({
    lotId,
    kind: z.literal("looked"),
    amount: z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)]),
    outOf: z.null(),
  }),
]);

const onFile = z.literal(true).optional();

/** Papers that came after the fish. */
export const LotPapers = z.strictObject({
  lotId,
  papers: z
    .strictObject({
      rearing: z.enum(["net-pen", "land-based", "ranched"]).optional(),
      feedStatement: onFile,
      freezingStatement: onFile,
      clearedGround: onFile,
      skein: z.enum(["in", "removed-and-rinsed"]).optional(),
      dealerListed: onFile,
      waterClass: z.enum(["A", "B", "C"]).optional(),
      supplierLot: z.string().trim().min(1).max(120).optional(),
    })
    .refine((papers) => Object.keys(papers).length > 0, t("sayWhichPaper")),
});

export const NewPlates = z.strictObject({
  lotId,
  dish: z.enum(["raw", "cured"]),
  covers: z.number(t("howManyPlates")).int(t("wholePlates")).min(1, t("howManyPlates")).max(500),
  gramsPerCover: z.number().positive(t("howMuchToAPlate")).max(1000),
  usedG: z.number().positive().max(500_000),
});
