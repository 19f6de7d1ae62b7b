import { z } from "zod";

const lotId = z.string().min(1);

export const LotNote = z.discriminatedUnion("kind", [
  z.strictObject({
    lotId,
    kind: z.literal("probed"),
    amount: z.number("What does the probe read?").min(-40, "Check the probe.").max(40, "Check the probe."),
    outOf: z.null(),
  }),
  z
    .strictObject({
      lotId,
      kind: z.literal("tapped"),
      amount: z.number("How many are dead?").int().min(0),
      outOf: z.number("How many did you tap?").int().min(1, "How many did you tap?").max(10_000),
    })
    .refine(({ amount, outOf }) => amount <= outOf, {
      message: "More dead than tapped: count again.",
      path: ["amount"],
    }),
  z.strictObject({
    lotId,
    kind: z.literal("water"),
    amount: z.number("How warm was the water?").min(-2).max(40, "Check the water temperature."),
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
    .refine((papers) => Object.keys(papers).length > 0, "Say which paper."),
});

export const NewPlates = z.strictObject({
  lotId,
  dish: z.enum(["raw", "cured"]),
  covers: z.number("How many plates?").int("Whole plates.").min(1, "How many plates?").max(500),
  gramsPerCover: z.number().positive("How much to a plate?").max(1000),
  usedG: z.number().positive().max(500_000),
});
