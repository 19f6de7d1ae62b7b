import { z } from "zod";
import type { CardSpec } from "@/core/cards";
import { METHOD_IDS } from "@/core/cooking";
import { PortionIn } from "./sauceSpec";

const share = z.number().min(0).max(20);

/** What is stored of a card; anything else in the house file is refused, not guessed at. */
export const CardBody = z.strictObject({
  name: z.string().min(1).max(80),
  piece: z.strictObject({
    speciesIds: z.array(z.string().min(1)).min(1).max(12),
    use: z.enum(["cook", "raw"]),
    massG: z.number().positive().max(3000),
    thicknessMm: z.number().positive().max(200),
    methodId: z.enum(METHOD_IDS).nullable(),
    underCooked: z.boolean(),
    crispSkin: z.boolean(),
    skewered: z.boolean(),
    boneIn: z.boolean(),
  }),
  sauce: z.strictObject({ specId: z.string().min(1), share, apart: z.boolean() }).nullable(),
  garnishes: z.array(
    z.strictObject({ preparationId: z.string().min(1), massG: z.number().positive().max(1000), waits: z.boolean() }),
  ),
  finish: z.array(PortionIn),
  priceCents: z.number().int().positive().nullable(),
  plateSeconds: z.number().int().min(5).max(600),
  onlyOn: z.string().nullable(),
}) satisfies z.ZodType<CardSpec>;
