import { z } from "zod";
import { CHECK_LISTS } from "@/house/checks";
import { t } from "@/words/trace";

const id = z.string().min(1).max(80);

export const NewCheck = z.strictObject({
  name: z.string().trim().min(3, t("nameTheCheck")).max(60),
  list: z.enum(CHECK_LISTS),
  byMin: z.number().int().min(0).max(1439),
});
export const OneCheck = z.strictObject({ id });
export const Mark = z.strictObject({ id, wrong: z.string().trim().min(3, t("sayWhatWasWrong")).max(200).nullable() });
export const Usual = z.strictObject({});
