import { z } from "zod";
import type { CardSpec } from "@/core/cards";
import { METHOD_IDS, PLATE_MM } from "@/core/cooking";
import { PortionIn } from "../stored/sauceBody";

const share = z.number().min(0).max(20);

const mm = z
  .number()
  .min(-PLATE_MM / 2)
  .max(PLATE_MM / 2);

/** Parts of a plate where they were put. */
export const PlateLayout = z.array(z.strictObject({ part: z.string().min(1).max(80), xMm: mm, yMm: mm })).max(12);

/** What is stored of a card; anything else in the house file is refused, not guessed at. */
export const CardBody = z.strictObject({
  name: z.string().min(1).max(80),
  piece: z.strictObject({
    speciesIds: z.array(z.string().min(1)).min(1).max(12),
    use: z.enum(["cook", "raw"]),
    massG: z.number().positive().max(3000),
    thicknessMm: z.number().positive().max(200),
    methodId: z.enum(METHOD_IDS).nullable(),
    schoolId: z.string().min(1).max(40).optional(),
    centreC: z.number().min(20).max(95).optional(),
    underCooked: z.boolean(),
    crispSkin: z.boolean(),
    skewered: z.boolean(),
    boneIn: z.boolean(),
    cured: z.boolean().optional(),
  }),
  sauce: z.strictObject({ specId: z.string().min(1), share, apart: z.boolean() }).nullable(),
  garnishes: z.array(
    z.strictObject({ preparationId: z.string().min(1), massG: z.number().positive().max(1000), waits: z.boolean() }),
  ),
  finish: z.array(PortionIn),
  priceCents: z.number().int().positive().nullable(),
  plateSeconds: z.number().int().min(5).max(600),
  onlyOn: z.string().nullable(),
  layout: PlateLayout.optional(),
  hands: z
    .array(z.strictObject({ part: z.string().min(1).max(80), who: z.string().trim().min(1).max(40) }))
    .max(12)
    .optional(),
}) satisfies z.ZodType<CardSpec>;
