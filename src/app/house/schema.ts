import { z } from "zod";
import { HOST_NAME } from "@/house/hosts";
import { t } from "@/words/doors";

export const HostNames = z.strictObject({
  names: z
    .array(
      z
        .string()
        .trim()
        .toLowerCase()
        .min(1, t("noSuchName"))
        .max(120, t("noSuchName"))
        .regex(HOST_NAME, t("noSuchName")),
    )
    .max(10, t("atMostTenNames")),
});

export const KeyId = z.strictObject({ keyId: z.string().min(1) });
