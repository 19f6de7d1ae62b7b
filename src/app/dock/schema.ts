import { z } from "zod";
import { FORMS, type Form } from "@/core/freshness";

const FORM_IDS = FORMS.map(({ id }) => id) as [Form, ...Form[]];
const text = (missing: string) => z.string().trim().min(1, missing).max(120, "At most 120 letters.");

/** A delivery as the dock sends it, in the core's units. */
export const NewDelivery = z.strictObject({
  speciesId: z.string().min(1, "Which fish is it?"),
  form: z.enum(FORM_IDS),
  supplier: text("Who brought it?"),
  production: z.enum(["wild", "farmed"]),
  area: text("Where was it caught or reared?"),
  gear: text("How was it caught or reared?"),
  source: text("Which boat or farm?"),
  caughtOn: z.iso.date("A day, as in 2026-03-31.").nullable(),
  massG: z
    .number("How much does it weigh?")
    .positive("How much does it weigh?")
    .max(2_000_000, "Over two tonnes: check the weight."),
  pricePerKg: z.number("What does a kilo cost?").min(0).max(10_000, "Check the price."),
  receiptC: z.number("Probe it: temperature at the door.").min(-30, "Check the probe.").max(45, "Check the probe."),
  grades: z.record(z.string(), z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)])),
  placeId: z.string().min(1, "Where does it go?"),
});

export type NewDeliveryInput = z.infer<typeof NewDelivery>;
