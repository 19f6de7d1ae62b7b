import { z } from "zod";
import { judgeParasiteHold } from "@/core/safety";
import { TraceInput } from "./trace";

export const ParasiteInput = z.strictObject({ rule: z.enum(["fda-2022", "eu-853"]), trace: TraceInput });

export function parasite({ rule, trace }: z.infer<typeof ParasiteInput>) {
  const { met, by, nearest, hoursCredited, hoursMissing } = judgeParasiteHold(rule, trace);
  return {
    met,
    by: by?.label ?? null,
    nearest: nearest.label,
    section: nearest.section,
    hours_credited: hoursCredited,
    hours_missing: hoursMissing,
  };
}
