import { z } from "zod";
import { checkSide, planCuts } from "@/core/block";
import { InputProblem } from "./problem";
import { inMetric } from "@/words/say";

const StationInput = z.strictObject({
  at_mm: z.number().min(0).max(5000),
  thickness_mm: z.number().min(0).max(500),
  width_mm: z.number().min(0).max(2000),
});

export const PortionInput = z.strictObject({
  side: z.strictObject({
    length_mm: z.number().positive().max(5000),
    weight_g: z.number().positive().max(100_000),
    profile: z.array(StationInput).min(2, "measure at least two stations").max(200),
  }),
  want: z.strictObject({
    portion_g: z.number().positive().max(10_000),
    tolerance_g: z.number().min(0).max(5000),
  }),
  min_piece_mm: z.number().min(0).max(5000).default(0),
});

export function portion({ side, want, min_piece_mm }: z.infer<typeof PortionInput>) {
  const measured = {
    lengthMm: side.length_mm,
    massG: side.weight_g,
    profile: side.profile.map(({ at_mm, thickness_mm, width_mm }) => ({
      atMm: at_mm,
      thicknessMm: thickness_mm,
      widthMm: width_mm,
    })),
  };
  const problem = checkSide(measured);
  if (problem) throw new InputProblem(`side.${problem.at}`, inMetric(problem.message));
  const plan = planCuts({
    side: measured,
    portionG: want.portion_g,
    toleranceG: want.tolerance_g,
    minPieceMm: min_piece_mm,
  });
  return {
    cuts_mm: plan.cutsMm,
    pieces: plan.pieces.map((piece) => ({
      from_mm: piece.fromMm,
      to_mm: piece.toMm,
      weight_g: piece.massG,
      mean_thickness_mm: piece.meanThicknessMm,
      max_thickness_mm: piece.maxThicknessMm,
      role: piece.role,
    })),
    portions: plan.portions,
    trim_g: plan.trimG,
    spread_g: plan.spreadG,
  };
}
