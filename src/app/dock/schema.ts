import { z } from "zod";
import { FORMS, type Form } from "@/core/freshness";

const FORM_IDS = FORMS.map(({ id }) => id) as [Form, ...Form[]];
const text = (missing: string) => z.string().trim().min(1, missing).max(120, "At most 120 letters.");
const day = z.iso.date("A day, as in 2026-03-31.");
const short = z.string().trim().min(1).max(120, "At most 120 letters.");
const flag = z.boolean().optional();

export const ProvenanceInput = z.strictObject({
  subArea: short.optional(),
  landingPlace: short.optional(),
  supplierLot: short.optional(),
  tag: z
    .strictObject({
      certificate: text("The certificate number on the tag."),
      harvestedOn: z.union([day, z.literal("")]),
      dealer: z.string().trim().max(120),
    })
    .optional(),
  byCatch: flag,
  defrosted: flag,
  useBy: day.optional(),
  additives: z.array(short).max(20).optional(),
  feedStatement: flag,
  freezingStatement: flag,
  clearedGround: flag,
  roeOn: flag,
  rearing: z.enum(["net-pen", "land-based", "ranched"]).optional(),
  skein: z.enum(["in", "removed-and-rinsed"]).optional(),
  dealerListed: flag,
  waterClass: z.enum(["A", "B", "C"]).optional(),
  catchDocument: short.optional(),
  wholeKg: z.number().positive().max(1000, "Check the weight of the whole fish.").optional(),
  deaths: z
    .strictObject({ dead: z.number().int().min(0), counted: z.number().int().min(1).max(100_000) })
    .refine(({ dead, counted }) => dead <= counted, "More dead than counted.")
    .optional(),
});

/** One lot at the door, in the core's units. */
export const NewLotInput = z.strictObject({
  speciesId: z.string().min(1, "Which fish is it?"),
  form: z.enum(FORM_IDS),
  frozen: z.boolean(),
  production: z.enum(["wild", "farmed"]),
  area: text("Where was it caught or reared?"),
  gear: text("How was it caught or reared?"),
  source: text("Which boat or farm?"),
  caughtOn: day.nullable(),
  massG: z
    .number("How much does it weigh?")
    .positive("How much does it weigh?")
    .max(2_000_000, "Over two tonnes: check the weight."),
  statedMassG: z.number().positive().max(2_000_000, "Over two tonnes: check the paper.").nullable(),
  pricePerKg: z.number("What does a kilo cost?").min(0).max(10_000, "Check the price."),
  receiptC: z.number("Probe it: temperature at the door.").min(-40, "Check the probe.").max(45, "Check the probe."),
  grades: z.record(z.string(), z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)])),
  provenance: ProvenanceInput,
  placeId: z.string().min(1, "Where does it go?"),
});

/** A delivery as the dock sends it: one van, one supplier, one or more lots. */
export const NewDelivery = z.strictObject({
  supplier: text("Who brought it?"),
  lots: z.array(NewLotInput).min(1, "A delivery has at least one lot.").max(60, "At most 60 lots at once."),
});

export type NewLotInput = z.infer<typeof NewLotInput>;
export type ProvenanceInput = z.infer<typeof ProvenanceInput>;
