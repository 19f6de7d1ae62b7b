import { z } from "zod";
import { RULE_SET_IDS } from "@/core/safety";
import { t } from "@/words/welcome";
import { NewPhrase, NewPin } from "../signin/schema";

/** ISO 4217, as the runtime knows them. */
export const Currency = z
  .string(t("whatArePricesIn"))
  .refine((code) => Intl.supportedValuesOf("currency").includes(code), t("chooseACurrencyFromTheList"));

export const NewHouse = z.strictObject({
  name: z.string().trim().min(1, t("whatIsTheHouseCalled")).max(80),
  timeZone: z.string().refine((zone) => Intl.supportedValuesOf("timeZone").includes(zone) || zone === "UTC", {
    message: t("chooseATimeZoneFromThe"),
  }),
  units: z.enum(["metric", "imperial"]),
  currency: Currency,
  decimalMark: z.enum(["point", "comma"], t("howAreNumbersWritten")),
  ruleSetId: z.enum(RULE_SET_IDS, "Which rules is the house under?"),
  susceptibleGuests: z.boolean().default(false),
  cooks: z.array(z.string().trim().min(1).max(60)).min(1, t("nameAtLeastOneCook")).max(40),
  coldRoomC: z.number().min(-2).max(12),
  /** Of the chef, who is the first of the cooks. */
  pin: NewPin,
  phrase: NewPhrase,
});

export type NewHouseInput = z.input<typeof NewHouse>;
