import { z } from "zod";
import { PART_USE_IDS } from "@/core/block";
import { t } from "@/words/block";

export const NewApart = z.strictObject({
  lotId: z.string().min(1),
  wayId: z.string().min(1),
  wholeG: z.number().positive(t("weighWhatIsOnTheBlock")).max(500_000),
  parts: z
    .array(
      z.strictObject({
        partId: z.string().min(1),
        massG: z.number().positive().max(500_000),
        use: z.enum(PART_USE_IDS),
        placeId: z.string(),
      }),
    )
    .min(1, t("weighAtLeastOnePart"))
    .max(30),
});
