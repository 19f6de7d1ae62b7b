import { z } from "zod";
import { FORMS, type Form } from "@/core/freshness";
import { t } from "@/words/dock";

const FORM_IDS = FORMS.map(({ id }) => id) as [Form, ...Form[]];
const text = (missing: string) => z.string().trim().min(1, missing).max(120, t("atMost120Letters"));
const day = z.iso.date(t("aDayAsIn202603"));
const short = z.string().trim().min(1).max(120, t("atMost120Letters"));
const flag = z.boolean().optional();

export const ProvenanceInput = z.strictObject({
  subArea: short.optional(),
  landingPlace: short.optional(),
  supplierLot: short.optional(),
  tag: z
    .strictObject({
      certificate: text(t("theCertificateNumberOnTheTag")),
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
  pieces: z.number().int().min(1).max(100_000, t("checkTheCount")).optional(),
  wholeKg: z.number().positive().max(1000, t("checkTheWeightOfTheWhole")).optional(),
  deaths: z
    .strictObject({ dead: z.number().int().min(0), counted: z.number().int().min(1).max(100_000) })
    .refine(({ dead, counted }) => dead <= counted, t("moreDeadThanCounted"))
    .optional(),
});

/** One lot at the door, in the core's units. */
export const NewLotInput = z.strictObject({
  speciesId: z.string().min(1, t("whichFishIsIt")),
  form: z.enum(FORM_IDS),
  frozen: z.boolean(),
  production: z.enum(["wild", "farmed"]),
  area: text(t("whereWasItCaughtOrReared")),
  gear: text(t("howWasItCaughtOrReared")),
  source: text(t("whichBoatOrFarm")),
  caughtOn: day.nullable(),
  massG: z
    .number(t("howMuchDoesItWeigh"))
    .positive(t("howMuchDoesItWeigh"))
    .max(2_000_000, t("overTwoTonnesCheckTheWeight")),
  statedMassG: z.number().positive().max(2_000_000, t("overTwoTonnesCheckThePaper")).nullable(),
  pricePerKg: z.number(t("whatDoesAKiloCost")).min(0).max(10_000, t("checkThePrice")),
  receiptC: z.number(t("probeItTemperatureAtTheDoor")).min(-40, t("checkTheProbe")).max(45, t("checkTheProbe")),
  grades: z.record(z.string(), z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3)])),
  provenance: ProvenanceInput,
  placeId: z.string().min(1, t("whereDoesItGo")),
  /** The order it came for; null: nobody expected it. */
  orderId: z.string().min(1).nullable().default(null),
});

/** A delivery as the dock sends it: one van, one supplier, one or more lots. */
export const NewDelivery = z.strictObject({
  supplier: text(t("whoBroughtIt")),
  lots: z.array(NewLotInput).min(1, t("aDeliveryHasAtLeastOne")).max(60, t("atMost60LotsAtOnce")),
});

/** An order as the order desk places it. */
export const PlaceOrder = z.strictObject({
  supplier: text(t("whoBringsIt")),
  speciesId: z.string().min(1, t("whichFishIsIt")),
  form: z.enum(FORM_IDS),
  frozen: z.boolean(),
  massG: z.number().positive(t("howMuchDoesItWeigh")).max(2_000_000, t("overTwoTonnesCheckTheWeight")),
  pricePerKg: z.number().min(0).max(10_000, t("checkThePrice")).nullable(),
  day,
  everyWeek: z.boolean(),
});

export const OneOrder = z.strictObject({ orderId: z.string().min(1) });

export type NewLotInput = z.infer<typeof NewLotInput>;
export type ProvenanceInput = z.infer<typeof ProvenanceInput>;
