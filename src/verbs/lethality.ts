import { z } from "zod";
import { lethality as lethalityOf } from "@/core/safety";
import { TraceInput } from "./trace";

export const LethalityInput = z.strictObject({
  trace: TraceInput,
  reference: z.strictObject({
    d_min: z.number().positive().max(1e6),
    t_ref_c: z.number().min(0).max(150),
    z_c: z.number().positive().max(100),
  }),
});

export function lethality({ trace, reference }: z.infer<typeof LethalityInput>) {
  const { d_min: dMin, t_ref_c: tRefC, z_c: zC } = reference;
  const { equivalentMin, logReduction } = lethalityOf(trace, { dMin, tRefC, zC });
  return { equivalent_min: equivalentMin, log_reduction: logReduction };
}
