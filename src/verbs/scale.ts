import { z } from "zod";
import { batchesOf, SCALE_RULES, scaleLine } from "@/core/butter";
import { inMetric } from "@/words/say";

const covers = z.number().int("whole covers").positive().max(10_000);

const LineInput = z
  .strictObject({
    name: z.string().max(200),
    mass_g: z.number().min(0).max(1_000_000),
    rule: z.enum(SCALE_RULES),
    pieces: z.number().int("whole pieces").positive().max(10_000).optional(),
  })
  .refine(({ rule, pieces }) => (rule === "piece") === (pieces !== undefined), {
    path: ["pieces"],
    message: "how many pieces goes with the rule piece, and only with it",
  });

export const ScaleInput = z.strictObject({
  from_covers: covers,
  to_covers: covers,
  lines: z.array(LineInput).max(500),
  batch_most_covers: covers.optional(),
});

export function scale({ from_covers, to_covers, lines, batch_most_covers }: z.infer<typeof ScaleInput>) {
  const batches = batchesOf(to_covers, batch_most_covers ?? null);
  return {
    lines: lines.map(({ name, mass_g, rule, pieces }) => {
      const line = { name, massG: mass_g, rule, ...(pieces === undefined ? {} : { pieces }) };
      const scaled = scaleLine(line, from_covers, to_covers);
      return {
        name,
        mass_g: scaled.massG,
        ...(scaled.pieces === undefined ? {} : { pieces: scaled.pieces }),
        note: scaled.note ? inMetric(scaled.note) : null,
      };
    }),
    batches: batches.length,
    per_batch_covers: batches,
  };
}
