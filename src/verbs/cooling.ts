import { z } from "zod";
import { COOLING_RULE_IDS, judgeCooling } from "@/core/safety";
import { TraceInput } from "./trace";

export const CoolingInput = z.strictObject({ rule: z.enum(COOLING_RULE_IDS), trace: TraceInput });

export function cooling({ rule, trace }: z.infer<typeof CoolingInput>) {
  const { verdict, stages, source } = judgeCooling(rule, trace);
  return {
    verdict,
    stages: stages.map(({ fromC, toC, limitMin, takenMin, ok }) => ({
      from_c: fromC,
      to_c: toC,
      limit_min: limitMin,
      taken_min: takenMin,
      ok,
    })),
    source,
  };
}
