import { z } from "zod";
import { RULE_SET_IDS } from "@/core/safety";

/** ISO 4217, as the runtime knows them. */
export const Currency = z
  .string("What are prices in?")
  .refine((code) => Intl.supportedValuesOf("currency").includes(code), "Choose a currency from the list.");

export const NewHouse = z.strictObject({
  name: z.string().trim().min(1, "What is the house called?").max(80),
  timeZone: z.string().refine((zone) => Intl.supportedValuesOf("timeZone").includes(zone) || zone === "UTC", {
    message: "Choose a time zone from the list.",
  }),
  units: z.enum(["metric", "imperial"]),
  currency: Currency,
  ruleSetId: z.enum(RULE_SET_IDS, "Which rules is the house under?"),
  susceptibleGuests: z.boolean().default(false),
  cooks: z.array(z.string().trim().min(1).max(60)).min(1, "Name at least one cook.").max(40),
  coldRoomC: z.number().min(-2).max(12),
});

export type NewHouseInput = z.input<typeof NewHouse>;
