import { z } from "zod";
import { saltSum } from "@/core/butter";

export const SaltInput = z.strictObject({
  components: z
    .array(
      z.strictObject({
        name: z.string().max(200),
        mass_g: z.number().min(0).max(1_000_000),
        salt_pct: z.number().min(0).max(100),
      }),
    )
    .min(1, "name what is in the dish")
    .max(200),
  target_pct: z.number().positive("a target above 0").max(50),
});

export function salt({ components, target_pct }: z.infer<typeof SaltInput>) {
  const { massG, saltG, saltPct, addG, overByG, diluteG } = saltSum(
    components.map(({ mass_g, salt_pct }) => ({ massG: mass_g, saltPct: salt_pct })),
    target_pct,
  );
  return { mass_g: massG, salt_g: saltG, salt_pct: saltPct, add_g: addG, over_by_g: overByG, dilute_g: diluteG };
}
