import { z } from "zod";
import { planCook, targetCentreC, TARGET_DONENESS } from "@/core/cooking";
import { findSpecies } from "@/core/species";
import { InputProblem } from "./problem";

export const CookInput = z.strictObject({
  species: z.string().min(1).max(80),
  shape: z.strictObject({ kind: z.literal("slab"), thickness_mm: z.number().min(4).max(120) }),
  skin: z.boolean(),
  start_c: z.number().min(-1).max(40),
  method: z.enum(["skin-then-oven"]),
  target: z.union([
    z.strictObject({ centre_c: z.number().min(25).max(85) }),
    z.strictObject({ doneness: z.enum(TARGET_DONENESS) }),
  ]),
  pan_c: z.number().min(100).max(320),
  oven_c: z.number().min(60).max(300),
});

/** Plans for one piece on a 26 cm steel pan; the verdict is by the US model code. */
export function cook(input: z.infer<typeof CookInput>) {
  const species = findSpecies(input.species);
  if (!species) throw new InputProblem("species", `no species "${input.species}" in the table`);
  const { target } = input;
  const targetC = "centre_c" in target ? target.centre_c : targetCentreC(species.donenessGroup, target.doneness);
  const planned = planCook({
    species,
    thicknessMm: input.shape.thickness_mm,
    skin: input.skin,
    startC: input.start_c,
    panC: input.pan_c,
    ovenC: input.oven_c,
    targetC,
    ruleSetId: "fda-2022",
  });
  if (!planned.ok) throw new InputProblem("target", planned.error.message);
  const plan = planned.value;
  return {
    stages: plan.stages.map(({ name, seconds, face, do: task, cue, probeC }) => ({
      name,
      seconds,
      face,
      do: task,
      cue,
      probe_c: probeC,
    })),
    pull_c: plan.pullC,
    peak_c: plan.peakC,
    rest_s: plan.restS,
    window_s: { early: plan.window.earlyS, late: plan.window.lateS },
    safety: {
      meets: plan.safety.meets,
      rule: `${plan.safety.edition}: ${plan.safety.rule}`,
      advice: plan.safety.advice,
    },
    warnings: plan.warnings,
    doneness: plan.band,
    uncertainty_c: { low: plan.uncertainty.lowC, high: plan.uncertainty.highC },
  };
}
